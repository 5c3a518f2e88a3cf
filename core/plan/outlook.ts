import type { Severity } from '../findings/index';
import type { Plan } from './plan';

/** What the home screen shows of a plan: small enough to keep for thousands of dishes. */
export interface Outlook {
  potName: string;
  /** Start to table, s: low, mid, high. */
  totalS: readonly [number, number, number];
  handsOnS: number;
  holdMin: number;
  heldBack: number;
  /** Fits under the fill line and has thin liquid enough. */
  fits: boolean;
  worst: { severity: Severity; text: string } | null;
  /** Needs of the household it breaks: "No dairy". */
  broken: readonly string[];
  meat: string;
}

/** The outlook of a planned dish. */
export function outlookOf(plan: Plan): Outlook {
  const worst = plan.findings.find((f) => f.severity === 'stop' || f.severity === 'careful');
  const { totalS, handsOnS } = plan.timing;
  return {
    potName: plan.pot.name,
    totalS: [Math.round(totalS.low), Math.round(totalS.mid), Math.round(totalS.high)],
    handsOnS: Math.round(handsOnS),
    holdMin: Math.round(plan.heat.holdS / 60),
    heldBack: plan.held.length,
    fits: plan.fill.shareOfLimit <= 1 && plan.liquid.verdict !== 'short',
    worst: worst ? { severity: worst.severity, text: worst.text } : null,
    broken: plan.needs.map((n) => n.title),
    meat: plan.meat[0]?.label ?? '',
  };
}
