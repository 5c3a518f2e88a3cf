import type { ReadLine } from '../dish/read';
import { isJuice, type ScriptLine } from './line';
import { meansEverything } from './groups';
import { SAYS } from './data/says';

/** A little of what the pot is poured full of later is no more than a splash. */
const SPLASH =
  /\b(?:an? )?(?:splash|dash|drop|drizzle|ladle(?:ful)?|ladles|spoonfuls?|little|bit|some)(?: more)?(?: of)?(?: the| your)? (?:(?:hot|cold|warm|boiling|cooking|reserved) )*(water|stock|broth|juices?|liquid|sauce)\b/gi;
const A_PINCH = /\b(?:a|an?other) (?:good |big |small |little |generous )?pinch of (?:the )?(salt|sugar)\b/gi;
/** What a pinch may be at most, g. Source: two fingers and a thumb, 0.3-1; spread 50 %. */
const PINCH_G = 2;
const SPLASH_G = 75;
/** What is splashed over a hot floor to loosen it, g. Source: four tablespoons; spread 40 %. */
const SPLASHED_G = 60;
/** Water that is no line: what something is rinsed or blanched in. */
const WATER_BESIDE =
  /\bin (?<=\b(?:blanch|parboil|scald)\w*\b.{0,40}in )(?:\p{L}+ ){0,2}water\b|\bin (?<=\bsoak\b.{0,40}in )(?:plenty of |fresh )?(?:cold|warm|hot) water\b|^roll\b(?= (?:it|them|the|into|in|small|little|into))|\b(?:pan|pot|saucepan|bowl|bath|kettle) of (?:\p{L}+ )?(?:salted )?water\b|\buntil the water runs clear\b|\bchanging the water\b|\b(?:in|under|with) (?:\p{L}+ )?running water\b|\b(?:in|into|with|under) (?:an? |the )?(?:bowl of )?(?:iced?|ice[- ]cold) water\b|\bin the same water\b/giu;
/** "Return the beef (not the mushrooms)", "lift it out onto the beef": no line that is dealt with here. */
const NOT_THESE =
  /\bwith (?:its|their) (?:marinade|coating)\b(?: clinging)?(?: to (?:it|them))?|\((?:but )?not [^)]*\)|,? \bbut not (?:the )?\p{L}+(?: \p{L}+)?|(?<=\b(?:scoop|lift|take|spoon|remove|transfer|set)\w*\b[^.;]{0,30}\b(?:out|aside|them|it)\b )(?:on ?to|over|with|beside) the \p{L}+/giu;
/** "As much of the reduced liquid as you like": it has been reduced. */
const REDUCED = /\b(?:the |its )?reduced (?=(?:liquid|stock|braising|cooking)\b)/giu;
const OIL_RISES =
  /\bleaves? (?:its |the )?(?:oil|ghee|fat)\b|\b(?:its|their) (?:own )?(?:\w+ )?(?:oils?|fats?)\b(?! and\b)|\b(?:los|lost|giv|gave|releas|let go|drop|shed|yield)\w*(?: (?:up|off|out|of|all|most))* (?:their|its|the|some) (?:water|liquid|juices?|moisture|oil|fat)\b|\b(?:the |its |all (?:the )?)?(?:water|liquid|moisture) (?:dries|has dried|is dry|evaporates|has evaporated|is gone|has gone|is absorbed)\b(?: up)?|\b(?:the )?(?:oil|ghee|fat) (?:separates|floats|rises|leaves|comes|starts|turns|shows|surfaces|shimmers|is (?:hot|red))\b/gi;
/** "Crush some of the beans to thicken the broth": what it is done for. */
const WHAT_FOR =
  /(?<=\S )to (?:help )?(?:thicken|enrich|sharpen|loosen|brighten|lighten|balance|flavou?r|scent|sweeten) (?:up )?(?:the|it|this|your)\b[^.,;]*$/giu;
/** "Stem and seed the chiles": done to them, and no seed of the list. */
const SEEDS_THEM =
  /(?<=^\W*(?:(?:stem|core|halve|split|wash|peel)(?:,| and| &)? )*)(?:de)?seed (?=(?:the|your|and|all|each|\d))/gi;
/** "Taste and adjust the seasoning": no jar of the list. */
const THE_SEASONING = /\b(?:taste|adjust|check|correct|amend)\b[^.;]{0,16}\bseasoning\b/gi;
/** "Stir the cheese into the chili": the dish, and no powder of the list. */
const THE_CHILI =
  /\b(?:into|over|through|to) (?:the|your) chil+i\b(?! (?:powder|flakes?|paste|sauce|peppers?|oil|beans?|con|and|seeds?)\b)(?!,)/gi;
/** "Turn it in the masala": what fries in the pot, and no jar of the list. */
const IN_THE_MASALA =
  /(\b(?:turn|stir|fry|cook|bhun\w*|saut\w*) (?!in\b)\p{L}[^.;]{0,30}) in the (?:onion |tomato |fried |cooked )?masala\b/giu;
/** What is cut off a thing by the name it shares with a line: "tear the stems and seeds out of the chillies" is no cumin seed. */
const ITS_PARTS =
  /\b(?:the )?(?:stems?|stalks?|cores?|seeds?|pith|membranes?|skins?)(?:(?:,|,? and|,? or) (?:the )?(?:stems?|stalks?|cores?|seeds?|pith|membranes?|skins?))* (?=(?:out of|from|off) )/gi;
/** "Shake out the seeds", of a chilli: no cumin seed. */
const SHAKEN_OUT =
  /\b(?:shake|scrape|tap|knock|pull|pick|remove|discard)\w* (?:out )?(?:the |any |their |its )?(?:stems?|stalks?|seeds?|veins?)(?:(?:,|,? and|,? or) (?:the )?(?:stems?|stalks?|seeds?|veins?))*(?: out)?\b(?! (?:of|from) (?:the )?(?:pot|sauce|broth|pan))/gi;
/** The cream that has risen in a tin, where the list has only the milk. */
const RISEN_CREAM =
  /\b(?:the )?(?:thick(?:ened)? )?cream (?=(?:from|off) (?:the )?top of (?:the )?(?:can|tin)\b)|\b(?:the )?thick(?:ened)? coconut cream\b|\bcoconut cream (?=(?:from|off) the top)|(?<=\b(?:scoop|spoon|skim|lift) (?:out |off )?(?:the )?)thick(?:ened)? cream\b/gi;
const ITS_FAT =
  /\b(?:bacon|lardons?|pancetta|chorizo|sausage|chicken|duck|pork|beef|lamb) (?:fat|drippings?|grease)\b/gi;
/** What goes in before "juices" where they are squeezed ones. */
const SQUEEZED =
  /\b(?:dissolve|mix|blend|whisk|loosen|thin|mash|stir)\b.{0,40}\b(?:in|into|with) (?:the |both |two )*$|\b(?:add|pour(?: in)?|stir in|tip in|with) (?:the |both |citrus |fruit )*$/i;
/** What a clause makes of its lines: "to a smooth paste". Named again, it is they, and no line that ends in the same noun. */
export const MADE =
  /\b(?:in)?to an? (?:\p{L}+ ){0,2}?(paste|pur[ée]e|powder|sauce|salsa|cream|syrup|batter|mash)\b/iu;
/** The clause without what it makes, and without the name of what was made before: neither names a line. */
export function withoutMade(text: string, product: string | undefined): string {
  const rest = text.replace(MADE, ' ');
  return product ? rest.replace(new RegExp(`\\bthe (?:\\p{L}+ )?${product}\\b`, 'giu'), ' ') : rest;
}

/**
 * The clause without what only sounds like a line: "a splash of water" where the water is a jugful that is poured elsewhere, the fat
 * that ran out of the bacon, oil that comes to the top.
 */
export function withoutSplash(text: string, lines: readonly ScriptLine[]): string {
  return text
    .replace(NOT_THESE, (whole) => (meansEverything(text) ? whole : ' '))
    .replace(OIL_RISES, ' ')
    .replace(THE_SEASONING, ' ')
    .replace(WHAT_FOR, ' ')
    .replace(SEEDS_THEM, ' ')
    .replace(THE_CHILI, ' ')
    .replace(IN_THE_MASALA, '$1')
    .replace(WATER_BESIDE, ' ')
    .replace(ITS_PARTS, ' ')
    .replace(SHAKEN_OUT, ' ')
    .replace(RISEN_CREAM, (whole) =>
      lines.some(({ read }) => ['coconut-cream', 'cream'].includes(read.food?.kind ?? '')) ||
      !lines.some(({ read }) => read.food?.kind === 'coconut-milk')
        ? whole
        : 'the coconut milk ',
    )
    .replace(/\bjuices\b/gi, (whole, at: number) =>
      // "Add the juices and broth": those that were squeezed; "with any juices" are the meat's.
      SQUEEZED.test(text.slice(0, at)) && lines.filter(isJuice).length > 1 ? whole : ' ',
    )
    .replace(ITS_FAT, (whole) =>
      lines.some(({ read }) => read.foodText.toLowerCase().includes(whole.toLowerCase())) ? whole : ' ',
    )
    .replace(A_PINCH, (whole, noun: string) =>
      // "Onions and a pinch of salt", where the salt of the list is a spoon of it for something else.
      lines.some(({ read }) => read.food?.kind === noun.toLowerCase() && read.massG.mid > PINCH_G)
        ? ' '
        : whole,
    )
    .replace(SPLASH, (whole, noun: string) =>
      lines.some(
        ({ read }) => read.massG.mid <= SPLASH_G && new RegExp(`\\b${noun}\\b`, 'i').test(read.foodText),
      )
        ? whole
        : ' ',
    );
}

/** The clause without what must not happen: "never letting it boil", "without colouring". */
export function withoutNot(text: string): string {
  return text.replace(NOT, ' ').replace(REDUCED, ' ');
}
const NOT =
  /\b(?:without|never|don['’]?t|do not|not|does(?: not|n['’]?t))\b (?:\p{L}+ ){0,3}?(?:boil|colou?r|brown|burn|catch|stick|curdl|split|thicken|reduc|simmer|fry)\w*/giu;

/** The line of which a clause pours only a splash, and the share that is: "a splash of the stock"; null where it pours none. */
export function splashTold(
  text: string,
  lines: readonly ScriptLine[],
): { index: number; share: number } | null {
  const noun = [...text.matchAll(SPLASH)][0]?.[1]?.toLowerCase() ?? '';
  const kind = /^(?:stock|broth)$/.test(noun) ? 'stock' : noun === 'water' ? 'water' : null;
  const index = lines.findIndex(({ read }) => read.food?.kind === kind && read.massG.mid > SPLASH_G);
  const line = lines[index];
  return kind && line ? { index, share: SPLASHED_G / line.read.massG.mid } : null;
}

/** The clause without the words of its foods that could be taken for what is done: tomato purée, roasted pepper, frying cheese. */
export function withoutFoods(text: string, lines: readonly ScriptLine[]): string {
  let out = text;
  let lower = text.toLowerCase();
  for (const line of lines)
    for (const name of longNames(line)) {
      const at = lower.indexOf(name);
      if (at < 0) continue;
      const kept = name.split(' ').filter((w) => !SAYS.some((s) => s.words.test(w)));
      out = `${out.slice(0, at)}${kept.join(' ')}${out.slice(at + name.length)}`;
      lower = out.toLowerCase();
    }
  return out;
}

const LONG_NAMES = new WeakMap<ReadLine, readonly string[]>();
/** The names of a line that are more than one word, in small letters. Kept with the line. */
function longNames({ read }: ScriptLine): readonly string[] {
  let names = LONG_NAMES.get(read);
  if (!names) {
    names = [read.foodText, ...(read.food?.names ?? [])]
      .filter((n) => n.includes(' '))
      .map((n) => n.toLowerCase());
    LONG_NAMES.set(read, names);
  }
  return names;
}

/** "Mince + grated onion + cumin": what it is, and nothing to do with a knife. */
export const IS_MINCE = /^\W*mince\b\W*(?:[+&,]|and\b|with\b)/i;

/** Brought to what cooks. */
export const COMES_IN =
  /^\W*(?:and |then |now |finally,? )*(?:add|drop|tip|mix in|stir(?: in| through| it| them|(?= the\b.*\b(?:in|into|through)\b))|fold|put|return|throw|toss in|slip|slide|float|lay|lower|pop|scrape|pour|nestle|place)\b|^\W*(?:now |then )?(?:the )?(?:\p{L}+ ){1,2}(?:go |goes )?in\W*$/iu;
