import type { Calibration, Dish, Kitchen } from '../../core/index';

/** A short fingerprint of a text: 53 bits, enough to notice a change. */
export function fingerprint(text: string): string {
  let a = 0x9e3779b9;
  let b = 0x85ebca6b;
  for (let i = 0; i < text.length; i++) {
    const c = text.charCodeAt(i);
    a = Math.imul(a ^ c, 2654435761);
    b = Math.imul(b ^ c, 1597334677);
  }
  return ((a >>> 0) * 2 ** 21 + (b >>> 11)).toString(36);
}

/** Another build may plan otherwise: outlooks kept by an earlier one are made anew. */
declare const __BUILD__: string;

/** Says for which dish, kitchen and learning an outlook holds. */
export function outlookKey(dish: Dish, household: string): string {
  return `${__BUILD__}.${dish.updatedAt}.${household}`;
}

/** Fingerprint of all that a plan depends on besides the dish. */
export function householdKey(kitchen: Kitchen, calibrations: ReadonlyMap<string, Calibration>): string {
  return fingerprint(JSON.stringify([kitchen, [...calibrations]]));
}
