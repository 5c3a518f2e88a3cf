import { readNumber } from '../quantity/number';

/** Who eats, and words for the number of them. */
const EATERS = String.raw`(?:servings?|serv\b|portions?|people|persons?|plates|bowls|pers\.?|personen|personnes|personas|persone|porzioni|porciones|portionen|portioner|porties|personer|pessoas|diners|adults|eaters|mouths|helpings|folks?|ppl)`;
const ABOUT = String.raw`(?:about|abt\.?|approx(?:imately)?\.?|around|roughly|ca\.?|~|up to)?\s*`;
const FIGURE = String.raw`((?:\d{1,2}(?:\s*(?:-|–|to|or)\s*\d{1,2})?|one|two|three|four|five|six|seven|eight|nine|ten|twelve)\+?)`;

/** Ways in which a page says for how many it is; the figure is the first group. */
const PLATES: readonly RegExp[] = [
  // "Enough for 1 large pie (6 people)": who eats says more than what is made.
  new RegExp(String.raw`\(${ABOUT}${FIGURE}\s*${EATERS}\)`, 'i'),
  new RegExp(
    String.raw`(?<!\d\s*)\b(?:serves?|servings?|feeds|portions?|plates|dinner for|lunch for|supper for|enough for|sufficient for|a family of|recipe\s?yield|for)\s*[:=(]*\s*${ABOUT}${FIGURE}(?!\s*(?:\/|x\b|%|min|hour|hr|h\b|sec|day|week|year|inch|cm|mm|g\b|kg|ml|l\b|oz|lb|cup|tbsp|tbs|tsp|°|am\b|pm\b|:\d|[.,]\d|stars?|(?:(?:large|small|big|deep|medium|good|round|\d+(?:[.,]\d+)? ?-?(?:cm|inch|in|litre)) )*(?:pie|batch|loaf|dish|pot|casserole|tray|tin)\b))`,
    'i',
  ),
  new RegExp(
    String.raw`\b(?:makes|yields?|gives|does)\s*:?\s*${ABOUT}${FIGURE}\s*(?:${EATERS}|$|[.)|·,])`,
    'i',
  ),
  new RegExp(String.raw`(?:^|[\s(|·])${ABOUT}${FIGURE}\s*${EATERS}\b`, 'i'),
  // "Makes enough for a 1.5 litre dish (4–6)".
  new RegExp(String.raw`^\W*makes enough\b.*\(${FIGURE}\)\s*$`, 'i'),
  new RegExp(
    String.raw`\b(?:dosi?|dose|ingredient[ie]s?) (?:per|pour|para) ${FIGURE}\b|\b(?:f(?:ü|u)r|pour|para|per|voor|til|für ca\.?)\s+${FIGURE}\s+(?:pers|por[ctz]|pessoas|gäste|comensales)`,
    'i',
  ),
];
const MOST = 60;
/** "2 adults and 3 kids": both eat. */
/** "Serves a crowd (8)". */
const IN_BRACKETS_BEHIND =
  /\b(?:serves|feeds|for|makes)\b[^()\d]{1,24}\((?:about |abt |~)?(\d{1,2})(?:\s?[-–]\s?\d{1,2})?(?: people| persons)?\)/i;
const FAMILY =
  /\b(\d{1,2}|one|two|three|four|five|six) (?:hungry )?(?:adults?|grown[- ]?ups?)(?:,| and| &| \+) (\d{1,2}|one|two|three|four|five|six) (?:kids?|children|little ones)\b/i;
/** Pictures of people or plates before a figure. */
const PICTURED = /[\u{1F465}\u{1F464}\u{1F37D}\u{1F9D1}\u{1F46A}]\ufe0f?\s*:?\s*(\d{1,2})\b/u;
/** "4p", "6 pax", of a hand note. */
const SHORT_PLATES = /^\W*(\d{1,2})\s?(?:p|pp|pax|ppl|pers)\.?\W*$/i;

/** For how many a line says it is, the middle of a range rounded; null when it says nothing of it. */
export function platesIn(line: string): number | null {
  const family = FAMILY.exec(line);
  if (family)
    return (readNumber(family[1] ?? '')?.min ?? 0) + (readNumber(family[2] ?? '')?.min ?? 0) || null;
  const short = SHORT_PLATES.exec(line) ?? PICTURED.exec(line) ?? IN_BRACKETS_BEHIND.exec(line);
  if (short) return Number(short[1]) || null;
  for (const words of PLATES) {
    const found = words.exec(line.replace(/\*\*|__/g, ''));
    const n = found ? readNumber((found[1] ?? '').replace(/\+$/, '')) : null;
    if (n && n.min >= 1 && n.max <= MOST) return Math.round((n.min + n.max) / 2);
  }
  return null;
}

/** "Beef with onions. 4 ppl.": said in passing, with who eats. */
export const platesBeside = (line: string): number | null =>
  line.length <= 80 && EATEN_BY.test(line) ? platesIn(line) : null;
const EATEN_BY = new RegExp(String.raw`(?:^|[\s(|·.])${FIGURE}\s*${EATERS}\b`, 'i');

/** What stands in one line with for how many it is: "Temps: 1h Pour 4 personnes", "Level: easy". */
const BESIDE_IT =
  /\b(?:temps?|time|zeit|tiempo|tempo|dur[ée]e|dauer|prep|cook|total|ready in)\b\s*:?\s*\d+\s*(?:h|hrs?|hours?|min\w*|std\w*)?(?:\s*\d+\s*(?:m|min\w*))?|\b(?:pour|f(?:ü|u)r|para|per|voor|level|difficulty)\b(?:\s*:\s*\p{L}+)?/giu;

/** True when a line says little else than for how many it is. */
export function isPlatesFact(line: string): boolean {
  if (platesIn(line) === null || line.length > 90) return false;
  if (SHORT_PLATES.test(line) || FAMILY.test(line)) return true;
  if (
    /^\W*(?:serves?|servings?|feeds|portions?|plates|makes|yields?|dinner for|enough for|recipe\s?yield|for|für|pour|para|per|voor|does|gives)\b/i.test(
      line,
    )
  )
    return !/[.;!]\s+\S/.test(line);
  const rest = PLATES.reduce((text, words) => text.replace(words, ' '), line.replace(BESIDE_IT, ' '));
  return rest.replace(/[^\p{L}]/gu, '').length <= 8;
}
