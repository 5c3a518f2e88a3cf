import type { FoodKind } from '../pantry/food';
import { foodWords } from '../pantry/words';
import type { ScriptLine } from './line';

export const WHOLE_SPICES = /\bwhole spices?\b/i;

export const GROUPS: readonly { words: RegExp; kinds: readonly FoodKind[]; foods?: readonly string[] }[] = [
  { words: WHOLE_SPICES, kinds: ['spice-whole'], foods: ['bay-leaf', 'fennel-seed'] },
  {
    words:
      /\b(?:dry|powdered|ground) (?:masalas?|spices)\b|\b(?:the|all)(?: the)? masalas\b|\bground spices?\b|\b(?:masala|spice) powders?\b|\bpowdered spices\b|\b(?:all (?:of )?(?:the )?|the |your |dry |and |, )powders\b|^\W*powders\b/i,
    kinds: ['spice-ground'],
  },
  {
    words:
      /\b(?:all (?:of )?the |the |your |remaining )?(?:spices|seasonings)\b|\b(?:all (?:of )?the|the|your|remaining) seasoning\b/i,
    kinds: ['spice-ground', 'spice-whole'],
    foods: ['bay-leaf', 'garam-masala', 'saffron'],
  },
  {
    words: /\b(?:the |all the |chopped )?(?:vegetables|veg|veggies)\b/i,
    kinds: ['allium', 'root-veg', 'slow-veg', 'mushroom'],
    foods: ['celery', 'fennel', 'garlic'],
  },
  {
    words: /\b(?:holy )?trinity\b/i,
    kinds: ['allium'],
    foods: ['onion', 'celery', 'green-pepper', 'red-pepper', 'bell-pepper', 'yellow-pepper'],
  },
  {
    words: /\b(?:mirepoix|soffritto|sofrito|battuto)\b/i,
    kinds: ['allium'],
    foods: ['onion', 'celery', 'carrot'],
  },
  { words: /\baromatics\b/i, kinds: ['allium', 'aromatic'] },
  { words: /\bherbs\b/i, kinds: ['herb-soft', 'herb-woody'] },
  { words: /\b(?:all (?:of )?(?:the )?|the )sauces\b/i, kinds: ['salty-sauce', 'thick-sauce'] },
  { words: /\bcheeses\b/i, kinds: ['cheese', 'cream-cheese'] },
  { words: /\b(?:the|all) dairy\b/i, kinds: ['cream', 'sour-dairy', 'milk', 'cheese', 'cream-cheese'] },
];

/**
 * Words that stand for the lines of some kinds where none of them is named so: the pasta is the pappardelle, the sugar the jaggery.
 * `named` keeps to lines that are written so, `said` to clauses that say it so.
 */
export const STANDS_FOR: readonly {
  word: RegExp;
  kinds: readonly FoodKind[];
  named?: RegExp;
  said?: RegExp;
}[] = [
  { word: /^(?:pasta|noodle|spaghetti)$/, kinds: ['pasta'] },
  { word: /^cheese$/, kinds: ['cheese'] },
  { word: /^mushroom$/, kinds: ['mushroom'] },
  { word: /^(?:green|leaf|leaves)$/, kinds: ['leaf'] },
  { word: /^flour$/, kinds: ['flour'] },
  { word: /^slurry$/, kinds: ['starch'] },
  { word: /^roux$/, kinds: ['starch', 'flour', 'thick-sauce'], named: /\broux\b/i },
  { word: /^starch$/, kinds: ['starch'] },
  { word: /^cream$/, kinds: ['cream'] },
  { word: /^cream$/, kinds: ['sour-dairy'], named: /cr[eè]me/i },
  { word: /^(?:yoghurt|yogurt)$/, kinds: ['sour-dairy'], named: /\b(?:skyr|dahi|curd|labneh|kefir)\b/i },
  { word: /^wine$/, kinds: ['wine'] },
  { word: /^(?:beer|ale|stout)$/, kinds: ['beer'] },
  {
    word: /^fat$/,
    kinds: ['oil', 'butter'],
    said: /\b(?:heat|melt|warm) (?:the |some |your )?fat\b/i,
  },
  {
    word: /^oil$/,
    kinds: ['oil', 'butter'],
    named: /\b(?:ghee|lard|dripping|schmaltz|tallow|fat)\b/i,
    said: /\b(?:heat|in|the|add|warm) (?:the )?oil\b/i,
  },
  { word: /^sugar$/, kinds: ['sugar'] },
  { word: /^syrup$/, kinds: ['syrup'] },
  { word: /^fruit$/, kinds: ['dried-fruit', 'fruit'] },
  { word: /^mushroom$/, kinds: ['dried-mushroom'] },
  { word: /^nest$/, kinds: ['pasta'] },
  {
    word: /^liquid$/,
    kinds: ['water', 'stock'],
    said: /\b(?:add|pour(?: in)?|with) (?:all )?the liquid\b(?! (?:in|from|of))/i,
  },
  { word: /^nut$/, kinds: ['nut'], said: /\b(?:the|half|add|with|your|toasted|remaining) nuts\b/i },
  { word: /^bean$/, kinds: ['pulse-cooked', 'pulse-dry'] },
  {
    word: /^(?:lentil|pulse|dal|daal)$/,
    kinds: ['pulse-dry', 'pulse-cooked'],
    named: /\b(?:dal|daal|dhal|lentil|toor|moong|masoor|chana|urad)\b/i,
  },
  { word: /^onion$/, kinds: ['allium'], named: /\bshallots?\b/i },
  { word: /^tomato$/, kinds: ['tomato-thick'] },
  {
    word: /^(?:chillis?|chilis?|chiles?)$/,
    kinds: ['aromatic', 'quick-veg', 'slow-veg', 'spice-whole', 'pickle', 'spice-ground'],
    named:
      /\b(?:jalape[nñ]os?|serranos?|habaneros?|scotch bonnets?|poblanos?|anchos?|guajillos?|pasillas?|chipotles?|birds?[- ]?eyes?)\b/i,
  },
  { word: /^soy$/, kinds: ['salty-sauce'], named: /\b(?:tamari|shoyu|aminos)\b/i },
  { word: /^(?:bacon|lardon)$/, kinds: ['cured-meat'] },
  {
    word: /^(?:fish|seafood|shellfish)$/,
    kinds: ['seafood'],
    said: /\b(?:the|add|your) (?:fish|seafood|shellfish)\b/i,
  },
  { word: /^grain$/, kinds: ['grain'], said: /\b(?:the|add) grains?\b/i },
  {
    word: /^spice$/,
    kinds: ['spice-ground'],
    said: /\bthe spice\b(?! (?:mix|blend|rub|paste|bag|grinder|mill|powder|rack|sachet))/i,
  },
];
export const EVERYTHING =
  /^\W*all in\b(?!-)|\b(?:(?:mix|stir|toss) everything (?:together )?(?:in|into) (?:the |your |a )?(?:\p{L}+ )?(?:pot|cooker|insert|liner)|all (?:of )?the (?:above|stuff)|(?:tip|put|add|transfer|place|go|goes)\b.{0,40}\bwith (?:all )?(?:the rest(?! of\b)|everything else)|(?<!\b(?:give|giving|stir|scrape|toss|turn|mix|over|onto|across|around|on|top of|under|beneath|between) )everything(?! (?:a (?:good |final |quick |gentle )?(?:stir|scrape|mix|toss|turn)|stuck|that|is|has|on|from|off|up off|up from|brown|until))|all (?:of )?the (?:other |remaining )?ingredients|all ingredients|the (?:rest|remainder) of the ingredients|(?:other|remaining) (?:[\p{L}-]+ ){0,2}ingredients|(?:add|put|tip|pour) (?:in )?the rest(?! of\b)|(?:put|place|add|tip|throw|chuck|dump|bung|sling|pile) (?:it )?all (?:in|into)\b)\b|(?:^|\b(?:put|add|tip|place|throw|chuck|dump|bung) (?:in )?)all (?:but|except)\b/iu;

export const OF_SECTION =
  /\b(?:ingredients|items|things|spices|everything|all) (?:\p{L}+ )?(?:under|in|for|of|from) (?:the |your |a )?["'‘’“”]?(?:(?:for|to) (?:the )?)?(?!pot\b|pan\b|ingredients\b|the\b)(\p{L}{4,})/iu;

export const EXCEPT =
  /\(not (?:the )?([^)]{3,80})\)|\b(?:except|but|bar|apart from|other than)(?: for)? (.{3,80}?)(?: in(?:to)?(?: (?:the|your) (?:pot|cooker|insert|liner|bowl)\b.*)?)?$/i;

/** True of a clause that means all of one part of the list: "everything for the paste". */
export const meansSection = (clause: string, lines: readonly ScriptLine[]): boolean => {
  const name = OF_SECTION.exec(clause)?.[1]?.toLowerCase().slice(0, 6);
  return name !== undefined && lines.some((l) => l.section?.toLowerCase().includes(name));
};

/** True of a clause that means all there is: "everything", "the remaining ingredients". */
export const meansEverything = (clause: string): boolean => EVERYTHING.test(clause);

/** True where a clause calls for the part of the list a line stands in: "the meatball ingredients". */
export const isPartTold = (clause: string, { section }: ScriptLine): boolean =>
  foodWords(section ?? '').some(
    (w) =>
      w.length >= 4 &&
      (new RegExp(`\\b${w}s? (?:ingredients|mix(?:ture)?|blend|rub)\\b`, 'i').test(clause) ||
        // "Dry roast the ingredients listed", under "Dry roast & grind".
        (LISTED.test(clause) && new RegExp(`\\b${w}`, 'i').test(clause))),
  );
const LISTED = /\bingredients (?:listed|above|given|mentioned|there)\b/i;

/** A part of the list that is made for itself, and that "everything" is without: dumplings, a slurry, a salsa. */
export const isOfItsOwn = ({ section }: ScriptLine): boolean =>
  /\b(?:dumplings?|dough|pastry|crust|crumble|biscuits?|scones|cobbler|slurry|thicken\w*|temper\w*|tadka|tarka|gremolata|salsa|slaw|salad|pickle|raita|chutney|pesto|mash|drizzle)\b/i.test(
    section ?? '',
  );

/** True of a clause that names a group: "the spices", "the vegetables". */
export const namesGroup = (clause: string): boolean => GROUPS.some((g) => g.words.test(clause));
