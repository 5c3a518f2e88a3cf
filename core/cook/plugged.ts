import { isHeldBack } from '../dish/moment';
import type { Plan } from '../plan/plan';
import type { CookState } from './cook';
import type { EventPayload } from './events';
import type { CookerReading, Load } from './protocol';

/** What a plan puts into a simulated kitchen. */
export function loadOf(plan: Plan): Load {
  const { heating, liquid, items, pot } = plan;
  const { pot: heatPot, altitudeM, roomC, lumpJPerK, startC } = heating;
  return {
    pot: heatPot,
    altitudeM,
    roomC,
    lumpJPerK,
    startC,
    pieces: heating.pieces.slice(0, 10).map((p) => ({ ...p })),
    probeIn: Math.min(9, heating.judged[plan.heat.lead]?.index ?? 0),
    emptyG: pot.emptyG,
    contentsG: items.filter((i) => !isHeldBack(i.moment)).reduce((s, i) => s + i.massG.mid, 0),
    thinG: Math.max(0, liquid.countedMl.mid),
  };
}

/** The step of a kind that is still to do, if any. */
function open(plan: Plan, state: CookState, id: string): boolean {
  return plan.steps.some((s) => s.id === id) && !state.done[id];
}

/**
 * What a cooker's reading means in a cook: the pin, the hold and the fall are told by the device instead of a tap, each once, and
 * only where the cook has got that far. Empty when it says nothing new. The same reading at the same state means the same.
 */
export function eventsOf(reading: CookerReading, plan: Plan, state: CookState): EventPayload[] {
  const out: EventPayload[] = [];
  const step = (stepId: string): void => {
    if (open(plan, state, stepId)) out.push({ type: 'stepDone', stepId });
  };
  if (!state.sealedAt) return out;
  if (!state.pressureAt && (reading.stage === 'holding' || reading.heldS > 0)) {
    out.push({ type: 'pressureReached' });
    step('up');
    if (plan.heat.holdS > 0 && !state.timers.some((t) => t.id === 'hold'))
      out.push({
        type: 'timerStarted',
        timerId: 'hold',
        name: 'Under pressure',
        seconds: Math.max(1, Math.round(plan.heat.holdS - reading.heldS)),
      });
  }
  const reached = state.pressureAt !== null || out.length > 0;
  const ended =
    reached && reading.heldS > 0 && ['coming-down', 'venting', 'off', 'open'].includes(reading.stage);
  if (!state.holdEndedAt && ended) {
    out.push({ type: 'holdEnded' });
    step('hold');
    if (state.timers.some((t) => t.id === 'hold' && !t.stopped))
      out.push({ type: 'timerStopped', timerId: 'hold' });
    if (plan.release === 'ten')
      out.push({
        type: 'timerStarted',
        timerId: 'down',
        name: 'Coming down',
        seconds: plan.ventAfterMin * 60,
      });
  }
  if (!state.pinDownAt && state.holdEndedAt && !reading.pinUp) {
    out.push({ type: 'pinDown' });
    step('release');
    if (state.timers.some((t) => t.id === 'down' && !t.stopped))
      out.push({ type: 'timerStopped', timerId: 'down' });
  }
  return out;
}
