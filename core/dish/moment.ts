/**
 * When an ingredient goes in. `sear` to `lid` happen before and under pressure; `thicken` to `serve` are **held back**
 * until the pin drops.
 */
export const MOMENTS = [
  'sear',
  'aromatics',
  'bloom',
  'deglaze',
  'lid',
  'thicken',
  'dairy',
  'finish',
  'serve',
] as const;
export type Moment = (typeof MOMENTS)[number];

/** Cook's words for each moment. */
export const MOMENT_NAMES: Record<Moment, string> = {
  sear: 'Sear',
  aromatics: 'Soften',
  bloom: 'Bloom the spices',
  deglaze: 'Deglaze',
  lid: 'Under the lid',
  thicken: 'Thicken, at the boil',
  dairy: 'Dairy, off the boil',
  finish: 'Finish, heat off',
  serve: 'To serve',
};

/** True for the moments after the pressure is gone. */
export function isHeldBack(moment: Moment): boolean {
  return MOMENTS.indexOf(moment) >= MOMENTS.indexOf('thicken');
}
