import type { Compared } from '../../../core/index';
import { counted } from '../../parts/counted';

const DAY_MS = 86_400_000;
/** From here on an old file is said to be old, days. Source: a month of cooking is a month one would miss. */
const OLD_DAYS = 30;

/** A day as people write it, in the browser's own language. */
export const dayOf = (at: number): string =>
  new Date(at).toLocaleDateString(undefined, { dateStyle: 'long' });

/** When everything was last saved, and whether that is long ago. */
export function savedSaid(at: number | null, now: number): string {
  if (at === null) return 'Nothing was saved to a file yet.';
  const days = Math.floor((now - at) / DAY_MS);
  if (days < 1) return 'Last saved to a file today.';
  return days < OLD_DAYS
    ? `Last saved to a file ${counted(days, 'day')} ago.`
    : `Last saved to a file ${counted(days, 'day')} ago: what was cooked since is only in this browser.`;
}

/** True where it is time to save again: what is the household's own has been in no file for a month. */
export const isTimeToSave = (unsavedSince: number | null, now: number): boolean =>
  unsavedSince !== null && now - unsavedSince > OLD_DAYS * DAY_MS;

/** What taking a file would do to what is here, a line each. */
export function changesOf({ dishes, cooks }: Compared): string[] {
  const lines = [
    [
      dishes.added,
      `${counted(dishes.added, 'dish', 'dishes')} that ${dishes.added === 1 ? 'is' : 'are'} not here`,
    ],
    [dishes.changed, `${counted(dishes.changed, 'dish', 'dishes')} written differently there`],
    [dishes.missing, `${counted(dishes.missing, 'dish', 'dishes')} here that it does not have`],
    [
      cooks.added,
      `${counted(cooks.added, 'cook')} that ${cooks.added === 1 ? 'is' : 'are'} not in the log here`,
    ],
    [cooks.missing, `${counted(cooks.missing, 'cook')} here that it does not have`],
  ] as const;
  const told = lines.flatMap(([n, words]) => (n > 0 ? [words] : []));
  return told.length ? told : ['It is the same as what is here.'];
}
