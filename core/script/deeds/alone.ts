/** What a clause names besides, and what is done to some of it alone. */
import { type Reading, type Clause } from '../reading';
import { VERBS_THAT } from '../data/verbs';

/** A clause with what only the hands know: the meat that is on skewers, the peppers that are stuffed, the bottle of sauce. */
export const inHand = (r: Reading, c: Clause, verb: string): Clause =>
  [colouredAlone, renderedAlone, stuffedAlone, coatedAlone].reduce((told, way) => way(r, told, verb), c);

/** "Coat with the sauce", of a list with one bottle of it that is still full. */
function coatedAlone(r: Reading, c: Clause, verb: string): Clause {
  if (
    verb !== 'coat' ||
    c.meant.some((i) => !r.isMeat(i)) ||
    !/\b(?:the|with|in) (?:sauce|glaze)\b/i.test(c.text)
  )
    return c;
  const bottles = r.lines.flatMap(({ read }, i) =>
    /\b(?:sauce|glaze)$/i.test(read.foodText) && read.food?.kind === 'thick-sauce' && !r.used.has(i)
      ? [i]
      : [],
  );
  return bottles.length === 1 ? { ...c, meant: [...c.meant, ...bottles] } : c;
}

/** "Cut the tops off the peppers and stuff with the mixture": what is stuffed is the peppers, and what was mixed is in them. */
function stuffedAlone(r: Reading, c: Clause, verb: string): Clause {
  const hollowed = [...c.meant, ...r.linesIn(c.sentence)].filter((i) => r.canBeHollowed(i, c.product));
  if (verb !== 'stuff' || !c.product || !hollowed.length || c.meant.some((i) => r.isRawMeat(i))) return c;
  return { ...c, meant: [...new Set(hollowed)], product: undefined, staysOnBoard: true };
}

/** "Thread the chicken on skewers and grill for ten minutes": what was last in hand. */
function colouredAlone(r: Reading, c: Clause, verb: string): Clause {
  if ((verb !== 'roast' && verb !== 'char') || c.meant.length > 0) return c;
  return { ...c, meant: r.lastNamed.filter((i) => r.isToCome(i) || r.last?.again.includes(i)) };
}

/** "Lay skin side down in the cold pot": the meat that was made ready on the board is what renders. */
function renderedAlone(r: Reading, c: Clause, verb: string): Clause {
  if (verb !== 'render' || c.meant.length > 0 || r.stage === 'after') return c;
  const onBoard = r.acts.filter((a) => VERBS_THAT.areOfTheBoard.has(a.verb)).flatMap((a) => a.again);
  const meats = [...new Set(onBoard)].filter((i) => r.isRawMeat(i) && r.isToCome(i));
  return meats.length ? { ...c, meant: meats } : c;
}
