import type { Thickener } from './thickeners';

/** How a way of thickening is done, in a cook's words. Source: ordinary kitchen practice for each. */
export interface Binding {
  /** The step at the pot. */
  title: string;
  text: string;
  heat: string;
  look: string;
  /** What can be got ready while the pot is closed; empty where nothing can. */
  ahead: string;
  /** What the timer after it is called. */
  timer: string;
  /** The whole finish with it, for a pot of sauce that belongs to no dish. */
  order: readonly string[];
}

const LAST = 'Off the heat: acid, herbs, salt.';

/** A slurry of a starch that swells below the boil, and thins when it is boiled for long: arrowroot, tapioca, potato. */
export const GENTLE: Pick<Binding, 'title' | 'text' | 'heat' | 'look'> = {
  title: 'Thicken below the boil',
  text: 'Heat down until it only steams, about 75 °C. Stir the slurry again and pour it in, stirring: it thickens at once, and thins again when it boils for long.',
  heat: 'low',
  look: 'Clear and glossy as soon as it is stirred through.',
};
/** Roux that comes pressed into a block, with its spice and salt. Source: general kitchen practice. */
export const BLOCK: Pick<Binding, 'title' | 'text' | 'heat' | 'look' | 'ahead'> = {
  title: 'Break in the roux',
  text: 'Heat off. Break it into pieces and stir until the last has dissolved, then let it simmer, scraping the floor: it catches.',
  heat: 'low',
  look: 'No lump left, and it falls heavily from the ladle.',
  ahead: 'the roux broken into pieces',
};
/** Starches that have swollen by this temperature are stirred in below the boil, °C. */
export const GENTLE_TO_C = 80;

export const BINDING: Readonly<Record<Thickener['how'], Binding>> = {
  slurry: {
    title: 'Thicken at the boil',
    text: 'Bring the sauce to a real boil. Stir the slurry again, pour it in a stream, stirring, and let it boil.',
    heat: 'high',
    look: 'It must really boil: below that it does not thicken and tastes raw.',
    ahead: 'the slurry’s cup, spoon and cold water',
    timer: 'Boil the slurry',
    order: [
      'Stir the starch smooth in the cold liquid.',
      'Bring the sauce to a real boil.',
      'Pour in a stream, stirring; boil two minutes.',
      'Heat down. Dairy only now, off the boil.',
      LAST,
    ],
  },
  paste: {
    title: 'Whisk in the flour and butter',
    text: 'At a simmer, whisk it in by the spoonful, each gone before the next. Then let it simmer: flour tastes raw before that.',
    heat: 'medium',
    look: 'No floury taste left, no lumps under the whisk.',
    ahead: 'flour and soft butter, half and half, worked to a paste',
    timer: 'Simmer the flour',
    order: [
      'Work flour and soft butter to a paste, half and half.',
      'Whisk it into the simmering sauce by the spoonful.',
      'Simmer five minutes.',
      'Heat down. Dairy only now.',
      LAST,
    ],
  },
  whisk: {
    title: 'Whisk in the gum',
    text: 'Rub it into a little oil, then whisk hard into the sauce, hot or cold. No boil needed. Wait two minutes before judging.',
    heat: 'low',
    look: 'Smooth. Strings or slime: too much, loosen it.',
    ahead: 'a small spoon of oil in a cup for the gum',
    timer: 'Wait for the gum',
    order: [
      'Rub the gum into a little oil.',
      'Whisk hard into the sauce, hot or cold; no boil needed.',
      'Wait two minutes, then judge.',
      'Dairy, off the boil.',
      LAST,
    ],
  },
  liaison: {
    title: 'Bind with yolk, heat off',
    text: 'Everything that boils comes before this. Whisk a ladle of hot sauce into the yolks, then all of it into the pot, over low heat.',
    heat: 'low',
    look: 'Coats the spoon at 75–80 °C. It must not boil again: it curdles.',
    ahead: 'the yolks in a bowl with a whisk',
    timer: 'Stir until it coats',
    order: [
      'All boiling first: reduce, cook quick vegetables, then heat off.',
      'Whisk a ladle of hot sauce into the yolks, then all of it into the pot.',
      'Stir over low heat to 75–80 °C; it must not boil again.',
      'Acid, herbs, salt.',
    ],
  },
  'boil-down': {
    title: 'Boil the cream down',
    text: 'Heavy cream into the sauce at the boil; stir the floor until the cream has lost nearly half.',
    heat: 'medium',
    look: 'Slow, thick bubbles.',
    ahead: 'the cream, measured',
    timer: 'Boil the cream down',
    order: [
      'Heavy cream into the sauce, at the boil.',
      'Boil, stirring the floor, until the cream has lost nearly half.',
      'Off the heat: acid last, herbs, salt.',
    ],
  },
  blend: {
    title: 'Blend vegetables into it',
    text: 'Off the heat: lift the vegetables into the sauce, stick blender with its head under the surface, until smooth.',
    heat: 'off',
    look: 'Smooth, and thicker than it was.',
    ahead: 'the stick blender',
    timer: 'Let it settle',
    order: [
      'Lift the vegetables into the sauce, off the heat.',
      'Stick blender with its head under the surface until smooth.',
      'Judge it, then dairy, off the boil.',
      LAST,
    ],
  },
};
