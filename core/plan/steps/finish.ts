import { inOrder, type PlacedItem } from '../../moments/place';
import type { FoodKind } from '../../pantry/food';
import { formatDuration, formatMass } from '../../quantity/format';
import { GLAZE, glazeDown } from '../../sauce/glaze';
import { eatenG, saltG, sugarG } from '../../sauce/present';
import { saltView } from '../../sauce/salt';
import { CAUTIONS } from '../data/cautions';
import { WORK } from '../data/work';
import {
  handwork,
  kindOf,
  listed,
  MOST_REDUCING_MIN,
  sauceOf,
  step,
  stepItems,
  type Step,
  type StepInput,
} from './step';

/** What goes into the sauce together near the end, and how. */
interface Together {
  id: string;
  kinds: readonly FoodKind[];
  title: string;
  text: string;
  minutes: number;
  heat: string;
  look: string;
  cautions?: string[];
}

const BEFORE_THE_MEAT: readonly Together[] = [
  {
    id: 'pasta',
    kinds: ['pasta'],
    title: 'Boil the pasta in the sauce',
    text: 'At a steady boil, stirring. It drinks and thickens: loosen with hot water if it catches.',
    minutes: WORK.pastaMin,
    heat: 'medium',
    look: 'Tender with a bite.',
  },
  {
    id: 'quick',
    kinds: ['quick-veg', 'root-veg', 'slow-veg', 'mushroom', 'fruit'],
    title: 'Quick vegetables',
    text: 'Simmer in the sauce until just done.',
    minutes: WORK.quickVegMin,
    heat: 'medium',
    look: 'Bright and just tender.',
  },
  {
    id: 'seafood',
    kinds: ['seafood'],
    title: 'Fish or shellfish',
    text: 'Into barely simmering sauce.',
    minutes: WORK.seafoodMin,
    heat: 'low',
    look: 'Opaque through.',
  },
  {
    id: 'leaves',
    kinds: ['leaf'],
    title: 'Leaves',
    text: 'Stir in by handfuls until they wilt.',
    minutes: WORK.leafMin,
    heat: 'low',
    look: 'Just wilted.',
  },
];

const isMeat = (item: PlacedItem): boolean => /meat|poultry|sausage/.test(kindOf(item) ?? '');

/** The end: what cooks quickly in the sauce, the meat back, the glaze, sharp and green and salt, and to the table. */
export function stepsOfTheFinish(input: StepInput): Step[] {
  const { items, meat } = input;
  const finish = inOrder(items, 'finish');
  const meats = finish.filter(isMeat);
  const steps = BEFORE_THE_MEAT.flatMap((t) => together(t, finish));
  if (meat.length || meats.length)
    steps.push(
      step('back', 'finish', 'Meat back in', 'With its juices, to coat and heat through.', {
        items: stepItems(meats),
        heat: 'low',
        durationS: handwork(1, 0.3),
      }),
    );
  steps.push(...together(isGlazed(input) ? glazing(input) : sweetening(finish), finish));
  const said = new Set(steps.flatMap((s) => s.items.map((i) => i.lineId)));
  return [
    ...steps,
    step(
      'season',
      'finish',
      'Off the heat: sharp, green, salt',
      `Lemon or vinegar, herbs, butter for shine. Taste, then salt by the pinch. ${saltWords(input)}`,
      {
        items: stepItems(finish.filter((i) => !said.has(i.lineId))),
        heat: 'off',
        durationS: handwork(WORK.finishMin, 0.3),
        look: 'It should taste of itself, bright at the end.',
      },
    ),
    serving(input),
  ];
}

function together(t: Together, finish: readonly PlacedItem[]): Step[] {
  const mine = finish.filter((i) => t.kinds.includes(kindOf(i) ?? 'other'));
  if (!mine.length) return [];
  return [
    step(t.id, 'finish', t.title, t.text, {
      items: stepItems(mine),
      heat: t.heat,
      timer: t.minutes >= 2 ? { name: t.title, seconds: t.minutes * 60 } : null,
      durationS: handwork(t.minutes, 0.3),
      look: t.look,
      cautions: t.cautions ?? [],
    }),
  ];
}

const SWEET: readonly FoodKind[] = ['sugar', 'syrup', 'thick-sauce'];

/** True when the dish is to be a glaze: said so, or sweet enough for its pieces to become one. A spoonful in a stew is not. */
function isGlazed({ dish, items, meat }: StepInput): boolean {
  if (dish.settings.aim === 'glaze') return true;
  const sweet = items.filter((i) => i.moment === 'finish' && SWEET.includes(kindOf(i) ?? 'other'));
  if (sweet.some((i) => /\bglaz/i.test(i.line.text))) return true;
  const { value, spread } = GLAZE.sugarPerKgG;
  const piecesKg = meat.reduce((s, m) => s + m.massG, 0) / 1000;
  return piecesKg > 0 && sugarG(sweet) / piecesKg >= value * (1 - spread);
}

/** What is sweet but no glaze: it only melts in. */
function sweetening(finish: readonly PlacedItem[]): Together {
  const names = finish.filter((i) => SWEET.includes(kindOf(i) ?? 'other')).map((i) => i.read.foodText);
  return {
    id: 'sweet',
    kinds: SWEET,
    title: `Stir in the ${listed(names)}`,
    text: 'At a simmer, until it has melted. It waited because sugar catches under the lid.',
    minutes: WORK.sweetMin,
    heat: 'low',
    look: 'Melted, and no thicker than it was.',
  };
}

/** Boiling a glaze down takes as long as this much sauce takes. */
function glazing(input: StepInput): Together {
  const { items, meat } = input;
  const glaze = glazeDown(
    sauceOf(input),
    sugarG(items),
    meat.reduce((s, m) => s + m.massG, 0),
  );
  const minutes = Math.min(MOST_REDUCING_MIN, Math.max(WORK.glazeMin, Math.round(glaze.minutes)));
  const latest =
    glaze.latestMin > minutes + 1 ? `, and no longer than ${formatDuration(glaze.latestMin * 60)}` : '';
  return {
    id: 'glaze',
    kinds: SWEET,
    title: 'Build the glaze',
    text: `Stir in and boil down, stirring all the time: about ${formatDuration(minutes * 60)} until it sticks${latest}. Large slow bubbles; a spoon drawn over the floor leaves it bare for a moment.`,
    minutes,
    heat: 'medium',
    look: 'Falls from the spoon in a sheet, shines, sticks.',
    cautions: [CAUTIONS.sugar],
  };
}

/** Where the salt stands by the sum, and how much more could be right: said where it is tasted. */
function saltWords({ items, dish, kitchen }: StepInput): string {
  const view = saltView(saltG(items), eatenG(items), dish.plates, kitchen.needs.includes('low-salt'));
  const has = `By the sum it has ${view.percent.low.toFixed(1)}–${view.percent.high.toFixed(1)} % salt`;
  if (view.toTargetG < 1) return `${has}: probably no more.`;
  return `${has}; a quarter teaspoon moves it by ${view.quarterTspMoves.toFixed(2)} %, up to ${formatMass(view.toTargetG, kitchen.units)} may be missing.`;
}

function serving({ items, dish, kitchen }: StepInput): Step {
  const wholeG = items.filter((i) => i.moment !== 'serve').reduce((s, i) => s + i.massG.mid, 0);
  return step(
    'serve',
    'finish',
    'To the table',
    `It thickens about another third on the plate. ${formatMass(wholeG / Math.max(1, dish.plates), kitchen.units)} a plate, near enough.`,
    {
      kind: 'serve',
      items: stepItems(inOrder(items, 'serve')),
      durationS: handwork(WORK.serveMin, 0.3),
      cautions: [CAUTIONS.leftovers],
    },
  );
}
