import { z } from 'zod';
import { RuleOverridesSchema } from './houseRules';
import { MOMENTS } from './moment';

/** Names of the wanted thickness; strengths live in the sauce room. */
export const AIMS = ['brothy', 'light', 'coating', 'gravy', 'clinging', 'glaze'] as const;
export type Aim = (typeof AIMS)[number];
/** Whether the sauce is thickened: as the recipe does or does not, by this house whatever the recipe says, or left as thin as it is. */
const SAUCES = ['recipe', 'house', 'thin'] as const;
export type SauceWay = (typeof SAUCES)[number];

/** One part of a line the cook split: its share of the line and where it goes. */
const SplitPartSchema = z.object({ share: z.number().min(0.01).max(0.99), moment: z.enum(MOMENTS) });

const id = z.string().regex(/^[A-Za-z0-9_-]{1,60}$/);

/** One line of the dish: the cook's words, and the corrections the cook made to how they were read. */
export const LineSchema = z.object({
  id,
  text: z.string().max(400),
  /** The heading it stands under, if any. */
  section: z.string().max(120).optional(),
  /** The cook's choice of moment, overriding the computed one. */
  moment: z.enum(MOMENTS).optional(),
  /** The cook's answer to "what is it?". */
  foodId: z.string().max(40).optional(),
  /** The cook's own weight for the line as written, grams. */
  massG: z.number().positive().max(20000).optional(),
  /** The cook's corrections to how the piece was read. */
  cut: z.enum(['whole', 'cubed', 'sliced', 'shredded']).optional(),
  bone: z.enum(['in', 'out']).optional(),
  thicknessMm: z.number().min(3).max(150).optional(),
  frozen: z.boolean().optional(),
  /** The line split by the cook: shares add to one. Wins over `moment`. */
  split: z
    .array(SplitPartSchema)
    .min(2)
    .max(4)
    .refine((parts) => Math.abs(parts.reduce((s, p) => s + p.share, 0) - 1) < 0.01, 'Shares add to one')
    .optional(),
  /** The cook's own words before a swap, so that it can be put back. */
  swappedFrom: z.string().max(400).optional(),
  /** True when the tool added this line at the cook's tap. */
  added: z.boolean().optional(),
  /**
   * Where it stands in the pot when not in the liquid: on a rack, or in a bowl of its own on the rack (rice beside a curry); `pot` where the
   * cook takes it off the rack that the recipe speaks of.
   */
  on: z.enum(['rack', 'bowl', 'pot']).optional(),
  /** Goes in when the pot is opened in between, for a second shorter stretch. */
  later: z.boolean().optional(),
  /** Sized as a slurry after pressure instead of by the written amount. */
  asSlurry: z.boolean().optional(),
});
export type Line = z.infer<typeof LineSchema>;

/** When a meal is wanted and what stands beside the dish. `serveAt` is a time of day, or null for as soon as possible. */
const MealSchema = z.object({
  serveAt: z
    .string()
    .regex(/^([01]\d|2[0-3]):[0-5]\d$/)
    .nullable(),
  sides: z.array(z.string().max(60)).max(8),
  hands: z.union([z.literal(1), z.literal(2)]),
  yesterday: z.boolean(),
});
export type MealWish = z.infer<typeof MealSchema>;

/** What the cook decided about cooking it. `null` means computed. */
export const DishSettingsSchema = z.object({
  potId: id.nullable().default(null),
  pressure: z.enum(['high', 'low']).default('high'),
  minutes: z.number().min(0).max(180).nullable().default(null),
  release: z.enum(['quick', 'ten', 'natural']).nullable().default(null),
  thicknessMm: z.number().min(3).max(150).nullable().default(null),
  frozen: z.boolean().nullable().default(null),
  /** Frozen in one lump. */
  fused: z.boolean().optional(),
  /** The second stretch, for what goes in later; minutes null for computed. */
  again: z
    .object({ then: z.enum(['pressure', 'simmer']), minutes: z.number().min(0).max(60).nullable() })
    .optional(),
  /** Left closed on keep-warm after the pin has dropped. */
  keepWarmMin: z.number().min(0).max(240).optional(),
  /** The meal around the dish: when, with what beside it, and who helps. */
  meal: MealSchema.optional(),
  aim: z.enum(AIMS).default('coating'),
  /** As the recipe where it is not said. */
  sauce: z.enum(SAUCES).optional(),
  /** The cook's own loading order, layer ids from the floor up; layers not named keep their computed place. */
  layers: z.array(z.string().max(20)).max(20).default([]),
});
export type DishSettings = z.infer<typeof DishSettingsSchema>;

/** How the sauce of a dish is treated; a house that likes it brothy leaves it thin. */
export function sauceWay({ sauce, aim }: Pick<DishSettings, 'sauce' | 'aim'>): SauceWay {
  return sauce === 'house' && aim === 'brothy' ? 'thin' : (sauce ?? 'recipe');
}

/** Longest note of a dish: what a page holds besides its lines and its method finds room in it. */
export const MAX_NOTE = 20000;
/** Longest page that is kept with the dish that was made of it. */
export const MAX_DISH_PAGE = 60_000;
/** Most lines of a dish. */
export const MAX_LINES = 200;

/** One act of the cook's own order: lines by their identity, each with its share. */
const DishActSchema = z.object({
  id,
  verb: z.string().max(20),
  lines: z.array(z.object({ lineId: id, share: z.number().min(0).max(1) })).max(MAX_LINES),
  /** Lines it is done to that are in already. */
  again: z.array(id).max(MAX_LINES),
  minutes: z.number().min(0).max(100_000).nullable(),
  words: z.string().max(400),
  where: z.enum(['pot', 'pan']),
  /** Done beside the pot while it is closed; left away where it is not. */
  meanwhile: z.literal(true).optional(),
  /** What to look for, as the recipe says it. */
  until: z.string().max(120).optional(),
});
export type DishAct = z.infer<typeof DishActSchema>;

/** How the dish goes when the cook has changed the order that the method tells. */
const DishScriptSchema = z.object({
  acts: z.array(DishActSchema).max(80),
  isConverted: z.boolean(),
  convertedFrom: z.string().max(400),
});
export type DishScript = z.infer<typeof DishScriptSchema>;

/** A dish: what the cook wrote plus the corrections the cook made; never a derived value. */
export const DishSchema = z.object({
  id,
  name: z.string().min(1).max(120),
  /** The number of plates the written amounts are for. */
  writtenFor: z.number().min(1).max(60),
  /** The number of plates wanted now. */
  plates: z.number().min(0.5).max(60),
  lines: z.array(LineSchema).max(MAX_LINES),
  method: z.string().max(20000).default(''),
  /** The cook's own order of doing things; without it the method tells. */
  script: DishScriptSchema.optional(),
  /** The page it was copied from, as it was pasted. */
  page: z.string().max(MAX_DISH_PAGE).optional(),
  note: z.string().max(MAX_NOTE).default(''),
  /** Corrections for next time, written by the log. */
  nextTime: z.array(z.string().max(300)).max(50).default([]),
  tags: z.array(z.string().max(40)).max(20).default([]),
  settings: DishSettingsSchema,
  /** Dish-level overrides of the house rules. */
  rules: RuleOverridesSchema.default({}),
  demo: z.boolean().default(false),
  createdAt: z.number().int().nonnegative(),
  updatedAt: z.number().int().nonnegative(),
});
export type Dish = z.infer<typeof DishSchema>;

/** Factor on every written amount. */
export function scaleOf(dish: Pick<Dish, 'plates' | 'writtenFor'>): number {
  return dish.plates / dish.writtenFor;
}

/** A new, empty dish. `now` is epoch milliseconds; ids come from the caller because the core has no randomness. */
export function emptyDish(dishId: string, name: string, now: number, plates = 4): Dish {
  return DishSchema.parse({
    id: dishId,
    name: name.trim() || 'A new dish',
    writtenFor: plates,
    plates,
    lines: [],
    settings: {},
    createdAt: now,
    updatedAt: now,
  });
}
