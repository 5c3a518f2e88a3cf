/**
 * The best way through a row of places, each of which takes one of the same few states: dynamic programming over what each place says
 * for each state and what each step from state to state costs. Higher is better. Returns the states, one a place. Pure, linear in the
 * number of places.
 */
export function bestPath<S extends string>(
  states: readonly S[],
  start: (state: S) => number,
  says: readonly Readonly<Record<S, number>>[],
  step: (from: S, to: S) => number,
): S[] {
  const steps = states.map((from) => states.map((to) => step(from, to)));
  let best = states.map((s) => start(s) + (says[0]?.[s] ?? 0));
  const from: number[][] = [];
  for (let at = 1; at < says.length; at++) {
    const here: number[] = [];
    const back: number[] = [];
    states.forEach((to, j) => {
      let most = Number.NEGATIVE_INFINITY;
      let which = 0;
      for (let i = 0; i < states.length; i++) {
        const score = (best[i] as number) + (steps[i]?.[j] ?? 0);
        if (score > most) {
          most = score;
          which = i;
        }
      }
      here.push(most + (says[at]?.[to] ?? 0));
      back.push(which);
    });
    best = here;
    from.push(back);
  }
  if (!says.length) return [];
  let last = best.indexOf(Math.max(...best));
  const path = [states[last] as S];
  for (let at = from.length - 1; at >= 0; at--) {
    last = from[at]?.[last] ?? 0;
    path.unshift(states[last] as S);
  }
  return path;
}
