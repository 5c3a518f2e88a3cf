import { usedItems } from '../pieces/binding';
import { sayTemps } from '../quantity/format';
import { stepsBeforeTheLid } from './before';
import { boiledBefore, glazing, simmeredAfter, stepsOfTheFinish } from './finish';
import { stepsOpened } from './opened';
import { scriptedSteps } from './scripted';
import { blending, dairying, stepsForTheSauce } from './sauce';
import { readyBefore } from './bowls';
import { handwork, type Step, type StepInput } from './step';
import { stepsUnderTheLid } from './underLid';
import { withKnifeWorkMeanwhile } from './whileItStands';

/** The whole cook as steps, from getting things out to the table, each with its amounts, time, look and caution. */
export function buildSteps(all: StepInput): Step[] {
  const input = { ...all, items: usedItems(all.items, all.dish) };
  const { units } = input.kitchen;
  const told = input.script ? scriptedSteps(input, input.script) : fromTheTable(input);
  const ready = readyBefore({ ...input, steps: told });
  const steps = told.map((s) =>
    s.id === 'prep'
      ? { ...s, durationS: handwork(ready.minutes), text: [s.text, ready.words].filter(Boolean).join(' ') }
      : s,
  );
  return withKnifeWorkMeanwhile(steps, input.script?.acts ?? []).map((s) => ({
    ...s,
    text: sayTemps(s.text, units),
    look: sayTemps(s.look, units),
    cautions: s.cautions.map((c) => sayTemps(c, units)),
  }));
}

/** The order that the table gives a list without a method. */
function fromTheTable(input: StepInput): Step[] {
  return [
    ...stepsBeforeTheLid(input),
    ...stepsUnderTheLid(input),
    ...stepsOpened(input),
    // What boils comes before what must not: a glaze is boiled down bare, pasta and vegetables boil before the dairy.
    ...blending(input),
    ...glazing(input),
    ...boiledBefore(input),
    ...stepsForTheSauce(input),
    ...simmeredAfter(input),
    ...dairying(input),
    ...stepsOfTheFinish(input),
  ];
}
