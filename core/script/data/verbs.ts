/** Where the pot stands while an act is done. */
export type Stage = 'prep' | 'open' | 'closed' | 'after' | 'table';

/** The part of the cook that an act belongs to, before the lid and after it. */
type Part = 'prep' | 'sear' | 'soften' | 'deglaze' | 'open' | 'thicken' | 'dairy' | 'finish';

/** One thing that cooks do: a row of the table. A new verb is a new row. */
export interface Verb {
  id: string;
  /** What the step is called; `{food}` stands for what it is done to. */
  title: string;
  /** What there is to say besides the recipe's own words; empty when they say it all. */
  text: string;
  /** Heat as it is set. */
  heat: '' | 'high' | 'medium' | 'low' | 'off';
  /** Usual minutes of an act that gives none. Source: ordinary home cooks; spread 30 %. */
  minutes: number;
  /** True while hands are needed. */
  hands: boolean;
  look: string;
  /** Key of the caution that belongs here; empty when none does. */
  caution:
    | ''
    | 'hotFat'
    | 'rawMeat'
    | 'hotPot'
    | 'cleanPlate'
    | 'blender'
    | 'sugar'
    | 'caramel'
    | 'fit'
    | 'grill'
    | 'marinade'
    | 'flame';
  /** Part of the cook before the lid, where it is not the last of it: loading. */
  before?: Part;
  /** Part of the cook after the lid; null where what is in the pot decides. */
  after?: Part;
  /** Done to meat that is there already. */
  toMeat: boolean;
  /** Done in fat, which is listed and not named as what is fried. */
  inFat: boolean;
  /** Its minutes are waited for rather than worked. */
  timed: boolean;
  /** A question that is asked before it counts as done. */
  check?: string;
  /** What a stretch of the clock is called that is mostly this, once the pot is open. */
  block?: string;
}

const v = (id: string, title: string, minutes: number, over: Partial<Verb> = {}): Verb => ({
  id,
  title,
  text: '',
  heat: '',
  minutes,
  hands: true,
  look: '',
  caution: '',
  toMeat: false,
  inFat: false,
  timed: false,
  ...over,
});

/** What is done, from board to table. Source: general kitchen practice; minutes spread 30 %. */
export const VERBS: readonly Verb[] = [
  // On the board and in the bowl
  v('season', 'Season {food}', 2, {
    before: 'prep',
    toMeat: true,
    text: 'Rubbed in on all sides.',
    caution: 'rawMeat',
  }),
  v('dry', 'Pat {food} dry', 1, {
    before: 'prep',
    toMeat: true,
    text: 'Dry meat browns, wet meat stews.',
    caution: 'rawMeat',
  }),
  v('marinate', 'Marinate {food}', 3, {
    before: 'prep',
    toMeat: true,
    text: 'Covered and cold for as long as there is time.',
    caution: 'marinade',
  }),
  v('dredge', 'Flour {food}', 3, {
    before: 'prep',
    toMeat: true,
    text: 'Shake off what does not stick: loose flour catches.',
    look: 'A thin dry coat.',
  }),
  v('pound', 'Pound {food} flat', 3, {
    before: 'prep',
    toMeat: true,
    look: 'Even all over.',
    caution: 'rawMeat',
  }),
  v('soak', 'Soak {food}', 2, { before: 'prep', text: 'The strained liquor is thin liquid: keep it.' }),
  v('salt', 'Salt {food}', 2, {
    before: 'prep',
    text: 'In a colander: the water that it draws is pressed out, and the salt is wiped or rinsed off.',
  }),
  v('mix', 'Mix {food}', 2, { before: 'prep' }),
  v('shape', 'Shape them', 8, { before: 'prep', look: 'All of one size.' }),
  v('blend', 'Blend {food}', 3, { before: 'prep', look: 'Smooth.', caution: 'blender' }),
  v('brine', 'Brine {food}', 2, {
    before: 'prep',
    toMeat: true,
    text: 'Covered and cold; drained and patted dry before it goes in.',
    caution: 'marinade',
  }),
  v('rinse', 'Rinse {food}', 1, { before: 'prep', text: 'Until the water runs clear; drained well.' }),
  v('score', 'Score {food}', 1, { before: 'prep', toMeat: true, caution: 'rawMeat' }),
  v('tie', 'Tie {food}', 3, { before: 'prep', toMeat: true, caution: 'rawMeat' }),
  v('toast', 'Toast {food}', 2, {
    before: 'prep',
    heat: 'medium',
    text: 'Dry, shaken all the time.',
    look: 'A shade darker, and it smells.',
  }),
  v('blanch', 'Blanch {food}', 6, {
    before: 'prep',
    timed: true,
    heat: 'high',
    text: 'In a pot of water beside; drained and rinsed, the water poured away.',
    look: 'Grey scum has risen.',
  }),
  v('roast', 'Roast {food} beside', 15, {
    before: 'prep',
    toMeat: true,
    timed: true,
    hands: false,
    text: 'In the oven, on a tray, in one layer.',
    look: 'Coloured at the edges.',
    caution: 'grill',
  }),
  v('char', 'Char {food}', 8, {
    before: 'prep',
    toMeat: true,
    timed: true,
    text: 'Close to the heat, turned as it blackens. Stay with it.',
    look: 'Dark in spots.',
    caution: 'grill',
  }),
  v('steep', 'Steep {food}', 1, {
    before: 'prep',
    text: 'In something warm, until it has given its colour.',
  }),
  // In the open pot
  v('heat', 'Heat {food}', 4, { before: 'sear', heat: 'medium', look: 'It shimmers.', caution: 'hotFat' }),
  v('render', 'Render {food} from cold', 8, {
    before: 'sear',
    inFat: true,
    timed: true,
    heat: 'medium',
    text: 'Into the cold pot, so that the fat runs before it colours.',
    look: 'Crisp, and the fat clear.',
    caution: 'hotFat',
  }),
  v('pop', 'Let {food} sizzle', 1, {
    before: 'soften',
    inFat: true,
    heat: 'medium',
    look: 'It crackles and smells; not dark.',
    caution: 'hotFat',
  }),
  v('brown', 'Brown {food}', 7, {
    before: 'sear',
    toMeat: true,
    inFat: true,
    heat: 'high',
    text: 'One layer, left alone until it lets go.',
    look: 'Deep brown; the middle is still raw.',
    caution: 'hotFat',
  }),
  v('pouroff', 'Pour off the fat', 1, {
    before: 'sear',
    text: 'Into a cup, never down the sink; a spoonful stays.',
    caution: 'hotFat',
  }),
  v('soften', 'Soften {food}', 5, {
    before: 'soften',
    inFat: true,
    timed: true,
    heat: 'medium',
    look: 'Soft and glassy.',
  }),
  v('caramel', 'Melt {food} to a caramel', 5, {
    before: 'sear',
    timed: true,
    heat: 'medium',
    text: 'Watched all the time, swirled and never touched.',
    look: 'Amber; not smoking.',
    caution: 'caramel',
  }),
  v('bloom', 'Bloom {food}', 1, {
    before: 'soften',
    inFat: true,
    timed: true,
    heat: 'low',
    text: 'Stir all the time; have the liquid in your other hand.',
    look: 'You smell it; it has not gone darker.',
  }),
  v('deglaze', 'Deglaze with {food}', 2, {
    heat: 'high',
    text: 'Flat spoon, the whole floor.',
    look: 'No stuck spot anywhere under the spoon.',
    check: 'Is the floor scraped clean, with no stuck spot left?',
  }),
  v('flame', 'Flame {food}', 1, {
    before: 'deglaze',
    after: 'thicken',
    heat: 'off',
    text: 'Off the heat, poured from a cup and never from the bottle, lit at the edge with a long match.',
    look: 'The flames have died by themselves.',
    caution: 'flame',
  }),
  v('reduce', 'Boil down', 5, {
    block: 'Boil down',
    hands: false,
    after: 'thicken',
    timed: true,
    heat: 'high',
    look: 'Visibly less, and thicker.',
  }),
  v('fry', 'Fry {food}', 5, {
    block: 'Fry',
    inFat: true,
    heat: 'medium',
    text: 'In a pan beside.',
    look: 'Golden.',
    caution: 'hotFat',
  }),
  v('warm', 'Warm it through', 2, {
    block: 'Warm',
    heat: 'low',
    timed: true,
    look: 'Steaming, not bubbling.',
  }),
  v('simmer', 'Simmer {food}', 4, {
    block: 'Simmer',
    after: 'thicken',
    timed: true,
    heat: 'medium',
    look: 'Just done.',
  }),
  v('boil', 'Boil {food}', 10, {
    block: 'Boil',
    after: 'thicken',
    timed: true,
    heat: 'medium',
    text: 'It drinks: hot water by the splash if it catches.',
    look: 'Tender with a bite.',
  }),
  v('liftout', 'Lift out {food}', 1, {
    after: 'open',
    toMeat: true,
    text: 'Onto a plate, with a slotted spoon.',
  }),
  // Into the pot and under the lid
  v('add', 'In with {food}', 1, {}),
  v('return', 'Return {food}', 1, { toMeat: true, text: 'With the juices.' }),
  v('top', '{food} on top', 1, { text: 'Not stirred in.' }),
  v('rack', '{food} on the rack', 1, { toMeat: true, text: 'Above the liquid.' }),
  v('bowl', '{food} in a bowl of its own', 1, {
    text: 'With its own water, loosely covered, on the rack above the rest: none of it counts for the pot.',
  }),
  v('lid', 'Close the lid', 1, {}),
  // Once it is open
  v('shred', 'Shred {food}', 3, {
    block: 'Shred',
    after: 'open',
    toMeat: true,
    text: 'Two forks, along the grain, while it is hot.',
    caution: 'cleanPlate',
  }),
  v('slice', 'Slice {food}', 3, {
    after: 'open',
    toMeat: true,
    text: 'Across the grain.',
    caution: 'cleanPlate',
  }),
  v('fluff', 'Fluff {food}', 1, {
    after: 'finish',
    text: 'With a fork, lifting and not stirring.',
    look: 'Every grain by itself.',
  }),
  v('bone', 'Take the bones out', 3, { after: 'open', caution: 'cleanPlate' }),
  v('keepwarm', 'Keep {food} warm', 1, { after: 'open', toMeat: true, text: 'Under foil, on a warm plate.' }),
  v('sauce', 'Make the sauce in a small pan', 8, {
    after: 'finish',
    heat: 'medium',
    text: 'Fat and flour first, stirred for a minute; then the liquid by the splash, whisked smooth each time.',
    look: 'Smooth, and it coats the spoon.',
  }),
  v('mash', 'Mash {food}', 2, {
    block: 'Mash',
    before: 'prep',
    after: 'thicken',
    look: 'As smooth as you like it.',
  }),
  v('strain', 'Strain the sauce', 2, {
    block: 'Strain',
    after: 'thicken',
    text: 'Through a sieve into a jug, pressing with a ladle.',
    caution: 'hotPot',
  }),
  v('skim', 'Skim the fat', 1, { block: 'Skim', after: 'thicken', text: 'Let it stand a minute first.' }),
  v('blendafter', 'Blend the sauce', 2, {
    block: 'Blend',
    after: 'thicken',
    heat: 'off',
    look: 'Smooth.',
    caution: 'blender',
  }),
  v('thicken', 'Thicken', 3, { heat: 'high' }),
  v('wilt', 'Wilt {food}', 2, { block: 'Wilt', after: 'thicken', heat: 'low', look: 'Just wilted.' }),
  v('stirin', 'Stir in {food}', 1, { heat: 'low' }),
  v('dairy', 'Stir in {food}', 1, { after: 'dairy', heat: 'off' }),
  v('melt', 'Melt {food} under the resting lid', 3, {
    block: 'Melt',
    after: 'dairy',
    timed: true,
    heat: 'off',
    hands: false,
    text: 'The lid only rests: no pressure.',
    look: 'Melted.',
  }),
  v('steamlid', 'Lid resting, no pressure', 10, {
    block: 'Lid rests',
    timed: true,
    heat: 'medium',
    hands: false,
  }),
  v('glaze', 'Boil the glaze down', 6, {
    block: 'Glaze',
    after: 'thicken',
    timed: true,
    heat: 'medium',
    look: 'Falls from the spoon in a sheet, shines, sticks.',
    caution: 'sugar',
  }),
  v('coat', 'Coat {food}', 2, { after: 'finish', toMeat: true, look: 'Shining all over.' }),
  v('bake', 'Into the oven', 15, { block: 'Oven', timed: true, hands: false, caution: 'grill' }),
  v('grill', 'Under the grill', 5, {
    block: 'Grill',
    timed: true,
    hands: false,
    text: 'Stay with it: it goes from brown to black in a minute.',
    look: 'Coloured at the edges.',
    caution: 'grill',
  }),
  v('rest', 'Let it rest', 5, { block: 'Rest', timed: true, hands: false }),
  v('chill', 'Chill it', 2, {
    block: 'Chill',
    after: 'thicken',
    text: 'Done ahead: the clock here does not count the hours. Covered, shallow, and into the cold within 2 hours; what is warmed again is hot all through.',
    look: 'The fat has set on top.',
  }),
  v('cool', 'Let it cool', 10, { block: 'Cool', after: 'finish', heat: 'off', hands: false, timed: true }),
  v('temper', 'Temper {food}', 2, {
    after: 'dairy',
    heat: 'off',
    text: 'Hot sauce into it by the spoon, whisking, until it is warm; then that into the pot.',
  }),
  v('stuff', 'Stuff {food}', 4, { before: 'prep', toMeat: true, caution: 'rawMeat' }),
  v('fill', 'Fill and assemble', 5, { block: 'Fill' }),
  v('finish', 'Off the heat: taste and season', 1, {
    heat: 'off',
    look: 'It should taste of itself, bright at the end.',
  }),
  v('serve', 'To the table', 2, {}),
];

const those = (ids: string): ReadonlySet<string> => new Set(ids.split(' '));

/** What verbs have in common, told once: a new verb is looked for here too. */
export const VERBS_THAT = {
  /** Done to meat before it is in the pot. */
  areOfTheBoard: those('season dry marinate dredge pound soak brine score stuff tie blanch roast char'),
  /** Done beside the pot: what was made there goes in where it is named next. */
  areMadeBeside: those('toast blend mix soak salt steep roast char blanch'),
  /** Several lines are one thing afterwards: a paste, a mixture. */
  makeOneThing: those('blend mix'),
  /** Done to meat in the hand: no piece is whole afterwards. */
  workMeat: those('bone shred slice'),
  /** After them something can be put back. */
  takeOut: those('liftout strain bone shred slice blendafter'),
  /** With the first of them the board is left. */
  needThePot: those('heat render caramel pop brown pouroff soften bloom deglaze reduce add rack top'),
  /** The pot has just had heat: what goes in next is fried. */
  leaveHeat: those('heat caramel brown render soften pop bloom liftout pouroff flame'),
  /** They cook what is in the open pot, the pan or the oven. */
  cook: those('simmer boil fry bake grill steamlid reduce glaze warm'),
} as const;

const byId = new Map(VERBS.map((verb) => [verb.id, verb]));

/** The verb with this id. Throws on an id that does not exist: ids come from our own table. */
export function verbById(id: string): Verb {
  const verb = byId.get(id);
  if (!verb) throw new Error(`No verb "${id}"`);
  return verb;
}
