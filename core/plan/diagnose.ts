import { isHeldBack } from '../dish/moment';
import { formatTemp, sayTemps, type DisplayUnits } from '../quantity/format';
import { BURN_CAUSES, BURN_FIRST, BURN_LAST, NO_PRESSURE_CAUSES, type TroubleCause } from './data/trouble';
import type { Fix } from '../findings/index';
import type { Plan } from './plan';

/** Which trouble a closed pot is in. */
export type TroubleKind = 'burn' | 'no-pressure';

/** One possible cause in this dish and pot, with what to do now and what the plan changes next time. */
interface Suspect extends TroubleCause {
  /** Share of the suspicion, all causes together 1. */
  likelihood: number;
  /** What in this dish speaks for it; empty where it is only the usual suspicion. */
  because: string;
  /** Edits of the dish that make it less likely next time. */
  next: Fix[];
  /** What to write into the dish for next time. */
  remember: string;
}

/** A guided diagnosis: what to do first, then causes in the order of likelihood for this dish. */
export interface Diagnosis {
  kind: TroubleKind;
  title: string;
  first: readonly string[];
  suspects: Suspect[];
  last: string;
}

interface Sign {
  /** Multiplies the usual weight. */
  weight: number;
  because: string;
  findingIds?: readonly string[];
  remember?: string;
}

/** What this plan says for or against each cause. */
function signs(plan: Plan, kind: TroubleKind): Record<string, Sign> {
  const part = (id: string): number => plan.floor.parts.find((p) => p.id === id)?.risk ?? 0;
  const under = plan.items.filter((i) => !isHeldBack(i.moment) && i.read.food);
  const named = (test: (kind: string) => boolean): string =>
    under
      .filter((i) => test(i.read.food?.kind ?? ''))
      .map((i) => i.read.food?.names[0] ?? '')
      .slice(0, 3)
      .join(', ');
  const thickNames = named((k) =>
    /^(?:tomato-(?:thick|paste|chunky)|thick-sauce|flour|starch|sugar|syrup|nut-paste|cream|cream-cheese|sour-dairy)$/.test(
      k,
    ),
  );
  const grainNames = named((k) => k === 'pasta' || k === 'grain' || k === 'pulse-dry');
  const ratio = plan.liquid.needMl > 0 ? plan.liquid.countedMl.mid / plan.liquid.needMl : 1;
  const thickRisk = plan.floor.parts
    .filter(
      (p) => !['film', 'thin', 'film-depth', 'meat-floor', 'grain', 'pasta', 'pulse-dry'].includes(p.id),
    )
    .reduce((s, p) => s + p.risk, 0);
  const isFrozen = plan.meat.some((m) => m.frozen);
  const altitudeC = 100 - plan.heat.boilsAtC;
  const shared = {
    'thin-short': {
      weight: ratio < 1 ? 1 + 4 * (1 - ratio) : ratio < 1.2 ? 1 : 0.4,
      because: ratio < 1.2 ? `The plan counts ${Math.round(ratio * 100)} % of what this pot needs.` : '',
      findingIds: ['liquid-short'],
      remember: 'Pour in more thin liquid before the lid.',
    },
  };
  if (kind === 'burn')
    return {
      ...shared,
      film: {
        weight:
          plan.batches > 0 && plan.rules.browning === 'pot' ? 1 + 3 * part('film') + 0.3 * plan.batches : 0.2,
        because:
          plan.batches > 0
            ? `It was seared in ${plan.batches} ${plan.batches === 1 ? 'batch' : 'batches'}.`
            : '',
        findingIds: ['no-deglaze'],
        remember: 'Scrape longer: no stuck spot before the lid.',
      },
      'thick-floor': {
        weight: 0.3 + 4 * thickRisk,
        because: thickNames ? `There is ${thickNames} under the lid.` : '',
        findingIds: ['floor', 'layers-moved', 'too-thick'],
        remember: 'Thick things on top, unstirred, or held back.',
      },
      starchy: {
        weight: grainNames ? 1.5 : 0.1,
        because: grainNames ? `There is ${grainNames} in the pot.` : '',
        remember: 'Grain and pasta off the floor, or cooked apart.',
      },
      heat: {
        weight: plan.pot.kind === 'stovetop' ? 2 : 0.2,
        because: plan.pot.kind === 'stovetop' ? 'It stands on a stove.' : '',
        remember: 'Turn it down as soon as the pin is up.',
      },
      sensor: { weight: plan.pot.kind === 'electric' ? 1 : 0.05, because: '' },
      leak: { weight: 1, because: '', remember: 'Look at the ring and the valve before the lid.' },
    };
  return {
    ...shared,
    valve: {
      weight: plan.pot.kind === 'electric' ? 1 : 0.6,
      because: '',
      remember: 'Valve on seal: look twice.',
    },
    ring: { weight: 1, because: '', remember: 'Feel the ring all round before the lid.' },
    'too-thick': {
      weight: plan.boil.verdict === 'free' ? 0.3 : plan.boil.verdict === 'slow' ? 2 : 4,
      because:
        plan.boil.verdict === 'free'
          ? ''
          : `Only ${Math.round(plan.boil.thinShare * 100)} % of it is thin${thickNames ? `: ${thickNames}` : ''}.`,
      findingIds: ['too-thick'],
      remember: 'Loosen it with stock, or hold the thick things back.',
    },
    slow: {
      weight: 0.5 + plan.fill.shareOfLimit + (isFrozen ? 1 : 0) + (plan.heat.comeUpS.mid > 15 * 60 ? 1.5 : 0),
      because: `The forecast for this load is ${Math.round(plan.heat.comeUpS.low / 60)}–${Math.round(plan.heat.comeUpS.high / 60)} min.`,
      remember: 'Plan for a longer come-up, or start with hot stock.',
    },
    lump: {
      weight: isFrozen ? 6 : 0.05,
      because: isFrozen ? 'The meat went in frozen.' : '',
      findingIds: ['frozen'],
      remember: 'Separate the pieces before they freeze.',
    },
    overfull: {
      weight: plan.fill.shareOfLimit > 1 ? 5 : plan.fill.shareOfLimit > 0.9 ? 1.5 : 0.1,
      because:
        plan.fill.shareOfLimit > 0.9
          ? `The plan fills ${Math.round(plan.fill.shareOfLimit * 100)} % of the line.`
          : '',
      findingIds: ['too-full'],
      remember: 'Fewer plates, or the bigger pot.',
    },
    'weak-heat': { weight: plan.pot.heaterW < 900 ? 1.5 : 1, because: '' },
    altitude: {
      weight: altitudeC > 2 ? 2 : 0.1,
      because: altitudeC > 2 ? `Water boils at ${formatTemp(plan.heat.boilsAtC)} here.` : '',
    },
  };
}

/**
 * A guided diagnosis of a closed pot that burns or does not come to pressure. Causes come in the order of likelihood for
 * this dish, each with what to do now; `next` holds the plan's own fixes that make it less likely next time.
 */
export function diagnose(
  plan: Plan,
  kind: TroubleKind,
  units: Pick<DisplayUnits, 'temperature'> = { temperature: 'C' },
): Diagnosis {
  const found = signs(plan, kind);
  const causes = kind === 'burn' ? BURN_CAUSES : NO_PRESSURE_CAUSES;
  const weighed = causes.map((cause) => ({
    cause,
    sign: found[cause.id] ?? { weight: 1, because: '' },
    weight: cause.usual * Math.max(0, found[cause.id]?.weight ?? 1),
  }));
  const total = weighed.reduce((s, w) => s + w.weight, 0) || 1;
  const suspects = weighed
    .map(({ cause, sign, weight }): Suspect => {
      const next = plan.findings
        .filter((f) => sign.findingIds?.includes(f.id))
        .flatMap((f) => f.fixes)
        .slice(0, 2);
      return {
        ...cause,
        likelihood: weight / total,
        because: sayTemps(sign.because, units),
        next,
        remember: sign.remember ?? '',
      };
    })
    .sort((a, b) => b.likelihood - a.likelihood);
  return {
    kind,
    title: kind === 'burn' ? 'It says it is burning' : 'It does not come to pressure',
    first:
      kind === 'burn'
        ? BURN_FIRST
        : [
            plan.pot.kind === 'electric'
              ? 'Do not force the lid. Look before you cancel.'
              : 'Do not force the lid. Keep the heat on while you look.',
          ],
    suspects,
    last:
      kind === 'burn'
        ? BURN_LAST
        : 'Cancel before you open, and open only when the pin is down. Then start again.',
  };
}
