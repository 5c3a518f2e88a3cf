/**
 * How long and how much are written in many ways, and mean the same: “5min.”, “5 mins”, “five minutes”. A method is read with its times
 * written in one way, so that no rule has to know the others; what the cook is shown keeps the recipe's own words.
 */

import { inLidWords } from './lidWords';
import { NUMBERS, WORD } from './numberWords';
import { toldApart } from './oneBreath';
import { withoutRates } from './perWeight';

const UNIT = '(?:min(?:ute)?s?|hours?|hrs?|sec(?:ond)?s?)';
/** "Five to ten minutes", "twenty-five more minutes", "fifteen-minute". */
const NUMBER_OF_TIME = new RegExp(
  `\\b(${WORD})(?=(?:(?: ?[-–] ?| to | or )(?:${WORD}|\\d{1,3}))?[ -](?:(?:more|further|extra|full|whole|additional) )?${UNIT}\\b)`,
  'giu',
);
/** The second of two: what is before it is a figure already. */
const SECOND_OF_TIME = new RegExp(
  `(?<=\\d(?: ?[-–] ?| to | or ))(${WORD})(?=[ -](?:(?:more|further|extra) )?${UNIT}\\b)`,
  'giu',
);

const inFigures = (word: string): string => String(NUMBERS[word.toLowerCase().replace(' ', '-')] ?? word);

const UNITS: readonly (readonly [RegExp, string])[] = [
  // "1 min" is one minute, "10-min" an adjective.
  [/(?<=\b1[ -]?)min(?:ute)?\b/giu, 'minute'],
  [/(?<=\d-)mins?\b/giu, 'minute'],
  [/(?<=[\d½¼¾] ?)(?:mins?|m)\b(?!['’])/gu, 'minutes'],
  [/(?<=[\d½¼¾] ?)Mins?\b/gu, 'minutes'],
  [/(?<=\b(?:a|another|one more|few|couple(?: of)?(?: more)?|some|more) )mins\b/giu, 'minutes'],
  [/(?<=\b(?:a|another|one|one more|last|each|per) )min\b/giu, 'minute'],
  [/(?<=\b1[ -]?)hr\b/giu, 'hour'],
  [/(?<=[\d½¼¾] ?)hrs?\b/giu, 'hours'],
  [/(?<=\d ?(?:min\w*|m)) ?\/ ?(?=sides?\b)/giu, ' per '],
  [/(?<=\d ?)secs?\b/giu, 'seconds'],
  // "Garlic 30 s.", in notes.
  [/(?<=\b[1-9]\d ?)s\b(?!['’])(?=[.,;:!)]|\s|$)/gu, 'seconds'],
];
/** A full stop behind what was cut short ends no sentence, where the next word goes on. */
const CUT_SHORT = /\b([Mm]ins?|[Hh]rs?|[Ss]ecs?)\.(?=,|;|\)|\s+\p{Ll})/gu;
const GLUED = /(?<=\d)(?=(?:minutes?|mins?|hours?|hrs?|seconds?|secs?)\b)/giu;

/** "Lid on — 10 minutes", "brown it – then add the stock": a dash between words ends what is told before it. */
const DASH_BEFORE_WORD = /(?<=[\p{L})\d]) +[—–-]{1,2} +(?=\p{L})/gu;
const DASH_BEFORE_FIGURE = /(?<=[\p{L})]) +[—–-]{1,2} +(?=\d)/gu;

/** Spaces of every kind are one space; what has no width is nothing. */
export const plainSpaces = (text: string): string =>
  text.replace(/[\u00a0\u2000-\u200a\u202f\u205f\u3000\t]/g, ' ').replace(/[\u200b\u2060\ufeff\u00ad]/g, '');

/** "5-6 whistles on a medium flame (approx 20 minutes)": the minutes say what the whistles are. */
const WHISTLES_ARE =
  /\b(?:\d{1,2}|one|two|three|four|five|six|seven|eight)(?:\s*(?:-|–|to)\s*(?:\d{1,2}|\p{L}{3,5}))? whistles?\b((?: (?:on|over|at|in) (?:a |the )?(?:\p{L}+[- ]?){1,3})?),? ?(?:\(|\bor |= ?|\/ ?|\bi\.?e\.?,? |, )(?:that is |it takes |takes |for )?(?:about |approx\.? |approximately |around |roughly |~ ?|nearly )*(\d{1,2}(?:\s?[-–]\s?\d{1,2})? (?:more )?minutes?)\)?/giu;

/** "Add 1/2 the coconut milk": half of it. */
const HALF_IN_FIGURES = /(?<![\d.,/] ?)(?:1\/2|½) (?=(?:of )?(?:the|your|that)\b)/giu;

/** "Everything listed under 'to pressure cook'": the name of a part of the list, and no lid. */
const QUOTED_LID =
  /(?<=\b(?:under|in|for|of|from) (?:the )?)(["'“‘](?:to |for )?(?:the )?)pressure[- ]?cook(?:er|ing)?(?=[^"'”’]{0,20}["'”’])/giu;

/** A method with its spaces, its dashes and its times written in one way. */
export const evened = (method: string): string =>
  toldApart(
    withoutRates(
      UNITS.reduce(
        (text, [short, long]) => text.replace(short, long),
        inLidWords(plainSpaces(method).replace(QUOTED_LID, '$1press'))
          .replace(HALF_IN_FIGURES, 'half ')
          .replace(CUT_SHORT, '$1')
          .replace(GLUED, ' ')
          .replace(DASH_BEFORE_WORD, '; ')
          .replace(DASH_BEFORE_FIGURE, ', ')
          .replace(NUMBER_OF_TIME, (_, word: string) => inFigures(word))
          .replace(SECOND_OF_TIME, (_, word: string) => inFigures(word)),
      ).replace(WHISTLES_ARE, '$2 under pressure$1'),
    ),
  );

/** What a page says about a line and no kitchen needs: a footnote's star, "(see note 1)", a price, a full stop. */
const PAGE_TALK =
  /(?:\s*[*†‡§]+|\s*[[(](?:(?:please )?(?:see|read|check|refer to) )?(?:(?:the |recipe )?(?:notes?|tips?|footnotes?)\b[^)\]]{0,40}|[$£€]\s?\d[^)\]]{0,12}|\*+)[)\]]|\s*,?\s*(?:see (?:recipe )?(?:notes?|tips?)(?: \d+)?|notes? \d)|[.,;:]+)\s*$/i;
/** More of it, or what becomes of it later: nothing that an amount at the end of a line has to stand before. */
const TAIL =
  /(?:\s*,?\s*(?:divided|optional|plus (?:a (?:little|bit|few) )?(?:some )?(?:extra|more)\b[^,]*|if (?:needed|liked|desired)|as needed)|\s*\((?:divided|optional|if needed)\))\s*$/i;

function withoutEnd(text: string, end: RegExp): string {
  let left = text;
  // A stop behind a short unit belongs to it: "2 lbs.", "1 pkg.".
  while (end.test(left) && left.replace(end, '').trim().length > 2) left = left.replace(end, '');
  return left;
}

const TELEPHONE = /^\W*(?:tel|phone|fax|mobile)\p{L}*[.:]?\s*[+(]?\d[\d\s()./-]{6,}$/iu;
/** "Bay x2, clove x3": how many there are of each, behind it. */
const TIMES_MANY = /\p{L} ?x ?\d{1,2}\s*[,;&+].*\p{L} ?x ?\d/iu;
const EACH_TIMES = /(\p{L}[\p{L} ]*?) ?x ?(\d{1,2})(?=\s*(?:[,;&+]|and\b|$))/giu;
const NEVER = /(?!)/;
const SPOONS =
  '(?:T|t|Tbsps?|tbsps?|tablespoons?|tsps?|teaspoons?|cups?|oz|ounces?|lbs?|g|ml|cloves?|pinch(?:es)?)';
/** "1 tbsp curry powder + 1 tbsp more", "2 tbsp oil, plus 1 tbsp": both. */
const AND_SO_MUCH_MORE = new RegExp(
  `^((?:\\d[\\d./ ]*[½¼¾⅓⅔]?|[½¼¾⅓⅔]) ?${SPOONS}\\.?) (\\p{L}[^,+]*?),? ?(?:\\+|plus|and|&) ?(?:another |an extra |a further )?((?:\\d[\\d./ ]*[½¼¾⅓⅔]?|[½¼¾⅓⅔]) ?${SPOONS}\\.?)(?: more| extra| again)?(?: for (?:the )?(?:topping|tarka|tadka|tempering|finish|sauce|glaze|dressing|dumplings|end|second [^,]+|frying[^,]*))?$`,
  'u',
);

/** A line without what its page says about it, its figures joined again where they were parted. */
export const evenedLine = (line: string): string =>
  withoutEnd(line, PAGE_TALK)
    .replaceAll('\u2044', '/')
    // "'nduja", "“light” olive oil".
    .replace(/(?<=^|\s)['‘’"“](?=\p{L})/gu, '')
    .replace(/(?<=\b\d)[-–](?=[½¼¾⅓⅔⅛⅜⅝⅞]|1\/[2348]\b|3\/4\b)/g, ' ')
    // "(about 11/2 lb)": nobody writes eleven halves.
    .replace(
      /(?<=\((?:about |approx\.? |around |~ ?)?)(\d)(?=(?:1\/[2348]|2\/3|3\/[48]) ?(?:lb|kg|pound|cup))/gi,
      '$1 ',
    )
    .replace(/(?<=\d ?)(lbs?|oz|kg|g|ml|tbsp|tsp)\.(?=\/)/gi, '$1')
    // "Tel. 01234 567890" under a copied list: no oil, which is called so elsewhere, and no amount.
    .replace(TELEPHONE, 'telephone')
    // "1 can (28) crushed tomatoes": ounces, as no can weighs so few grams.
    .replace(/\b(cans?|tins?) \(((?:1[0-9]|2[0-9])(?:\.5)?)\) /giu, '$1 ($2 oz) ')
    .replace(AND_SO_MUCH_MORE, '$1 plus $3 $2')
    .replace(TIMES_MANY.test(line) ? EACH_TIMES : NEVER, '$2 $1')
    .replace(/ [-–—] (?=(?:about|approx\.?|approximately|around|roughly) ?\d)/gi, ', ');

/** The same without "divided", "plus extra", "(optional)" at its end: what an amount is looked for in that stands last. */
export const withoutTail = (line: string): string => withoutEnd(line, TAIL);

/** What is done to a thing, as the sentences of cards and notes begin; by these a bare noun is surely the one that is there. */
const DOES =
  'add|boil|brown|bring|chill|close|coat|cook|cool|cover|cut|deglaze|discard|drain|flip|fry|heat|keep|lay|leave|let|lift|lock|lower|marinate|melt|move|open|pat|place|pour|pour off|press|pull|pull off|push|put|put on|reduce|release|remove|rest|return|rub|scoop|sear|season|serve|set|shred|simmer|skim|skim off|slice|slide|soften|spoon|spoon off|scrape off|drain off|lift off|take off|divide|scatter|stir in|strain|strip|take|take out|lift out|tip|toss|transfer|turn|whisk in|with|of|into|to|in|over|through|under|from|drop|blend|mash|soak|stir|whisk|mix|tear|spread|dust|dredge|crush|sit|nestle|arrange|pour in|pour over|throw in|fish out|pour on|splash in|sprinkle|toast';
/** What it is done to. *Pressure* is not among them: “up to pressure” is no thing that is handled. */
const DONE_TO =
  'chicken|beef|lamb|pork|meat|mutton|goat|turkey|duck|veal|ham|rabbit|ribs|shanks?|thighs?|breasts?|legs|wings|drumsticks|chops?|cheeks|oxtail|brisket|joint|mince|sausages?|meatballs|bacon|lardons|onions?|sauce|liquid|juices|broth|gravy|pot|lid|cooker|valve|oil|fat|skins?|bones|vegetables|slurry|paste|marinade|spices|pieces|bird|herbs|pasta|noodles|rice|flour|wine|stock|ale|beer|stout|cider|beans|soup|belly|dough|dumplings|cream|yogh?urt|puree|purée|salsa|glaze|seeds|chil(?:es|is|ies)|potatoes|peppers|carrots|cheese|butter|eggs|peas|mushrooms|shallots|garlic|leeks|celery|tomatoes|hock|shoulder|coconut milk|onion paste|spice paste';
const WITHOUT_ARTICLE = new RegExp(
  `(?<![\\p{L}-])((?<!\\b(?:the|a|an|your|some|of|and|half|all) )(?:${DOES})) (?=(?:${DONE_TO})(?![\\p{L}-]))`,
  'giu',
);
/** “Salt ribs generously”, at the beginning, where salt is what is done. */
const SALTED =
  /^(\W*(?:\p{L}+ly )?(?:salt(?: (?:and|&) pepper)?|dry|pepper)) (?=(?:chicken|beef|lamb|meat|ribs|shanks?|thighs?|breasts?|legs|wings|chops?|cheeks|joint|pieces|skins?)\b)/iu;
const OF_THE_HEAT = /\b(turn (?:up|down|off)|lower|reduce|raise|off|over|on) (?=heat\b)/giu;

/** "Take chicken out, strain sauce": notes and cards leave the small words away; read as "take the chicken out, strain the sauce". */
export const withArticles = (sentence: string): string =>
  sentence.replace(WITHOUT_ARTICLE, '$1 the ').replace(SALTED, '$1 the ').replace(OF_THE_HEAT, '$1 the ');
