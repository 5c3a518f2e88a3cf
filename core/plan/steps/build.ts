import { sayTemps } from '../../quantity/format';
import { stepsBeforeTheLid } from './before';
import { stepsOfTheFinish } from './finish';
import { stepsOpened } from './opened';
import { stepsForTheSauce } from './sauce';
import type { Step, StepInput } from './step';
import { stepsUnderTheLid } from './underLid';

/** The whole cook as steps, from getting things out to the table, each with its amounts, time, look and caution. */
export function buildSteps(input: StepInput): Step[] {
  const { units } = input.kitchen;
  return [
    ...stepsBeforeTheLid(input),
    ...stepsUnderTheLid(input),
    ...stepsOpened(input),
    ...stepsForTheSauce(input),
    ...stepsOfTheFinish(input),
  ].map((s) => ({
    ...s,
    text: sayTemps(s.text, units),
    look: sayTemps(s.look, units),
    cautions: s.cautions.map((c) => sayTemps(c, units)),
  }));
}
