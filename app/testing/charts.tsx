import type { ChartData } from 'chart.js';

/** A chart as the tests see it: its name, and its lines as lists of points. */
export interface Drawn {
  name: string;
  data: ChartData<'line', { x: number; y: number }[]>;
  options: { scales?: Record<string, { min?: number; max?: number; title?: { text?: string } }> };
}

/** The charts drawn last, by name. */
export const drawn = new Map<string, Drawn>();

/** Stands in for the canvas: no pixels, the same props. */
export function Line({
  'aria-label': name = '',
  data,
  options,
}: { 'aria-label'?: string } & Omit<Drawn, 'name'>) {
  drawn.set(name, { name, data, options });
  return <div role="img" aria-label={name} />;
}
