/** How one vegetable, pulse, grain or pasta softens under the lid. */
export interface Softening {
  id: string;
  name: string;
  /** Ordinary size of a piece as it goes in, mm, and its shape (0 slab, 1 cylinder, 2 sphere). */
  sizeMm: number;
  exponent: number;
  /** Minutes at 95 °C in the middle until it is soft. */
  softAt95Min: number;
  /** How many times that until it falls apart. */
  apart: number;
  /** As thick as it grows, mm: "cut into 5 cm lengths" says how long a carrot is, and no more. */
  grownMm?: number;
  /** Fewest minutes under pressure ever suggested beside meat, whatever the coming up has done; none where it is left out. */
  floorMin?: number;
}

/**
 * Fewest minutes for pulses, rice and pasta that cook in about the time of the meat beside them; what takes far longer is said to stay hard instead.
 * Source: the least that recipes for pressure print; spread 30 %.
 */
const LEAST_MIN: Readonly<Record<string, number>> = {
  'red-lentil': 3,
  lentil: 6,
  'split-pea': 6,
  'bean-soaked': 8,
  rice: 4,
  pasta: 3,
  'small-pasta': 3,
};

/*
 * Softening rates. Source: ordinary boiling times at 100 °C less the time heat takes to the middle, scaled by a doubling for
 * each 9-10 °C (pectin and starch); spread 25 %, more with variety and age of the crop, most of all for dried pulses. How far each holds
 * together: what ordinary pressure recipes give it and is still eaten as it is (penne 4-5 min, egg noodles 2-3, orzo 3-4, barley 25-30,
 * carrots in a stew of 35), spread 30 %.
 */

const soft = (
  id: string,
  name: string,
  sizeMm: number,
  exponent: number,
  softAt95Min: number,
  apart: number,
  grownMm?: number,
): Softening => ({
  id,
  name,
  sizeMm,
  exponent,
  softAt95Min,
  apart,
  ...(grownMm === undefined ? {} : { grownMm }),
  ...(LEAST_MIN[id] === undefined ? {} : { floorMin: LEAST_MIN[id] }),
});

export const SOFTENING: readonly Softening[] = [
  soft('potato', 'potatoes', 30, 1.8, 11, 3.2),
  soft('sweet-potato', 'sweet potatoes', 30, 1.8, 8, 3),
  soft('carrot', 'carrots', 15, 1, 16, 7, 28),
  soft('parsnip', 'parsnips', 20, 1.2, 9, 4, 40),
  soft('swede', 'swede or turnip', 25, 1.8, 14, 4),
  soft('celeriac', 'celeriac', 25, 1.8, 12, 3.5),
  soft('beetroot', 'beetroot', 40, 1.8, 28, 5),
  soft('squash', 'squash', 30, 1.8, 6, 3),
  soft('cabbage', 'cabbage', 8, 0, 14, 5),
  soft('celery', 'celery', 10, 0.5, 14, 4, 14),
  soft('fennel', 'fennel', 15, 0.6, 12, 4),
  soft('red-lentil', 'red lentils', 3, 1.5, 14, 2),
  soft('lentil', 'lentils', 5, 1.5, 42, 3),
  soft('split-pea', 'split peas', 5, 1.6, 55, 2.6),
  soft('bean-dry', 'dried beans, not soaked', 9, 1.8, 190, 1.8),
  soft('bean-soaked', 'soaked beans', 10, 1.8, 62, 2.6),
  soft('rice', 'white rice', 2.5, 1.2, 18, 3.4),
  // Fitted to what recipes for pressure print, as pasta is: brown rice 20-25 min and wild rice 25-30, each with ten to come down.
  soft('brown-rice', 'brown rice', 2.8, 1.2, 105, 2.2),
  soft('wild-rice', 'wild rice', 2.5, 1.2, 125, 2.4),
  soft('barley', 'barley', 4, 1.6, 72, 4),
  // Printed minutes for dry pasta are half of the packet’s: 4-6, and 3-4 for small shapes. Fitted to those and not to boiling: it drinks more slowly than it would soften.
  soft('pasta', 'pasta', 3, 0, 30, 2),
  soft('small-pasta', 'small pasta', 2.5, 0.5, 24, 2.2),
  soft('noodle', 'noodles', 2, 0.8, 6, 4),
];

const byId = new Map(SOFTENING.map((s) => [s.id, s]));

/** The softening of the row with this id, or undefined. */
export function softeningById(id: string): Softening | undefined {
  return byId.get(id);
}

/** Words of a food's name that lead to a row, first match first; a food none of them meets is not judged. */
const NAMED: readonly (readonly [RegExp, string])[] = [
  [/sweet potato|kumara|\byam/, 'sweet-potato'],
  [/potato/, 'potato'],
  [/carrot/, 'carrot'],
  [/parsnip/, 'parsnip'],
  [/swede|turnip|rutabaga|kohlrabi/, 'swede'],
  [/celeriac|celery root/, 'celeriac'],
  [/beet/, 'beetroot'],
  [/squash|pumpkin/, 'squash'],
  [/celery/, 'celery'],
  [/fennel/, 'fennel'],
  [/cabbage/, 'cabbage'],
];

/** Which row softens a food of this name and kind; `soaked` for pulses that stood in water. */
export function softeningOf(name: string, kind: string, soaked: boolean): Softening | undefined {
  const id = idOf(name.toLowerCase(), kind, soaked);
  return id === undefined ? undefined : byId.get(id);
}

function idOf(name: string, kind: string, soaked: boolean): string | undefined {
  switch (kind) {
    case 'pulse-dry':
      if (/red lentil|masoor/.test(name)) return 'red-lentil';
      if (/split|dal\b/.test(name)) return 'split-pea';
      if (/lentil/.test(name)) return 'lentil';
      return soaked ? 'bean-soaked' : 'bean-dry';
    case 'grain':
      if (/barley|farro|spelt|wheat/.test(name)) return 'barley';
      if (/\bwild rice\b/.test(name)) return 'wild-rice';
      return /brown|wild/.test(name) ? 'brown-rice' : /rice/.test(name) ? 'rice' : undefined;
    case 'pasta':
      if (/gnocchi/.test(name)) return undefined;
      return /orzo|small|risoni/.test(name)
        ? 'small-pasta'
        : /noodle|udon|ramen/.test(name)
          ? 'noodle'
          : 'pasta';
    case 'root-veg':
    case 'slow-veg':
      return NAMED.find(([words]) => words.test(name))?.[1];
    default:
      return undefined;
  }
}

/** What may be eaten while it is still firm: vegetables, and no pulses or grains. */
export const EATEN_FIRM: ReadonlySet<string> = new Set([
  'potato',
  'sweet-potato',
  'carrot',
  'parsnip',
  'swede',
  'celeriac',
  'beetroot',
  'squash',
  'cabbage',
  'celery',
  'fennel',
]);
