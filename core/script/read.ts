import type { Pantry } from '../pantry/pantry';
import type { Script } from './act';
import type { ScriptLine } from './line';
import { blanching, knifeWork, reserving, setting, standing, tip, untying, waiting } from './board';
import { deed } from './deed';
import {
  closing,
  holding,
  lettingGo,
  longCooking,
  silentLidAt,
  tellsOfLid,
  untoldLid,
  whileClosed,
} from './lid';
import { meanwhile } from './meanwhile';
import { merged } from './merge';
import { ownPan } from './ownPan';
import { pickled } from './pickled';
import { sideGrain } from './sideGrain';
import { type Clause, Reading } from './reading';
import { withMeatBlanched, withMeatUnderLid } from './underLid';

/** A way to understand a clause: writes down what it tells and answers true, or leaves it to the next. */
type Rule = (r: Reading, c: Clause) => boolean;

/** In this order: what is no act of the pot, what the lid does, and everything else that is done. */
const RULES: readonly Rule[] = [
  (r, { n }) => n <= r.doneUntil,
  untoldLid,
  longCooking,
  blanching,
  knifeWork,
  tip,
  setting,
  standing,
  reserving,
  untying,
  waiting,
  closing,
  holding,
  lettingGo,
  ownPan,
  sideGrain,
  pickled,
  meanwhile,
  whileClosed,
  deed,
];

/** A method read to its end; `isSilent` where no sentence of it closes the lid. */
function reading(method: string, lines: readonly ScriptLine[], pantry: Pantry, isSilent: boolean): Reading {
  const r = new Reading(method.slice(0, 20_000), lines, pantry);
  if (r.isForPressure && (isSilent || !tellsOfLid(r))) r.silentLid = silentLidAt(r);
  r.parts.forEach((_, n) => {
    const c = r.clause(n);
    r.noteSizes(c);
    RULES.some((rule) => rule(r, c));
  });
  return r;
}

/**
 * Reads a method as a script: what is done, in its order, to which lines. Every act keeps the recipe's words; a tip is no act. A line
 * that no sentence names is in no act. Never throws; null when the method says nothing that can be done.
 */
export function readScript(method: string, lines: readonly ScriptLine[], pantry: Pantry): Script | null {
  if (!lines.length) return null;
  let r = reading(method, lines, pantry, false);
  // Under pressure by every sign, and no lid was found: it closes with what is held.
  if (r.isForPressure && !r.acts.some((a) => a.verb === 'close')) r = reading(method, lines, pantry, true);
  if (!r.parts.length) return null;
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
