import { EXPECTED, Run, type HeatInput } from './run';

/** How far the heater may have to be from the forecast to explain a come-up, as a factor, and the halvings that find it. */
const FIT = { from: 0.25, to: 12, rounds: 18 };

/**
 * The factor on the heater with which the simulation reaches working pressure after `comeUpS` seconds; the nearest bound where
 * none does. A shorter come-up never gives a smaller factor. `comeUpS` is by the bare model's clock.
 */
export function powerFor(input: HeatInput, comeUpS: number): number {
  let low = Math.log(FIT.from);
  let high = Math.log(FIT.to);
  for (let i = 0; i < FIT.rounds; i++) {
    const middle = (low + high) / 2;
    if (new Run(input, { ...EXPECTED, power: Math.exp(middle) }).comeUp() > comeUpS) low = middle;
    else high = middle;
  }
  return Math.exp((low + high) / 2);
}

/** The same pot with its come-up as it was seen: what happens after it is forecast from there. */
export function asItCameUp(input: HeatInput, comeUpS: number): HeatInput {
  const power = powerFor(input, comeUpS);
  return { ...input, pot: { ...input.pot, heaterW: input.pot.heaterW * power }, comeUpFactor: 1 };
}
