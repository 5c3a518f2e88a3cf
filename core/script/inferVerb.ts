import { minutesNamed, timeNamed } from '../dish/pressure';
import type { FoodKind } from '../pantry/food';
import type { Act } from './act';
import { meansEverything } from './groups';
import { type ScriptLine } from './line';
import { type Stage, VERBS_THAT } from './data/verbs';
import { KINDS } from './kinds';
import { FRIED_TOGETHER } from './told';

const TOMATO: readonly FoodKind[] = ['tomato-fresh', 'tomato-chunky', 'tomato-paste'];
/** Goes on frying, in a clause of its own. */
const FRIED =
  /^\W*(?:and |then )*(?:\d{1,2}(?:\s?[-–]\s?\d{1,2})? ?(?:m|mins?|minutes?|secs?|seconds?)\W*$|fry|cook|saut[eé]|bhun\w*|stir(?:[- ]fry)?|roast|sweat|soften|let (?:it|them) (?:fry|cook))\b/i;

const OFF_HEAT = /\boff (?:the )?heat\b|\bheat off\b/i;
/** What goes in at the end and is never cooked on. */
const STIRRED_LAST: readonly FoodKind[] = [
  'herb-soft',
  'citrus',
  'vinegar',
  'salt',
  'sugar',
  'spice-ground',
  'spice-late',
];
/** After which only the table is left. */
const READY: ReadonlySet<string> = new Set(['grill', 'bake', 'rest', 'slice', 'coat', 'fill', 'melt']);
const STREWN: readonly FoodKind[] = [
  'herb-soft',
  'cheese',
  'nut',
  'leaf',
  'pickle',
  'aromatic',
  'allium',
  'slow-veg',
  'quick-veg',
  'citrus',
  'bread',
];
const COOKS_ON: ReadonlySet<string> = new Set(['simmer', 'boil', 'fry', 'reduce', 'warm', 'wilt']);

/** What is meant where only foods are named ("shallots and garlic, soft"); null where they go on from what was told before. */
export function inferVerb(
  text: string,
  stage: Stage,
  fresh: readonly number[],
  lines: readonly ScriptLine[],
  last: Act | undefined,
  next = '',
): string | null {
  if (!fresh.length) return null;
  const kinds = fresh.flatMap((i) => lines[i]?.read.food?.kind ?? []);
  const all = (group: readonly FoodKind[]): boolean => kinds.every((k) => group.includes(k));
  const some = (group: readonly FoodKind[]): boolean => kinds.some((k) => group.includes(k));
  if (meansEverything(text) || /\beverything\b/i.test(text)) return stage === 'after' ? 'stirin' : 'add';
  // What was made beside the closed pot does not go on in the open one.
  const goesOn =
    last !== undefined &&
    !(last.stage === 'closed' && stage !== 'closed') &&
    ![
      'liftout',
      'close',
      'hold',
      'release',
      'return',
      'brown',
      'skim',
      'strain',
      'pouroff',
      'reduce',
      'mash',
      'bone',
      'shred',
      'slice',
      'warm',
      'chill',
      'rest',
      'cool',
      'keepwarm',
    ].includes(last.verb);
  if (stage === 'after' || stage === 'table') {
    // "Grill four minutes a side. Celery and dip", "leave three minutes. Basil and more parmesan": it is ready by then.
    if (last && READY.has(last.verb) && all(STREWN)) return 'serve';
    // Milk that makes a dough of what was mixed.
    if (last?.verb === 'mix' && /\b(?:dough|batter)\b/i.test(text)) return null;
    if (some(KINDS.dairy) && last?.verb !== 'dairy') return 'dairy';
    // "Serve with the apples, potatoes and greens": they stand on the table.
    if (/\b(?:slaw|coleslaw|salad)\b/i.test(text)) return 'serve';
    if (all(KINDS.leaf)) return last?.verb === 'serve' ? 'serve' : 'wilt';
    // "Rice.", "Celeriac mash.", of which the list says no amount: they stand on the table.
    const isUncounted = fresh.every((i) => lines[i]?.read.amount === null);
    if (
      isUncounted &&
      !/\b(?:add|stir|mix|fold|boil|cook)\b/i.test(text) &&
      all(['grain', 'pasta', 'root-veg', 'bread'])
    )
      return 'serve';
    if (
      /\bon top\b/i.test(text) &&
      all(['herb-soft', 'allium', 'nut', 'spice-ground', 'spice-whole', 'spice-late'])
    )
      return 'serve';
    if (all(['bread', 'egg', 'butter']) && /\bpastry\b/i.test(text)) return 'fill';
    if (all(['bread'])) return 'serve';
    // "Tortillas, salsa, coriander.": what stands on the table.
    if (some(['bread']) && !/\b(?:add|mix|stir|crumb)/i.test(text) && !all(['bread', 'egg', 'butter']))
      return 'serve';
    if (/\b(?:boil|sticky|glaze)\b/i.test(text)) return 'glaze';
    // "Sharpen with the vinegar": a way of cooks to say that it is stirred in.
    if (last?.verb !== 'fill' && /^\p{L}+ (?:it |the \p{L}+ )?with\b/iu.test(text)) return 'stirin';
    // "Off heat, lime juice and chopped coriander": nothing of what simmered before.
    if (OFF_HEAT.test(text) || (last && all(STIRRED_LAST) && COOKS_ON.has(last.verb))) return 'stirin';
    return goesOn ? null : 'stirin';
  }
  // What is poured onto what was fried loosens the floor; it does not go on being fried.
  if (all(KINDS.thin) && last && ['brown', 'soften', 'bloom', 'liftout', 'flame'].includes(last.verb))
    return 'deglaze';
  // "The whole spices until they smell, then the onion for four minutes": something else to fry.
  if (
    last &&
    ['bloom', 'pop'].includes(last.verb) &&
    kinds.includes('allium') &&
    all(FRIED_TOGETHER) &&
    minutesNamed(text) !== null
  )
    return 'soften';
  // "Then ginger-garlic paste 2 min", "the ground spices, fry 1 min": the next thing to fry, for a time of its own.
  const isTimed =
    timeNamed(text) !== null || (FRIED.test(next) && (timeNamed(next) !== null || /\buntil\b/i.test(next)));
  if (last && VERBS_THAT.leaveHeat.has(last.verb) && last.lines.length > 0 && isTimed) {
    if (all(KINDS.spice) || (some(KINDS.spice) && all([...KINDS.spice, 'aromatic']))) return 'bloom';
    // "Then the rice, stirred until its edges are clear, 1 minute": round in the fat.
    if (all([...FRIED_TOGETHER, ...TOMATO, 'quick-veg', 'salt', 'grain'])) return 'soften';
  }
  // "Curry powder, cumin, tomato paste; 1 minute more": fried until it smells.
  const isSpice = some(KINDS.spice) && all([...KINDS.spice, 'tomato-paste']);
  if (last && VERBS_THAT.leaveHeat.has(last.verb) && isSpice && some(['tomato-paste'])) return 'bloom';
  // "Chicken, salt; stir 3 minutes": meat begins something new.
  const isRaw = kinds.some((k) => ['poultry', 'red-meat', 'ground-meat'].includes(k));
  if (isRaw && last && VERBS_THAT.leaveHeat.has(last.verb) && last.lines.length > 0)
    return timeNamed(text) !== null || FRIED.test(next) ? 'brown' : 'add';
  // "Leek and carrot 5 minutes. Stock, herbs": what is poured in is fried no more, nor is what comes with it.
  const isPoured =
    some(KINDS.thin) &&
    all([
      ...KINDS.thin,
      ...KINDS.spice,
      'herb-woody',
      'herb-soft',
      'salt',
      'salty-sauce',
      'thick-sauce',
      'sugar',
      'syrup',
      'mustard',
      'oil',
      ...TOMATO,
    ]);
  if (isPoured && last && ['brown', 'soften', 'bloom'].includes(last.verb) && !isTimed) return 'add';
  if (goesOn && last.lines.length > 0 && (last.verb !== 'deglaze' || all(KINDS.thin))) return null;
  if (all(KINDS.thin)) return 'add';
  if (all(KINDS.spice)) return 'bloom';
  if (last && VERBS_THAT.leaveHeat.has(last.verb) && some(KINDS.aromatic) && all(FRIED_TOGETHER))
    return 'soften';
  // "Oil in, sauté on high".
  if (all(KINDS.fat)) return 'heat';
  if (all([...KINDS.aromatic, 'butter', 'oil'])) return 'soften';
  // "Oil and butter, onion, carrot, celery 5 min", before anything else.
  const isWithFat = some(KINDS.fat) && all([...FRIED_TOGETHER, ...KINDS.fat, 'root-veg', 'slow-veg']);
  if (isTimed && isWithFat && some(KINDS.aromatic)) return 'soften';
  return 'add';
}
