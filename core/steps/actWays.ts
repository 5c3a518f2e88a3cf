import type { PlacedItem } from '../moments/item';
import { goneName } from '../pieces/boilsDown';
import { verbById, type Verb } from '../script/data/verbs';
import type { Act } from '../script/act';
import { BY_THE_SPOON } from '../script/script';
import {
  againItems,
  isFat,
  isTempering,
  isGrainFried,
  isInItsOwnPot,
  isMinced,
  isOfMeatKind,
  isOnlyFlavour,
  isOnlyHot,
  isPouredOnFilm,
  isSeasoning,
  isTurnedIn,
  isWholeSpice,
  keepsLiquor,
  smellsSoon,
  wasChilled,
} from './actFacts';
import { isDoneAhead } from './actMinutes';
import { kindOf, type StepInput } from './step';

/** An act with its lines, as a way of doing it looks at it. */
export interface Done {
  act: Act;
  mine: readonly PlacedItem[];
  input: StepInput;
  /** What its lines were made to: a paste, a mixture. */
  isProduct: boolean;
}

/** A way in which what a verb's row says is not what a cook does here. */
interface Way {
  when: (done: Done) => boolean;
  title?: string;
  text?: string;
  look?: string;
}

const WASHED =
  'In a bowl, never under the tap: what splashes is as raw as the meat. Most food authorities say not to wash poultry at all.';
const TURNED =
  'All of it at once, stirred and turned in what is there: it takes colour from the base, no crust.';
const KEPT_WARM = /\bkeep\w*\b.{0,24}\b(?:warm|hot)\b/i;
const IN_PIECES =
  /\b(?:cut|chop|dice|cube)\b[^.;]{0,40}\b(?:cubes?|pieces|chunks|dice|bite|morsels)\b|\b(?:dice|cube|chop) (?:it|them|the (?:meat|chicken|pork|beef|lamb|ham|turkey))\b/i;
const BETWEEN_BONES = /\bbetween (?:the |each )?(?:rib )?bones?\b/i;

const isBoiledBeside = (act: Act): boolean => act.verb === 'boil' && act.stage === 'closed';

const FISHED = /\b(?:discard|fish out|throw (?:away|out)|pick out)\b/i;
const TAKEN = /\b(?:take out|remove)\b/i;
const GIVES_FLAVOUR: ReadonlySet<string> = new Set([
  'aromatic',
  'herb-woody',
  'herb-soft',
  'spice-whole',
  'citrus',
  'spice-late',
]);

/** Fat and flour, and nothing else, stirred over the heat. */
function isRoux(act: Act, input: StepInput): boolean {
  const lines = new Set([...act.lines.map((l) => l.index), ...act.again]);
  const of = input.items.filter((i) => lines.has(i.index));
  return (
    act.minutes !== null &&
    of.some((i) => kindOf(i) === 'flour') &&
    of.some(isFat) &&
    of.every((i) => isFat(i) || kindOf(i) === 'flour')
  );
}

const meatOf = ({ mine }: Done): PlacedItem[] => mine.filter(isOfMeatKind);
const every = (mine: readonly PlacedItem[], is: (i: PlacedItem) => boolean): boolean =>
  mine.length > 0 && mine.every(is);

const isTomato = (i: PlacedItem): boolean => kindOf(i)?.startsWith('tomato-') === true;
/** What is fried, without what it is fried in and seasoned with. */
const named = (mine: readonly PlacedItem[]): PlacedItem[] => mine.filter((i) => !isFat(i) && !isSeasoning(i));

/** Meat that is washed in its bowl. */
export const isWashed = ({ act, input }: Done): boolean =>
  act.verb === 'rinse' && againItems(act, input).some(isOfMeatKind);
const isMinceBrowned = ({ act, mine }: Done): boolean =>
  act.verb === 'brown' && every(mine.filter(isOfMeatKind), isMinced);
/** Meat that fries, new or in it already. */
const softenedMeat = (done: Done): PlacedItem[] =>
  done.mine.length ? meatOf(done) : againItems(done.act, done.input).filter(isOfMeatKind);
const isMeatSoftened = (done: Done): boolean => done.act.verb === 'soften' && softenedMeat(done).length > 0;

const HEATED = /\b(?:heat|melt|warm|hot)\b/i;
const FROM_COLD = /\bcold (?:pot|pan|cooker|start)|from cold\b/i;
/** Something has fried in the pot before. */
const isHotBefore = (act: Act, { script }: StepInput): boolean => {
  const acts = script?.acts ?? [];
  return acts
    .slice(
      0,
      acts.findIndex((a) => a.id === act.id),
    )
    .some((a) => a.run === act.run && a.where === 'pot' && a.stage === 'open');
};

/** The first way that applies and says something of it is what is said; what none says is the verb's own. */
const WAYS: readonly Way[] = [
  {
    when: ({ act, input }) => act.verb === 'mix' && isRoux(act, input),
    title: 'Cook the roux',
    text: 'Flour and fat over a medium heat, stirred all the time. It is hotter than boiling water: no splash.',
    look: 'As dark as the dish wants it, and it smells of nuts.',
  },
  { when: ({ act }) => act.verb === 'skim' && act.run === 0, title: 'Skim the scum' },
  {
    when: ({ act, mine }) =>
      act.verb === 'add' &&
      act.run === 0 &&
      mine.some((i) => kindOf(i) === 'sour-dairy') &&
      BY_THE_SPOON.test(act.words),
    text: 'What is sour and creamy a spoonful at a time, stirred all the while: it splits if it is left.',
  },
  {
    when: ({ act }) => act.verb === 'strain' && /\b(?:broth|stock|soup)\b/i.test(act.words),
    title: 'Strain the broth',
  },
  // "Fluff" and no word of what.
  {
    when: ({ act, mine }) => act.verb === 'fluff' && !mine.length && !act.again.length,
    title: 'Fluff the rice',
  },
  {
    when: ({ act, mine }) =>
      act.verb === 'reduce' && act.run === 0 && mine.some((i) => /^coconut-/.test(kindOf(i) ?? '')),
    title: 'Cook {food} until it splits',
    text: 'Stirred now and then: first it thickens, then the oil comes out of it.',
    look: 'Oil shows at the edges.',
  },
  {
    when: ({ act, mine }) =>
      act.verb === 'sauce' && mine.length > 0 && !mine.some((i) => kindOf(i) === 'flour'),
    text: 'Stirred together and brought to the boil; a slurry goes in at the boil, stirring. It stays out of the pot.',
    look: 'Shining, and it coats the spoon.',
  },
  {
    when: ({ act, mine }) => act.verb === 'fry' && isTempering(mine),
    title: 'Sizzle {food} in a small pan',
    text: 'In a pan beside; it is poured over at the end.',
    look: 'It crackles and smells; nothing dark.',
  },
  {
    when: ({ act, mine }) =>
      act.verb === 'dredge' && mine.some((i) => (i.read.food?.thin ?? 0) > 0 || kindOf(i) === 'salty-sauce'),
    title: 'Coat {food}',
    text: 'Turned by hand or spoon until no dry starch shows.',
    look: 'A thin coat that shines.',
  },
  {
    when: ({ act, mine }) =>
      act.verb === 'fry' && every(mine, isFat) && !/\b(?:fry|brown|sear|crisp)/i.test(act.words),
    title: 'Heat {food} in a small pan',
    text: '',
    look: '',
  },
  {
    when: ({ act, input }) => act.verb === 'skim' && wasChilled(act, input),
    text: 'It lifts off in a sheet.',
  },
  {
    when: ({ act, mine }) => act.verb === 'soften' && every(mine, (i) => kindOf(i) === 'sour-dairy'),
    title: 'Fry {food} in',
    text: 'A spoonful at a time, stirred all the while: it splits if it is left.',
    look: 'The water is gone and the fat comes out at the edges.',
  },
  {
    when: ({ act, isProduct }) => act.verb === 'soften' && isProduct,
    title: 'Fry {food}',
    look: 'Darker, and it smells.',
  },
  {
    when: ({ act, mine }) => act.verb === 'soften' && every(named(mine), isTomato),
    title: 'Cook down {food}',
    look: 'Broken down and thick, and the fat shows at the edges.',
  },
  {
    when: ({ act, mine }) => act.verb === 'soften' && every(named(mine), (i) => kindOf(i) === 'mushroom'),
    title: 'Fry {food}',
    look: 'Their water has come and gone, and they take colour.',
  },
  {
    when: ({ act, mine }) => act.verb === 'soften' && mine.some((i) => kindOf(i) === 'grain'),
    title: 'Stir {food} round in the fat',
    look: 'Shining, and its edges clear.',
  },
  { when: ({ act, mine }) => act.verb === 'soften' && smellsSoon(mine), look: 'It smells; no colour on it.' },
  {
    when: (done) => isMeatSoftened(done) && every(softenedMeat(done), (i) => kindOf(i) === 'cured-meat'),
    title: 'Cook {food}',
    look: 'Golden at the edges, and the fat clear.',
  },
  // "Fry the lardons", after the beef: the pot is hot.
  {
    when: ({ act, mine, input }) =>
      act.verb === 'render' &&
      (isHotBefore(act, input) || (mine.some(isFat) && HEATED.test(act.words))) &&
      !FROM_COLD.test(act.words),
    title: 'Fry {food}',
    text: '',
  },
  { when: isMeatSoftened, title: 'Cook {food}', look: 'No raw colour on the outside.' },
  {
    when: ({ act, input }) =>
      act.verb === 'liftout' &&
      act.again.length > 0 &&
      againItems(act, input).every((i) => i.line.on === 'bowl'),
    title: 'Lift out the bowl of {food}',
    text: 'With gloves or tongs: its rim is as hot as the pot.',
  },
  {
    when: ({ act, input }) => act.verb === 'liftout' && isOnlyFlavour(act, input),
    title: 'Fish out {food}',
    text: 'It has given what it had.',
  },
  {
    when: ({ act, input }) =>
      act.verb === 'liftout' &&
      act.again.length > 0 &&
      (FISHED.test(act.words) ||
        (TAKEN.test(act.words) && againItems(act, input).every((i) => GIVES_FLAVOUR.has(kindOf(i) ?? '')))) &&
      !againItems(act, input).some(isOfMeatKind),
    title: 'Fish out {food}',
    text: 'It has given what it had.',
  },
  {
    when: ({ act }) => act.verb === 'liftout' && KEPT_WARM.test(act.words),
    text: 'Onto a warm plate, with a slotted spoon, under foil.',
  },
  { when: isWashed, title: 'Wash {food}', text: WASHED },
  {
    when: ({ act, mine, input }) =>
      act.verb === 'soak' &&
      act.run > 0 &&
      [...mine, ...againItems(act, input)].some((i) => ['grain', 'pasta'].includes(kindOf(i) ?? '')),
    text: 'In a bowl of its own, covered; fluffed with a fork.',
  },
  { when: ({ act, input }) => act.verb === 'soak' && !keepsLiquor(act, input), text: '' },
  // "Reduce by a third": so much of it goes, and the spoon shows when.
  ...['half', 'a third', 'two thirds', 'a quarter'].map((share) => ({
    when: ({ act }: Done) => act.verb === 'reduce' && goneName(act.words) === share,
    title: `Boil down by ${share}`,
  })),
  {
    when: ({ act }) => act.verb === 'marinate' && act.minutes !== null && !isDoneAhead(act),
    text: 'Covered and cold.',
  },
  {
    when: ({ act, mine }) => isGrainFried(act, mine),
    title: 'Turn {food} in the fat',
    text: '',
    look: 'Shining all over, the edges glassy.',
  },
  // Whole spices bear more than what is ground.
  {
    when: ({ act, mine }) =>
      act.verb === 'bloom' &&
      every(mine.some((i) => !isFat(i)) ? mine.filter((i) => !isFat(i)) : mine, isWholeSpice),
    title: 'Let {food} sizzle',
    text: '',
    look: verbById('pop').look,
  },
  {
    when: ({ act, mine }) =>
      act.verb === 'bloom' && mine.some(isWholeSpice) && !mine.some((i) => kindOf(i) === 'spice-ground'),
    look: verbById('pop').look,
  },
  {
    when: ({ act, mine }) => act.verb === 'bloom' && every(mine, (i) => kindOf(i) === 'flour'),
    look: 'No dry flour to be seen.',
  },
  {
    when: ({ act, mine }) => act.verb === 'bloom' && mine.some((i) => kindOf(i) === 'flour'),
    title: 'Stir in {food}',
    look: 'No dry flour to be seen.',
  },
  {
    when: isMinceBrowned,
    text: 'Broken up with the spoon as it goes, then left alone until it catches a little.',
    look: 'No pink left.',
  },
  {
    when: ({ act, input }) => isTurnedIn(act, input),
    title: 'Turn {food} in it',
    text: TURNED,
    look: 'No raw colour on the outside.',
  },
  { when: ({ act, mine }) => isInItsOwnPot(act, mine), text: 'In a pot of its own.' },
  { when: ({ act, mine, input }) => isOnlyHot(act, mine, input.items), text: '' },
  {
    when: ({ act }) => act.verb === 'slice' && IN_PIECES.test(act.words),
    title: 'Cut up {food}',
    text: '',
  },
  { when: ({ act }) => act.verb === 'slice' && BETWEEN_BONES.test(act.words), text: 'Between the bones.' },
  {
    when: ({ act, input }) =>
      act.verb === 'slice' && act.again.length > 0 && !againItems(act, input).some(isOfMeatKind),
    text: '',
  },
  {
    when: ({ act, mine }) => isPouredOnFilm(act, mine),
    text: 'Flat spoon over the whole floor as it boils.',
  },
  // "Butter the rolls and toast them": nothing to fill them with is there yet.
  {
    when: ({ act, mine }) =>
      act.verb === 'fill' &&
      !act.again.length &&
      mine.length > 0 &&
      mine.every((i) => ['bread', 'butter'].includes(kindOf(i) ?? '')),
    title: 'Get {food} ready',
  },
  // Dumplings and noodles of a dough: what was mixed is dropped into its own water.
  {
    when: ({ act, mine, input }) =>
      isBoiledBeside(act) && [...mine, ...againItems(act, input)].some((i) => kindOf(i) === 'flour'),
    title: 'Boil what was made of it',
    text: 'In a big pan of its own, salted; done when it floats. Drained well.',
    look: '',
  },
  // Beans beside the closed pot drink nothing of its sauce.
  {
    when: ({ act, mine }) =>
      isBoiledBeside(act) && !mine.some((i) => ['pasta', 'grain'].includes(kindOf(i) ?? '')),
    title: 'Cook {food}',
    text: 'Beside the pot; drained well.',
  },
  // Eggs and rice are boiled; nobody blanches them.
  {
    when: ({ act }) => act.verb === 'blanch' && !/\b(?:blanch|scald)/i.test(act.words),
    title: 'Boil {food} beside',
  },
  {
    when: ({ act, mine, input }) =>
      act.verb === 'blanch' && [...mine, ...againItems(act, input)].some((i) => kindOf(i) === 'egg'),
    text: 'In a small pan of water; then into cold water, and peeled.',
    look: '',
  },
  // Scum rises from meat; chillies and greens are only softened.
  {
    when: ({ act, mine, input }) =>
      act.verb === 'blanch' && !mine.some(isOfMeatKind) && !againItems(act, input).some(isOfMeatKind),
    text: 'In a pan of water of its own; drained, the water poured away.',
    look: 'Softened.',
  },
];

const upper = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** How an act is called, what is said of it and what to look for: as it is done here, else as its verb has it. */
export function wayOf(done: Done): { title: string; text: string; look: string } {
  const { act, mine } = done;
  const verb: Verb = verbById(act.verb);
  const ways = WAYS.filter((w) => w.when(done));
  const first = (of: 'title' | 'text' | 'look'): string | undefined =>
    ways.find((w) => w[of] !== undefined)?.[of];
  const isHot = isOnlyHot(act, mine);
  const look = first('look') ?? (isHot ? '' : verb.look);
  // The recipe's own words say it best, unless they say the same.
  const isTold =
    act.until !== undefined &&
    (verb.look !== '' || isHot) &&
    !look.toLowerCase().includes(act.until.toLowerCase());
  return {
    title: first('title') ?? verb.title,
    text: first('text') ?? verb.text,
    look: isTold ? upper(`${act.until ?? ''}.`) : look,
  };
}

/** True of meat that is laid in one layer and browned batch by batch. */
export const isBrownedInBatches = (done: Done): boolean =>
  done.act.verb === 'brown' && !isMinceBrowned(done) && !isTurnedIn(done.act, done.input);
