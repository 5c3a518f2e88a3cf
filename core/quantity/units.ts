/**
 * Units a cook writes. Mass is grams, volume millilitres, length millimetres; a `piece` unit (clove, can, sprig)
 * weighs what the pantry says for the food, or `typicalG` when the pantry is silent.
 */
type UnitKind = 'mass' | 'volume' | 'length' | 'piece';

/** Whose spoons and cups: the household's, unless the line says otherwise. */
export type MeasureSystem = 'us' | 'metric' | 'uk' | 'au';

export interface Unit {
  id: string;
  kind: UnitKind;
  /** Grams, millilitres or millimetres for one; 1 for pieces. */
  perUnit: number;
  /** Where a system measures it otherwise. */
  bySystem?: Partial<Record<MeasureSystem, number>>;
  /** What one weighs when the food has no figure of its own (pieces only). */
  typicalG?: number;
  /** Relative uncertainty of one in real kitchens. */
  spread: number;
  /** Lower-case spellings, singular and plural. `T` and `t` are handled by the reader: case matters there. */
  names: readonly string[];
}

/* Source of the exact figures: definitions of US customary, imperial and metric kitchen measures; vague measures are kitchen custom. */

const u = (
  id: string,
  kind: UnitKind,
  perUnit: number,
  spread: number,
  names: string,
  extra: Partial<Unit> = {},
): Unit => ({ id, kind, perUnit, spread, names: names.split('|'), ...extra });

export const UNITS: readonly Unit[] = [
  u('g', 'mass', 1, 0.02, 'g|gr|gm|gms|gram|grams|gramme|grammes|g.'),
  u('kg', 'mass', 1000, 0.02, 'kg|kgs|kilo|kilos|kilogram|kilograms|kilogramme|kilogrammes'),
  u('mg', 'mass', 0.001, 0.05, 'mg|milligram|milligrams'),
  u('oz', 'mass', 28.3495, 0.02, 'oz|oz.|ounce|ounces|onzas'),
  u('lb', 'mass', 453.592, 0.02, 'lb|lb.|lbs|lbs.|pound|pounds|#'),
  u('ml', 'volume', 1, 0.03, 'ml|mls|millilitre|millilitres|milliliter|milliliters|cc|cm3'),
  u('cl', 'volume', 10, 0.03, 'cl|centilitre|centilitres|centiliter|centiliters'),
  u('dl', 'volume', 100, 0.03, 'dl|decilitre|decilitres|deciliter|deciliters'),
  u('l', 'volume', 1000, 0.03, 'l|litre|litres|liter|liters|ltr|ltrs|lt|lts'),
  u(
    'tsp',
    'volume',
    4.929,
    0.15,
    'tsp|tsp.|tsps|teaspoon|teaspoons|teaspoonful|teaspoonfuls|teaspoonsful|teasp|ts|tl|tsk|cdta|cdtas|cucharadita|cucharaditas|c. à c.|c. à café|c. à thé|cuillère à café|cuillères à café|cucchiaino|cucchiaini|theelepel|teelöffel',
    {
      bySystem: { metric: 5, uk: 5, au: 5 },
    },
  ),
  u(
    'dsp',
    'volume',
    10,
    0.2,
    'dsp|dessertspoon|dessertspoons|dstspn|dessert spoon|dessert spoons|dessertspoonful|dessertspoonfuls',
  ),
  u(
    'tbsp',
    'volume',
    14.787,
    0.12,
    'tbsp|tbsp.|tbsps|tbs|tbs.|tb|tb.|tbl|tblsp|tablespoon|tablespoons|tablespoonful|tablespoonfuls|tablespoonsful|tbls|tabsp|el|msk|spsk|cda|cdas|cucharada|cucharadas|eetlepel|esslöffel|c. à s.|c. à soupe|cuillère à soupe|cuillères à soupe|cucchiaio|cucchiai|rounded tablespoon|tblspn|tblspns|tbspn|tbspns|tablspoon|tblespoon|spoon|spoons',
    {
      bySystem: { metric: 15, uk: 15, au: 20 },
    },
  ),
  u('floz', 'volume', 29.574, 0.05, 'fl oz|fl. oz.|fl. oz|floz|fluid ounce|fluid ounces|fl ounce|fl ounces', {
    bySystem: { uk: 28.413 },
  }),
  u('cup', 'volume', 236.588, 0.08, 'cup|cups|cupful|cupfuls|c|c.|taza|tazas|tasse|tasses', {
    bySystem: { metric: 250, uk: 250, au: 250 },
  }),
  u('pint', 'volume', 473.176, 0.05, 'pint|pints|pt|pts', {
    bySystem: { uk: 568.261, metric: 568.261, au: 570 },
  }),
  u('quart', 'volume', 946.353, 0.05, 'quart|quarts|qt|qts', { bySystem: { uk: 1136.5 } }),
  u('gallon', 'volume', 3785.41, 0.05, 'gallon|gallons|gal', { bySystem: { uk: 4546.1 } }),
  u('dash', 'volume', 0.6, 0.5, 'dash|dashes|shake|shakes'),
  u('drop', 'volume', 0.06, 0.5, 'drop|drops'),
  u('splash', 'volume', 15, 0.5, 'splash|splashes|drizzle|drizzles|glug|glugs|slosh'),
  u('square', 'piece', 1, 0.3, 'square|squares|sq', { typicalG: 10 }),
  u('squeeze', 'volume', 5, 0.5, 'squeeze|squeezes'),
  u(
    'glass',
    'volume',
    150,
    0.25,
    'glass|glasses|wineglass|wineglasses|wineglassful|wineglassfuls|verre|verres|bicchiere|bicchieri',
  ),
  u('teacup', 'volume', 150, 0.2, 'teacup|teacups|teacupful|teacupfuls|gill|gills'),
  u('shot', 'volume', 30, 0.2, 'shot|shots|jigger|jiggers'),
  u('mug', 'volume', 300, 0.2, 'mug|mugs'),
  u('mm', 'length', 1, 0.1, 'mm|millimetre|millimetres|millimeter|millimeters'),
  u('cm', 'length', 10, 0.1, 'cm|centimetre|centimetres|centimeter|centimeters'),
  u('inch', 'length', 25.4, 0.15, 'inch|inches|in|in.|"|”|″|-inch'),
  u('pinch', 'piece', 1, 0.5, 'pinch|pinches|grating|gratings|smidgen|pizca|prise|krm|nypa|pincée|pizzico', {
    typicalG: 0.3,
  }),
  u('grind', 'piece', 1, 0.5, 'grind|grinds|twist|twists|crack|cracks|grinding|grindings', {
    typicalG: 0.15,
  }),
  u('handful', 'piece', 1, 0.4, 'handful|handfuls|fistful|handvoll|poignée|puñado|manciata|håndfuld', {
    typicalG: 30,
  }),
  u('clove', 'piece', 1, 0.3, 'clove|cloves|clv|clvs|zehe|zehen', { typicalG: 4.5 }),
  u('can', 'piece', 1, 0.08, 'can|cans|tin|tins|dose|dosen|lata', { typicalG: 400 }),
  u('can1', 'piece', 1, 0.05, 'no. 1 can|no 1 can|#1 can|#1 cans', { typicalG: 300 }),
  u('can300', 'piece', 1, 0.05, '#300 can|300 can|no. 300 can', { typicalG: 425 }),
  u('can303', 'piece', 1, 0.05, '#303 can|303 can|303 cans|no. 303 can', { typicalG: 454 }),
  u('can2', 'piece', 1, 0.05, 'no. 2 can|no 2 can|#2 can|#2 cans|no. 2 cans', { typicalG: 567 }),
  u('can2half', 'piece', 1, 0.05, 'no. 2½ can|no. 2 1/2 can|#2½ can|#2 1/2 can', { typicalG: 822 }),
  u('can10', 'piece', 1, 0.05, 'no. 10 can|no 10 can|#10 can|#10 cans|no. 10 cans', { typicalG: 2950 }),
  u('jar', 'piece', 1, 0.3, 'jar|jars', { typicalG: 350 }),
  u(
    'packet',
    'piece',
    1,
    0.4,
    'packet|packets|package|packages|pkg|pkgs|pack|packs|sachet|sachets|pkt|pkts|envelope|envelopes|pouch|pouches|paket|box|boxes',
    {
      typicalG: 250,
    },
  ),
  u(
    'carton',
    'piece',
    1,
    0.3,
    'carton|cartons|tub|tubs|pot|pots|pot of|pots of|container|containers|becher',
    {
      typicalG: 300,
    },
  ),
  u('bag', 'piece', 1, 0.3, 'bag|bags', { typicalG: 250 }),
  u('bottle', 'piece', 1, 0.2, 'bottle|bottles', { typicalG: 500 }),
  u('tray', 'piece', 1, 0.3, 'tray|trays|punnet|punnets|basket|baskets', { typicalG: 250 }),
  u('tube', 'piece', 1, 0.2, 'tube|tubes', { typicalG: 130 }),
  u('ring', 'piece', 1, 0.3, 'ring|rings', { typicalG: 300 }),
  u('link', 'piece', 1, 0.25, 'link|links', { typicalG: 80 }),
  u('ball', 'piece', 1, 0.3, 'ball|balls', { typicalG: 120 }),
  u('loaf', 'piece', 1, 0.3, 'loaf|loaves', { typicalG: 500 }),
  u('sheet', 'piece', 1, 0.3, 'sheet|sheets', { typicalG: 20 }),
  u(
    'bunch',
    'piece',
    1,
    0.4,
    'bunch|bunches|bouquet|bund|bundle|bundles|tali|bunch of|botte|manojo|mazzetto|bundt',
    { typicalG: 30 },
  ),
  u(
    'sprig',
    'piece',
    1,
    0.5,
    'sprig|sprigs|stem|stems|strand|strands|spray|sprays|zweig|zweige|brin|brins|ramita|ramitas|rametto|kvist|kviste|kvistar',
    { typicalG: 1.5 },
  ),
  u('leaf', 'piece', 1, 0.5, 'leaf|leaves|blatt|blätter', { typicalG: 0.3 }),
  u('stick', 'piece', 1, 0.2, 'stick|sticks', { typicalG: 45 }),
  u('stalk', 'piece', 1, 0.3, 'stalk|stalks|rib|ribs|tallo|tallos|costa|coste', {
    typicalG: 45,
  }),
  u(
    'slice',
    'piece',
    1,
    0.4,
    'slice|slices|scheibe|scheiben|tranche|tranches|fetta|fette|skive|skiver|rebanada|rebanadas|lonchas',
    { typicalG: 20 },
  ),
  u('rasher', 'piece', 1, 0.2, 'rasher|rashers', { typicalG: 25 }),
  u('strip', 'piece', 1, 0.4, 'strip|strips|ribbon|ribbons', { typicalG: 20 }),
  u('head', 'piece', 1, 0.3, 'head|heads|bulb|bulbs', { typicalG: 400 }),
  u('cube', 'piece', 1, 0.1, 'cube|cubes|stock pot|stockpot', { typicalG: 10 }),
  u(
    'knob',
    'piece',
    1,
    0.4,
    'knob|knobs|nub|pat|pats|walnut|walnut-sized knob|walnut-size knob|walnut-sized piece|walnut-size ball|walnut-sized ball|lime-sized ball|lemon-sized ball|marble-sized ball',
    { typicalG: 15 },
  ),
  u(
    'thumb',
    'piece',
    1,
    0.4,
    'thumb|thumbs|thumb-sized piece|thumb sized piece|thumb-size piece|thumb-length|thumb-length knob|thumb-length piece|thumb-size|thumb-sized|thumb-sized knob|thumb size',
    {
      typicalG: 15,
    },
  ),
  u(
    'piece',
    'piece',
    1,
    0.3,
    'piece|pieces|pc|pcs|pc.|pcs.|fillet|fillets|whole|stück|stk|morceau|morceaux|pezzo|pezzi|trozo|trozos',
    {
      typicalG: 100,
    },
  ),
  u('rack', 'piece', 1, 0.2, 'rack|racks', { typicalG: 900 }),
  u('block', 'piece', 1, 0.1, 'block|blocks|brick|bricks', { typicalG: 227 }),
  u('ear', 'piece', 1, 0.3, 'ear|ears|cob|cobs', { typicalG: 150 }),
  u('scoop', 'piece', 1, 0.4, 'scoop|scoops|dollop|dollops|spoonful|spoonfuls', { typicalG: 20 }),
  u('ladle', 'volume', 120, 0.25, 'ladle|ladles|ladleful|ladlefuls'),
  u('each', 'piece', 1, 0.25, 'nos|no.|nos.'),
];

const byId = new Map(UNITS.map((unit) => [unit.id, unit]));
const byName = new Map(UNITS.flatMap((unit) => unit.names.filter(Boolean).map((n) => [n, unit] as const)));
const longestNameWords = Math.max(...[...byName.keys()].map((n) => n.split(' ').length));

/** The unit with this id. Throws on an id that does not exist: ids come from our own code, never from a cook. */
export function unitById(id: string): Unit {
  const unit = byId.get(id);
  if (!unit) throw new Error(`No unit "${id}"`);
  return unit;
}

/** Size of one in the unit's SI measure under a household's system (ml, g or mm). */
export function perUnitIn(unit: Unit, system: MeasureSystem): number {
  return unit.bySystem?.[system] ?? unit.perUnit;
}

/** A cup of the household, ml. */
export function cupMl(system: MeasureSystem): number {
  return perUnitIn(unitById('cup'), system);
}

/**
 * Reads a unit at the start of `text`. Returns the unit and the rest, or null.
 * A lone capital `T` is a tablespoon and a lone small `t` a teaspoon; every other spelling ignores case.
 */
export function readUnit(text: string): { unit: Unit; rest: string } | null {
  const spoon = /^([Tt])\.?(?=\s|$)/.exec(text);
  if (spoon) return { unit: unitById(spoon[1] === 'T' ? 'tbsp' : 'tsp'), rest: text.slice(spoon[0].length) };
  const lower = text.toLowerCase();
  const words = lower.split(/(?<=\s)/);
  for (let n = Math.min(longestNameWords, words.length); n >= 1; n--) {
    const raw = words.slice(0, n).join('');
    const trimmed = raw.trimEnd();
    for (const candidate of [trimmed, trimmed.replace(/[.,;:)\]]+$/, '')]) {
      const unit = byName.get(candidate);
      // "1 bouquet garni" is the thing itself and no bunch of it.
      if (unit && !(candidate === 'bouquet' && /^\s*garni/.test(lower.slice(candidate.length)))) {
        const rest = text.slice(candidate.length).replace(/^\.(?=\s|$)/, '');
        return { unit, rest };
      }
    }
  }
  const glued = /^("|”|″|-inch)/i.exec(text);
  if (glued) return { unit: unitById('inch'), rest: text.slice(glued[0].length) };
  return null;
}
