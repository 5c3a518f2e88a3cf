import type { DairyClass } from '../../pantry/food';

/** How a dairy product takes heat. Temperatures are the sauce's, °C; 100 stands for the boil. */
export interface DairyFigures {
  name: string;
  /** Highest sauce temperature it takes in a plain sauce, and in one bound with starch. */
  plainC: number;
  boundC: number;
  temper: boolean;
  note: string;
}

/** Source: kitchen practice on curdling by fat and acidity; spread about 4 °C. */
export const DAIRY: Record<DairyClass, DairyFigures> = {
  'heavy-cream': {
    name: 'cream',
    plainC: 100,
    boundC: 100,
    temper: false,
    note: 'The easy one; in a sharp sauce keep below the boil.',
  },
  'single-cream': { name: 'single cream', plainC: 85, boundC: 95, temper: false, note: 'Off the boil.' },
  milk: { name: 'milk', plainC: 80, boundC: 92, temper: true, note: 'Thickens nothing on its own.' },
  'evaporated-milk': {
    name: 'evaporated milk',
    plainC: 95,
    boundC: 100,
    temper: false,
    note: 'Stabilised: forgiving.',
  },
  'creme-fraiche': {
    name: 'crème fraîche',
    plainC: 95,
    boundC: 100,
    temper: false,
    note: 'Stands a gentle simmer.',
  },
  'sour-cream': {
    name: 'sour cream',
    plainC: 75,
    boundC: 85,
    temper: true,
    note: 'Only into sauce that has stopped boiling.',
  },
  'yoghurt-full': {
    name: 'yoghurt',
    plainC: 70,
    boundC: 80,
    temper: true,
    note: 'Starch helps; never boil.',
  },
  'yoghurt-lean': {
    name: 'lean yoghurt',
    plainC: 60,
    boundC: 75,
    temper: true,
    note: 'The quickest to split: starch first, then temper.',
  },
  'cream-cheese': { name: 'cream cheese', plainC: 90, boundC: 95, temper: false, note: 'In cubes, whisked.' },
  'hard-cheese': {
    name: 'hard cheese',
    plainC: 78,
    boundC: 85,
    temper: false,
    note: 'Off the heat, in handfuls.',
  },
  'soft-cheese': {
    name: 'soft cheese',
    plainC: 78,
    boundC: 85,
    temper: false,
    note: 'Off the heat, in handfuls; the lid on for a minute melts it.',
  },
  'coconut-cream': {
    name: 'coconut cream',
    plainC: 100,
    boundC: 100,
    temper: false,
    note: 'Splits harmlessly: stir.',
  },
};

/**
 * An open pot with the heat off: what it loses for each degree above the room, steam included, W/K, and the heat its metal holds, J/K.
 * Source: about 3 °C a minute at the boil for a kilo of sauce; spread 30 %.
 */
export const OPEN_POT = {
  lossWPerK: 3.3,
  metalJPerK: 650,
  sauceJPerGK: 3.9,
  roomC: 20,
  spread: 0.3,
} as const;
/** Tempered dairy goes in once above this, °C. */
export const TEMPERED_C = 50;
/** Dairy straight from the refrigerator, °C. */
export const FRIDGE_C = 5;
