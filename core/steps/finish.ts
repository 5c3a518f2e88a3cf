import type { Kitchen } from '../kitchen/kitchen';
import { inOrder, type PlacedItem } from '../moments/item';
import type { FoodKind } from '../pantry/food';
import { formatDuration, formatMass, formatSpoons } from '../quantity/format';
import { unitById } from '../quantity/units';
import { thicknessOf } from '../sauce/data/thickeners';
import { reduceTo } from '../sauce/dose';
import { eatenG, saltG } from '../sauce/present';
import { quartersToAdd, saltView } from '../sauce/salt';
import { CAUTIONS } from '../kitchen/data/cautions';
import { leftAfterBoiling } from '../pieces/boilsDown';
import { WORK } from '../pieces/data/work';
import { glazedOf, SWEET, type Glazed } from '../pieces/glazed';
import { handwork, kindOf, listed, step, stepItems, willBind, type Step, type StepInput } from './step';

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

/** What boils for minutes: before the sauce is measured and bound, so that no starch boils with it and no dairy splits. */
const BOILS: readonly Together[] = [
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
];

/** What only simmers for a moment in the bound sauce. */
const SIMMERS: readonly Together[] = [
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

/** Pasta and vegetables that boil in the thin sauce. In a glazed dish they wait until it is boiled down. */
export function boiledBefore(input: StepInput): Step[] {
  return glazeOf(input) ? [] : BOILS.flatMap((t) => together(t, inOrder(input.items, 'finish')));
}

/** Fish and leaves in the bound sauce; in a glazed dish the vegetables too. */
export function simmeredAfter(input: StepInput): Step[] {
  const list = glazeOf(input) ? [...BOILS, ...SIMMERS] : SIMMERS;
  return list.flatMap((t) => together(t, inOrder(input.items, 'finish')));
}

/** The glaze, boiled down before anything goes back. */
export function glazing(input: StepInput): Step[] {
  const glaze = glazeOf(input);
  return glaze ? together(glazeWords(glaze), inOrder(input.items, 'finish'), 'thicken', true) : [];
}

/** The end: the meat back, what melts in, sharp and green and salt, and to the table. */
export function stepsOfTheFinish(input: StepInput): Step[] {
  const { items, meat } = input;
  const finish = inOrder(items, 'finish');
  const meats = finish.filter(isMeat);
  const steps: Step[] = [];
  if (meat.length || meats.length)
    steps.push(
      step('back', 'finish', 'Meat back in', 'With its juices, to coat and heat through.', {
        items: stepItems(meats),
        heat: 'low',
        durationS: handwork(1, 0.3),
      }),
    );
  if (!glazeOf(input)) steps.push(...together(sweetening(finish), finish, 'finish'));
  const said = new Set(
    [...glazing(input), ...boiledBefore(input), ...simmeredAfter(input), ...steps].flatMap((s) =>
      s.items.map((i) => i.lineId),
    ),
  );
  return [
    ...steps,
    lastly(
      input,
      finish.filter((i) => !said.has(i.lineId)),
    ),
    serving(input),
  ];
}

/** The last thing before the table: sharp, green, salt, off the heat. */
export function lastly(input: StepInput, left: readonly PlacedItem[]): Step {
  return step(
    'season',
    'finish',
    input.script ? 'Off the heat: taste and season' : 'Off the heat: sharp, green, salt',
    `${input.script ? 'Taste.' : 'Lemon or vinegar, herbs, butter for shine. Taste, then salt by the pinch.'} ${saltWords(input)}`,
    {
      items: stepItems(left),
      heat: 'off',
      durationS: handwork(WORK.finishMin, 0.3),
      look: 'It should taste of itself, bright at the end.',
    },
  );
}

function together(
  t: Together,
  finish: readonly PlacedItem[],
  phase: Step['phase'] = 'thicken',
  isEmptyToo = false,
): Step[] {
  const mine = finish.filter((i) => t.kinds.includes(kindOf(i) ?? 'other'));
  if (!mine.length && !isEmptyToo) return [];
  return [
    step(t.id, phase, t.title, t.text, {
      items: stepItems(mine),
      heat: t.heat,
      timer: t.minutes >= 2 ? { name: t.title, seconds: t.minutes * 60 } : null,
      durationS: handwork(t.minutes, 0.3),
      look: t.look,
      cautions: t.cautions ?? [],
    }),
  ];
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

/** The glaze of a dish that is to be one. */
const glazeOf = ({ dish, items, meat, liquid }: StepInput): Glazed | null =>
  glazedOf(items, dish.settings.aim, meat, liquid.sauceAfterG.mid);

/** Boiling a glaze down takes as long as this much sauce takes. */
function glazeWords({ minutes, latestMin, leftG }: Glazed): Together {
  const latest = latestMin > minutes + 1 ? `, and no longer than ${formatDuration(latestMin * 60)}` : '';
  return {
    id: 'glaze',
    kinds: SWEET,
    title: 'Boil the glaze down',
    text: `Before anything goes back. Stir in and boil down, stirring all the time: about ${formatDuration(minutes * 60)} until it sticks, to some ${Math.round(leftG / 10) * 10} ml${latest}. Large slow bubbles; a spoon drawn over the floor leaves it bare for a moment.`,
    minutes,
    heat: 'medium',
    look: 'Falls from the spoon in a sheet, shines, sticks.',
    cautions: [CAUTIONS.sugar],
  };
}

/** Water that has boiled off by the time it is tasted, g: as the recipe boils it down, as a glaze, or as a house without starch. */
function boiledAwayG(input: StepInput): number {
  const { script, items, meat, dish, rules, presentPercent } = input;
  const there = input.liquid.sauceAfterG.mid;
  const isGlazed = script?.acts.some((a) => a.verb === 'glaze');
  const glazed = isGlazed ? glazedOf(items, 'glaze', meat, there) : script ? null : glazeOf(input);
  if (glazed) return Math.max(0, there - glazed.leftG);
  if (script) return there - leftAfterBoiling(script, there);
  if (rules.thickener !== 'reduce' || dish.settings.aim === 'brothy') return 0;
  const down = reduceTo(there, presentPercent, thicknessOf(dish.settings.aim).percent);
  return down ? there - Math.max(down.leftG, there / 3) : 0;
}

/** Where the salt stands by the sum once it has boiled down, and how much more could be right: said where it is tasted. */
function saltWords(input: StepInput): string {
  const { items, dish, kitchen } = input;
  const massG = eatenG(items) - boiledAwayG(input);
  const view = saltView(saltG(items), massG, dish.plates, kitchen.needs.includes('low-salt'));
  const low = view.percent.low.toFixed(1);
  const high = view.percent.high.toFixed(1);
  const has = `By the sum it has ${low === high ? low : `${low}–${high}`} % salt`;
  const quarters = quartersToAdd(view, dish.plates, kitchen.needs.includes('low-salt'));
  if (quarters < 1 && view.verdict === 'low')
    return `${has}, which tastes of little; but a plate is a big one and has about ${view.perPlateG.mid.toFixed(1)} g already. A pinch at a time.`;
  if (quarters < 1) return `${has}: probably no more.`;
  return `${has}. Salt it a quarter teaspoon at a time and taste between: ${quarters === 1 ? 'one of those' : `about ${formatSpoons((quarters * unitById('tsp').perUnit) / 4)} in all`} may be missing.`;
}

/** True where what is eaten leaves the pot: filled into rolls, or taken from a broth that was strained, and nothing went back. */
function isLiquidLeft({ script }: StepInput): boolean {
  const acts = script?.acts ?? [];
  const out = acts.findLastIndex((a) => a.run > 0 && a.verb === 'liftout');
  const then = acts.slice(out + 1).map((a) => a.verb);
  return (
    out >= 0 && (then.includes('fill') || then.includes('strain')) && !then.some((v) => GOES_BACK_IN.has(v))
  );
}
const GOES_BACK_IN: ReadonlySet<string> = new Set([
  'return',
  'thicken',
  'reduce',
  'dairy',
  'stirin',
  'simmer',
  'blendafter',
]);
const MOSTLY_THIN = 0.8;

/** More than this on a plate is a potful for more people, g. Source: a full soup plate and half of a second; spread 30 %. */
const MOST_ON_A_PLATE_G = 900;

/** How much there is for each. */
function plateWords(wholeG: number, plates: number, units: Kitchen['units']): string {
  const perPlateG = wholeG / Math.max(1, plates);
  return perPlateG > MOST_ON_A_PLATE_G
    ? `${formatMass(wholeG, units)} in all: more than ${plates} can eat at once.`
    : `${formatMass(perPlateG, units)} a plate, near enough.`;
}

/** To the table, with what is served beside. */
export function serving(input: StepInput): Step {
  const { items, dish, kitchen, presentPercent } = input;
  const isThick = willBind(input) || presentPercent >= THICKENS_ON_PLATE;
  const isScalded = items.some(
    (i) => i.moment === 'serve' && !i.read.cooked && /^(?:poultry|red-meat|seafood)$/.test(kindOf(i) ?? ''),
  );
  // Meat that goes into a roll, and a broth that is strained off, leave the pot's liquid where it is.
  const leaves = isLiquidLeft(input);
  const isEaten = (i: PlacedItem): boolean =>
    i.moment !== 'serve' && !(leaves && (i.read.food?.thin ?? 0) > MOSTLY_THIN);
  const wholeG = items.filter(isEaten).reduce((s, i) => s + i.massG.mid, 0);
  return step(
    'serve',
    'finish',
    'To the table',
    `${isThick ? 'It thickens about another third on the plate. ' : ''}${plateWords(wholeG, dish.plates, kitchen.units)}`,
    {
      kind: 'serve',
      items: stepItems(inOrder(items, 'serve')),
      durationS: handwork(WORK.serveMin, 0.3),
      cautions: [...(isScalded ? [CAUTIONS.scalded] : []), CAUTIONS.leftovers],
    },
  );
}
/** A sauce thinner than this is a broth, and thickens on no plate, per cent of starch. Source: half of a light gravy; spread 30 %. */
const THICKENS_ON_PLATE = 0.6;
