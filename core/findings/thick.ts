import { isHeldBack } from '../dish/moment';
import { loosenMl, type Boil } from '../pot/boil';
import { formatVolume } from '../quantity/format';
import type { Finding, Fix, Severity } from './finding';
import { moveLine, pourIn } from './fixes';
import { helping, together } from './helping';
import type { FindingInput } from './input';
import { ownLiquid } from './liquid';
import { nameOf, listed, holdFix } from './words';

const BOIL_SEVERITY: Record<Boil['verdict'], Severity> = {
  free: 'fine',
  slow: 'careful',
  'too thick': 'stop',
};

export function boilFindings(input: FindingInput): Finding[] {
  const { boil, liquid, items, kitchen, dish } = input;
  if (boil.verdict === 'free') return [];
  const lines = items.filter((i) => boil.lineIds.includes(i.lineId) && !isHeldBack(i.moment));
  const early = lines.filter((i) => i.early && !i.touchesRaw);
  const more = loosenMl(boil, liquid.countedMl.mid);
  const name = ownLiquid(items);
  // What is thick by itself and was meant to go in is held back too: a condensed soup, a jar of sauce.
  const loose = lines.filter((i) => !i.touchesRaw);
  const thickest = loose.filter((i) => (i.read.food?.thin ?? 1) < 0.3);
  const thick = early.length ? early : thickest.length ? thickest : loose.slice(0, 1);
  const hold: Fix | null = thick.length
    ? {
        id: 'hold-thick',
        label: `Hold back ${listed(thick.map(nameOf))}`,
        apply: (d) =>
          thick.reduce((x, i) => (i.early ? holdFix(i) : moveLine(i.lineId, 'finish', '')).apply(x), d),
      }
    : null;
  const loosen = (ml: number): Fix =>
    pourIn(ml, name, `Loosen it with ${formatVolume(ml, kitchen.units)} ${name}`);
  // What more than doubles the liquid makes a soup of it: where thick things can be held back, that is what is offered.
  const isAnotherDish = (ml: number): boolean => hold !== null && ml > liquid.pouredMl.mid;
  const severity = BOIL_SEVERITY[boil.verdict];
  const verdict = (loaded: ReturnType<FindingInput['load']>): Severity => BOIL_SEVERITY[loaded.boil.verdict];
  const fixes = helping(
    input,
    [...(hold ? [hold] : []), ...(more > 0 && !isAnotherDish(more) ? [loosen(more)] : [])],
    severity,
    verdict,
  );
  if (hold && !fixes.includes(hold)) {
    const held = input.load(hold.apply(dish));
    const still = loosenMl(held.boil, held.liquid.countedMl.mid);
    if (still > 0) fixes.unshift(...helping(input, [together([hold, loosen(still)])], severity, verdict));
  }
  const isStop = boil.verdict === 'too thick';
  return [
    {
      id: 'too-thick',
      severity,
      about: 'liquid',
      lineIds: boil.lineIds,
      text: isStop ? 'Too thick to make steam' : 'Thick: slow to make steam',
      why: `${thickWords(boil.thinShare, boil.strengthPercent)}: ${listed(lines.slice(0, 3).map(nameOf))}. A thick pot blurts and scorches instead of boiling.`,
      fixes,
    },
  ];
}

/** Why a pot is thick: by its share of thin liquid where that is small, by its starch where that is there. */
function thickWords(thinShare: number, strengthPercent: number): string {
  const only = `Only ${Math.round(thinShare * 100)} % of what is in the pot is thin`;
  if (strengthPercent <= 0.5) return only;
  return thinShare < MOSTLY_THIN ? `${only}, and it is thickened already` : 'It is thickened already';
}

/** Share from which nobody would say "only". */
const MOSTLY_THIN = 0.6;
