/** A share of the fat that a food's row gives, by how it was bought and cut. */
export interface RenderFigure {
  value: number;
  spread: number;
  source: string;
}

/**
 * What changes how much fat floats when the lid comes off. A food's own share is for the piece as it is ordinarily sold: poultry half in
 * its skin, beef and pork with the edge on.
 */
export const RENDERS = {
  skinOff: {
    value: 0.45,
    spread: 0.3,
    source:
      'Food tables: thigh with skin 15 % fat, without 6 %; a third to a half of it renders in twenty minutes',
  },
  skinOn: { value: 1.5, spread: 0.3, source: 'As above, with all of the skin on' },
  trimmed: {
    value: 0.6,
    spread: 0.3,
    source: 'Food tables: stewing cuts with the edge on against trimmed of it',
  },
  /** Of the fat that a packet of mince names, what runs out. */
  ofMince: {
    value: 0.6,
    spread: 0.25,
    source: 'Browned mince drained and weighed: half to two thirds of its fat',
  },
  /** "Lean" on a packet with no figure, as a share of the meat. */
  leanMince: { value: 0.08, spread: 0.4, source: 'Packets sold as lean: 5-12 % fat' },
} as const satisfies Record<string, RenderFigure>;
