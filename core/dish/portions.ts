import type { Food } from '../pantry/food';
import { readNumber } from '../quantity/number';
import { unitById } from '../quantity/units';
import type { Amount } from './amount';

/** A piece of meat that is cut, sold and counted as one portion. */
export interface Portion {
  words: RegExp;
  /** What one weighs, g. */
  g: number;
  /** How thick it is, mm. */
  mm: number;
}

/** Most telling word first. Source: ordinary butchery; spread 30 %. */
const PORTIONS: readonly Portion[] = [
  { words: /\b(?:escalopes?|schnitzels?|scaloppin[ei]|minute steaks?|paillards?)\b/i, g: 120, mm: 8 },
  { words: /\bcutlets?\b/i, g: 90, mm: 20 },
  { words: /\b(?:noisettes?|medallions?)\b/i, g: 70, mm: 25 },
  { words: /\bchops?\b/i, g: 170, mm: 25 },
  { words: /\bsteaks?\b/i, g: 180, mm: 25 },
];
/** A chop or steak called thick, against an ordinary one. Source: chops of an inch and a half; spread 20 %. */
const THICK_CUT = 1.4;
/** How far the weight of one portion is off. */
export const PORTION_SPREAD = 0.3;
/** A food whose single piece weighs more than this is a joint, g. */
const JOINT_G = 400;
/** Sold by a name with steak in it, and stewed. */
const STEWED =
  /\b(?:brais\w*|stew\w*|casserole|chuck|shin|skirt|diced?|cub(?:ed?|es)|chunks?|strips?|minced?)\b/i;

/**
 * A kilo's joint at its thinnest, mm, less what is added for the thickest of many pieces, since it is alone; it grows with the cube
 * root of its weight. Source: loins, legs, breasts and rolled joints of 75 mm; spread 25 %.
 */
const JOINT_MM_PER_KG = 67;
/** A joint weighs at least this, g. */
const LEAST_JOINT_G = 700;
/** One side of a turkey's breast; what weighs more is two of them, g. Source: breasts as they are sold, 0.7-1.5 kg; spread 30 %. */
const TURKEY_SIDE_G = 1000;
const JOINT = /\b(?:roast|roasting|joint|rolled|in (?:one|a single) piece|whole)\b/i;

/** A whole turkey breast needs no word for being a joint; what is sold of it in pieces has one. */
const IN_PIECES = /\b(?:steaks?|fillets?|escalopes?|cutlets?|goujons?|tenders?|tenderloins?|pieces)\b/i;

/** How thick a joint is ("3 pound pork loin roast", "1 kg turkey breast"), mm; null for what is no joint or is cut up. */
export function jointMm(text: string, food: Food | null, massG: number): number | null {
  const isJoint =
    ((food?.kind === 'red-meat' && JOINT.test(text)) ||
      (food?.cut === 'turkey-breast' && !IN_PIECES.test(text))) &&
    !STEWED.test(text) &&
    !/\b(?:slic(?!ed? (?:to serve|for serving|at the end|after|when))|cut|strip|shred)/i.test(text);
  const oneG = food?.cut === 'turkey-breast' ? Math.min(massG, TURKEY_SIDE_G) : massG;
  return isJoint && massG >= LEAST_JOINT_G ? Math.round(JOINT_MM_PER_KG * Math.cbrt(oneG / 1000)) : null;
}

/** A roast lies about this thick for its length: what is cut of it is no thicker. Source: chuck and shoulder roasts of 1-2 kg, 55-70 mm; spread 15 %. */
const ROAST_MM_PER_KG = 60;

/** A piece of a joint that is cut into so many is somewhat longer than it is thick. Source: geometry of a block; spread 15 %. */
const THICK_OF_CUBE = 0.85;
const SO_MANY =
  /\b(?:in|into) (\d{1,2}|two|three|four|five|six|eight|ten|twelve) (?:(?:large|big|even|equal|thick) )?(?:pieces|chunks|parts|slabs|blocks|portions|sections)\b/i;

/** "4 lb pork shoulder, cut into 4 chunks": how thick one of so many is, mm; null where nobody says how many. */
export function oneOfMany(text: string, food: Food | null, massG: number): number | null {
  const n = food?.kind === 'red-meat' ? (readNumber(SO_MANY.exec(text)?.[1] ?? '')?.min ?? 0) : 0;
  if (n < 2 || massG < LEAST_JOINT_G || /\beach\b/i.test(text)) return null;
  return Math.round(10 * Math.cbrt(massG / 1.05 / n) * THICK_OF_CUBE);
}

/** How thick the chunks of a roast are at most ("3 lb chuck roast, cut into 4-inch chunks"), mm; null for what is no roast cut up. */
export function chunkMm(text: string, food: Food | null, massG: number): number | null {
  const isCutUp =
    food?.kind === 'red-meat' &&
    /\broast\b|\bjoint\b|\bin one piece\b/i.test(text) &&
    /\bcut\b|\bchunks\b|\bpieces\b/i.test(text);
  return isCutUp && massG >= LEAST_JOINT_G ? Math.round(ROAST_MM_PER_KG * Math.cbrt(massG / 1000)) : null;
}

/** The portion that a line of red meat or turkey is counted in ("6 lamb steaks", "500 g turkey steaks"); null where it is a joint or a stew. */
export function portionOf(text: string, amount: Amount | null, food: Food | null): Portion | null {
  const isSoldSo = food?.kind === 'red-meat' || food?.cut === 'turkey-breast';
  if (!isSoldSo || !amount || STEWED.test(text)) return null;
  const portion = PORTIONS.find(({ words }) => words.test(text));
  const isCounted = unitById(amount.unitId).kind === 'piece';
  const isIt =
    portion && (isCounted || /\b(?:steak|chop|cutlet|escalope|schnitzel|medallion|noisette)s\b/i.test(text));
  if (!isIt) return null;
  return /\bthick(?:[- ]cut)?\b/i.test(text)
    ? { ...portion, mm: Math.round(portion.mm * THICK_CUT) }
    : portion;
}

/** What counted portions weigh, g; null where their food has a weight of its own, or the line gives one. */
export function portionsG(portion: Portion, amount: Amount, food: Food): number | null {
  const isCount = amount.unitId === 'each' && !amount.alsoG && !amount.content;
  const own = food.pieceG['each'] ?? JOINT_G + 1;
  return isCount && own > JOINT_G ? ((amount.min + amount.max) / 2) * portion.g : null;
}
