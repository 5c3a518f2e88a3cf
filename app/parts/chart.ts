/** The letters of every chart. */
export const CHART_FONT = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";

/** A colour of the theme as it is now, for a canvas. */
export function themeColour(name: string): string {
  return getComputedStyle(document.documentElement).getPropertyValue(name).trim();
}
