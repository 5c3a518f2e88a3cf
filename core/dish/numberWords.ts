/** Minutes and counts in words, as methods write them. */
export const NUMBERS: Readonly<Record<string, number>> = {
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  fifteen: 15,
  eighteen: 18,
  twenty: 20,
  'twenty-five': 25,
  thirty: 30,
  'thirty-five': 35,
  forty: 40,
  'forty-five': 45,
  fifty: 50,
  sixty: 60,
  ninety: 90,
};
/** Any of them, the longest first. */
export const WORD = `(?:${Object.keys(NUMBERS)
  .sort((a, b) => b.length - a.length)
  .map((w) => w.replace('-', '[- ]'))
  .join('|')})`;
