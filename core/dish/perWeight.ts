/** How long by its weight: "12 minutes per 450 g", "20 minutes a pound plus 15". */
export interface PerWeight {
  minutesPerKg: number;
  plusMin: number;
}

const KG: Readonly<Record<string, number>> = {
  lb: 0.4536,
  pound: 0.4536,
  kg: 1,
  kilo: 1,
  kilogram: 1,
  g: 0.001,
  gram: 0.001,
};
const RATE = String.raw`(\d{1,2})(?:\s?[-–]\s?(\d{1,2}))? ?(?:minutes?|mins?) ?(?:per|a|an|for each|for every|to the|each|every|\/) ?(\d{1,4})? ?(lb|pound|kilogram|kilo|kg|gram|g)s?\b`;
const PLUS = String.raw`(?:,? ?(?:plus|and|\+) ?(?:an? )?(?:extra |another |further )?(\d{1,2}) ?(?:minutes?|mins?)(?: (?:extra|more|over))?)?`;
/** What it comes to, told behind the rate: "- so 40 minutes for this one", "(45 minutes for a 3 lb joint)". */
const TOTAL = String.raw`[\s(–—,;:=-]*(?:(?:so|i\.?e\.?|that is|that['’]s|which is|which makes|making|making it|about|around|total|in all|hence|meaning)\b[^.;\d]{0,24}|(?<=[(=])\s*)(\d{1,3}) ?(?:minutes?|mins?)`;
const RATE_AND_TOTAL = new RegExp(RATE + PLUS + TOTAL, 'giu');
const RATE_ALONE = new RegExp(RATE + PLUS, 'giu');
const OF_AN_OVEN = /\b(?:oven|roast(?:ed|ing)?|bak(?:e|ed|ing)|grill|defrost\w*|thaw\w*|°)/i;

/** A method in which "12 minutes per 450 g - so 40 minutes" is 40 minutes, and a rate with no sum is no time at all. */
export const withoutRates = (method: string): string =>
  method
    .replace(RATE_AND_TOTAL, (...found) => `${String(found[6])} minutes`)
    .replace(RATE_ALONE, 'by its weight');

/** The rate of a method that gives its minutes under pressure by weight and does not add them up; null for any other. */
export function perWeightTold(method: string): PerWeight | null {
  for (const sentence of method.split(/(?<=[.!?])\s+|\n+/)) {
    if (OF_AN_OVEN.test(sentence)) continue;
    const [found] = sentence.replace(RATE_AND_TOTAL, ' ').matchAll(RATE_ALONE);
    if (!found) continue;
    const [, low = '', high = low, of = '1', unit = 'kg', plus = '0'] = found;
    const kg = Number(of) * (KG[unit.toLowerCase()] ?? 1);
    if (kg <= 0) continue;
    return { minutesPerKg: (Number(low) + Number(high)) / 2 / kg, plusMin: Number(plus) };
  }
  return null;
}
