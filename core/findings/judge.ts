import { conversionFindings } from './converted';
import { momentFindings } from './early';
import { layerFindings, fillFindings } from './fill';
import { type Finding, type Severity, SEVERITIES } from './finding';
import { floorFindings } from './floor';
import type { FindingInput } from './input';
import { liquidFindings } from './liquid';
import { meatFindings } from './meat';
import { needFindings } from './needs';
import { otherFindings } from './other';
import { readingFindings, boilFirstFindings } from './reading';
import { boilFindings } from './thick';

/** Judges a planned dish: worst first. Every finding says what and why; most offer a fix. */
export function judge(input: FindingInput): Finding[] {
  const out: Finding[] = [
    ...liquidFindings(input),
    ...boilFindings(input),
    ...fillFindings(input),
    ...layerFindings(input),
    ...momentFindings(input),
    ...floorFindings(input),
    ...meatFindings(input),
    ...conversionFindings(input),
    ...boilFirstFindings(input),
    ...readingFindings(input),
    ...needFindings(input),
    ...otherFindings(input),
  ];
  const rank = (s: Severity): number => SEVERITIES.indexOf(s);
  return out
    .map((f, i) => ({ f, i }))
    .sort((a, b) => rank(a.f.severity) - rank(b.f.severity) || a.i - b.i)
    .map(({ f }) => f);
}
