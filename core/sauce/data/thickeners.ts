import type { Aim } from '../../dish/dish';

/** How thick a sauce is: cornstarch-equivalent grams in each 100 g of finished sauce, and what a spoon shows. */
export interface Thickness {
  id: Aim;
  name: string;
  /** Middle of the band, and its ends. */
  percent: number;
  band: readonly [number, number];
  spoon: string;
}

/** Named thicknesses. Source: kitchen ratios of starch to liquid, restated by finished weight; spread 15 %. */
export const THICKNESSES: readonly Thickness[] = [
  { id: 'brothy', name: 'brothy', percent: 0, band: [0, 0.6], spoon: 'runs off like water' },
  {
    id: 'light',
    name: 'light',
    percent: 1.25,
    band: [1, 1.5],
    spoon: 'leaves a film that runs together at once',
  },
  {
    id: 'coating',
    name: 'coating',
    percent: 2.25,
    band: [2, 2.5],
    spoon: 'coats; a line drawn with a finger closes slowly',
  },
  { id: 'gravy', name: 'gravy', percent: 3.25, band: [3, 3.5], spoon: 'coats thickly; the line holds' },
  {
    id: 'clinging',
    name: 'clinging',
    percent: 4.5,
    band: [4, 5],
    spoon: 'falls in blobs and holds to the pieces',
  },
  {
    id: 'glaze',
    name: 'glaze',
    percent: 1.5,
    band: [1, 2],
    spoon: 'boiled down with its sugar: falls in a sheet, shines, sticks',
  },
];

export const THICKENER_IDS = [
  'cornstarch',
  'potato',
  'tapioca',
  'arrowroot',
  'rice-flour',
  'flour',
  'paste',
  'xanthan',
  'roux',
  'glucomannan',
  'yolk',
  'cream',
  'blended',
] as const;
export type ThickenerId = (typeof THICKENER_IDS)[number];

/** One thickener: strength by weight against cornstarch, and how it wants to be treated. */
export interface Thickener {
  id: ThickenerId;
  name: string;
  /** Strength of 1 g against 1 g of cornstarch. */
  strength: number;
  spread: number;
  /** Grams in a millilitre, for spoons. */
  gPerMl: number;
  /** How it goes in: stirred in cold water, worked to a paste, whisked in, bound off the boil, boiled down, blended. */
  how: 'slurry' | 'paste' | 'whisk' | 'liaison' | 'boil-down' | 'blend';
  /** Share of its weight that stays in the sauce: cream loses water while it is boiled down. */
  kept: number;
  /** Sauce has to be at least this hot, °C, and simmer this long, s. */
  fromC: number;
  simmerS: number;
  /** Share of its strength lost in a vinegar-sharp sauce. */
  acidLoss: number;
  /** Most it may be of the finished sauce, per cent by weight; over that it turns unpleasant. */
  mostPercent: number;
  /** Grams of carbohydrate in 1 g. */
  carbohydrate: number;
  gluten: boolean;
  /** How the sauce looks, and what freezing does to it. */
  gloss: 'dull' | 'satin' | 'clear';
  freezes: 'well' | 'loosens' | 'weeps' | 'splits';
  /** Turns slimy or thin with milk and cream. */
  shunsMilk: boolean;
  /** Thins when it is boiled or kept hot for long. */
  thinsHot: boolean;
  /** What it brings that somebody may not eat, besides gluten. */
  brings: readonly ('milk' | 'egg')[];
  note: string;
}

/** Source: food-starch handbooks and kitchen use, restated against cornstarch; spreads as given. */
export const THICKENERS: readonly Thickener[] = [
  {
    id: 'cornstarch',
    name: 'cornstarch',
    strength: 1,
    spread: 0.1,
    gPerMl: 0.54,
    how: 'slurry',
    kept: 1,
    fromC: 95,
    simmerS: 120,
    acidLoss: 0.18,
    mostPercent: 6,
    carbohydrate: 0.9,
    gluten: false,
    gloss: 'dull',
    freezes: 'weeps',
    shunsMilk: false,
    thinsHot: true,
    brings: [],
    note: 'Dulls the sauce a little; thins in long boiling; weeps after freezing.',
  },
  {
    id: 'potato',
    name: 'potato starch',
    strength: 1.2,
    spread: 0.12,
    gPerMl: 0.68,
    how: 'slurry',
    kept: 1,
    fromC: 70,
    simmerS: 30,
    acidLoss: 0.2,
    mostPercent: 5,
    carbohydrate: 0.85,
    gluten: false,
    gloss: 'clear',
    freezes: 'loosens',
    shunsMilk: false,
    thinsHot: true,
    brings: [],
    note: 'Quick and clear: do not boil it long.',
  },
  {
    id: 'tapioca',
    name: 'tapioca starch',
    strength: 0.9,
    spread: 0.12,
    gPerMl: 0.51,
    how: 'slurry',
    kept: 1,
    fromC: 70,
    simmerS: 45,
    acidLoss: 0.12,
    mostPercent: 6,
    carbohydrate: 0.89,
    gluten: false,
    gloss: 'clear',
    freezes: 'well',
    shunsMilk: false,
    thinsHot: true,
    brings: [],
    note: 'Shines and freezes well; goes stringy when boiled long.',
  },
  {
    id: 'arrowroot',
    name: 'arrowroot',
    strength: 1,
    spread: 0.12,
    gPerMl: 0.54,
    how: 'slurry',
    kept: 1,
    fromC: 72,
    simmerS: 30,
    acidLoss: 0.08,
    mostPercent: 5,
    carbohydrate: 0.88,
    gluten: false,
    gloss: 'clear',
    freezes: 'well',
    shunsMilk: true,
    thinsHot: true,
    brings: [],
    note: 'Shines and stands acid; slimy with milk, thins when boiled long.',
  },
  {
    id: 'rice-flour',
    name: 'rice flour',
    strength: 0.6,
    spread: 0.15,
    gPerMl: 0.66,
    how: 'slurry',
    kept: 1,
    fromC: 92,
    simmerS: 240,
    acidLoss: 0.15,
    mostPercent: 9,
    carbohydrate: 0.8,
    gluten: false,
    gloss: 'dull',
    freezes: 'well',
    shunsMilk: false,
    thinsHot: false,
    brings: [],
    note: 'Soft and steady; four minutes or it tastes raw.',
  },
  {
    id: 'flour',
    name: 'wheat flour',
    strength: 0.5,
    spread: 0.15,
    gPerMl: 0.53,
    how: 'slurry',
    kept: 1,
    fromC: 95,
    simmerS: 300,
    acidLoss: 0.12,
    mostPercent: 10,
    carbohydrate: 0.73,
    gluten: true,
    gloss: 'dull',
    freezes: 'loosens',
    shunsMilk: false,
    thinsHot: false,
    brings: [],
    note: 'Five minutes at a simmer or it tastes raw.',
  },
  {
    id: 'paste',
    name: 'flour-and-butter paste',
    strength: 0.25,
    spread: 0.15,
    gPerMl: 0.9,
    how: 'paste',
    kept: 1,
    fromC: 92,
    simmerS: 300,
    acidLoss: 0.12,
    mostPercent: 20,
    carbohydrate: 0.37,
    gluten: true,
    gloss: 'satin',
    freezes: 'loosens',
    shunsMilk: false,
    thinsHot: false,
    brings: ['milk'],
    note: 'Half flour, half soft butter, whisked in by the spoonful; simmer five minutes.',
  },
  {
    id: 'xanthan',
    name: 'xanthan gum',
    strength: 12,
    spread: 0.25,
    gPerMl: 0.65,
    how: 'whisk',
    kept: 1,
    fromC: 20,
    simmerS: 0,
    acidLoss: 0,
    mostPercent: 0.4,
    carbohydrate: 0.1,
    gluten: false,
    gloss: 'satin',
    freezes: 'well',
    shunsMilk: false,
    thinsHot: false,
    brings: [],
    note: 'Rub it into a little oil, then whisk hard. Over 0.4 % it is slimy.',
  },
  {
    id: 'roux',
    name: 'blond roux',
    strength: 0.2,
    spread: 0.15,
    gPerMl: 0.95,
    how: 'paste',
    kept: 1,
    fromC: 92,
    simmerS: 480,
    acidLoss: 0.12,
    mostPercent: 25,
    carbohydrate: 0.37,
    gluten: true,
    gloss: 'satin',
    freezes: 'loosens',
    shunsMilk: false,
    thinsHot: false,
    brings: ['milk'],
    note: 'Equal flour and butter cooked pale gold and cooled; whisk it in, simmer eight minutes.',
  },
  {
    id: 'glucomannan',
    name: 'glucomannan',
    strength: 15,
    spread: 0.25,
    gPerMl: 0.6,
    how: 'whisk',
    kept: 1,
    fromC: 60,
    simmerS: 300,
    acidLoss: 0.05,
    mostPercent: 0.35,
    carbohydrate: 0.05,
    gluten: false,
    gloss: 'satin',
    freezes: 'weeps',
    shunsMilk: false,
    thinsHot: false,
    brings: [],
    note: 'Stir it into a spoon of cold water first; it goes on swelling for ten minutes. Over 0.35 % it is jelly.',
  },
  {
    id: 'yolk',
    name: 'egg yolk',
    strength: 0.2,
    spread: 0.3,
    gPerMl: 1.03,
    how: 'liaison',
    kept: 1,
    fromC: 75,
    simmerS: 0,
    acidLoss: 0,
    mostPercent: 12,
    carbohydrate: 0.04,
    gluten: false,
    gloss: 'satin',
    freezes: 'splits',
    shunsMilk: false,
    thinsHot: false,
    brings: ['egg'],
    note: 'A yolk is 18 g. Tempered with hot sauce, in off the heat, stirred to 75–80 °C and never boiled.',
  },
  {
    id: 'cream',
    name: 'cream, boiled down',
    strength: 0.05,
    spread: 0.25,
    gPerMl: 1,
    how: 'boil-down',
    kept: 0.55,
    fromC: 98,
    simmerS: 480,
    acidLoss: 0,
    mostPercent: 45,
    carbohydrate: 0.03,
    gluten: false,
    gloss: 'satin',
    freezes: 'splits',
    shunsMilk: false,
    thinsHot: false,
    brings: ['milk'],
    note: 'Heavy cream only, boiled with the sauce until it has lost nearly half; leaner cream splits.',
  },
  {
    id: 'blended',
    name: 'vegetables from the pot, blended',
    strength: 0.035,
    spread: 0.4,
    gPerMl: 1,
    how: 'blend',
    kept: 1,
    fromC: 20,
    simmerS: 0,
    acidLoss: 0,
    mostPercent: 45,
    carbohydrate: 0.08,
    gluten: false,
    gloss: 'dull',
    freezes: 'well',
    shunsMilk: false,
    thinsHot: false,
    brings: [],
    note: 'Soft onion, carrot, potato or pulses. Stick blender under the surface: hot liquid blows the lid off a jug.',
  },
];

/** The thickener with this id. Throws on an id that does not exist: ids come from our own tables. */
export function thickenerById(id: ThickenerId): Thickener {
  const found = THICKENERS.find((t) => t.id === id);
  if (!found) throw new Error(`No thickener "${id}"`);
  return found;
}

/** The thickness with this name. */
export function thicknessOf(aim: Aim): Thickness {
  const found = THICKNESSES.find((t) => t.id === aim);
  if (!found) throw new Error(`No thickness "${aim}"`);
  return found;
}

/** The named thickness nearest to a strength in per cent (glaze is not a starch thickness and is never the answer). */
export function nearestThickness(percent: number): Thickness {
  const plain = THICKNESSES.filter((t) => t.id !== 'glaze');
  return plain.reduce((best, t) =>
    Math.abs(t.percent - percent) < Math.abs(best.percent - percent) ? t : best,
  );
}

/** Grams of water to a gram of starch under each house rule. Source: equal spoonfuls weigh 8 g starch to 15 g water. */
export const SLURRY_WATER = { equal: 15 / 8, three: 45 / 8, stock: 15 / 8 } as const;

/** A sauce thickens by about this much again as it cools from the pot to the plate. Source: kitchen judgement; spread 25 %. */
const ON_THE_PLATE = { factor: 1.33, spread: 0.25 } as const;

/** Thickness on the plate of a sauce that has this much at the pot, per cent. */
export function onThePlate(percent: number): number {
  return percent * ON_THE_PLATE.factor;
}
