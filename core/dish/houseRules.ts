import { z } from 'zod';

/** One choice within a school, and what choosing it costs. */
export interface SchoolOption {
  id: string;
  label: string;
  cost: string;
}

/** A matter good cooks disagree on. The first option is the default. */
export interface School {
  id: keyof HouseRules;
  title: string;
  /** Why the first option is the default. */
  because: string;
  options: readonly SchoolOption[];
}

const OPTIONS = {
  browning: z.enum(['pot', 'never', 'pan', 'end']),
  dairy: z.enum(['after', 'full-fat-under']),
  starch: z.enum(['after', 'coat-under', 'little-under']),
  liquid: z.enum(['poured', 'juices']),
  release: z.enum(['by-cut', 'quick', 'ten', 'natural']),
  minutes: z.enum(['recipe', 'computed']),
  slurryWater: z.enum(['equal', 'three', 'stock']),
  thickener: z.enum([
    'cornstarch',
    'arrowroot',
    'tapioca',
    'potato',
    'paste',
    'xanthan',
    'reduce',
    'blended',
  ]),
  frozen: z.enum(['longer', 'same', 'thaw']),
  pieceSize: z.enum(['small', 'whole']),
  tomato: z.enum(['top', 'blend', 'deglaze']),
  coconut: z.enum(['split', 'under', 'after']),
  marinade: z.enum(['none', 'prep', 'overnight']),
  greens: z.enum(['after', 'under']),
  pasta: z.enum(['after', 'pot', 'apart']),
  doneWhen: z.enum(['thermometer', 'look']),
  fat: z.enum(['skim', 'pour', 'keep']),
  texture: z.enum(['as-is', 'blended', 'strained']),
};

/** The household's school for each matter. Missing ones take the default. */
export const HouseRulesSchema = z.object({
  browning: OPTIONS.browning.default('pot'),
  dairy: OPTIONS.dairy.default('after'),
  starch: OPTIONS.starch.default('after'),
  liquid: OPTIONS.liquid.default('poured'),
  release: OPTIONS.release.default('by-cut'),
  minutes: OPTIONS.minutes.default('recipe'),
  slurryWater: OPTIONS.slurryWater.default('equal'),
  thickener: OPTIONS.thickener.default('cornstarch'),
  frozen: OPTIONS.frozen.default('longer'),
  pieceSize: OPTIONS.pieceSize.default('small'),
  tomato: OPTIONS.tomato.default('top'),
  coconut: OPTIONS.coconut.default('split'),
  marinade: OPTIONS.marinade.default('none'),
  greens: OPTIONS.greens.default('after'),
  pasta: OPTIONS.pasta.default('after'),
  doneWhen: OPTIONS.doneWhen.default('thermometer'),
  fat: OPTIONS.fat.default('skim'),
  texture: OPTIONS.texture.default('as-is'),
});

/** A dish's overrides: only the matters it decides for itself. */
export const RuleOverridesSchema = z.object(OPTIONS).partial();
export type HouseRules = z.infer<typeof HouseRulesSchema>;

/** The defaults. */
export const DEFAULT_RULES: HouseRules = HouseRulesSchema.parse({});

/** Every school the app computes with, in the order a cook meets them. */
export const SCHOOLS: readonly School[] = [
  {
    id: 'browning',
    title: 'Browning',
    because: 'A sear in the pot gives the most flavour for one pot to wash.',
    options: [
      {
        id: 'pot',
        label: 'Sear in the pot',
        cost: 'Leaves a film that has to be scraped off before the lid goes on.',
      },
      { id: 'never', label: 'Do not sear', cost: 'Paler sauce; no film, no burn alarm, less to wash.' },
      {
        id: 'pan',
        label: 'Sear in a wide pan beside it',
        cost: 'A second pan; better contact, and the pot floor stays clean.',
      },
      {
        id: 'end',
        label: 'Colour at the end, under the grill',
        cost: 'Colour without depth in the sauce; needs the oven.',
      },
    ],
  },
  {
    id: 'dairy',
    title: 'Dairy',
    because: 'Under pressure most dairy splits. Lean and sour dairy always waits, whatever is chosen here.',
    options: [
      { id: 'after', label: 'After pressure, always', cost: 'One more step at the end.' },
      {
        id: 'full-fat-under',
        label: 'Full-fat cream and cream cheese may go under',
        cost: 'Some grain in the sauce, more scorch on the floor.',
      },
    ],
  },
  {
    id: 'starch',
    title: 'Flour and starch',
    because: 'Starch sinks, catches and stops the liquid boiling freely.',
    options: [
      { id: 'after', label: 'After pressure, as a sized slurry', cost: 'Three minutes at the end.' },
      {
        id: 'coat-under',
        label: 'A floured coat or roux under the lid',
        cost: 'Body from the start; more scorch, needs a little more liquid.',
      },
      {
        id: 'little-under',
        label: 'A little of it from the start, the rest after',
        cost: 'Some body under the lid; a quarter of the scorch of all of it.',
      },
    ],
  },
  {
    id: 'liquid',
    title: 'Counting the liquid',
    because: 'The pot’s manual counts what is poured; juices differ from day to day.',
    options: [
      {
        id: 'poured',
        label: 'Only what is poured, by the manual',
        cost: 'A thinner sauce to reduce or thicken.',
      },
      {
        id: 'juices',
        label: 'Count the juices too, with a small poured floor',
        cost: 'A richer sauce; a dry batch can trip the burn alarm.',
      },
    ],
  },
  {
    id: 'minutes',
    title: 'Whose minutes',
    because: 'A written recipe was cooked by somebody: where its minutes do no harm here, they are hers.',
    options: [
      {
        id: 'recipe',
        label: 'The recipe’s, where they are harmless',
        cost: 'Not the shortest; what would leave it under or dry is computed all the same, and said.',
      },
      {
        id: 'computed',
        label: 'Computed, always',
        cost: 'Other minutes than the page you hold in your hand.',
      },
    ],
  },
  {
    id: 'release',
    title: 'Release',
    because: 'The natural minutes are cooking minutes: sinewy pieces want them, small ones do not.',
    options: [
      { id: 'by-cut', label: 'By the cut, computed', cost: 'None: the minutes are set to suit.' },
      {
        id: 'quick',
        label: 'Always quick',
        cost: 'More minutes under pressure for big pieces; more steam and splashing.',
      },
      { id: 'ten', label: 'Ten minutes, then vent', cost: 'Small pieces go on cooking.' },
      { id: 'natural', label: 'Fully natural', cost: 'The longest wait; lean meat dries.' },
    ],
  },
  {
    id: 'slurryWater',
    title: 'Slurry water',
    because: 'Equal spoonfuls are easy to remember and dilute least.',
    options: [
      {
        id: 'equal',
        label: 'Equal spoonfuls of starch and cold water',
        cost: 'Stiff to pour: stir again just before.',
      },
      {
        id: 'three',
        label: 'Three parts water to one',
        cost: 'Pours easily; thins the sauce a little more, counted in the dose.',
      },
      { id: 'stock', label: 'Cold stock instead of water', cost: 'A little more salt.' },
    ],
  },
  {
    id: 'thickener',
    title: 'Thickener',
    because: 'Cornstarch is in most cupboards and forgives most.',
    options: [
      {
        id: 'cornstarch',
        label: 'Cornstarch',
        cost: 'Needs the boil; dulls a little; weeps after freezing.',
      },
      { id: 'arrowroot', label: 'Arrowroot', cost: 'Shines; slimy with milk, thins if boiled long.' },
      { id: 'tapioca', label: 'Tapioca starch', cost: 'Shines; goes stringy when boiled long.' },
      { id: 'potato', label: 'Potato starch', cost: 'Strong and quick; do not boil long.' },
      {
        id: 'paste',
        label: 'Flour-and-butter paste',
        cost: 'Needs a five-minute simmer; adds fat and gluten.',
      },
      {
        id: 'xanthan',
        label: 'Xanthan gum',
        cost: 'Hardly any carbohydrate; slimy if overdone, needs whisking.',
      },
      {
        id: 'reduce',
        label: 'Boil it down only',
        cost: 'Minutes instead of starch; salt and sharpness climb.',
      },
      {
        id: 'blended',
        label: 'Vegetables blended from the pot',
        cost: 'No starch at all where there are vegetables enough; needs a blender and care with steam.',
      },
    ],
  },
  {
    id: 'frozen',
    title: 'Frozen meat',
    because: 'Frozen pieces come up slower and their middles lag.',
    options: [
      { id: 'longer', label: 'Longer, as computed', cost: 'A third to a half more minutes.' },
      {
        id: 'same',
        label: 'Same minutes if flat and separate',
        cost: 'Thick pieces may be short in the middle: the thermometer decides.',
      },
      { id: 'thaw', label: 'Thaw first, always', cost: 'Needs yesterday’s planning.' },
    ],
  },
  {
    id: 'pieceSize',
    title: 'Size of the pieces',
    because: 'Small, even pieces are done at the same minute, and sooner.',
    options: [
      {
        id: 'small',
        label: 'Cut small for even cooking',
        cost: 'Minutes at the board; lean pieces dry sooner if forgotten.',
      },
      {
        id: 'whole',
        label: 'Leave whole and shred later',
        cost: 'More minutes under pressure; two forks at the end.',
      },
    ],
  },
  {
    id: 'tomato',
    title: 'Tomato',
    because: 'Thick tomato on the floor is the usual cause of a burn alarm.',
    options: [
      { id: 'top', label: 'On top, not stirred in', cost: 'Stir after pressure.' },
      { id: 'blend', label: 'Loosened with stock and blended in', cost: 'More scorch on the floor.' },
      {
        id: 'deglaze',
        label: 'Used to deglaze',
        cost: 'Sharp and thick on the film: scrape well, more scorch.',
      },
    ],
  },
  {
    id: 'coconut',
    title: 'Coconut milk',
    because: 'Its thin part boils freely; its cream is best fresh.',
    options: [
      { id: 'split', label: 'Thin part now, thick part later', cost: 'Do not shake the tin.' },
      { id: 'under', label: 'Whole tin under the lid, well loosened', cost: 'Fat splits out, harmlessly.' },
      { id: 'after', label: 'All after pressure', cost: 'Less thin liquid to come up on.' },
    ],
  },
  {
    id: 'marinade',
    title: 'Marinade',
    because: 'Pressure drives flavour in: none is needed.',
    options: [
      { id: 'none', label: 'None: season and go', cost: 'Nothing to wait for.' },
      {
        id: 'prep',
        label: 'As long as the preparation takes',
        cost: 'Season the meat first; it waits while the rest is cut.',
      },
      {
        id: 'overnight',
        label: 'Overnight, in the refrigerator',
        cost: 'Needs yesterday; sour marinades burn on the floor, so wipe the meat.',
      },
    ],
  },
  {
    id: 'greens',
    title: 'Leaves and quick vegetables',
    because: 'Eight minutes at 116 °C is eight times too long for a pea.',
    options: [
      { id: 'after', label: 'After pressure', cost: 'Two to five minutes at the end.' },
      { id: 'under', label: 'Under the lid on purpose', cost: 'They melt into the sauce.' },
    ],
  },
  {
    id: 'pasta',
    title: 'Pasta',
    because: 'Pasta in the pot is the usual first failure: it drinks the liquid and sticks.',
    options: [
      {
        id: 'after',
        label: 'Boiled in the finished broth',
        cost: 'Ten minutes with the lid off; it thickens the sauce.',
      },
      {
        id: 'pot',
        label: 'In the pot with measured water',
        cost: 'Needs about 240 ml for each 110 g, off the floor, never stirred.',
      },
      { id: 'apart', label: 'Cooked apart', cost: 'A second pan.' },
    ],
  },
  {
    id: 'doneWhen',
    title: 'Done when',
    because: 'Only a thermometer knows the middle. For poultry and pork it is asked whatever is chosen here.',
    options: [
      { id: 'thermometer', label: 'By the thermometer', cost: 'A minute, and one to own.' },
      {
        id: 'look',
        label: 'By fork and look',
        cost: 'Tells tender, not hot. Poultry, pork and mince are still measured.',
      },
    ],
  },
  {
    id: 'fat',
    title: 'Fat',
    because: 'A spoon takes most of it off in a minute, and the sauce tastes cleaner.',
    options: [
      { id: 'skim', label: 'Skim it after pressure', cost: 'A minute; a little sauce goes with it.' },
      {
        id: 'pour',
        label: 'Pour some off after searing',
        cost: 'Some of the browning goes with it; less to skim.',
      },
      { id: 'keep', label: 'Keep it, it is flavour', cost: 'A richer sauce that can look greasy.' },
    ],
  },
  {
    id: 'texture',
    title: 'Texture of the sauce',
    because: 'What is in the pot is good as it is.',
    options: [
      { id: 'as-is', label: 'As it comes', cost: 'Nothing to do.' },
      {
        id: 'blended',
        label: 'Blended smooth',
        cost: 'A blender and two minutes; it thickens, which is counted in the slurry.',
      },
      { id: 'strained', label: 'Strained', cost: 'Two minutes; some body stays in the sieve.' },
    ],
  },
];
