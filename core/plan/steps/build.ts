import { stepsBeforeTheLid } from './before';
import { stepsOfTheFinish } from './finish';
import { stepsOpened } from './opened';
import { stepsForTheSauce } from './sauce';
import type { Step, StepInput } from './step';
import { stepsUnderTheLid } from './underLid';

/** The whole cook as steps, from getting things out to the table, each with its amounts, time, look and caution. */
export function buildSteps(input: StepInput): Step[] {
  return [
    ...stepsBeforeTheLid(input),
    ...stepsUnderTheLid(input),
    ...stepsOpened(input),
    ...stepsForTheSauce(input),
    ...stepsOfTheFinish(input),
  ];
}
