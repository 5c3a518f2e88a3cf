import type { Plan } from '../../../core/index';

/** The drawing's own units, wide and on a phone. */
const WIDE = { width: 620, inner: 356, most: 330, label: 22, longest: 13 };
const PHONE = { width: 390, inner: 176, most: 250, label: 12, longest: 13 };
type DrawingSize = typeof WIDE;

/** Where the drawing begins, and how thick a wall of the pot is drawn. */
export const TOP_Y = 26;
export const WALL = 6;

/** A pot cut open, in the units of its drawing. */
export interface PotDrawing {
  size: DrawingSize;
  left: number;
  right: number;
  centre: number;
  /** Half of its inner width. */
  half: number;
  floorY: number;
  /** How high so many millimetres from the floor are drawn. */
  y: (mm: number) => number;
}

/** The household's pot to scale: as large as there is room for, and high enough for what would run over. */
export function drawPot({ fill, pot }: Pick<Plan, 'fill' | 'pot'>, isCompact: boolean): PotDrawing {
  const size = isCompact ? PHONE : WIDE;
  const tallMm = Math.max(fill.heightMm, fill.topMm * 1.04);
  const scale = Math.min(size.most / tallMm, size.inner / (pot.diameterCm * 10));
  const floorY = TOP_Y + tallMm * scale;
  const half = (pot.diameterCm * 10 * scale) / 2;
  const centre = size.width / 2;
  return {
    size,
    left: centre - half,
    right: centre + half,
    centre,
    half,
    floorY,
    y: (mm) => floorY - mm * scale,
  };
}
