import type { ReadLine } from '../dish/read';
import type { HouseRules } from '../dish/houseRules';
import type { Moment } from '../dish/moment';
import type { Food, FoodKind } from '../pantry/food';

/** What a rule may look at besides the line itself. */
export interface RuleContext {
  rules: HouseRules;
  /** Food kinds present anywhere in the dish. */
  kinds: ReadonlySet<FoodKind>;
  /** True when a wine, beer, spirit or larger vinegar is there to deglaze with. */
  hasDeglazer: boolean;
  /** True for the first stock, water or juice line: it deglazes when nothing else does. */
  isFirstThin: boolean;
  /** Grams of this line at the plates wanted. */
  massG: number;
  /** True for a line of a marinade, by its own words or its heading. */
  isMarinade: boolean;
  /** Kind of the line before it: water after a starch is the slurry's. */
  before: FoodKind | undefined;
}

/** Part of a line: its share, where it goes, and why. */
export interface Part {
  share: number;
  moment: Moment;
  label: string;
  reason: string;
}

/** One row of the table: the first row that applies places the line. */
export interface MomentRule {
  id: string;
  kinds: readonly FoodKind[];
  when?: (line: ReadLine, food: Food, context: RuleContext) => boolean;
  moment: Moment;
  /** Why here, in a cook's words. */
  reason: string;
  /** Set when the rule divides the line; shares add to one and the first part goes to `moment`. */
  parts?: readonly Part[];
}

const MEATS: readonly FoodKind[] = ['poultry', 'red-meat', 'ground-meat', 'sausage'];
const hasGround = (context: RuleContext): boolean => context.kinds.has('ground-meat');

/** Where every kind of food goes, most particular rule first. */
export const MOMENT_RULES: readonly MomentRule[] = [
  { id: 'marinade', kinds: ['vinegar', 'citrus', 'salty-sauce', 'wine', 'spirit', 'juice', 'stock', 'water'], when: (_l, _f, c) => c.isMarinade, moment: 'lid', reason: 'Marinade: goes in with the meat and counts as thin liquid. Used marinade is raw until it has boiled.' },
  { id: 'marinade-scent', kinds: ['spice-ground', 'aromatic', 'herb-soft', 'spice-late', 'mustard'], when: (_l, _f, c) => c.isMarinade, moment: 'lid', reason: 'Marinade: it clings to the meat and goes in with it.' },
  { id: 'cooked-meat', kinds: MEATS, when: (l) => l.cooked, moment: 'finish', reason: 'Already cooked: it only needs warming through.' },
  { id: 'seafood', kinds: ['seafood'], moment: 'finish', reason: 'Fish and shellfish take minutes, not pressure.' },
  { id: 'anchovy', kinds: ['salted-fish'], moment: 'aromatics', reason: 'Melts into the onions and seasons everything.' },
  { id: 'meat-no-sear', kinds: MEATS, when: (_l, _f, c) => c.rules.browning === 'never' || c.rules.browning === 'end', moment: 'lid', reason: 'House rule: no sear in the pot. It goes in raw, above the onions.' },
  { id: 'meat-frozen', kinds: MEATS, when: (l) => l.frozen, moment: 'lid', reason: 'Frozen pieces only steam and stick in hot fat: straight under the lid.' },
  { id: 'meat', kinds: MEATS, moment: 'sear', reason: 'Browned in one layer first for colour and depth, then it waits on a plate.' },
  { id: 'cured', kinds: ['cured-meat'], moment: 'sear', reason: 'Its fat renders first and browns the rest.' },
  { id: 'finishing-oil', kinds: ['oil'], when: (_l, f) => f.id === 'sesame-oil', moment: 'finish', reason: 'Its scent boils away: a few drops at the end.' },
  { id: 'oil', kinds: ['oil'], moment: 'sear', reason: 'A thin film to brown in. A pressure cooker is not a fryer.' },
  { id: 'butter-first', kinds: ['butter'], when: (_l, _f, c) => !c.kinds.has('oil'), moment: 'sear', reason: 'The only fat here. Butter burns before oil does: moderate heat.' },
  { id: 'butter', kinds: ['butter'], moment: 'aromatics', reason: 'Goes in after the sear, with the heat down, so it does not burn.' },
  { id: 'season', kinds: ['salt'], when: (l) => l.amount !== null && !l.toTaste, moment: 'sear', reason: 'Salts the meat before it browns.' },
  { id: 'salt-taste', kinds: ['salt'], moment: 'finish', reason: 'The sauce changes strength until the end: taste, then salt.' },
  { id: 'pepper', kinds: ['spice-ground'], when: (_l, f) => f.id === 'black-pepper', moment: 'sear', reason: 'Seasons the meat.' },
  { id: 'allium', kinds: ['allium'], moment: 'aromatics', reason: 'Softened in the fat; it weeps early and keeps the floor wet.' },
  { id: 'aromatic', kinds: ['aromatic'], moment: 'aromatics', reason: 'A minute in the hot fat after the onions; longer and garlic burns.' },
  { id: 'mushroom', kinds: ['mushroom'], moment: 'aromatics', reason: 'Gives up its water here and browns.' },
  { id: 'curry-paste', kinds: ['thick-sauce'], when: (_l, f) => f.id === 'curry-paste' || f.id === 'harissa', moment: 'bloom', reason: 'Fried for a minute so its spices open, then loosened at once.' },
  { id: 'spice-ground', kinds: ['spice-ground'], moment: 'bloom', reason: 'Opens in hot fat in seconds and burns soon after: all in one bowl, liquid at hand.' },
  { id: 'chocolate', kinds: ['spice-whole'], when: (_l, f) => f.sugar >= 0.3, moment: 'finish', reason: 'Melts off the heat; on the hot floor it burns.' },
  { id: 'spice-whole', kinds: ['spice-whole'], when: (_l, f) => !f.allergens.includes('sesame'), moment: 'bloom', reason: 'Scents the fat before anything wet goes in.' },
  { id: 'seeds-top', kinds: ['spice-whole'], moment: 'serve', reason: 'For the top, while it is crisp.' },
  { id: 'spice-late', kinds: ['spice-late'], moment: 'finish', reason: 'Scent, not heat: half an hour of steam would carry it off.' },
  { id: 'herb-woody', kinds: ['herb-woody'], moment: 'lid', reason: 'Tough leaves give their flavour under pressure; fish them out after.' },
  { id: 'herb-soft', kinds: ['herb-soft'], moment: 'finish', reason: 'Soft herbs go grey and flat under pressure.' },
  { id: 'vinegar-big', kinds: ['vinegar'], when: (_l, f, c) => c.massG >= 45 && f.sugar < 0.1, moment: 'deglaze', reason: 'Thin and sharp: it lifts the brown film. Keep a spoonful for the end.' },
  { id: 'vinegar', kinds: ['vinegar'], moment: 'finish', reason: 'Acid boiled is acid lost: off the heat, to taste.' },
  { id: 'citrus', kinds: ['citrus'], moment: 'finish', reason: 'Acid boiled is acid lost: off the heat, at the very end.' },
  { id: 'wine', kinds: ['wine', 'spirit'], moment: 'deglaze', reason: 'Lifts the brown film; boil it by half so the alcohol goes.' },
  { id: 'beer', kinds: ['beer'], moment: 'deglaze', reason: 'Lifts the brown film; let the foam die down before the lid.' },
  { id: 'tomato-deglaze', kinds: ['tomato-chunky', 'tomato-fresh'], when: (_l, _f, c) => c.rules.tomato === 'deglaze', moment: 'deglaze', reason: 'House rule: tomato lifts the film. Scrape until nothing sticks.' },
  { id: 'slurry-water', kinds: ['water'], when: (_l, _f, c) => (c.before === 'starch' || c.before === 'flour') && c.massG > 0 && c.massG <= 80, moment: 'thicken', reason: 'The cold water of the slurry: it waits with the starch.' },
  { id: 'stock-first', kinds: ['stock', 'water', 'juice'], when: (_l, _f, c) => c.isFirstThin && !c.hasDeglazer, moment: 'deglaze', reason: 'The first of it lifts the brown film off the floor; the rest follows.' },
  { id: 'stock', kinds: ['stock', 'water'], moment: 'lid', reason: 'The thin liquid that makes the steam.' },
  { id: 'concentrate', kinds: ['stock-concentrate'], moment: 'lid', reason: 'Dissolves in the liquid under the lid.' },
  { id: 'juice', kinds: ['juice'], moment: 'lid', reason: 'Thin enough to make steam.' },
  { id: 'salty-sauce', kinds: ['salty-sauce'], moment: 'lid', reason: 'Thin and salty: seasons the meat while it cooks.' },
  { id: 'sweet-sauce', kinds: ['thick-sauce'], when: (_l, f, c) => f.sugar >= 0.2 && c.massG > 20, moment: 'finish', reason: 'Thick and sweet: on the hot floor it catches. Built into the glaze at the end.' },
  { id: 'sharp-paste', kinds: ['thick-sauce'], when: (_l, f) => f.acid >= 0.5, moment: 'finish', reason: 'Sharp and sticky: in at the end, to taste.' },
  { id: 'thick-sauce', kinds: ['thick-sauce'], moment: 'lid', reason: 'Thick: on top, not stirred in.' },
  { id: 'sugar-pinch', kinds: ['sugar', 'syrup'], when: (_l, _f, c) => c.massG <= 12, moment: 'lid', reason: 'Too little to catch.' },
  { id: 'sugar', kinds: ['sugar', 'syrup'], moment: 'finish', reason: 'Sugar sinks and burns on the floor: held for the glaze.' },
  { id: 'tomato', kinds: ['tomato-fresh', 'tomato-chunky', 'tomato-thick', 'tomato-paste'], moment: 'lid', reason: 'Thick: on top of the meat, not stirred in, stirred after.' },
  { id: 'greens-under', kinds: ['quick-veg', 'leaf'], when: (_l, _f, c) => c.rules.greens === 'under', moment: 'lid', reason: 'House rule: under the lid on purpose. It melts into the sauce.' },
  { id: 'quick-veg', kinds: ['quick-veg'], moment: 'finish', reason: 'Needs two to five minutes; under pressure it is mush.' },
  { id: 'salad', kinds: ['leaf'], when: (_l, f) => f.id === 'green-salad', moment: 'serve', reason: 'Raw, beside it or on top.' },
  { id: 'leaf', kinds: ['leaf'], moment: 'finish', reason: 'Wilts in a minute in the hot sauce.' },
  { id: 'veg', kinds: ['root-veg', 'slow-veg'], moment: 'lid', reason: 'Firm enough for pressure.' },
  { id: 'fruit', kinds: ['fruit'], moment: 'lid', reason: 'Softens into the sauce.' },
  { id: 'dried', kinds: ['dried-fruit', 'dried-mushroom'], moment: 'lid', reason: 'Swells in the liquid; counted as drinking.' },
  { id: 'grain-serve', kinds: ['grain'], when: (l) => l.cooked, moment: 'serve', reason: 'Already cooked: beside the dish.' },
  { id: 'grain', kinds: ['grain', 'pulse-dry', 'pulse-cooked'], moment: 'lid', reason: 'Cooks in the liquid and drinks it: counted.' },
  { id: 'pasta-pot', kinds: ['pasta'], when: (_l, _f, c) => c.rules.pasta === 'pot', moment: 'lid', reason: 'House rule: in the pot, under the surface, off the floor, not stirred.' },
  { id: 'pasta-apart', kinds: ['pasta'], when: (_l, _f, c) => c.rules.pasta === 'apart', moment: 'serve', reason: 'House rule: boiled apart, joined at the table.' },
  { id: 'pasta', kinds: ['pasta'], moment: 'finish', reason: 'Boiled in the finished broth with the lid off: it can be tasted, and nothing sticks.' },
  { id: 'boiled-egg', kinds: ['egg'], when: (l, f) => f.id === 'boiled-egg' || f.id === 'quail-egg' || l.cooked, moment: 'finish', reason: 'Already boiled: it only needs warming through in the sauce.' },
  { id: 'crumb', kinds: ['bread', 'egg'], when: (_l, f, c) => hasGround(c) && (f.id === 'egg' || f.id === 'breadcrumb'), moment: 'sear', reason: 'Mixed into the meat before it is shaped.' },
  { id: 'yolk', kinds: ['egg'], moment: 'dairy', reason: 'Sets into grains above 80 °C: tempered, off the boil.' },
  { id: 'bread', kinds: ['bread'], moment: 'serve', reason: 'At the table.' },
  { id: 'coconut-split', kinds: ['coconut-milk'], when: (_l, _f, c) => c.rules.coconut === 'split', moment: 'lid', reason: 'The thin part makes steam under the lid.', parts: [{ share: 0.5, moment: 'lid', label: 'thin part', reason: 'The thin part makes steam under the lid.' }, { share: 0.5, moment: 'dairy', label: 'thick part', reason: 'The cream of the tin goes in after pressure.' }] },
  { id: 'coconut-after', kinds: ['coconut-milk'], when: (_l, _f, c) => c.rules.coconut === 'after', moment: 'dairy', reason: 'House rule: all of it after pressure.' },
  { id: 'coconut', kinds: ['coconut-milk', 'coconut-thin'], moment: 'lid', reason: 'Loosened well with stock, under the lid.' },
  { id: 'cream-under', kinds: ['cream', 'cream-cheese'], when: (_l, f, c) => c.rules.dairy === 'full-fat-under' && f.fat >= 0.3 && f.acid < 0.1, moment: 'lid', reason: 'House rule: full-fat dairy may go under the lid. On top, not stirred in.' },
  { id: 'cheese', kinds: ['cheese'], moment: 'dairy', reason: 'Last of the dairy, off the heat, in handfuls: boiling makes strings.' },
  { id: 'dairy', kinds: ['cream', 'milk', 'sour-dairy', 'cream-cheese', 'coconut-cream'], moment: 'dairy', reason: 'Splits under pressure: in when the boil has stopped.' },
  { id: 'starch-little', kinds: ['flour', 'starch'], when: (_l, _f, c) => c.rules.starch === 'little-under', moment: 'lid', reason: 'House rule: a little of it from the start.', parts: [{ share: 0.25, moment: 'lid', label: 'a quarter', reason: 'House rule: a little from the start, stirred smooth in the cold liquid.' }, { share: 0.75, moment: 'thicken', label: 'the rest', reason: 'The rest is sized as a slurry after pressure.' }] },
  { id: 'flour-coat', kinds: ['flour', 'starch'], when: (l, _f, c) => c.rules.starch === 'coat-under' && l.written?.moment !== 'thicken', moment: 'sear', reason: 'House rule: a floured coat, for body from the start.' },
  { id: 'starch', kinds: ['starch', 'flour', 'gum'], moment: 'thicken', reason: 'Under the lid it sinks and scorches: after pressure, as a slurry sized to what is really there.' },
  { id: 'nut-paste', kinds: ['nut-paste'], moment: 'thicken', reason: 'Thick and oily: it would sit on the floor and catch. Whisked in at the boil, it thickens.' },
  { id: 'ground-nut', kinds: ['nut'], when: (_l, f) => f.strength > 0.03, moment: 'thicken', reason: 'Thickens like a flour: stirred in after pressure.' },
  { id: 'nut', kinds: ['nut'], moment: 'finish', reason: 'Stays crisp only if it waits.' },
  { id: 'mustard', kinds: ['mustard'], moment: 'finish', reason: 'Its heat boils away: stirred in off the boil.' },
  { id: 'pickle', kinds: ['pickle'], moment: 'finish', reason: 'Sharp and salty: added late, so the sauce can be tasted first.' },
  { id: 'other', kinds: ['other'], moment: 'lid', reason: 'Not known: treated as an ordinary vegetable until you say.' },
];

/** How a line written “divided” is shared out, by kind. Shares are kitchen custom; the cook moves either part. */
const DIVIDED: readonly { kinds: readonly FoodKind[]; words?: RegExp; parts: readonly Part[] }[] = [
  { kinds: ['stock', 'water', 'wine', 'beer', 'juice'], parts: [{ share: 0.25, moment: 'deglaze', label: 'a quarter', reason: 'Divided: enough to lift the brown film.' }, { share: 0.75, moment: 'lid', label: 'the rest', reason: 'Divided: the thin liquid that makes the steam.' }] },
  { kinds: ['oil'], parts: [{ share: 0.5, moment: 'sear', label: 'half', reason: 'Divided: to brown in.' }, { share: 0.5, moment: 'aromatics', label: 'half', reason: 'Divided: to soften the onions in.' }] },
  { kinds: ['butter'], parts: [{ share: 0.5, moment: 'aromatics', label: 'half', reason: 'Divided: to soften the onions in, heat down.' }, { share: 0.5, moment: 'finish', label: 'half', reason: 'Divided: stirred in cold at the end, for shine.' }] },
  { kinds: ['flour', 'starch'], words: /\b(?:coat|dust|dredg|toss)/i, parts: [{ share: 0.5, moment: 'sear', label: 'for the coat', reason: 'Divided: a thin coat for browning.' }, { share: 0.5, moment: 'thicken', label: 'for the slurry', reason: 'Divided: the rest is sized as a slurry after pressure.' }] },
  { kinds: ['herb-soft'], parts: [{ share: 0.5, moment: 'finish', label: 'half', reason: 'Divided: stirred in off the heat.' }, { share: 0.5, moment: 'serve', label: 'half', reason: 'Divided: over the top at the table.' }] },
  { kinds: ['cheese', 'cream', 'sour-dairy'], parts: [{ share: 0.67, moment: 'dairy', label: 'most of it', reason: 'Divided: into the sauce, off the boil.' }, { share: 0.33, moment: 'serve', label: 'the rest', reason: 'Divided: at the table.' }] },
  { kinds: ['quick-veg', 'allium'], words: /\bgreens?\b/i, parts: [{ share: 0.5, moment: 'aromatics', label: 'whites', reason: 'The whites soften like an onion.' }, { share: 0.5, moment: 'finish', label: 'greens', reason: 'The greens wilt in a moment: at the end.' }] },
  { kinds: ['aromatic'], parts: [{ share: 0.5, moment: 'aromatics', label: 'half', reason: 'Divided: softened in the fat.' }, { share: 0.5, moment: 'finish', label: 'half', reason: 'Divided: raw and bright at the end.' }] },
  { kinds: ['salt'], parts: [{ share: 0.5, moment: 'sear', label: 'half', reason: 'Divided: salts the meat before it browns.' }, { share: 0.5, moment: 'finish', label: 'half', reason: 'Divided: the sauce changes strength until the end. Taste, then salt.' }] },
  { kinds: ['salty-sauce', 'vinegar', 'citrus'], parts: [{ share: 0.67, moment: 'lid', label: 'most of it', reason: 'Divided: seasons the meat while it cooks.' }, { share: 0.33, moment: 'finish', label: 'the rest', reason: 'Divided: fresh at the end, to taste.' }] },
  { kinds: ['sugar', 'syrup'], parts: [{ share: 0.25, moment: 'lid', label: 'a quarter', reason: 'Divided: a little under the lid, well stirred in.' }, { share: 0.75, moment: 'finish', label: 'the rest', reason: 'Divided: held for the glaze, where it cannot burn.' }] },
  { kinds: ['nut'], parts: [{ share: 0.5, moment: 'finish', label: 'half', reason: 'Divided: stirred in at the end.' }, { share: 0.5, moment: 'serve', label: 'half', reason: 'Divided: crisp on top.' }] },
];

/** The parts of a line written “divided”, or undefined when its kind is not usually divided. */
export function dividedParts(line: ReadLine): readonly Part[] | undefined {
  const kind = line.food?.kind;
  return kind && line.divided ? DIVIDED.find((d) => d.kinds.includes(kind) && (d.words?.test(line.text) ?? true))?.parts : undefined;
}

const rulesOfKind = new Map<FoodKind, MomentRule[]>();
for (const rule of MOMENT_RULES) for (const kind of rule.kinds) rulesOfKind.set(kind, [...(rulesOfKind.get(kind) ?? []), rule]);

/** The first rule that applies to a line, or undefined when the food is not known. */
export function ruleFor(line: ReadLine, context: RuleContext): MomentRule | undefined {
  const food = line.food;
  return food ? rulesOfKind.get(food.kind)?.find((rule) => rule.when?.(line, food, context) ?? true) : undefined;
}

/** What it costs to put a held-back food in before the pressure is gone. */
export interface EarlyHarm {
  kinds: readonly FoodKind[];
  severity: 'stop' | 'careful' | 'note';
  /** Fits after "… is written with the onions." */
  harm: string;
}

/** Worst first within a kind; the first row whose kinds match applies. */
export const EARLY_HARMS: readonly EarlyHarm[] = [
  { kinds: ['starch', 'flour'], severity: 'stop', harm: 'Starch under the lid settles and scorches. A slurry after pressure does the same work.' },
  { kinds: ['sour-dairy', 'milk', 'cheese'], severity: 'stop', harm: 'It splits into grains under pressure, and catches on the floor.' },
  { kinds: ['cream', 'cream-cheese'], severity: 'stop', harm: 'Under pressure it splits and catches. In after the pin drops it stays smooth.' },
  { kinds: ['nut-paste'], severity: 'careful', harm: 'Thick and oily: it sits on the floor and catches.' },
  { kinds: ['sugar', 'syrup', 'thick-sauce'], severity: 'careful', harm: 'Sugar sinks to the hot floor and burns. Held for the glaze it shines instead.' },
  { kinds: ['quick-veg', 'leaf'], severity: 'careful', harm: 'It will be mush: it needs two to five minutes in the finished sauce.' },
  { kinds: ['seafood'], severity: 'careful', harm: 'It turns tough and falls apart: it needs minutes only.' },
  { kinds: ['pasta'], severity: 'careful', harm: 'It drinks the thin liquid and sticks to the floor.' },
  { kinds: ['citrus', 'vinegar', 'mustard', 'pickle'], severity: 'note', harm: 'Its sharpness boils away.' },
  { kinds: ['herb-soft', 'spice-late'], severity: 'note', harm: 'Its scent is gone by the time the lid comes off.' },
  { kinds: ['nut', 'egg', 'gum', 'coconut-cream', 'coconut-milk'], severity: 'note', harm: 'It keeps better if it waits.' },
];
