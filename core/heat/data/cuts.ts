/** Exponent of a piece cut into cubes or chunks: nearly a sphere. Source: equivalent-shape factors of finite bodies; spread 10 %. */
export const CUBED_EXPONENT = 1.8;

/** The thickest piece in a pot against the average one. Source: sorting ordinary packs by thickness; spread 5 %. */
export const THICKEST_FACTOR = 1.12;

/** Which safe temperature applies. */
export type SafeClass = 'poultry' | 'ground' | 'whole';

/** How one cut cooks. */
export interface Cut {
  id: string;
  name: string;
  /** 0 slab, 1 cylinder, 2 sphere; between for finite pieces. */
  exponent: number;
  /** Ordinary thickness of one whole raw piece, mm (its smallest dimension); `boneless` where boning changes it. */
  thicknessMm: number;
  bonelessMm?: number;
  /** It lies flat: halved and quartered it is as thick as it was. */
  flat?: boolean;
  /** The thinnest there is of what is only cooked whole, mm; nobody asks how long a finger of a whole bird takes. */
  leastMm?: number;
  /** Minutes at a core of 95 °C until the connective tissue is tender; 0 for lean cuts with none to melt. */
  tenderAt95Min: number;
  /** Lean cuts dry out: minutes above 75 °C core before it shows. */
  dryAfterMin: number | null;
  safe: SafeClass;
  /** Fewest minutes under pressure that are ever suggested, whatever the come-up did. */
  floorMin: number;
  /** How many times its time to tender until it falls apart. */
  apart: number;
  /** Release that suits it. */
  release: 'quick' | 'ten' | 'natural';
  /** Conduction relative to raw boneless meat: bone and fat slow it, and what shrinks as it cooks lets heat in over a shorter way. */
  conduction: number;
  /** Cut into cubes at home: meat without a bone through it that is more than a bite. */
  cubes: boolean;
  /** Share of the half-thickness heat has to cross: a bone in the middle needs no cooking. */
  depth: number;
}

/** Poultry on the bone is tender well before it drops off it: 9-13 and 15-20 minutes. Source and spread as below. */
const ON_THE_BONE = 2.3;
/** Lean white meat sets and then only dries. */
const LEAN = 6;

/*
 * Source of the table: rates scaled to the household bands of minutes under high pressure in general practice; thickness by ordinary
 * butchery and trade sizes. Spread 20 %.
 */

/**
 * Fewest minutes a cut is given: two for what is done when it is hot, four where there is something to melt, five for chops and
 * for mince that has to come apart, eight for what stews. Source: nobody prints less for pieces of an ordinary size; spread 30 %.
 */
const FLOOR_MIN = { lean: 2, quick: 4, chops: 5, mince: 5, stewing: 8, stewsFrom95Min: 60 } as const;
/** Poultry written as sliced, with no figure: about a finger, mm. Source: ordinary kitchen practice; spread 40 %. */
export const SLICED_POULTRY_MM = 12;
/** Thin slices that are filled and rolled up, mm. Source: roulades as they are tied, a thumb to two thick; spread 25 %. */
export const ROLLED_MM = 38;
/** Mince in a hollowed vegetable, mm across: a pepper, a courgette, an onion. Source: ordinary sizes as sold, 50-75; spread 20 %. */
const STUFFED_MM = 60;
/** Sausage in coins, mm. Source: ordinary kitchen practice; spread 40 %. */
export const SLICED_SAUSAGE_MM = 10;
/** Poultry in cubes of no said size, mm. Source: bites of breast and thigh, 2-3 cm; spread 30 %. */
export const CUBED_POULTRY_MM = 25;
/**
 * Stewing pieces lose a quarter of their weight and get a tenth thinner before they are tender: as the square of it, heat is in
 * sooner. Dark poultry shrinks less in its shorter time; lean meat is done before it shrinks. Source: cooking losses; spread 10 %.
 */
const SHRINKS = { stewing: 1.25, dark: 1.1, lean: 1 } as const;
/** Loose frozen pieces get so many times the fewest minutes. Source: printed minutes for frozen against fresh, a fifth to a half more; spread 15 %. */
export const FROZEN_FLOOR = 1.25;
const shrinksOf = (tenderAt95Min: number): number =>
  tenderAt95Min >= FLOOR_MIN.stewsFrom95Min ? SHRINKS.stewing : tenderAt95Min >= 15 ? SHRINKS.dark : SHRINKS.lean;
const floorOf = (tenderAt95Min: number): number =>
  tenderAt95Min < 10 ? FLOOR_MIN.lean : tenderAt95Min < FLOOR_MIN.stewsFrom95Min ? FLOOR_MIN.quick : FLOOR_MIN.stewing;

const cut = (id: string, name: string, thicknessMm: number, tenderAt95Min: number, release: Cut['release'], over: Partial<Cut> = {}): Cut => ({
  id,
  name,
  exponent: 0.9,
  thicknessMm,
  tenderAt95Min,
  dryAfterMin: null,
  safe: 'whole',
  release,
  conduction: shrinksOf(tenderAt95Min),
  depth: 1,
  cubes: (over.depth ?? 1) === 1 || over.bonelessMm !== undefined,
  apart: 1.8,
  floorMin: floorOf(tenderAt95Min),
  ...over,
});

export const CUTS: readonly Cut[] = [
  cut('chicken-breast', 'chicken breast', 32, 8, 'ten', { safe: 'poultry', dryAfterMin: 12, exponent: 1.05, apart: LEAN }),
  cut('chicken-thigh', 'chicken thigh', 42, 23, 'ten', { safe: 'poultry', bonelessMm: 22, exponent: 0.8, depth: 0.72, apart: ON_THE_BONE }),
  cut('whole-chicken', 'whole chicken', 62, 23, 'ten', { leastMm: 50, cubes: false, safe: 'poultry', exponent: 1.1, depth: 0.82, apart: 2.6 }),
  cut('chicken-drumstick', 'chicken drumstick', 42, 24, 'ten', { safe: 'poultry', exponent: 1.1, depth: 0.82, apart: ON_THE_BONE }),
  cut('chicken-leg', 'chicken leg quarter', 46, 25, 'ten', { safe: 'poultry', exponent: 1, depth: 0.78, apart: ON_THE_BONE }),
  cut('chicken-wing', 'chicken wing', 25, 26, 'quick', { safe: 'poultry', exponent: 1, depth: 0.9, apart: ON_THE_BONE }),
  cut('chicken-mince', 'minced chicken or turkey', 14, 24, 'quick', { cubes: false, safe: 'poultry', floorMin: FLOOR_MIN.mince }),
  cut('chicken-heart', 'hearts and gizzards', 22, 125, 'ten', { cubes: false, safe: 'poultry', exponent: 1.6 }),
  cut('turkey-breast', 'turkey breast', 45, 8, 'ten', { safe: 'poultry', dryAfterMin: 12, exponent: 1.05, apart: LEAN }),
  cut('turkey-leg', 'turkey drumstick', 60, 100, 'natural', { safe: 'poultry', exponent: 1.2, depth: 0.75 }),
  cut('turkey-thigh', 'turkey thigh', 62, 98, 'ten', { safe: 'poultry', bonelessMm: 38, exponent: 1.2, depth: 0.72 }),
  cut('duck-leg', 'duck leg', 45, 118, 'natural', { safe: 'poultry', exponent: 1, depth: 0.72 }),
  cut('duck-breast', 'duck breast', 28, 8, 'ten', { safe: 'poultry', dryAfterMin: 12, exponent: 0.8, cubes: true, apart: LEAN }),
  cut('poultry-liver', 'chicken liver', 20, 0, 'quick', { cubes: false, safe: 'poultry', dryAfterMin: 6, apart: LEAN }),
  cut('beef-chuck', 'beef chuck', 60, 152, 'natural'),
  cut('beef-shin', 'beef shin', 50, 172, 'natural'),
  cut('beef-cheek', 'beef cheek', 50, 170, 'natural', { exponent: 1.6, depth: 0.9 }),
  cut('beef-short-rib', 'beef short rib', 45, 155, 'natural', { exponent: 1.1, depth: 0.8 }),
  cut('oxtail', 'oxtail', 50, 182, 'natural', { exponent: 1, depth: 0.7 }),
  cut('beef-brisket', 'beef brisket', 55, 180, 'natural', { flat: true }),
  cut('beef-skirt', 'beef skirt or flank', 22, 160, 'natural', { flat: true, cubes: false, exponent: 0.4 }),
  cut('beef-tongue', 'beef tongue', 70, 140, 'natural', { leastMm: 50, cubes: false, exponent: 1.2 }),
  cut('beef-round', 'beef round', 60, 140, 'ten', { dryAfterMin: 45 }),
  // Thin slices across the grain, rolled: the fibres are short, and the roll is what heat has to cross. 20-30 min in ordinary recipes.
  cut('beef-roulade', 'beef roulade', 40, 75, 'ten', { exponent: 1 }),
  cut('lamb-shoulder', 'lamb shoulder', 60, 100, 'natural'),
  cut('lamb-leg', 'lamb leg', 60, 96, 'natural'),
  cut('lamb-shank', 'lamb shank', 55, 165, 'natural', { exponent: 1.2, depth: 0.72 }),
  cut('lamb-neck', 'lamb neck', 40, 115, 'natural', { exponent: 0.9, depth: 0.8 }),
  cut('mutton', 'mutton or goat', 32, 120, 'natural'),
  cut('pork-shoulder', 'pork shoulder', 60, 128, 'natural'),
  cut('pork-loin', 'pork loin', 28, 8, 'ten', { dryAfterMin: 10, floorMin: FLOOR_MIN.chops, apart: LEAN }),
  cut('pork-tenderloin', 'pork tenderloin', 38, 0, 'ten', { dryAfterMin: 10, exponent: 1, floorMin: FLOOR_MIN.chops, apart: LEAN }),
  cut('pork-belly', 'pork belly', 40, 128, 'natural', { flat: true }),
  cut('pork-ribs', 'pork ribs', 25, 100, 'natural', { cubes: false, exponent: 0.5 }),
  cut('pork-cheek', 'pork cheek', 35, 145, 'natural'),
  cut('gammon', 'gammon', 60, 50, 'natural', { cubes: false }),
  cut('ham-hock', 'ham hock', 75, 120, 'natural', { leastMm: 50, exponent: 1.2, depth: 0.72 }),
  cut('veal-shoulder', 'veal shoulder', 40, 97, 'natural'),
  cut('veal-shin', 'veal shin', 40, 130, 'natural', { exponent: 0.5, depth: 0.9 }),
  // Game is asked for at the figure of minced meat, whole or not: public tables of safe temperatures.
  cut('venison', 'venison', 40, 126, 'natural', { safe: 'ground', dryAfterMin: 60 }),
  cut('rabbit', 'rabbit', 35, 66, 'ten', { safe: 'ground', exponent: 0.9, depth: 0.8 }),
  cut('ground-meat', 'ground meat', 14, 36, 'quick', { cubes: false, safe: 'ground', floorMin: FLOOR_MIN.mince }),
  cut('meatball', 'meatballs', 40, 14, 'ten', { cubes: false, safe: 'ground', exponent: 2 }),
  // Mince that is filled into a pepper or a courgette: done when its middle is hot, nothing in it has to melt first.
  cut('filling', 'mince in a vegetable', STUFFED_MM, 0, 'ten', { cubes: false, safe: 'ground', exponent: 1.8, dryAfterMin: 30, floorMin: FLOOR_MIN.mince }),
  cut('sausage', 'sausage', 28, 19, 'ten', { cubes: false, safe: 'ground', exponent: 1 }),
  cut('cured', 'cured meat', 8, 12, 'quick', { cubes: false }),
];

const byId = new Map(CUTS.map((c) => [c.id, c]));

/** True of meat without a shape of its own: minced. */
export function isLoose(cut: Pick<Cut, 'id'>): boolean {
  return cut.id === 'ground-meat' || cut.id === 'chicken-mince';
}

/** The cut with this id, or undefined. */
export function cutById(id: string | undefined): Cut | undefined {
  return id ? byId.get(id) : undefined;
}

/**
 * Safe core temperatures by authority, °C. Source: the public figures of the authority named; the household chooses which
 * applies, and its own authority's current advice comes first.
 */
export const SAFE_C: Record<'us' | 'uk', Record<SafeClass, number> & { name: string; note: string }> = {
  us: {
    poultry: 74,
    ground: 71,
    whole: 63,
    name: 'US public figures',
    note: 'Whole cuts of beef, pork, lamb and veal rest 3 minutes.',
  },
  uk: {
    poultry: 70,
    ground: 70,
    whole: 70,
    name: 'UK public figures',
    note: '70 °C held for 2 minutes, or an equivalent.',
  },
};
