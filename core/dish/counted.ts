import pluralize from 'pluralize';
import { singular } from '../pantry/words';
import { unitById } from '../quantity/units';
import type { Amount } from './amount';
import { plainName } from './names';

pluralize.addIrregularRule('chilli', 'chillies');

/** What stands behind the noun of a food: "chipotles in adobo", "cloves of garlic". */
const BEHIND = /\s+(?:in|of|with|from|on|for|à)\s.*$/iu;
/** So many are one: half an onion is an onion still. */
const ONE = 1.01;

/**
 * The food of a line as so many of it are called: of "2 onions" the half is "onion", of "1 onion" the double "onions". Only where pieces
 * are counted and the number has crossed one; everything else keeps the cook's own word.
 */
export function countedName(foodText: string, amount: Amount | null, scale: number): string {
  const name = plainName(foodText);
  if (!amount || unitById(amount.unitId).id !== 'each') return name;
  const [was, is] = [amount.max > ONE, amount.max * scale > ONE];
  if (was === is) return name;
  const behind = BEHIND.exec(name)?.[0] ?? '';
  const head = name.slice(0, name.length - behind.length);
  const noun = /\p{L}+$/u.exec(head)?.[0] ?? '';
  const turned = is ? pluralize.plural(noun) : singular(noun);
  return `${head.slice(0, head.length - noun.length)}${turned}${behind}`;
}
