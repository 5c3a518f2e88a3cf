import { isLoose } from '../heat/data/cuts';
import type { Moment } from '../dish/moment';
import { inOrder, type PlacedItem } from '../moments/item';
import type { FoodKind } from '../pantry/food';
import { shortName } from '../dish/names';
import { MEAT_PREP_PER_KG, PREP_MIN, WORK } from '../pieces/data/work';
import type { MeatPiece } from '../pieces/meat';
import { madeOfSeveral, whole } from './beside';
import { listed, type Phase, type Step } from './step';
import type { Script } from '../script/act';
import { KINDS } from '../script/kinds';

/** When a bowl is got ready. */
export type BowlWhen = 'before' | 'while-searing' | 'while-softening' | 'under-pressure';

/** Things that share a bowl because they go in together. */
export interface Bowl {
  id: string;
  /** Made into one thing before the pot is hot, whatever moment it goes in at. */
  isMade?: boolean;
  name: string;
  /** When it goes in, in a cook's words. */
  goesIn: string;
  items: PlacedItem[];
  when: BowlWhen;
  /** Minutes to get it ready, mid value, and how many of them there is no later time for. */
  prepMin: number;
  beforeMin: number;
  /** True when it waits in the refrigerator rather than on the counter. */
  cold: boolean;
  /** What to watch for while it waits. */
  note: string;
}

/** How a bowl's readiness is said. */
export const BOWL_WHEN: Record<BowlWhen, string> = {
  before: 'Before the heat goes on',
  'while-searing': 'While the meat browns',
  'while-softening': 'While the onions soften',
  'under-pressure': 'While the pot is closed',
};

interface BowlRule {
  id: string;
  name: string;
  goesIn: string;
  moment: Moment;
  kinds?: readonly FoodKind[];
  /** Earliest stretch in which it could be got ready. */
  wait: BowlWhen;
  cold?: boolean;
  note?: string;
}

const MEATS: readonly FoodKind[] = ['poultry', 'red-meat', 'ground-meat', 'sausage', 'cured-meat', 'seafood'];
const COLD: ReadonlySet<FoodKind> = new Set<FoodKind>([
  'cream',
  'milk',
  'sour-dairy',
  'cream-cheese',
  'cheese',
  'egg',
  'seafood',
  'herb-soft',
  'leaf',
]);
const LIQUIDS: readonly FoodKind[] = [...KINDS.thin, 'coconut-milk'];
const TOP: readonly FoodKind[] = [
  'tomato-chunky',
  'tomato-thick',
  'tomato-paste',
  'tomato-fresh',
  'thick-sauce',
  'sugar',
  'syrup',
];

/** In the order of use. A line goes to the first bowl of its moment that takes its kind. */
const BOWLS: readonly BowlRule[] = [
  {
    id: 'meat',
    name: 'The meat, on its own board',
    goesIn: 'First, into the hot fat',
    moment: 'sear',
    kinds: MEATS,
    wait: 'before',
    cold: true,
    note: 'Out of the refrigerator when the pot goes on. Own board, own knife.',
  },
  { id: 'fat', name: 'By the stove', goesIn: 'Into the dry pot', moment: 'sear', wait: 'before' },
  {
    id: 'aromatics',
    name: 'The onion bowl',
    goesIn: 'When the meat is out',
    moment: 'aromatics',
    kinds: ['allium', 'mushroom', 'slow-veg', 'root-veg', 'quick-veg', 'butter', 'oil', 'fruit', 'leaf'],
    wait: 'while-searing',
  },
  {
    id: 'garlic',
    name: 'The garlic bowl',
    goesIn: 'For the last minute of the onions',
    moment: 'aromatics',
    wait: 'while-searing',
  },
  {
    id: 'spice',
    name: 'The spice bowl',
    goesIn: 'All at once, heat down',
    moment: 'bloom',
    wait: 'before',
    note: 'All in one: measured one at a time over heat, the first burns while you find the third.',
  },
  {
    id: 'deglaze',
    name: 'The jug',
    goesIn: 'To lift the film',
    moment: 'deglaze',
    wait: 'before',
    note: 'In your other hand while the spices open.',
  },
  {
    id: 'raw-meat',
    name: 'The meat, on its own board',
    goesIn: 'Raw, above the onions',
    moment: 'lid',
    kinds: MEATS,
    wait: 'before',
    cold: true,
    note: 'Own board, own knife.',
  },
  {
    id: 'pot-liquid',
    name: 'Into the pot: liquids',
    goesIn: 'First under the lid',
    moment: 'lid',
    kinds: LIQUIDS,
    wait: 'while-softening',
  },
  {
    id: 'pot-top',
    name: 'On top, not stirred in',
    goesIn: 'Last under the lid',
    moment: 'lid',
    kinds: TOP,
    wait: 'while-softening',
  },
  { id: 'pot', name: 'Into the pot', goesIn: 'Under the lid', moment: 'lid', wait: 'while-softening' },
  {
    id: 'slurry',
    name: 'The slurry cup',
    goesIn: 'At the boil, sized then',
    moment: 'thicken',
    wait: 'under-pressure',
    note: 'Dry until the sauce is measured; then cold water, never hot.',
  },
  {
    id: 'dairy',
    name: 'The dairy bowl',
    goesIn: 'Off the boil',
    moment: 'dairy',
    wait: 'under-pressure',
    cold: true,
    note: 'Cold until the pin drops, then out: it splits less if it is not ice cold.',
  },
  {
    id: 'quick',
    name: 'Quick vegetables',
    goesIn: 'A few minutes before the end',
    moment: 'finish',
    kinds: ['quick-veg', 'leaf', 'root-veg', 'slow-veg', 'pasta', 'seafood', 'mushroom', 'fruit', ...MEATS],
    wait: 'under-pressure',
  },
  {
    id: 'glaze',
    name: 'The sweet bowl',
    goesIn: 'At the end, melted in or boiled down to a glaze',
    moment: 'finish',
    kinds: ['sugar', 'syrup', 'thick-sauce'],
    wait: 'under-pressure',
  },
  {
    id: 'last',
    name: 'The last bowl: sharp and green',
    goesIn: 'Heat off',
    moment: 'finish',
    wait: 'under-pressure',
  },
  { id: 'table', name: 'For the table', goesIn: 'At the table', moment: 'serve', wait: 'under-pressure' },
];

/** What the bowls are set out from: a plan, or the beginnings of one. */
export interface Laid {
  items: readonly PlacedItem[];
  meat: readonly MeatPiece[];
  steps: readonly Pick<Step, 'phase' | 'durationS'>[];
  /** The method as acts: what it makes beside the pot has a bowl of its own. */
  script?: Script | null;
}

/** Minutes to get one line ready. */
function prepOf(item: PlacedItem, laid: Laid): number {
  if (item.partIndex > 0 || item.moment === 'serve') return 0;
  const meat = laid.meat.find((m) => m.item.lineId === item.lineId);
  if (meat) {
    const isReady = meat.frozen || isLoose(meat.cut) || meat.cut.id === 'sausage';
    return (
      (meat.massG / 1000) *
      (isReady ? MEAT_PREP_PER_KG.ready : meat.cubed ? MEAT_PREP_PER_KG.cube : MEAT_PREP_PER_KG.trim)
    );
  }
  const row = PREP_MIN[item.read.food?.kind ?? 'other'];
  if (!row || item.read.canned || item.read.frozen) return 0.2;
  return Math.min(row.most ?? Number.POSITIVE_INFINITY, row.each + row.perKg * (item.massG.mid / 1000));
}

/** Longest sentence of a recipe that is a bowl's note, letters. */
const MOST_NOTE = 120;

/** Share of a browning or softening stretch in which a cook can look away and cut something. Source: kitchen judgement; spread 30 %. */
const LOOKS_AWAY = 0.6;

/**
 * The mise en place: what shares a bowl because it goes in together, in the order of use, and when each is got ready. A bowl is put
 * off into a later stretch as far as there is time there; every line is in exactly one bowl for each of its parts, or whole in the
 * bowl of what is made of it.
 */
export function bowlsFor(laid: Laid): Bowl[] {
  const taken = new Set<PlacedItem>();
  const bowls: Bowl[] = [];
  const first = onTheBoardFirst(laid);
  const spare: Record<BowlWhen, number> = {
    before: Number.POSITIVE_INFINITY,
    'while-searing': LOOKS_AWAY * phaseMin(laid, 'sear'),
    'while-softening': LOOKS_AWAY * phaseMin(laid, 'soften'),
    'under-pressure': phaseMin(laid, 'up') + phaseMin(laid, 'hold') + phaseMin(laid, 'down'),
  };
  for (const { act, lines } of madeOfSeveral(laid.script)) {
    const mine = laid.items.filter((i) => lines.has(i.index) && i.read.food && !taken.has(i));
    const items = mine.filter((i, at) => mine.findIndex((o) => o.index === i.index) === at).map(whole);
    // Meat that is mixed and rolled keeps its own board.
    if (items.length < 2 || items.some((i) => MEATS.includes(i.read.food?.kind ?? 'other'))) continue;
    mine.forEach((i) => taken.add(i));
    const prepMin = items.reduce((s, i) => s + prepOf({ ...i, partIndex: 0 }, laid), 0);
    bowls.push({
      id: `made-${act.id}`,
      isMade: true,
      name: act.verb === 'blend' ? 'To blend' : 'To stir together',
      goesIn: 'Made first; in where the recipe says',
      items,
      when: 'before',
      prepMin,
      beforeMin: prepMin,
      cold: items.some((i) => COLD.has(i.read.food?.kind ?? 'other')),
      note: act.words.length <= MOST_NOTE ? act.words : '',
    });
  }
  for (const rule of BOWLS) {
    const items = inOrder(laid.items, rule.moment).filter(
      (i) => !taken.has(i) && (rule.kinds?.includes(i.read.food?.kind ?? 'other') ?? true),
    );
    if (!items.length) continue;
    items.forEach((i) => taken.add(i));
    const prepMin = items.reduce((s, i) => s + prepOf(i, laid), 0);
    const canWait = items.reduce((s, i) => s + (first.has(i.index) ? 0 : prepOf(i, laid)), 0);
    const later = rule.wait === 'before' ? 0 : Math.min(canWait, spare[rule.wait]);
    spare[rule.wait] -= later;
    bowls.push({
      id: rule.id,
      name: rule.name,
      goesIn: rule.goesIn,
      items,
      when: later >= prepMin / 2 ? rule.wait : 'before',
      prepMin,
      beforeMin: prepMin - later,
      cold: rule.cold ?? items.some((i) => COLD.has(i.read.food?.kind ?? 'other')),
      note: rule.note ?? '',
    });
  }
  return bowls;
}

/** Lines that something is done with on the board or in a bowl, before the pot is hot: the marinade's lemon cannot wait for the onions. */
function onTheBoardFirst({ script }: Laid): ReadonlySet<number> {
  const board = (script?.acts ?? []).filter((a) => a.run === 0 && a.stage === 'prep');
  return new Set(board.flatMap((a) => [...a.lines.map((l) => l.index), ...a.again]));
}

function phaseMin({ steps }: Laid, phase: Phase): number {
  return steps.filter((s) => s.phase === phase).reduce((sum, s) => sum + s.durationS.mid, 0) / 60;
}

/** Minutes of getting ready that have to be over before the heat goes on, and in a sentence what can wait until when. */
export function readyBefore(laid: Laid): { minutes: number; words: string } {
  const bowls = bowlsFor(laid);
  const first = onTheBoardFirst(laid);
  const minutes = bowls.reduce((sum, b) => sum + b.beforeMin, Number(WORK.getOutMin));
  const waits = LATER.flatMap(([when, words]) => {
    const names = bowls
      .filter((b) => b.when === when && b.id !== 'table')
      .flatMap((b) =>
        b.items
          .filter((i) => i.partIndex === 0 && !first.has(i.index) && prepOf(i, laid) >= CUTTING_MIN)
          .map((i) => shortName(i.read)),
      );
    return names.length ? [`${listed([...new Set(names)].slice(0, 4))} ready ${words}`] : [];
  });
  return {
    minutes: Math.max(LEAST_PREP_MIN, minutes),
    words: waits.length ? `There is time to get ${waits.join('; ')}.` : '',
  };
}
const LATER: readonly (readonly [BowlWhen, string])[] = [
  ['while-searing', 'while the pot heats and browns'],
  ['while-softening', 'while the onions soften'],
  ['under-pressure', 'while the pot is closed'],
];
/** Less than this is measured, not cut, minutes. */
const CUTTING_MIN = 0.5;
const LEAST_PREP_MIN = 3;
