import type { Aim, DishSettings } from './dish';

/** Cook's words for each release. */
export const RELEASE_WORDS: Record<NonNullable<DishSettings['release']>, string> = {
  quick: 'quick',
  ten: 'ten minutes, then vent',
  natural: 'natural',
};

/** Cook's words for each wanted thickness. */
export const AIM_WORDS: Record<Aim, string> = {
  brothy: 'brothy',
  light: 'light',
  coating: 'coating',
  gravy: 'gravy',
  clinging: 'clinging',
  glaze: 'glaze',
};

/** Whether the sauce is thickened, in words. */
export const SAUCE_WORDS = {
  recipe: 'as the recipe',
  house: 'as this house likes it',
  thin: 'left thin',
} as const;
