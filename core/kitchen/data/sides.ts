import { z } from 'zod';

/** One thing to do for a side dish. Tasks of a side follow each other. */
const SideTaskSchema = z.object({
  name: z.string().min(1).max(80),
  minutes: z.number().min(0.5).max(240),
  /** Needs a pair of hands for all of it. */
  hands: z.boolean(),
  uses: z.enum(['none', 'burner', 'oven']),
  /** How long what it leaves may stand before the next task, or the table, min. */
  keepsMin: z.number().min(0).max(1440),
  /** Can be done the day before. */
  yesterday: z.boolean().optional(),
});
export type SideTask = z.infer<typeof SideTaskSchema>;

/** A side dish as tasks in their order. */
export const SideSchema = z.object({
  id: z.string().regex(/^[A-Za-z0-9-]{1,60}$/),
  name: z.string().min(1).max(60),
  tasks: z.array(SideTaskSchema).min(1).max(8),
  /** What to do when it is ready too soon. */
  ifWaits: z.string().max(160),
});
export type Side = z.infer<typeof SideSchema>;

/* Source of the times: ordinary home methods for four plates at an ordinary pace. Spread 25 %. */

const task = (
  name: string,
  minutes: number,
  hands: boolean,
  uses: SideTask['uses'],
  keepsMin: number,
  yesterday?: true,
): SideTask => ({
  name,
  minutes,
  hands,
  uses,
  keepsMin,
  ...(yesterday ? { yesterday } : {}),
});

/** The shipped side dishes. */
export const SIDES: readonly Side[] = [
  {
    id: 'rice-absorbed',
    name: 'Rice, covered and left alone',
    tasks: [
      task('rinse the rice, bring it to the boil', 5, true, 'burner', 0),
      task('rice, lid on, lowest heat', 12, false, 'burner', 2),
      task('rice stands off the heat', 8, false, 'none', 15),
    ],
    ifWaits: 'Lid on, a cloth under it: rice stays hot for a quarter of an hour.',
  },
  {
    id: 'rice-boiled',
    name: 'Rice, boiled and drained',
    tasks: [
      task('a big pot of water to the boil', 10, false, 'burner', 10),
      task('rice at a rolling boil', 11, false, 'burner', 0),
      task('drain the rice', 1, true, 'none', 10),
    ],
    ifWaits: 'Back into its hot pot, lid on, off the heat.',
  },
  {
    id: 'rice-oven',
    name: 'Rice, in the oven',
    tasks: [
      task('boil a kettle, rice into a covered dish', 4, true, 'none', 2),
      task('rice in the oven', 25, false, 'oven', 20),
    ],
    ifWaits: 'Leave it covered in the oven, switched off.',
  },
  {
    id: 'noodles',
    name: 'Noodles',
    tasks: [
      task('water for the noodles to the boil', 8, false, 'burner', 10),
      task('boil the noodles', 5, false, 'burner', 0),
      task('drain and oil the noodles', 1, true, 'none', 4),
    ],
    ifWaits: 'Rinse them cold now and dip them into hot water at the end.',
  },
  {
    id: 'mash',
    name: 'Mash',
    tasks: [
      task('peel and cut the potatoes', 8, true, 'none', 180),
      task('boil the potatoes', 22, false, 'burner', 3),
      task('drain and mash', 5, true, 'none', 20),
    ],
    ifWaits: 'Covered over a pan of hot water; stir before serving.',
  },
  {
    id: 'flatbread',
    name: 'Flatbread',
    tasks: [
      task('mix and knead the dough', 8, true, 'none', 30, true),
      task('dough rests', 25, false, 'none', 60, true),
      task('roll and griddle', 14, true, 'burner', 15),
    ],
    ifWaits: 'Stacked in a cloth, in a warm place.',
  },
  {
    id: 'salad',
    name: 'Salad',
    tasks: [
      task('wash and cut the salad, stir the dressing', 8, true, 'none', 120),
      task('dress the salad', 1, true, 'none', 6),
    ],
    ifWaits: 'Dressed leaves go limp: keep the dressing beside it.',
  },
  {
    id: 'greens',
    name: 'Greens in the pan',
    tasks: [
      task('wash and strip the greens', 5, true, 'none', 240, true),
      task('greens in a hot pan', 5, true, 'burner', 8),
    ],
    ifWaits: 'Cook them a shade less and warm them through at the end.',
  },
  {
    id: 'pasta',
    name: 'Pasta, in a pot of its own',
    tasks: [
      task('a big pot of salted water to the boil', 10, false, 'burner', 10),
      task('boil the pasta', 10, false, 'burner', 0),
      task('drain the pasta, a cup of its water kept', 1, true, 'none', 4),
    ],
    ifWaits: 'Toss it with a little oil, and with a splash of its hot water at the end.',
  },
  {
    id: 'potatoes',
    name: 'Potatoes, boiled',
    tasks: [
      task('scrub or peel the potatoes', 6, true, 'none', 180),
      task('boil the potatoes', 20, false, 'burner', 0),
      task('drain the potatoes and let them steam', 3, true, 'none', 15),
    ],
    ifWaits: 'Back into their hot pot, a cloth under the lid.',
  },
  {
    id: 'couscous',
    name: 'Couscous, soaked',
    tasks: [
      task('boil a kettle, pour it over the couscous', 4, true, 'none', 0),
      task('couscous stands, covered', 6, false, 'none', 10),
      task('fork the couscous through with butter', 1, true, 'none', 10),
    ],
    ifWaits: 'Covered; fork it through again before serving.',
  },
  {
    id: 'bread',
    name: 'Bread, warmed',
    tasks: [task('bread in the oven', 8, false, 'oven', 12)],
    ifWaits: 'In a cloth.',
  },
];

/** Which side a dish's own line for the table asks for, by its words; the first that fits. What is only torn open or strewn asks for none. */
export const SIDE_WORDS: readonly { words: RegExp; side: string }[] = [
  { words: /\bcauliflower rice\b|\brice (?:cakes?|crackers?|wine|vinegar|paper)\b/i, side: '' },
  { words: /\b(?:rice|basmati|jasmine|pilaf|pilau)\b/i, side: 'rice-absorbed' },
  { words: /\b(?:cous ?cous|bulgh?ur)\b/i, side: 'couscous' },
  { words: /\bmash(?:ed)?\b|\bpotato pur[eé]e\b/iu, side: 'mash' },
  { words: /\b(?:potato(?:es)?|spuds)\b(?! (?:chips|crisps|bread|rolls?))/i, side: 'potatoes' },
  { words: /\b(?:noodles?|sp[aä]tzle|ramen|udon|vermicelli)\b/iu, side: 'noodles' },
  {
    words:
      /\b(?:pasta|tagliatelle|pappardelle|spaghetti|linguine|fettuccine|penne|rigatoni|fusilli|macaroni|orzo|gnocchi)\b/i,
    side: 'pasta',
  },
  { words: /\b(?:slaw|salad|lettuce|rocket|arugula)\b/i, side: 'salad' },
  {
    words: /\b(?:greens|green beans|broccoli|kale|spinach|cabbage|chard|pak choi|bok choy|asparagus|peas)\b/i,
    side: 'greens',
  },
  {
    words:
      /\b(?:bread|baguette|ciabatta|sourdough|rolls|naans?|pittas?|pitas?|flatbreads?|chapatis?|rotis?)\b/i,
    side: 'bread',
  },
];
