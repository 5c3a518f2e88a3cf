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
  /** How it goes in. */
  how: 'slurry' | 'paste' | 'whisk';
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
    fromC: 95,
    simmerS: 120,
    acidLoss: 0.18,
    mostPercent: 6,
    carbohydrate: 0.9,
    gluten: false,
    note: 'Dulls the sauce a little; thins in long boiling; weeps after freezing.',
  },
  {
    id: 'potato',
    name: 'potato starch',
    strength: 1.2,
    spread: 0.12,
    gPerMl: 0.68,
    how: 'slurry',
    fromC: 70,
    simmerS: 30,
    acidLoss: 0.2,
    mostPercent: 5,
    carbohydrate: 0.85,
    gluten: false,
    note: 'Quick and clear: do not boil it long.',
  },
  {
    id: 'tapioca',
    name: 'tapioca starch',
    strength: 0.9,
    spread: 0.12,
    gPerMl: 0.51,
    how: 'slurry',
    fromC: 70,
    simmerS: 45,
    acidLoss: 0.12,
    mostPercent: 6,
    carbohydrate: 0.89,
    gluten: false,
    note: 'Shines and freezes well; goes stringy when boiled long.',
  },
  {
    id: 'arrowroot',
    name: 'arrowroot',
    strength: 1,
    spread: 0.12,
    gPerMl: 0.54,
    how: 'slurry',
    fromC: 72,
    simmerS: 30,
    acidLoss: 0.08,
    mostPercent: 5,
    carbohydrate: 0.88,
    gluten: false,
    note: 'Shines and stands acid; slimy with milk, thins when boiled long.',
  },
  {
    id: 'rice-flour',
    name: 'rice flour',
    strength: 0.6,
    spread: 0.15,
    gPerMl: 0.66,
    how: 'slurry',
    fromC: 92,
    simmerS: 240,
    acidLoss: 0.15,
    mostPercent: 9,
    carbohydrate: 0.8,
    gluten: false,
    note: 'Soft and steady; four minutes or it tastes raw.',
  },
  {
    id: 'flour',
    name: 'wheat flour',
    strength: 0.5,
    spread: 0.15,
    gPerMl: 0.53,
    how: 'slurry',
    fromC: 95,
    simmerS: 300,
    acidLoss: 0.12,
    mostPercent: 10,
    carbohydrate: 0.73,
    gluten: true,
    note: 'Five minutes at a simmer or it tastes raw.',
  },
  {
    id: 'paste',
    name: 'flour-and-butter paste',
    strength: 0.25,
    spread: 0.15,
    gPerMl: 0.9,
    how: 'paste',
    fromC: 92,
    simmerS: 300,
    acidLoss: 0.12,
    mostPercent: 20,
    carbohydrate: 0.37,
    gluten: true,
    note: 'Half flour, half soft butter, whisked in by the spoonful; simmer five minutes.',
  },
  {
    id: 'xanthan',
    name: 'xanthan gum',
    strength: 12,
    spread: 0.25,
    gPerMl: 0.65,
    how: 'whisk',
    fromC: 20,
    simmerS: 0,
    acidLoss: 0,
    mostPercent: 0.4,
    carbohydrate: 0.1,
    gluten: false,
    note: 'Rub it into a little oil, then whisk hard. Over 0.4 % it is slimy.',
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
