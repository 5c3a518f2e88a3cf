import { parseIngredient } from 'parse-ingredient';
import { Pantry, readLine } from '../core/index';
import { LINES_AS_WRITTEN } from '../demo/lines';
import { measure } from './clock';

const pantry = new Pantry();
const texts = LINES_AS_WRITTEN.map(([text]) => text);

/** Grams may differ by this share and still be called right: kitchens do. */
const TOLERANCE = 0.15;

/** What one reader made of a line: grams, and the food it takes it for. */
interface Answer {
  massG: number;
  foodId: string | undefined;
}

const ours = (text: string): Answer => {
  const read = readLine(text, pantry);
  return { massG: read.massG.mid, foodId: read.food?.id };
};

/**
 * The general-purpose parser gives a figure, a unit and a description; our pantry weighs that, knowing the right food, and
 * looks its description up, so that only the reading itself is compared.
 */
function general(text: string, truth: string): Answer {
  const first = parseIngredient(text)[0];
  if (!first) return { massG: 0, foodId: undefined };
  const name = pantry.get(truth)?.names[0] ?? '';
  const figure = first.quantity2 ? `${first.quantity}-${first.quantity2}` : (first.quantity ?? '');
  const weighed =
    first.quantity === null
      ? 0
      : readLine(`${figure} ${first.unitOfMeasure ?? ''} ${name}`, pantry).massG.mid;
  return { massG: weighed, foodId: pantry.find(first.description)?.food.id };
}

/** Lines read rightly, as a share, and lines a second, for ours and the general-purpose parser on the same lines. */
export function benchReading(): void {
  const score = (answer: (text: string, truth: string) => Answer) => {
    let amount = 0;
    let food = 0;
    let both = 0;
    for (const [text, foodId, massG] of LINES_AS_WRITTEN) {
      const a = answer(text, foodId);
      const rightAmount = massG === null ? a.massG === 0 : Math.abs(a.massG / massG - 1) < TOLERANCE;
      const rightFood = a.foodId === foodId;
      amount += Number(rightAmount);
      food += Number(rightFood);
      both += Number(rightAmount && rightFood);
    }
    return { amount, food, both };
  };
  let n = 0;
  const rows = [
    {
      what: 'ours',
      ...score(ours),
      ...measure(() => texts.forEach((t) => void readLine(`${t} ${n++}`, pantry)), 20),
    },
    {
      what: 'the general-purpose parser',
      ...score(general),
      ...measure(() => texts.forEach((t) => void parseIngredient(`${t} ${n++}`)), 20),
    },
  ];
  const share = (k: number): string => `${((100 * k) / texts.length).toFixed(1)} %`.padStart(10);
  console.log(
    `\nReading ${texts.length} lines as people write them\n${'what'.padEnd(32)}${'amount'.padStart(10)}${'food'.padStart(10)}${'both'.padStart(10)}${'lines/s'.padStart(12)}`,
  );
  for (const r of rows)
    console.log(
      `${r.what.padEnd(32)}${share(r.amount)}${share(r.food)}${share(r.both)}${Math.round(
        (texts.length / r.medianMs) * 1000,
      )
        .toString()
        .padStart(12)}`,
    );
}
