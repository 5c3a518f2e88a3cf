import { demoHousehold } from '../demo/household';
import {
  EXPECTED,
  forecastHeat,
  planDish,
  restOf,
  Run,
  spreadOut,
  weighKitchens,
  type Happened,
  type HeatInput,
  type RestAnswer,
  type RunFactors,
} from '../core/index';
import { cookInTwin } from '../corpora/twin';
import { seeded } from '../demo/random';

const NOTHING: Happened = { comeUp: null, probes: [], heldS: null, release: null };
const SEED = 20;
const HIDDEN = 12;
const DAY = Date.UTC(2026, 10, 24);
type Range = RestAnswer['comeUpS'];
const width = (r: Range): number => r.high - r.low;
const median = (list: number[]): number => list.sort((a, b) => a - b)[list.length >> 1] ?? 0;

/** What a hidden kitchen showed. */
interface Shown {
  comeUpS: number;
  releaseS: number;
  atPressureC: number;
}

/** The same cook in the core's own model. */
function cookInOwn(input: HeatInput, factors: RunFactors, holdS: number, lead: number): Shown {
  const run = new Run(input, factors);
  run.lead = lead;
  const comeUpS = run.comeUp();
  const atPressureC = run.core ?? 0;
  run.hold(holdS / 60);
  return { comeUpS, releaseS: run.release(input.release).seconds, atPressureC };
}

/**
 * Hidden kitchens of both models, for every dish of the demo: how often the truth lay in the range that is shown before the lid, after
 * pressure was told and after a probe; how wide that was; and how often meat was under with and without the advice.
 */
export function twinRows(): (string | number)[][] {
  const { kitchen, dishes } = demoHousehold(DAY);
  const plans = dishes.map((dish) => planDish(dish, kitchen));
  return (['own', 'twin'] as const).flatMap((model) =>
    [1, 2.2].map((power) => {
      const random = seeded(power * 1000 + model.length);
      const hit = { up: 0, before: 0, pin: 0, probe: 0 };
      const wide = { up: [] as number[], pin: [] as number[] };
      const under = { planned: 0, advised: 0 };
      let all = 0;
      for (const { heating: input, heat } of plans) {
        const ask = {
          minutes: Math.round(heat.holdS / 60),
          lead: heat.lead,
          floorMin: Math.max(...input.judged.map((j) => j.doneness.floorMin)),
        };
        const rest = (happened: Happened): RestAnswer =>
          restOf(input, weighKitchens(input, happened, SEED), ask);
        const before = rest(NOTHING);
        for (let n = 0; n < HIDDEN; n++) {
          const factors = { ...EXPECTED };
          for (const name of Object.keys(EXPECTED) as (keyof RunFactors)[])
            factors[name] = spreadOut(name, random());
          factors.power *= power;
          const twin = model === 'twin' ? cookInTwin(input, factors, heat.holdS) : null;
          const real: Shown = twin
            ? { ...twin, atPressureC: twin.atPressureC[ask.lead] ?? 0 }
            : cookInOwn(input, factors, heat.holdS, ask.lead);
          const tap = (random() + random() + random() - 1.5) * 40;
          const told: Happened = {
            ...NOTHING,
            comeUp: { seconds: real.comeUpS + tap, isOver: true, errorS: 20 },
          };
          const probe = {
            afterLidS: real.comeUpS,
            tempC: real.atPressureC + (random() + random() + random() - 1.5) * 4,
            kind: ask.lead,
          };
          const after = rest(told);
          const probed = rest({ ...told, probes: [probe] });
          const inside = (r: Range, v: number): number => (v >= r.low - 2 && v <= r.high + 2 ? 1 : 0);
          hit.up += inside(heat.comeUpS, real.comeUpS);
          hit.before += inside(before.releaseS, real.releaseS);
          hit.pin += inside(after.releaseS, real.releaseS);
          hit.probe += inside(probed.releaseS, real.releaseS);
          wide.up.push(width(before.comeUpS));
          wide.pin.push(width(after.comeUpS));
          const isUnder = (minutes: number): number => {
            const run = new Run(input, factors);
            run.comeUp();
            run.hold(minutes);
            run.release(input.release);
            return run.judges.every((j) => j.doneness.safeC === null || j.isServed) ? 0 : 1;
          };
          under.planned += isUnder(ask.minutes);
          under.advised += isUnder(Math.max(ask.minutes, after.neededMin ?? 0));
          all++;
        }
      }
      const share = (n: number): string => `${Math.round((100 * n) / all)} %`;
      return [
        model === 'own' ? 'the same model' : 'the other model',
        power,
        all,
        share(hit.up),
        share(hit.before),
        share(hit.pin),
        share(hit.probe),
        Math.round(median(wide.up)),
        Math.round(median(wide.pin)),
        share(under.planned),
        share(under.advised),
      ];
    }),
  );
}

/** The heat of one come-up, line by line, kJ: what the sum of a dish is made of. */
export function energyRows(): (string | number)[][] {
  const { kitchen, dishes } = demoHousehold(DAY);
  const dish = dishes[0];
  if (!dish) return [];
  const { heating: input } = planDish(dish, kitchen);
  const run = new Run(input);
  const heatOfPieces = (): number => run.pieces.reduce((s, p) => s + p.meanEnthalpy * p.massKg, 0);
  const [piecesJ, potC] = [heatOfPieces(), run.potC];
  let lostJ = 0;
  let last = run.timeS;
  const seconds = run.comeUp(() => {
    lostJ += (run.timeS - last) * input.pot.lossWPerK * (run.potC - input.roomC);
    last = run.timeS;
  });
  const kJ = (j: number): string => (j / 1000).toFixed(0);
  const lumpJ = run.capacity * (run.potC - potC);
  const given = seconds * run.powerW;
  const pieces = heatOfPieces() - piecesJ;
  return [
    [`the heater, ${seconds} s at ${run.powerW.toFixed(0)} W`, kJ(given)],
    ['liquid, vegetables, metal and lid', kJ(lumpJ)],
    ['pieces', kJ(pieces)],
    ['lost to the room', kJ(lostJ)],
    ['gone with the air, as steam', kJ(given - lumpJ - pieces - lostJ)],
    ['suggested minutes', forecastHeat(input).suggestedMin],
  ];
}
