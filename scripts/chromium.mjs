import { existsSync } from 'node:fs';

/** Debian's Chromium without a window of its own starts its pages in two thirds of the time of the whole browser. */
export const SMALL = '/usr/bin/chromium-headless-shell';
const WHOLE = '/usr/bin/chromium';

/** Path of the Chromium that the tests and pictures drive: the small one, or whichever there is; undefined without any. */
export function chromiumPath() {
  return [SMALL, WHOLE].find((path) => existsSync(path));
}
