import { tempIn, type Kitchen } from '../../core/index';

/** The letters of every chart. */
export const CHART_FONT = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";

/** Temperatures a cook passes through, °C, for the axis: lower only where something is frozen. */
const FROZEN_FROM_C = -20;
const TO_C = 125;

/** The temperature axis of a chart on the household's scale. */
export function tempAxis(units: Kitchen['units'], coldestC: number): { min: number; max: number } {
  const at = (c: number): number => Math.round(tempIn(c, units) / 5) * 5;
  return { min: at(coldestC < 0 ? FROZEN_FROM_C : 0), max: at(TO_C) };
}

/** A colour of the theme as it is now, for a canvas. */
export function themeColour(name: string): string {
  return getComputedStyle(document.documentElement).getPropertyValue(name).trim();
}
