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
/** How far the weight of one portion is off. */
export const PORTION_SPREAD = 0.3;
/** A food whose single piece weighs more than this is a joint, g. */
const JOINT_G = 400;
/** Sold by a name with steak in it, and stewed. */
const STEWED =
  /\b(?:brais\w*|stew\w*|casserole|chuck|shin|skirt|diced?|cub(?:ed?|es)|chunks?|strips?|minced?)\b/i;

/** A kilo's joint at its thinnest, mm; it grows with the cube root of its weight. Source: loins, legs and rolled joints; spread 25 %. */
const JOINT_MM_PER_KG = 75;
/** A joint weighs at least this, g. */
const LEAST_JOINT_G = 700;
const JOINT = /\b(?:roast|roasting|joint|rolled|in (?:one|a single) piece|whole)\b/i;

/** How thick a joint is ("3 pound pork loin roast"), mm; null for what is no joint or is cut up. */
export function jointMm(text: string, food: Food | null, massG: number): number | null {
  const isJoint =
    food?.kind === 'red-meat' &&
    JOINT.test(text) &&
    !STEWED.test(text) &&
    !/\b(?:slic|cut|strip)/i.test(text);
  return isJoint && massG >= LEAST_JOINT_G ? Math.round(JOINT_MM_PER_KG * Math.cbrt(massG / 1000)) : null;
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

/** The portion that a line of red meat is counted in ("6 lamb steaks", "500 g rump steaks"); null where it is a joint or a stew. */
export function portionOf(text: string, amount: Amount | null, food: Food | null): Portion | null {
  if (food?.kind !== 'red-meat' || !amount || STEWED.test(text)) return null;
  const portion = PORTIONS.find(({ words }) => words.test(text));
  const isCounted = unitById(amount.unitId).kind === 'piece';
  return portion &&
    (isCounted || /\b(?:steak|chop|cutlet|escalope|schnitzel|medallion|noisette)s\b/i.test(text))
    ? portion
    : null;
}

/** What counted portions weigh, g; null where their food has a weight of its own, or the line gives one. */
export function portionsG(portion: Portion, amount: Amount, food: Food): number | null {
  const isCount = amount.unitId === 'each' && !amount.alsoG && !amount.content;
  const own = food.pieceG['each'] ?? JOINT_G + 1;
  return isCount && own > JOINT_G ? ((amount.min + amount.max) / 2) * portion.g : null;
}
