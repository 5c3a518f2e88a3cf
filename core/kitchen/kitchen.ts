import { z } from 'zod';
import type { Dish } from '../dish/dish';
import { DEFAULT_RULES, HouseRulesSchema } from '../dish/houseRules';
import { ALLERGENS, FoodSchema } from '../pantry/food';
import { SideSchema } from './data/sides';
import { PotSchema, POT_PRESETS, type Pot } from '../pot/pot';

/** What the people at this table need. */
export const NEEDS = ['no-dairy', 'no-gluten', 'low-salt', 'low-carb'] as const;
export type Need = (typeof NEEDS)[number];

/** The household: its pots, where it stands, how it measures, what it believes. */
export const KitchenSchema = z.object({
  name: z.string().max(80).default('Our kitchen'),
  pots: z.array(PotSchema).min(1).max(20),
  /** The pot used when a dish does not say. */
  potId: z.string().max(60),
  altitudeM: z.number().min(-400).max(5500).default(0),
  roomC: z.number().min(0).max(45).default(20),
  /** Whose spoons and cups the recipes are in. */
  system: z.enum(['us', 'metric', 'uk', 'au']).default('us'),
  units: z
    .object({ weight: z.enum(['metric', 'us']), temperature: z.enum(['C', 'F']) })
    .default({ weight: 'metric', temperature: 'C' }),
  rules: HouseRulesSchema.default(DEFAULT_RULES),
  authority: z.enum(['us', 'uk']).default('us'),
  /** Who eats here. */
  needs: z.array(z.enum(NEEDS)).max(4).default([]),
  allergens: z.array(z.enum(ALLERGENS)).max(ALLERGENS.length).default([]),
  tools: z
    .object({ thermometer: z.boolean(), scale: z.boolean() })
    .default({ thermometer: true, scale: true }),
  /** What happened asks for other minutes under pressure: the cook is asked, or they are changed by themselves and said. */
  holdChanges: z.enum(['ask', 'itself']).optional(),
  /** Burners beside the pot, and an oven; four and yes when nothing is said. */
  burners: z.number().int().min(0).max(8).optional(),
  oven: z.boolean().optional(),
  /** Side dishes of the household's own. */
  ownSides: z.array(SideSchema).max(40).optional(),
  /** A ladle of this household, ml; 120 when nothing is said. */
  ladleMl: z.number().min(20).max(500).optional(),
  /** What spoons showed at the bench without a dish, over what was promised. */
  spoonRatios: z.array(z.number().min(0.1).max(10)).max(60).optional(),
  ownFoods: z.array(FoodSchema).max(500).default([]),
});
export type Kitchen = z.infer<typeof KitchenSchema>;

/** What past cooks have taught about one pot; factors on forecast times, 1 when nothing is known. */
export interface Calibration {
  comeUpFactor: number;
  releaseFactor: number;
  /** How well these factors are known: standard deviations, relative. */
  known?: { comeUp: number; release: number };
  /** Strength the household gets from its starch against the table. */
  starchFactor: number;
  cooks: number;
}

/** Nothing learned yet. */
export const NO_CALIBRATION: Calibration = { comeUpFactor: 1, releaseFactor: 1, starchFactor: 1, cooks: 0 };

/** A kitchen to begin with: one standard electric pot at sea level. */
export function defaultKitchen(): Kitchen {
  const pot = POT_PRESETS.find((p) => p.id === 'electric-standard') ?? POT_PRESETS[0];
  if (!pot) throw new Error('No pot presets');
  return KitchenSchema.parse({ pots: [pot], potId: pot.id });
}

/** The pot a dish is cooked in: its own choice, or the household's. */
export function potFor(dish: Pick<Dish, 'settings'>, kitchen: Kitchen): Pot {
  const wanted = dish.settings.potId ?? kitchen.potId;
  const pot =
    kitchen.pots.find((p) => p.id === wanted) ??
    kitchen.pots.find((p) => p.id === kitchen.potId) ??
    kitchen.pots[0];
  if (!pot) throw new Error('A kitchen has at least one pot');
  return pot;
}
