export const ANIMALS: readonly (readonly [RegExp, RegExp])[] = [
  [/^(?:chicken|thigh|breast|drumstick|wing|leg)$/, /chicken/],
  [/^turkey$/, /turkey/],
  [/^beef$/, /beef|oxtail|steak|chuck|shin|brisket|rib/],
  [/^(?:lamb|mutton|shank)$/, /lamb|mutton|goat/],
  [/^goat$/, /goat|mutton/],
  [/^pork$/, /pork|gammon|ham/],
  [/^rib$/, /rib/],
  [/^(?:gammon|ham|hock)$/, /gammon|ham/],
  [/^duck$/, /duck/],
  [/^veal$/, /veal|osso/],
  [/^(?:meatball|ball)$/, /meatball|ground/],
  [/^(?:mince|minced)$/, /ground|mince/],
  [/^bird$/, /chicken|duck|turkey|poussin|guinea|goose/],
  [/^(?:cheek)$/, /cheek/],
  [/^(?:sausage|chorizo)$/, /sausage|chorizo/],
  [/^(?:bacon|pancetta|lardon|rasher)$/, /bacon|pancetta|lardon/],
];

/** Nouns that many lines end in: they name a line only when no other line ends so. */
export const SHARED = new Set([
  'stock',
  'oil',
  'water',
  'wine',
  'powder',
  'seed',
  'juice',
  'paste',
  'pepper',
  'salt',
  'sugar',
  'vinegar',
  'cream',
  'milk',
  'cheese',
  'leaf',
]);

/** Nouns that mean what is in the pot rather than a line. */
export const OF_THE_POT = new Set([
  'sauce',
  'liquid',
  'mixture',
  'broth',
  'fat',
  'pot',
  'lid',
  'meat',
  'ingredient',
]);

/** Words that say too little alone. */
export const NOT_ALONE = new Set([
  'brown',
  'ground',
  'white',
  'black',
  'green',
  'yellow',
  'sweet',
  'smoked',
  'dried',
  'fresh',
  'cloves',
  'clove',
  'spoon',
  'bottle',
  'sour',
  'heavy',
  'double',
  'single',
  'light',
  'spring',
  'little',
  'vegetable',
]);

/** Short words that name a line all by themselves: "honey, soy and vinegar". */
export const SHORT_NAMES = new Set([
  'soy',
  'miso',
  'stout',
  'beer',
  'ale',
  'rum',
  'corn',
  'peas',
  'rice',
  'feta',
  'kale',
  'leek',
  'lime',
  'plum',
  'wine',
]);

/** What cooks call the meat once it has been named. */
export const PIECES: ReadonlySet<string> = new Set([
  'joint',
  'portion',
  'drumstick',
  'steak',
  'chop',
  'shank',
  'rib',
  'wing',
]);

export const SEVERAL_OF =
  /\b(?:both|all (?:two|three|four)|the (?:two|three)) (?:of )?(?:the )?(\p{L}{4,})s\b/iu;

/** A word cut short with a point behind it, inside a clause: "rest of broth, worc., thyme". */
export const SHORTENED = /(?<!\p{L})(\p{L}{3,9})\.(?=,|\s*\/|\s+\p{Ll})/gu;

/** Butter worked to a paste with flour, by its names. */
export const KNEADED_BUTTER =
  /\b(?:butter|flour|butter[- ]flour|flour[- ]butter) paste\b|\bbeurre mani[eé](?!\p{L})|\bkneaded butter\b/iu;

export const BY_PACKAGE = /\b(?:both|the|all the|two) (packet|sachet|tin|can|jar|cube)s\b/i;

export const POURS_SAUCE =
  /\b(?:pour|add|tip|spoon|put|stir)(?: in| on)? (?:all )?(?:of )?the (\p{L}+ )?sauce\b(?! (?:spices|ingredients|aromatics|pan)\b)/iu;

/** Water that something else was cooked or soaked in: no line of the list. */
export const LEFT_WATER =
  /\b(?:a (?:little|splash|ladle|cup) |some |\d+ ?(?:ml|tbsp|tablespoons?|cups?) )?(?:of )?(?:the |its |their )?(?:soaking|steeping|cooking|pasta) (?:water|liquid|liquor)\b/giu;

/** Nouns that take another food's name before them. */
export const SAYS_WHICH = new Set(['oil', 'juice', 'brine', 'water', 'fat', 'syrup', 'liquor']);

export const THE_JUICES =
  /\b(?:into|to|with|through|of|reduce|boil|skim|strain|thicken) (?:the |its |their )(?:(?:cooking|meat|hot|pot|pan) )?juices?\b/i;

/** Last words of ground spices that many of them share. */
export const SHARED_BY_SPICES = /^(?:powder|pepper|seed|masala|mix|spice|blend|chilli|flake)$/;

/** Headings that are no name of what stands under them. */
export const NO_NAME =
  /^(?:sauce|curry|soup|stew|broth|gravy|other|main|method|ingredient|vegetable|spice|garnish|serve|serving|optional|extra|pantry|fresh|meat|liquid|base)s?$/;

/** Water out of the tap, whatever else of the list is called a water. */
export const PLAIN_WATER =
  /\b(?:cold|fresh|clean|hot|boiling|warm|tap|salted|plain) water\b|\b(?:tablespoons?|tbsp|teaspoons?|tsp|splash) (?:of )?water\b/i;
