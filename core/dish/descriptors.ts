import type { Moment } from './moment';
import { figureToNumber } from '../quantity/number';

/** What a line's own words say about the food and its use. */
export interface Descriptors {
  frozen: boolean;
  cooked: boolean;
  dried: boolean;
  canned: boolean;
  ground: boolean;
  /** How a liquid goes in, where the words say: "hot stock", "boiling water", "ice-cold". */
  poured: 'boiling' | 'hot' | 'cold' | null;
  soaked: boolean;
  /** Boiled already: what must boil hard first has. */
  boiled: boolean;
  /** Meat sold with added brine: it gives up more. */
  brined: boolean;
  bone: 'in' | 'out' | null;
  skin: 'on' | 'off' | null;
  /** Its visible fat cut off. */
  trimmed: boolean;
  /** Sold as lean, without a figure. */
  lean: boolean;
  /** Fat that the packet names, per cent: "12% fat", "80/20". */
  fatPercent: number | null;
  /** How it is cut, where the words say. */
  cut: 'whole' | 'cubed' | 'sliced' | 'shredded' | null;
  /** Smallest dimension in millimetres, where the words give one. */
  thicknessMm: number | null;
  /** The thickness is a figure of the line ("3 cm"), and not what a word for it usually is. */
  isSized: boolean;
  toTaste: boolean;
  optional: boolean;
  divided: boolean;
  /** Only the peel of a fruit. */
  zestOnly: boolean;
  /** Only what is squeezed from it. */
  juiceOnly: boolean;
  /** A bird cut up at its joints. */
  jointed: boolean;
  /** The moment the words themselves ask for ("stirred into the onions", "to serve"), and the words. */
  written: { moment: Moment; words: string } | null;
}

const WRITTEN: readonly [RegExp, Moment][] = [
  [
    /\b(?:lemon|lime|orange) wedges\b|\bwedges to\b|\b(?:to|for) (?:serve|serving|the table|garnish(?:ing)?|topp?(?:ing)?|sprinkl(?:e|ing)|scatter(?:ing)?|dip(?:ping)?|drizzl(?:e|ing)|strew)\b|\b(?:lemons?|limes?|oranges?)\b.*\bin(?:to)? (?:\p{L}+ )?wedges\b|\bas a garnish\b|\bon the side\b|\bto garnish\b/iu,
    'serve',
  ],
  [
    /\b(?:to|for) thicken(?:ing)?\b|\bfor (?:the|a) slurry\b|\bmixed (?:to a paste )?with (?:\d+ \w+ )?(?:cold )?water\b|\bslaked\b|\b(?:mashed|kneaded|worked|beaten) (?:together )?with .{0,12}flour\b/i,
    'thicken',
  ],
  [
    /\b(?:to finish|at the end|stirred? (?:in|through) (?:at the end|after|last)|off the heat|for finishing|right at the end|just before serving)\b/i,
    'finish',
  ],
  [
    /\bwhites? (?:(?:and (?:light |pale )?green )?parts? )?(?:only )?of\b|\bwhite parts? only\b/i,
    'aromatics',
  ],
  [/\b(?:to|for|with the) deglaz(?:e|ing)\b/i, 'deglaze'],
  [
    /\b(?:in|into|with|over|on|onto) the (?:softened |chopped |sliced |fried )?(?:onions?|shallots?|leeks?|aromatics|garlic|vegetables|veg|mirepoix|sofrito)\b/i,
    'aromatics',
  ],
  [
    /\b(?:in|into|with) the (?:hot |chicken |beef |vegetable |warm )?(?:stock|broth|water|wine|liquid|tomatoes|sauce before|pot before)\b|\bunder the lid\b|\bunder pressure\b|\bbefore (?:sealing|closing|the lid)\b/i,
    'lid',
  ],
  [
    /\bfor (?:searing|browning|frying|the sear|dusting|coating|dredging)\b|\bto (?:brown|sear|fry|coat|dredge|dust)\b/i,
    'sear',
  ],
];

/** Headings that say when their lines go in. Matched on the words of the heading. */
export const HEADING_MOMENTS: readonly [RegExp, Moment][] = [
  [
    /\b(serve|serving|garnish|topping|side|accompan)|^(?:for|on) (?:the |your )?(?:bowls?|plates?|table|tacos?|wraps?|buns?|tostadas?)\b/i,
    'serve',
  ],
  [/\b(dumpling|cobbler|scone|dough)/i, 'finish'],
  [/\bglaze/i, 'finish'],
  [/\b(finish|to end|at the end|after pressure|stir in)/i, 'finish'],
  [/\b(slurry|thicken)/i, 'thicken'],
  [/\b(sear|brown)/i, 'sear'],
];

const FIG = '(\\d{1,3}(?:[.,]\\d+)?|\\d{1,2}\\s\\d\\/\\d|\\d\\/\\d|\\d?\\s?[¼½¾⅓⅔])';
const LENGTH = new RegExp(`${FIG}(?:\\s?(?:-|–|to)\\s?${FIG})?[\\s-]*(mm|cm|inch(?:es)?|in\\b|"|”|″)`, 'i');
/** Meat "cubed", of no said size, mm. Source: stewing meat as it is sold; spread 30 %. */
export const USUAL_CUBE_MM = 35;
/** Red meat "diced", which is what stewing packs say, mm. Source: packs of diced lamb, pork and beef, 25-35 mm; spread 20 %. */
export const DICED_MEAT_MM = 30;
/** A slice of meat or root called thick, mm. Source: kitchen practice, a finger; spread 30 %. */
const THICK_SLICE_MM = 18;
const NAMED_SIZES: readonly [RegExp, number][] = [
  [/\bvery thin(?:ly)?\b|\bshaved\b|\bwafer/i, 3],
  [/\bthin(?:ly)?[- ]?(?:sliced|strips|cut)\b|\bthin slices\b|\bsliced thin|\bstrips\b|\bescalopes?\b/i, 8],
  [/\bthick(?:ly)? (?:slices?|sliced)\b|\bsliced thick/i, THICK_SLICE_MM],
  [/\bfine(?:ly)? (?:diced|chopped)\b|\bsmall dice/i, 8],
  [/\bcut (?:at|through) the joints?\b|\bseparated at the joint/i, 42],
  [/\bbite[- ]?siz(?:ed?|e)\b|\bsmall (?:pieces|chunks|cubes)\b|\bdiced\b/i, 25],
  [/\bpounded\b|\bbutterflied\b|\bflattened\b/i, 15],
  [
    /\b(?:halved|cut|sliced|split)\b.{0,16}\bhorizontally\b|\bcutlets?\b(?=.*\b(?:breasts?|chicken|turkey)\b)/i,
    18,
  ],
  [/\blarge (?:chunks|pieces|cubes)\b|\bbig chunks\b/i, 50],
  [
    /\bcubed?\b|\bcubes\b|\bchunk(?:s|ed)\b|\bcurry[- ]cut\b|\bstewing\b|\bstew (?:meat|beef|lamb|pork|veal)\b|\bcut (?:up|into pieces)\b/i,
    USUAL_CUBE_MM,
  ],
];

/** "12% fat", "max 5 % fat", "80/20", "93% lean": the fat of a packet, per cent. */
function fatNamed(text: string): number | null {
  const fat = /\b(\d{1,2})\s?%\s*fat\b|\bfat\s*(\d{1,2})\s?%/i.exec(text);
  const lean = /\b([789]\d)\s?(?:%\s*lean|\/\s?([0-3]?\d)\b)/i.exec(text);
  const n = fat ? Number(fat[1] ?? fat[2]) : lean ? 100 - Number(lean[1]) : null;
  return n !== null && n <= 50 ? n : null;
}

/** True of what is diced, and not small. */
export const isDiced = (text: string): boolean =>
  /\bdiced\b|\b(?:goulash|gulasch|gulyas) (?:meat|beef|pork|veal)\b|\b(?:beef|pork|veal) (?:for )?(?:goulash|gulasch)\b/i.test(
    text,
  ) && !/\b(?:fine(?:ly)?|small|tiny|bite[- ]?size\w*)\b/i.test(text);

const has = (text: string, re: RegExp): boolean => re.test(text);

/** Length in millimetres written in `text` ("3 cm", "1-1½ inch"), or null. */
export function readLengthMm(text: string): number | null {
  const m = LENGTH.exec(text);
  if (!m) return null;
  const unit = (m[3] ?? '').toLowerCase();
  const per = unit === 'mm' ? 1 : unit === 'cm' ? 10 : 25.4;
  const a = figureToNumber(m[1] ?? '');
  const b = m[2] ? figureToNumber(m[2]) : a;
  const mm = ((a + b) / 2) * per;
  return Number.isFinite(mm) && mm >= 1 && mm <= 400 ? mm : null;
}

/** "400 g pulled pork" is cooked; a shoulder "for pulled pork" is not, and neither is anything that says how it is cut. */
const IS_PULLED =
  /^(?!.*\b(?:for|shoulder|butt|raw|joint|leg|roast|bone)\b)[^\p{L}]*(?:(?:g|kg|lbs?|oz|cups?|grams?|pounds?)\b\.?\s*(?:of )?)?(?:leftover |warm |hot |cold )*pulled (?:pork|beef|chicken|lamb|turkey|ham|meat)\b/iu;

/** Reads the describing words of one ingredient line. Never throws. */
export function describe(text: string): Descriptors {
  const length = readLengthMm(text);
  const named = NAMED_SIZES.find(([re]) => re.test(text))?.[1] ?? null;
  // "1 cup of sauce, plus more for serving": the cup is not for the table.
  const own = text.replace(/(?:\b(?:plus|and|with)\b|[+&,(])\s*(?:some )?(?:more|extra)\b.*$/i, '');
  const written = WRITTEN.map(([re, moment]) => ({ moment, match: re.exec(own) })).find((w) => w.match);
  return {
    frozen:
      has(text, /\bfrozen\b|\bfrom (?:the )?freezer\b/i) &&
      !has(
        text,
        /\b(?:thawed|defrosted)\b|\b(?:or|from|if) frozen\b|\bfrozen (?:is|are|works?|ok|okay|fine|will do|too)\b|\bfrozen,? (?:is )?(?:ok|okay|fine)\b/i,
      ),
    cooked:
      (IS_PULLED.test(text) || has(text, /\b(?:cooked|leftover|rotisserie|pre-?cooked|confit)\b/i)) &&
      !has(text, /\b(?:uncooked|cooked apart)\b/i),
    dried: has(text, /\bdr(?:y|ied)\b/i),
    canned: has(text, /\b(?:can|cans|canned|tin|tins|tinned|jar|jarred)\b/i),
    ground: has(text, /\b(?:ground|minced?|powder(?:ed)?)\b/i),
    poured: has(text, /\bboiling\b|\b(?:just|freshly)[- ]boiled\b/i)
      ? 'boiling'
      : has(text, /\b(?:hot|warm)\b(?= (?:\p{L}+ ){0,2}(?:stock|broth|water|milk|cream|wine|cider))/iu)
        ? 'hot'
        : has(text, /\b(?:ice[- ]?)?cold\b|\bchilled\b|\biced\b/i)
          ? 'cold'
          : null,
    soaked: has(text, /\bsoaked\b|\brehydrated\b/i),
    boiled: has(text, /\b(?:pre-?|par-?)?boiled\b(?! water)/i),
    brined: has(text, /\b(?:brined|injected|plumped|basted with|enhanced)\b|\bin brine\b/i),
    bone: has(text, /\bbone[- ]?less\b|\bboned\b|\boff the bone\b|\bfillets?\b/i)
      ? 'out'
      : has(text, /\bbone[- ]?in\b|\bon the bone\b|\bbones? in\b/i)
        ? 'in'
        : null,
    skin: has(text, /\bskin[- ]?less\b|\bskinned\b|\bskin (?:off|removed)\b/i)
      ? 'off'
      : has(text, /\bskin[- ]?on\b|\bskin on\b/i)
        ? 'on'
        : null,
    trimmed:
      has(text, /\btrimmed\b|\bfat (?:cut off|removed|discarded)\b|\bwell[- ]trimmed\b/i) &&
      !has(text, /\btrimmed and (?:sliced|chopped|halved|quartered)\b/i),
    lean: has(text, /\b(?:extra[- ])?lean\b/i),
    fatPercent: fatNamed(text),
    cut: has(text, /\bshredded\b/i)
      ? 'shredded'
      : has(
            text,
            /\bcub(?:es?|ed)\b|\bchunk(?:s|ed)?\b|\bdiced?\b|\bbite[- ]?size|\b(?:small |large |big |inch |cm |mm |even |equal )pieces\b|[\d½¼¾] ?["”″] (?:pieces|dice)\b|\bstew(?:ing)? (?:meat|beef|steak|lamb|pork)\b|\bbeef stew meat\b|\bcurry[- ]cut\b|^(?!.*\b(?:chicken|hen|duck|rabbit|turkey|bird)\b).*\bcut (?:up )?(?:in|into) (?:\d+|\p{L}+) (?:\p{L}+ )?pieces\b/iu,
          )
        ? 'cubed'
        : has(
              text,
              /\bslic(?:es?|ed)\b(?! (?:to serve|for serving|at the end|after|when|later))|\bstrips?\b|\b(?:escalopes?|schnitzels?|scaloppin[ei])\b/i,
            )
          ? 'sliced'
          : has(text, /\bwhole\b|\bin one piece\b|(?<!at the )\bjoint\b/i)
            ? 'whole'
            : null,
    thicknessMm: length ?? named,
    isSized: length !== null,
    toTaste: has(own, /\bto taste\b|\bas needed\b|\bas required\b|\bq\.?s\.?\b|\bto season\b/i),
    optional: has(text, /\boptional(?:ly)?\b|\bif (?:you )?(?:like|liked|wanted|desired|using)\b/i),
    divided: has(
      text,
      /\bdivided\b|\bin two parts\b|\b(?:whites?|greens?|green and white)\b.{0,20}\bseparated?\b/i,
    ),
    jointed: has(
      text,
      /\bjoint(?:ed|s)\b|\bcut[- ]up\b|\bcut (?:in|into)\b|\bquartered\b|\bportion(?:ed|s)\b|\bspatchcock\w*|\bhalved\b|\bpieces\b/i,
    ),
    juiceOnly: has(text, /\bjuice/i) && !has(text, /\b(?:zest|peel|rind)\b/i),
    zestOnly: has(text, /\b(?:zest|peel|rind)\b/i) && !has(text, /\bjuice/i),
    written: written?.match ? { moment: written.moment, words: written.match[0] } : null,
  };
}
