import { BOIL_OFF_G_PER_MIN } from '../quantity/boilOff';
import type { Act, Script } from '../script/act';

/** Words that say that something boils away. */
export const GOES_DOWN =
  /\b(?:reduc\w*|by (?:a )?(?:half|third|two thirds)|boil (?:it )?down|(?:bubble|boil|cook|steam)(?: it)? (?:away|off)|disappears?|evaporat\w*|(?:almost|nearly|mostly|all) (?:gone|dry)|absorb(?:ed)?)\b/i;
/** Words that say how much of it. */
export const SAYS_SHARE =
  /\bby (?:about |around )?(?:a |one |two[- ])?(?:half|thirds?|quarter)\b|\bhalved\b/i;

/** How much of a liquid recipes boil away, the more telling words first. */
const SHARES_GONE: readonly { says: RegExp; share: number; name: string }[] = [
  {
    says: /\b(?:disappears?|evaporat\w*|(?:almost|nearly|mostly|all) (?:gone|dry)|absorb(?:ed)?)\b/i,
    share: 0.9,
    name: '',
  },
  { says: /two[- ]thirds/i, share: 2 / 3, name: 'two thirds' },
  { says: /\bthird\b/i, share: 1 / 3, name: 'a third' },
  { says: /\bquarter\b/i, share: 1 / 4, name: 'a quarter' },
  { says: /\bhal(?:f|ved)\b/i, share: 1 / 2, name: 'half' },
];

/** Share of a liquid that boils away when it goes down "by half", "by a third"; half where nothing is said. */
export const goneShare = (words: string): number =>
  SHARES_GONE.find(({ says }) => says.test(words))?.share ?? 1 / 2;

/** The same as a recipe says it: "a third"; null where it names no share. */
export const goneName = (words: string): string | null =>
  SAYS_SHARE.test(words) ? SHARES_GONE.find(({ says }) => says.test(words))?.name || null : null;

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
