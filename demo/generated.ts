import { DishSchema, type Dish } from '../core/index';
import { seeded } from './random';

const MEAT = [
  'boneless chicken thighs',
  'chicken breasts',
  'bone-in chicken thighs',
  'chicken wings',
  'beef chuck, in 4 cm cubes',
  'lamb shoulder, cubed',
  'pork shoulder, in 5 cm chunks',
  'frozen chicken thighs',
  'pork ribs',
  'beef short ribs',
  'meatballs',
  'minced beef',
  'turkey thighs',
  'sausages',
];
const BASE = [
  'onions, sliced',
  'leeks',
  'carrots',
  'red peppers',
  'mushrooms, sliced',
  'potatoes, in chunks',
  'celery',
];
const THIN = ['chicken stock', 'beef stock', 'water', 'red wine', 'stout', 'apple juice', 'cider'];
const THICK = [
  'chopped tomatoes',
  'passata',
  'tomato paste',
  'barbecue sauce, with the stock',
  'peanut butter, with the stock',
  'honey, with the stock',
  'coconut milk',
  'cream of chicken soup',
];
const SPICE = ['sweet paprika', 'ground cumin', 'curry powder', 'turmeric', 'garam masala', 'chilli flakes'];
const LATE = [
  'double cream',
  'double cream, with the stock',
  'sour cream',
  'Greek yoghurt, stirred into the onions',
  'cream cheese, in the sauce before pressure',
  'grated cheddar',
  'spinach',
  'frozen peas, under the lid',
  'coriander, chopped',
  'green beans',
];
const DRY = [
  'basmati rice',
  'penne',
  'red lentils',
  'pearl barley',
  'dried apricots',
  'orzo, with the stock',
];
const STARCH = [
  'plain flour, stirred into the onions',
  'cornstarch',
  'plain flour, to coat',
  'cornflour, in the stock',
];

/** Dishes a cook could write, good and bad, always the same for a seed: they feed the laws and the table of findings. */
export function generatedDishes(count: number, seed = 7): Dish[] {
  const random = seeded(seed);
  const upTo = (n: number): number => Math.floor(random() * n);
  const one = (list: readonly string[]): string => list[upTo(list.length)] ?? '';
  const maybe = (chance: number, make: () => string): string[] => (random() < chance ? [make()] : []);
  return Array.from({ length: count }, (_, i) => {
    const lines = [
      ...maybe(0.95, () => `${300 + upTo(34) * 50} g ${one(MEAT)}`),
      ...maybe(0.15, () => `${200 + upTo(12) * 50} g ${one(MEAT)}`),
      ...maybe(0.7, () => '1 tbsp oil'),
      ...maybe(0.85, () => `${1 + upTo(3)} ${one(BASE)}`),
      ...maybe(0.5, () => `${100 + upTo(8) * 50} g ${one(BASE)}`),
      ...maybe(0.7, () => '3 cloves garlic'),
      ...maybe(0.6, () => `${1 + upTo(3)} tbsp ${one(SPICE)}`),
      ...maybe(0.9, () => `${50 + upTo(16) * 50} ml ${one(THIN)}`),
      ...maybe(0.2, () => `${50 + upTo(6) * 50} ml ${one(THIN)}`),
      ...maybe(0.6, () => `${50 + upTo(15) * 50} g ${one(THICK)}`),
      ...maybe(0.6, () => `${50 + upTo(6) * 50} g ${one(LATE)}`),
      ...maybe(0.3, () => `${50 + upTo(6) * 50} g ${one(LATE)}`),
      ...maybe(0.25, () => `${50 + upTo(8) * 50} g ${one(DRY)}`),
      ...maybe(0.4, () => `${1 + upTo(5)} tbsp ${one(STARCH)}`),
      ...maybe(0.5, () => '1 tsp salt'),
      ...maybe(0.2, () => 'juice of 1 lemon'),
    ];
    return DishSchema.parse({
      id: `g${i}`,
      name: `Dish ${i}`,
      writtenFor: 4,
      plates: [1, 2, 4, 4, 4, 6, 8, 12][upTo(8)],
      lines: lines.map((text, k) => ({ id: `l${k}`, text })),
      settings: {
        minutes: random() < 0.2 ? upTo(60) : null,
        aim: one(['light', 'coating', 'gravy']),
        ...(random() < 0.1 ? { layers: ['tomato', 'meat', 'aromatics'] } : {}),
      },
      createdAt: 0,
      updatedAt: 0,
    });
  });
}
