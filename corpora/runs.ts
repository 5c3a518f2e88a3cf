/** How many draws a law makes: few enough that `npm test` stays short, ten times as many under `npm run laws`. */
export function draws(n: number): number {
  return process.env.LAWS === 'all' ? n * 10 : n;
}

/** Which of many cases a law tries in its nth way: one in `share`, the next ones in the next way, so that all are tried in some way. Under `npm run laws` it is every one. */
export function isTried(at: number, nth: number, share: number): boolean {
  return process.env.LAWS === 'all' || at % share === nth % share;
}
