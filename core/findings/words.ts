import type { Moment } from '../dish/moment';
import { shortName } from '../dish/names';
import { isMeatCoat, type PlacedItem } from '../moments/item';
import type { Fix } from './finding';
import { holdAsSlurry, moveLine } from './fixes';

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

export const nameOf = (item: PlacedItem): string => shortName(item.read);

export const listed = (names: readonly string[]): string =>
  names.length < 3 ? names.join(' and ') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`;

const HOLD_LABELS: Partial<Record<Moment, string>> = {
  thicken: 'Hold it back until the boil',
  dairy: 'Hold it back, in off the boil',
  finish: 'Hold it back to the end',
  serve: 'Keep it for the table',
};

export const BROWN_IT_BARE = 'Brown it bare, bind with a slurry after';

/** Gives an early item back to the moment the rules compute for it; starch becomes a sized slurry. */
export function holdFix(item: PlacedItem): Fix {
  const isStarch = item.read.food?.kind === 'flour' || item.read.food?.kind === 'starch';
  if (isMeatCoat(item)) return holdAsSlurry(item.lineId, BROWN_IT_BARE);
  return isStarch
    ? holdAsSlurry(item.lineId)
    : moveLine(item.lineId, item.computed, HOLD_LABELS[item.computed] ?? 'Hold it back');
}
