import {
  adviseThickener,
  doseFor,
  inSpoons,
  mixedWays,
  secondDose,
  SLURRY_WATER,
  type DoseInput,
} from '../core/index';
import { measure, printTable } from './clock';

let n = 0;
const input = (): DoseInput => ({
  sauceG: 700 + (n++ % 300),
  presentPercent: 0.4,
  aimPercent: 2.25,
  thickener: 'cornstarch',
  waterPerStarch: SLURRY_WATER.equal,
  sharpness: 0.3,
  sugarShare: 0.04,
});

/** Everything the sauce bench computes while a slider moves. */
export function benchSauce(): void {
  printTable('The sauce bench, one answer', [
    {
      what: 'dose, spoons and second dose',
      ...measure(() => {
        const i = input();
        const dose = doseFor(i);
        inSpoons(i, dose);
        secondDose(i, dose.starchG, 1.5);
      }),
    },
    { what: 'boil down too, eleven ways', ...measure(() => void mixedWays(input())) },
    {
      what: 'the adviser, fourteen ways',
      ...measure(
        () =>
          void adviseThickener({
            dose: input(),
            plates: 4,
            noGluten: false,
            noDairy: false,
            noEgg: false,
            fewCarbs: false,
            lowSalt: false,
            dairyToCome: true,
            toFreeze: false,
            vegetablesG: 300,
            saltG: 7,
            hasScale: true,
            usual: 'cornstarch',
          }),
      ),
    },
    {
      what: 'the curve, fifty points',
      ...measure(() => {
        for (let x = 0; x < 5; x += 0.1) doseFor({ ...input(), aimPercent: x });
      }),
    },
  ]);
}
