import type { Pantry } from '../pantry/pantry';
import type { Script } from './act';
import type { ScriptLine } from './line';
import { blanching, knifeWork, reserving, setting, standing, tip, untying, waiting } from './board';
import { deed } from './deed';
import { closing, holding, lettingGo, longCooking, whileClosed } from './lid';
import { meanwhile } from './meanwhile';
import { merged } from './merge';
import { type Clause, Reading } from './reading';
import { withMeatBlanched, withMeatUnderLid } from './underLid';

/** A way to understand a clause: writes down what it tells and answers true, or leaves it to the next. */
type Rule = (r: Reading, c: Clause) => boolean;

/** In this order: what is no act of the pot, what the lid does, and everything else that is done. */
const RULES: readonly Rule[] = [
  (r, { n }) => n <= r.doneUntil,
  blanching,
  knifeWork,
  tip,
  setting,
  standing,
  reserving,
  untying,
  waiting,
  longCooking,
  closing,
  holding,
  lettingGo,
  meanwhile,
  whileClosed,
  deed,
];

/**
 * Reads a method as a script: what is done, in its order, to which lines. Every act keeps the recipe's words; a tip is no act. A line
 * that no sentence names is in no act. Never throws; null when the method says nothing that can be done.
 */
export function readScript(method: string, lines: readonly ScriptLine[], pantry: Pantry): Script | null {
  const r = new Reading(method.slice(0, 20_000), lines, pantry);
  if (!r.parts.length || !lines.length) return null;
  r.parts.forEach((_, n) => {
    const c = r.clause(n);
    r.noteSizes(c);
    RULES.some((rule) => rule(r, c));
  });
  const acts = merged(
    withMeatUnderLid(
      withMeatBlanched(r.acts, (i) => r.isRawMeat(i)),
      (i) => r.isRawMeat(i),
      (i) => r.kindOf(i) === 'seafood',
    ),
    lines,
  );
  // Without a lid there is nothing to split: the table does it.
  if (!acts.some((a) => a.verb === 'close')) return null;
  return {
    acts,
    sizes: [...r.sizes.values()],
    isConverted: r.longest >= 0,
    convertedFrom: r.longest >= 0 ? (r.parts[r.longest]?.text ?? '') : '',
  };
}
