import type { Food } from './food';
import { foodWords } from './words';

/** What an unknown food may be most like: one short question, each answer a shipped food whose figures it takes. */
export const LIKENESSES: readonly { foodId: string; label: string }[] = [
  { foodId: 'onion', label: 'A vegetable that goes in early' },
  { foodId: 'carrot', label: 'A firm vegetable' },
  { foodId: 'spinach', label: 'Leaves or a quick vegetable' },
  { foodId: 'beef-chuck', label: 'Meat in pieces' },
  { foodId: 'sausage', label: 'A sausage' },
  { foodId: 'chicken-stock', label: 'A thin liquid' },
  { foodId: 'barbecue-sauce', label: 'A thick sauce' },
  { foodId: 'double-cream', label: 'Cream' },
  { foodId: 'hard-cheese', label: 'Cheese' },
  { foodId: 'curry-powder', label: 'A ground spice' },
  { foodId: 'parsley', label: 'A soft herb' },
  { foodId: 'white-rice', label: 'A grain that drinks' },
  { foodId: 'rigatoni', label: 'Pasta' },
  { foodId: 'cornstarch', label: 'A starch' },
  { foodId: 'honey', label: 'Something sweet' },
  { foodId: 'almond', label: 'Nuts or seeds' },
  { foodId: 'cider-vinegar', label: 'Something sharp' },
  { foodId: 'sunflower-oil', label: 'A fat' },
];

/** Longest name a household's own food may have. */
export const MAX_OWN_NAME = 60;

/**
 * A food of the household's own, with the figures of the one it is most like. `id` is the household's; the spread is
 * widened because likeness is a guess. Null when the name holds no letters.
 */
export function ownFood(id: string, name: string, like: Food): Food | null {
  const clean = name.replace(/\s+/g, ' ').trim().slice(0, MAX_OWN_NAME);
  if (!foodWords(clean).some((w) => /\p{L}/u.test(w))) return null;
  return {
    ...like,
    id,
    names: [clean],
    source: `The household’s own: taken as ${like.names[0] ?? like.id}`,
    spread: Math.min(1, like.spread + 0.2),
  };
}
