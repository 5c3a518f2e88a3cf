import type { Plan } from '../plan/plan';
import type { Step } from '../steps/index';
import type { CookState } from './cook';
import type { EventPayload } from './events';

/** How a step is left behind. */
export type Leaving = { how: 'done' } | { how: 'skipped'; reason: string };

/** What finishing a step means besides that it is done. */
function meaningOf(step: Step): EventPayload[] {
  if (step.id === 'seal') return [{ type: 'sealed' }];
  if (step.kind === 'comeUp') return [{ type: 'pressureReached' }];
  if (step.kind === 'hold') return [{ type: 'holdEnded' }];
  if (step.kind === 'release') return [{ type: 'pinDown' }];
  if (step.kind === 'serve') return [{ type: 'served' }];
  return [];
}

/** Timers that end with a step. */
function stopped(step: Step, state: CookState): EventPayload[] {
  const own = new Set([
    step.id,
    ...(step.kind === 'hold' ? ['hold'] : []),
    ...(step.kind === 'release' ? ['down'] : []),
  ]);
  return state.timers
    .filter((t) => !t.stopped && own.has(t.id))
    .map((t) => ({ type: 'timerStopped', timerId: t.id }));
}

/** Timers that start by themselves when a step is finished, because the pot's clock starts then too. */
function followUp(step: Pick<Step, 'kind'>, plan: Plan): EventPayload[] {
  if (step.kind === 'comeUp' && plan.heat.holdS > 0)
    return [
      {
        type: 'timerStarted',
        timerId: 'hold',
        name: 'Under pressure',
        seconds: Math.max(1, Math.round(plan.heat.holdS)),
      },
    ];
  if (step.kind === 'hold' && plan.release === 'ten')
    return [{ type: 'timerStarted', timerId: 'down', name: 'Coming down', seconds: plan.ventAfterMin * 60 }];
  return [];
}

/** All that one tap on a step means, in order: what was found, what the pot did, timers that end, the step, timers that start. */
export function eventsForStep(
  step: Step,
  plan: Plan,
  state: CookState,
  leaving: Leaving,
  found: readonly EventPayload[] = [],
): EventPayload[] {
  return [
    ...found,
    ...meaningOf(step),
    ...stopped(step, state),
    leaving.how === 'done'
      ? { type: 'stepDone', stepId: step.id }
      : { type: 'stepSkipped', stepId: step.id, reason: leaving.reason },
    ...followUp(step, plan),
  ];
}
