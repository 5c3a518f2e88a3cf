import { type Fix, type Severity, SEVERITIES } from './finding';
import type { FindingInput } from './input';

const isLess = (a: Severity, b: Severity): boolean => SEVERITIES.indexOf(a) > SEVERITIES.indexOf(b);

/** The fixes that are seen to make a judgement milder and that a cook would make, in the order given. */
export function helping(
  input: FindingInput,
  fixes: readonly Fix[],
  before: Severity,
  judgeOf: (loaded: ReturnType<FindingInput['load']>) => Severity,
): Fix[] {
  return fixes.filter((fix) => {
    const loaded = input.load(fix.apply(input.dish));
    return isLess(judgeOf(loaded), before) && isSensible(input, loaded);
  });
}

/** Most sauce that a plate can use, g. Source: a soup plate holds no more; spread 20 %. */
const MOST_SAUCE_A_PLATE_G = 350;

/** A fix pours no more than fits under the line, and makes no more sauce than the plates can use beyond what the pot itself needs. */
function isSensible(input: FindingInput, loaded: ReturnType<FindingInput['load']>): boolean {
  const { fill, liquid, dish, pot } = input;
  if (loaded.fill.shareOfLimit > Math.max(1, fill.shareOfLimit)) return false;
  const addedMl = loaded.liquid.pouredMl.mid - liquid.pouredMl.mid;
  if (addedMl <= 0) return true;
  const isForThePot = loaded.liquid.countedMl.mid <= pot.minThinMl * 1.5;
  return isForThePot || loaded.liquid.sauceAfterG.mid <= MOST_SAUCE_A_PLATE_G * Math.max(1, dish.plates);
}

/** Several edits as one fix, "Hold back flour, and add 100 ml stock". */
export function together(fixes: readonly Fix[]): Fix {
  const words = fixes.map((f, i) => (i === 0 ? f.label : f.label.charAt(0).toLowerCase() + f.label.slice(1)));
  return {
    id: fixes.map((f) => f.id).join('+'),
    label: `${words.slice(0, -1).join(', ')}, and ${words.at(-1) ?? ''}`,
    apply: (dish) => fixes.reduce((d, fix) => fix.apply(d), dish),
  };
}

/** The edits of a list that help alone; where none does, the shortest run of them that helps together, as one fix. */
export function helpingAloneOrTogether(
  input: FindingInput,
  edits: readonly Fix[],
  before: Severity,
  judgeOf: (loaded: ReturnType<FindingInput['load']>) => Severity,
): Fix[] {
  const alone = helping(input, edits, before, judgeOf);
  if (alone.length) return alone;
  for (let n = 2; n <= edits.length; n++) {
    const fix = together(edits.slice(0, n));
    if (helping(input, [fix], before, judgeOf).length) return [fix];
  }
  return [];
}
