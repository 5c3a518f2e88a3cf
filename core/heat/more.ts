import { EXPECTED, Run, type HeatInput } from './run';

/** How many more minutes a piece wants that was measured short, each way of giving them. */
export interface MoreMinutes {
  /** Minutes under a second lid, and the minutes all of it takes with coming up and venting; null where it never gets there. */
  pressureMin: number | null;
  pressureInAllMin: number | null;
  /** Minutes at a simmer. */
  simmerMin: number | null;
  /** The pieces as thick as the reading says they are, against what was thought. */
  thicker: number;
}

const LONGEST_MIN = 60;
const FIT = { from: 0.6, to: 2.4, rounds: 12 };
/** The lid is off, the thermometer is found and read, s. */
const OPEN_S = 90;

/**
 * From a thermometer reading when the pot was opened: the pieces are taken to be as much thicker as makes the simulation agree
 * with the reading, and cooked on. A colder reading never wants fewer minutes. `minutes` were held; the deciding kind is `lead`.
 */
export function minutesMore(
  input: HeatInput,
  held: { minutes: number; lead: number },
  measuredC: number,
): MoreMinutes {
  const opened = (thickness: number): Run => {
    const run = new Run(input, { ...EXPECTED, thickness });
    run.lead = held.lead;
    run.comeUp();
    run.hold(held.minutes);
    run.release(input.release);
    return run;
  };
  let low = FIT.from;
  let high = FIT.to;
  for (let i = 0; i < FIT.rounds; i++) {
    const middle = (low + high) / 2;
    if ((opened(middle).core ?? 0) > measuredC) low = middle;
    else high = middle;
  }
  const thicker = (low + high) / 2;
  const isDone = (run: Run): boolean => run.judges[held.lead]?.isHot ?? true;
  const open = (): Run => {
    const run = opened(thicker);
    run.open({ then: 'simmer', minutes: 0, pieces: [], judged: [], lumpJPerK: 0, startC: 20, openS: OPEN_S });
    return run;
  };
  const simmering = open();
  let simmerMin = 0;
  while (!isDone(simmering) && simmerMin < LONGEST_MIN) {
    simmering.simmer(1);
    simmerMin++;
  }
  const pressed = open();
  const up = pressed.comeUp() / 60;
  let pressureMin = 0;
  while (!isDone(pressed) && pressureMin < LONGEST_MIN) {
    pressed.hold(1);
    pressureMin++;
  }
  const isPressureDone = isDone(pressed);
  const vent = pressed.release('quick').seconds / 60;
  return {
    simmerMin: isDone(simmering) ? simmerMin : null,
    pressureMin: isPressureDone ? pressureMin : null,
    pressureInAllMin: isPressureDone ? Math.round(up + pressureMin + vent) : null,
    thicker,
  };
}
