import { BOIL_OFF_G_PER_MIN } from '../quantity/boilOff';
import type { Act, Script } from '../script/act';

/** Words that say that something boils away. */
export const GOES_DOWN =
  /\b(?:reduc\w*|by (?:a )?(?:half|third|two thirds)|boil (?:it )?down|bubble away)\b/i;
/** Words that say how much of it. */
export const SAYS_SHARE =
  /\bby (?:about |around )?(?:a |one |two[- ])?(?:half|thirds?|quarter)\b|\bhalved\b/i;

/** Share of a liquid that boils away when it goes down "by half", "by a third"; half where nothing is said. */
export function goneShare(words: string): number {
  if (/two[- ]thirds/i.test(words)) return 2 / 3;
  if (/\bthird\b/i.test(words)) return 1 / 3;
  if (/\bquarter\b/i.test(words)) return 1 / 4;
  return 1 / 2;
}

/** A sauce is never planned down below this share of itself by minutes alone: a cook looks, and stops. */
const LEAST_LEFT = 0.4;

/**
 * What is left of a sauce after the recipe has boiled it down, g: by the share it says, else by its minutes at what a pot boils
 * away. Nothing is boiled off by an act that says neither.
 */
export function leftAfterBoiling(script: Script | null | undefined, sauceG: number): number {
  let left = sauceG;
  for (const act of script?.acts ?? []) {
    if (act.verb === 'thicken') break;
    if (act.verb !== 'reduce' || act.run === 0) continue;
    left = leftAfter(act, left);
  }
  return left;
}

function leftAfter(act: Act, sauceG: number): number {
  if (SAYS_SHARE.test(act.words)) return sauceG * (1 - goneShare(act.words));
  if (act.minutes === null) return sauceG;
  return Math.max(sauceG * LEAST_LEFT, sauceG - act.minutes * BOIL_OFF_G_PER_MIN.high);
}
