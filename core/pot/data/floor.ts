import type { FoodKind } from '../../pantry/food';

/** Chance of catching for a generous amount of each kind under the lid. Source: kitchen experience of burn alarms; spread 50 %. */
export const KIND_RISK: Partial<Record<FoodKind, { risk: number; fullG: number; label: string }>> = {
  flour: { risk: 0.45, fullG: 25, label: 'flour under the lid' },
  starch: { risk: 0.5, fullG: 20, label: 'starch under the lid' },
  cream: { risk: 0.25, fullG: 200, label: 'cream under the lid' },
  milk: { risk: 0.35, fullG: 200, label: 'milk under the lid' },
  'sour-dairy': { risk: 0.35, fullG: 150, label: 'sour dairy under the lid' },
  'cream-cheese': { risk: 0.3, fullG: 150, label: 'cream cheese under the lid' },
  cheese: { risk: 0.4, fullG: 100, label: 'cheese under the lid' },
  // Cold from its tin the thick part sinks in one piece and melts on the floor before it boils.
  'coconut-cream': { risk: 0.15, fullG: 250, label: 'coconut cream under the lid' },
  'coconut-milk': { risk: 0.06, fullG: 400, label: 'coconut milk under the lid' },
  sugar: { risk: 0.28, fullG: 50, label: 'sugar under the lid' },
  syrup: { risk: 0.22, fullG: 60, label: 'syrup under the lid' },
  'nut-paste': { risk: 0.4, fullG: 100, label: 'nut paste under the lid' },
  'thick-sauce': { risk: 0.15, fullG: 200, label: 'thick sauce' },
  'tomato-thick': { risk: 0.1, fullG: 400, label: 'thick tomato, on top' },
  'tomato-chunky': { risk: 0.06, fullG: 400, label: 'tomato, on top' },
  'tomato-paste': { risk: 0.1, fullG: 60, label: 'tomato paste' },
  'spice-ground': { risk: 0.05, fullG: 15, label: 'ground spice' },
  grain: { risk: 0.12, fullG: 250, label: 'grain near the floor' },
  pasta: { risk: 0.15, fullG: 300, label: 'pasta in the pot' },
  'pulse-dry': { risk: 0.15, fullG: 250, label: 'pulses near the floor' },
};

/** What makes a hot floor catch. Chances and factors on them, each with its source and how far kitchens vary. */
export const FLOOR_FIGURES = {
  stirredTomato: {
    value: 3,
    spread: 0.4,
    source: 'Thick tomato stirred in against left on top, by burn alarms',
  },
  friedDown: {
    value: 0.3,
    spread: 0.5,
    source: 'Curd or milk fried or boiled away into the base before the lid, against as much poured in loose',
  },
  onTheFloor: {
    value: 2,
    spread: 0.4,
    source: 'What lies on the floor with nothing wet beneath it, by burn alarms',
  },
  meatOnFloor: {
    value: 0.1,
    spread: 0.5,
    source: 'Meat loaded straight on the floor that sticks and browns on',
  },
  usualThinMl: {
    value: 500,
    spread: 0.3,
    source: 'Thin liquid in the pots whose alarms these chances come from: two cups',
  },
  filmMm: { value: 6, spread: 0.3, source: 'Depth of liquid that keeps a whole floor wet at the boil' },
  dryFloor: { value: 0.5, spread: 0.4, source: 'Burn alarms of pots that boiled nearly dry' },
  usualWPerCm2: { value: 2.7, spread: 0.15, source: 'A standard electric pot: 1,000 W over 22 cm' },
  nonStick: {
    value: 0.8,
    spread: 0.15,
    source: 'What sticks to a non-stick liner against bare steel, by burn alarms of the same dishes',
  },
  filmScraped: { value: 0.04, spread: 0.5, source: 'Seared, deglazed and scraped' },
  filmLeft: {
    value: 0.4,
    spread: 0.5,
    source: 'Seared and not scraped: the commonest cause of a burn alarm',
  },
} as const;
