/** Height of one line of label, in the drawing's units. */
const LABEL_GAP = 21;

/** A label wanted at a height; `y` is where it may stand without touching its neighbours. */
export interface Label {
  key: string;
  at: number;
  y: number;
  text: string;
  sub?: string;
  className?: string;
}

/** Moves labels apart so that none overlap, keeping their order and staying between the edges. */
export function spreadLabels(
  labels: readonly Omit<Label, 'y'>[],
  from: number,
  to: number,
  gap = LABEL_GAP,
): Label[] {
  const sorted = labels.map((l) => ({ ...l, y: l.at })).sort((a, b) => a.at - b.at);
  const tall = (l: Label): number => (l.sub ? gap * 1.75 : gap);
  let edge = from;
  for (const l of sorted) {
    l.y = Math.max(l.y, edge);
    edge = l.y + tall(l);
  }
  edge = to;
  for (const l of [...sorted].reverse()) {
    l.y = Math.min(l.y, edge - (l.sub ? gap * 0.75 : 0));
    edge = l.y - gap;
  }
  return sorted;
}
