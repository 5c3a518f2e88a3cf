import { BOIL_OFF_G_PER_MIN } from '../quantity/boilOff';
import type { PlacedItem } from '../moments/item';
import { verbById, VERBS_THAT } from '../script/data/verbs';
import type { Act } from '../script/act';
import { GOES_DOWN, goneShare, SAYS_SHARE } from '../pieces/boilsDown';
import { MOST_REDUCING_MIN, searBatchMin, SOFTENED_UNTIL, WORK } from '../pieces/data/work';
import { glazedOf } from '../pieces/glazed';
import { isOnlyHot, isTempering, isTurnedIn, smellsSoon } from './actFacts';
import { kindOf, type StepInput } from './step';

/** What stands in the refrigerator meanwhile. An hour of it and more is done ahead: it is no part of tonight's clock. */
const STANDS_COLD: ReadonlySet<string> = new Set(['marinate', 'season', 'brine', 'soak', 'salt']);
const AHEAD_FROM_MIN = 60;
/** Longer than this nobody stands beside it, minutes. */
const STOOD_BESIDE_MIN = 8;
/** Minutes until a pot of sauce or broth that is hot already boils. Source: a litre from 90 °C on 1,000 W; spread 40 %. */
const BROUGHT_UP_MIN = 2;

/** True of what is done so long before that tonight's clock does not count it. */
export const isDoneAhead = (act: Act): boolean =>
  STANDS_COLD.has(act.verb) && (act.minutes ?? 0) >= AHEAD_FROM_MIN;

/** True of what stands by itself for longer than anybody stands beside it. */
export const standsAlone = (act: Act, minutes: number): boolean =>
  STANDS_COLD.has(act.verb) && minutes > STOOD_BESIDE_MIN;

/** A sauce that boils "until it is thick" takes about so long, minutes. Source: what recipes give it where they do, 5 to 15; spread 40 %. */
const UNTIL_THICK_MIN = 10;

const PER_SIDE = /\b(?:a|per|each|on each) side\b|\bboth sides\b/i;
/** Spices and garlic in hot fat, to be poured over. Source: ordinary kitchen practice, one to three minutes; spread 40 %. */
const TEMPERED_MIN = 2;

/** What was poured in just before an act that brings nothing. */
function lastPoured(act: Act, { items, script }: StepInput): PlacedItem[] {
  const acts = script?.acts ?? [];
  const before = acts
    .slice(
      0,
      acts.findIndex((a) => a.id === act.id),
    )
    .findLast((a) => a.lines.length > 0);
  return items.filter((i) => i.actId !== undefined && i.actId === before?.id);
}

/** The pot has had heat before, or was put on while the last things were cut. */
function isHotAlready(act: Act, { script, rules }: StepInput): boolean {
  const acts = script?.acts ?? [];
  const before = acts.slice(0, acts.indexOf(act));
  return rules.browning === 'pot' || before.some((a) => VERBS_THAT.leaveHeat.has(a.verb));
}

const STIRRED_ROUND = /\b(?:stirring|tossing|bhun\p{L}*|keep turning)\b/iu;

/** Minutes of an act: the recipe's own, else what it takes here. */
export function minutesFor(act: Act, input: StepInput, mine: readonly PlacedItem[]): number {
  const verb = verbById(act.verb);
  if (act.verb === 'brown') {
    // "2 minutes a side" is for one batch and two sides.
    const batch =
      act.minutes !== null && PER_SIDE.test(act.words)
        ? 2 * act.minutes
        : // "Brown for 4 minutes": so long a batch.
          (act.minutes ?? searBatchMin(input.meat[0]?.thicknessMm));
    // The pot is hot, and there is room: what is turned in a base needs no layer of its own.
    if (isTurnedIn(act, input)) return act.minutes ?? WORK.turnedMin;
    // "Fry, stirring, about 15 minutes": all of it together.
    if (act.minutes !== null && STIRRED_ROUND.test(act.words)) return act.minutes;
    return WORK.shimmerMin + Math.max(1, input.batches) * batch;
  }
  if (act.verb === 'boil' && isOnlyHot(act, mine, input.items)) return act.minutes ?? BROUGHT_UP_MIN;
  if (act.verb === 'reduce' && act.run > 0) {
    // "Boil for 10 minutes" is ten minutes; "by half" takes what half of it takes in this pot.
    if (act.minutes !== null && !SAYS_SHARE.test(act.words)) return Math.min(MOST_REDUCING_MIN, act.minutes);
    const gone = input.liquid.sauceAfterG.mid * goneShare(act.words);
    // "Until the gravy is thick": nobody waits for half of it to go.
    if (!SAYS_SHARE.test(act.words)) return Math.min(UNTIL_THICK_MIN, gone / BOIL_OFF_G_PER_MIN.high);
    return Math.min(MOST_REDUCING_MIN, Math.max(act.minutes ?? 2, gone / BOIL_OFF_G_PER_MIN.high));
  }
  const acts = input.script?.acts ?? [];
  const isBoiledNext = acts[acts.indexOf(act) + 1]?.verb === 'reduce';
  if ((act.verb === 'reduce' || (act.verb === 'deglaze' && !isBoiledNext)) && GOES_DOWN.test(act.words)) {
    const poured = mine.length ? mine : lastPoured(act, input);
    // What is thin boils away; the rice in it does not.
    const thinG = poured.reduce((s, i) => s + i.massG.mid * (i.read.food?.thin ?? 0), 0);
    const gone = thinG * goneShare(act.words);
    return Math.min(MOST_REDUCING_MIN, Math.max(act.minutes ?? verb.minutes, gone / BOIL_OFF_G_PER_MIN.high));
  }
  if (act.verb === 'glaze') {
    const glazed = glazedOf(input.items, 'glaze', input.meat, input.liquid.sauceAfterG.mid);
    return act.minutes ?? Math.min(15, glazed?.minutes ?? verb.minutes);
  }
  if (act.verb === 'soften' && act.minutes === null) {
    if (smellsSoon(mine)) return verbById('bloom').minutes;
    const until = SOFTENED_UNTIL.find(({ look }) => look.test(act.until ?? ''));
    if (until && mine.some((i) => kindOf(i) === 'allium')) return until.minutes;
  }
  // What only sizzles to be poured over takes no longer than garlic does.
  if (act.verb === 'fry' && act.minutes === null && isTempering(mine)) return TEMPERED_MIN;
  if (act.verb === 'heat' && act.minutes === null && isHotAlready(act, input)) return WORK.shimmerMin;
  if (isDoneAhead(act)) return verb.minutes;
  return Math.min(90, act.minutes ?? verb.minutes);
}
