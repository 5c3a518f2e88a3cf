import { LAYER_CONSTRAINTS, LAYER_KINDS, type LayerConstraint } from './data/layers';

/** The layers of a pot from the floor up, and what the cook's own order costs. */
export interface LoadingOrder {
  ids: string[];
  /** Constraints that the order breaks, each about the layer in its `catches` or `over`. */
  broken: LayerConstraint[];
}

const RANK = new Map(LAYER_KINDS.map((kind, i) => [kind.id, i]));
const rank = (id: string): number => RANK.get(id) ?? RANK.size;

/**
 * The loading order of the layers that are there, bottom to top: every constraint kept, ties by custom. A cook's own order
 * (`wanted`, ids from the floor up; unknown ids are ignored) wins for the layers it names, and what it breaks is told.
 */
export function loadingOrder(present: readonly string[], wanted: readonly string[] = []): LoadingOrder {
  const here = new Set(present);
  const computed = sortByConstraints([...here]);
  const named = wanted.filter((id, i) => here.has(id) && wanted.indexOf(id) === i);
  if (!named.length) return { ids: computed, broken: [] };
  const places = computed.flatMap((id, i) => (named.includes(id) ? [i] : []));
  const ids = [...computed];
  places.forEach((place, i) => (ids[place] = named[i] ?? ids[place] ?? ''));
  return { ids, broken: brokenBy(ids) };
}

/** The constraints that an order of layers breaks. */
export function brokenBy(ids: readonly string[]): LayerConstraint[] {
  return LAYER_CONSTRAINTS.filter((c) => {
    const under = ids.indexOf(c.under);
    const over = ids.indexOf(c.over);
    return under >= 0 && over >= 0 && under > over;
  });
}

/** Takes, again and again, the layer that nothing still waiting has to lie under; custom decides between several. */
function sortByConstraints(ids: readonly string[]): string[] {
  const left = new Set(ids);
  const out: string[] = [];
  while (left.size) {
    const free = [...left].filter(
      (id) => !LAYER_CONSTRAINTS.some((c) => c.over === id && c.under !== id && left.has(c.under)),
    );
    const next = (free.length ? free : [...left]).sort((a, b) => rank(a) - rank(b))[0];
    if (next === undefined) break;
    left.delete(next);
    out.push(next);
  }
  return out;
}
