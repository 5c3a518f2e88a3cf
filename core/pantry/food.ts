import { z } from 'zod';

/** What a food is in a sauced dish. Every rule about moments, liquid and scorch is written against these. */
export const FOOD_KINDS = [
  'poultry',
  'red-meat',
  'ground-meat',
  'cured-meat',
  'sausage',
  'seafood',
  'salted-fish',
  'allium',
  'aromatic',
  'root-veg',
  'slow-veg',
  'quick-veg',
  'leaf',
  'mushroom',
  'tomato-fresh',
  'tomato-chunky',
  'tomato-thick',
  'tomato-paste',
  'fruit',
  'dried-fruit',
  'dried-mushroom',
  'pulse-dry',
  'pulse-cooked',
  'grain',
  'pasta',
  'bread',
  'herb-soft',
  'herb-woody',
  'spice-ground',
  'spice-whole',
  'spice-late',
  'salt',
  'sugar',
  'syrup',
  'oil',
  'butter',
  'water',
  'stock',
  'stock-concentrate',
  'wine',
  'beer',
  'spirit',
  'vinegar',
  'citrus',
  'juice',
  'salty-sauce',
  'thick-sauce',
  'coconut-thin',
  'coconut-milk',
  'coconut-cream',
  'cream',
  'milk',
  'sour-dairy',
  'cream-cheese',
  'cheese',
  'starch',
  'flour',
  'gum',
  'egg',
  'nut',
  'nut-paste',
  'mustard',
  'pickle',
  'other',
] as const;
export type FoodKind = (typeof FOOD_KINDS)[number];

/** Dairy behaviour classes; temperatures live in the sauce room. */
export const DAIRY_CLASSES = [
  'heavy-cream',
  'single-cream',
  'milk',
  'evaporated-milk',
  'creme-fraiche',
  'sour-cream',
  'yoghurt-full',
  'yoghurt-lean',
  'cream-cheese',
  'hard-cheese',
  'soft-cheese',
  'coconut-cream',
] as const;
export type DairyClass = (typeof DAIRY_CLASSES)[number];

export const ALLERGENS = [
  'milk',
  'gluten',
  'egg',
  'nuts',
  'peanut',
  'sesame',
  'soy',
  'fish',
  'shellfish',
  'celery',
  'mustard',
  'sulphite',
  'lupin',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

const share = z.number().min(0).max(1);

/** One food: what it weighs, what it does to liquid, sauce, salt and floor. Shares are of its mass unless said. */
export const FoodSchema = z.object({
  id: z.string().regex(/^[a-z0-9-]{1,40}$/),
  /** First is the display name; all are looked up, singular or plural. */
  names: z.array(z.string().min(1).max(60)).min(1).max(40),
  kind: z.enum(FOOD_KINDS),
  /** Grams in one millilitre as it sits in a cup or spoon (bulk, with its gaps). */
  gPerMl: z.number().min(0.02).max(3),
  /** Grams of one clove, can, bunch, ... by unit id; `each` is a plain count, `small`/`large` sized counts. */
  pieceG: z.record(z.string(), z.number().positive().max(6000)),
  /** Share of its poured volume that is thin liquid able to boil freely. */
  thin: share,
  /** Share of raw mass given up as thin liquid by the time pressure is reached. */
  givesEarly: share,
  /** Share given up by the end of the cook. */
  givesTotal: share,
  /** Grams of liquid drunk for each gram. */
  drinks: z.number().min(0).max(6),
  fat: share,
  salt: share,
  sugar: share,
  /** Sharpness against lemon juice or vinegar = 1. */
  acid: share,
  /** Cornstarch-equivalent grams that 1 g lends to the sauce it is dissolved in. */
  strength: z.number().min(0).max(16),
  /** How readily it catches on a hot floor: 0 not at all, 3 at once. */
  scorch: z.number().int().min(0).max(3),
  dairy: z.enum(DAIRY_CLASSES).optional(),
  swells: z.boolean(),
  /** Raw it holds a poison that only a hard boil destroys: boiled hard for ten minutes before it is cooked gently or under pressure. */
  boilFirst: z.boolean().optional(),
  foams: z.boolean(),
  /** Id of a cut in the heat room, for meat. */
  cut: z.string().optional(),
  allergens: z.array(z.enum(ALLERGENS)),
  /** Where the figures come from. */
  source: z.string().min(1).max(200),
  /** How far real kitchens vary, relative. */
  spread: z.number().min(0).max(1),
});
export type Food = z.infer<typeof FoodSchema>;
