/** The order with one layer a place higher (1) or lower (-1); null at the ends or when it is not there. */
export function movedBy(ids: readonly string[], id: string, by: 1 | -1): string[] | null {
  const at = ids.indexOf(id);
  return at < 0 ? null : movedTo(ids, id, at + by);
}

/** The order with one layer at a place of its own; null when that is where it is, or nowhere. */
export function movedTo(ids: readonly string[], id: string, place: number): string[] | null {
  const at = ids.indexOf(id);
  if (at < 0 || place === at || place < 0 || place >= ids.length) return null;
  const rest = ids.filter((other) => other !== id);
  return [...rest.slice(0, place), id, ...rest.slice(place)];
}
