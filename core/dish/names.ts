import type { Food } from '../pantry/food';

/** Longest line read; the rest is kept as text but not searched. */
export const MAX_LINE_LENGTH = 400;

const BULLET = /^\s*(?:[-*•·●◦‣▪▢☐□✓✔–—]\s*|\[[ xX]?\]\s*)+/;
/** "1. 500 g beef", "2) 2 onions": numbering only when an amount follows it. */
const NUMBERING = /^\s*\d{1,2}[.)]\s+(?=[\d¼-¾⅐-⅞]|(?:an?|one|two|three|half)\s)/i;

/** The line without its bullet, checkbox or odd white space. The cook's text itself is never changed. */
export function stripBullet(text: string): string {
  return text
    .replace(/[\u200b\ufeff\u00a0\u2009\u202f\t]/g, ' ')
    .replace(BULLET, '')
    .replace(NUMBERING, '')
    .replace(/\s+/g, ' ')
    .trim();
}

/** How a thing is cut, behind its name without a comma, and what it is for, before it. */
const CUT_BEHIND =
  /(?:\s+(?:(?:bones?|skin)[- ](?:in|on|off)|and|in|into|lengthwise|lengthways|finely|roughly|thinly|thickly|freshly|coarsely|loosely|tightly|lightly|firmly|well|cut|chopped|sliced|diced|minced|crushed|grated|peeled|halved|quartered|cubed|shredded|trimmed|drained|rinsed|washed|cleaned|picked|torn|crumbled|melted|softened|beaten|whisked|julienned|deseeded|seeded|slit|bruised|smashed|uncooked|packed|thawed|defrosted|divided|optional|more|extra|thick|thin|(?:(?:in|into|cut|thick|thin|small|large|chunky|bite[- ]?sized?)\s+)+(?:chunks|pieces|strips|rounds|rings|wedges|slivers|matchsticks|batons|dice|cubes)|bite[- ]?sized?))+$/i;
const FOR_WHAT =
  /^(?:(?:to|for) (?:serve|serving|garnish|finish|the table)|sides?|side dish(?:es)?|accompaniments?|garnish|beilagen?|optional)(?:\s*[:–—-]\s*|\s{2,})/i;

/** A food as a cook would call it in a step: "onion diced" is the onion, "to serve: boiled potatoes" the boiled potatoes. */
export function plainName(foodText: string): string {
  const named = foodText
    .replace(FOR_WHAT, '')
    .replace(/^(?:of|de|du|des|di|del)\s+|^d['’](?=\p{L})/iu, '')
    // "1-inch piece of ginger", "ginger, 1 inch piece": how long it is stands before it.
    .replace(/^(?:pieces?|knob|thumb)\s+(?:of\s+)?(?=\p{L}{4})|\s+piece$/giu, '')
    // "Mushrooms if I've got them (about": what is asked and what is left of a bracket.
    .replace(/\s+if\s.*$|\s*\([^)]*$/i, '')
    .replace(/(?:\s+(?:about|abt|around|roughly|of it|\+|&))+$/i, '')
    .replace(/\s{2,}/g, ' ')
    .trim();
  return named.replace(CUT_BEHIND, '').trim() || named;
}

/** As much of a reading as a name is made of. */
interface Named {
  food: Food | null;
  foodText: string;
  juiceOnly?: boolean;
  zestOnly?: boolean;
}

/** "Freshly grated parmesan": how it is cut says the list. */
const CUT_BEFORE =
  /^(?:freshly|finely|coarsely|roughly|thinly|thickly) (?:grated|chopped|sliced|diced|minced|shredded|shaved|ground|crushed|torn|snipped) (?=\p{L}{3})/iu;

/** What to call the food of a line in a sentence: the cook's own words when they are short, else the pantry's name. */
export function shortName(read: Named): string {
  // "Zest of 1 lemon" is lemon zest, and no lemon.
  const isFruit = ['citrus', 'juice', 'spice-late'].includes(read.food?.kind ?? 'other');
  const part = !isFruit ? '' : read.juiceOnly ? 'juice' : read.zestOnly ? 'zest' : '';
  const whole = read.food?.names[0] ?? '';
  const own = plainName(read.foodText).replace(CUT_BEFORE, '');
  // The zest of an orange is no lemon zest, whatever row it is weighed by.
  if (part && whole) {
    const fruit = /^\p{L}{3,12}$/u.test(own) ? own.toLowerCase() : whole.replace(` ${part}`, '');
    return fruit.includes(part) ? fruit : `${fruit} ${part}`;
  }
  const isShort = own.length > 0 && own.length <= 26 && !own.includes(',') && own.split(' ').length <= 3;
  return isShort || !read.food ? inSmallLetters(own).slice(0, 40) : (read.food.names[0] ?? own);
}

/** Named for a place or a people: they keep their capital. */
const OF_A_PLACE =
  /^(?:worcestershire|dijon|thai|greek|turkish|italian|french|spanish|mexican|indian|chinese|japanese|korean|vietnamese|english|irish|swiss|shaoxing|sichuan|kashmiri|madras|cajun|creole|aleppo|espelette|bolognese|savoy|madeira|marsala|burgundy|kalamata|napa|brussels)$/i;

/** Small letters, but for what is short for something, "SR flour", and what is named for a place. */
const inSmallLetters = (own: string): string =>
  own === own.toUpperCase()
    ? own.toLowerCase()
    : own
        .split(' ')
        .map((word) =>
          /^\p{Lu}{2,3}$/u.test(word) || (OF_A_PLACE.test(word) && /^\p{Lu}/u.test(word))
            ? word
            : word.toLowerCase(),
        )
        .join(' ');
