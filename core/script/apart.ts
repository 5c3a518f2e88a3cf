import type { Act } from './act';
import { linesNamed } from './align';
import type { Clause, Reading } from './reading';

/** Water of its own, a packet's own minutes, and what is drained: it cooks in another pot. */
const APART =
  /\b(?:salted boiling|boiling salted|boiling|salted) water\b|\bdrain(?:ed|ing)?\b|\b(?:packet|package|pack|box)(?: (?:instructions|directions))?\b|\bseparate(?:ly)?\b|\bin (?:another|a second|its own) pot\b/i;
const TOSSES = /\b(?:toss|stir|mix|fold|tip|add|combine|put|return|coat|slide|turn)\w*\b/i;
const DRUNK: ReadonlySet<string> = new Set(['pasta', 'grain']);

/** True of pasta or rice that cooks beside the pot, in water that is poured away. */
export const isCookedApart = ({ verb, words }: Pick<Act, 'verb' | 'words'>): boolean =>
  verb === 'boil' && APART.test(words);

/** "Drain and toss with the sauce": lines that were boiled beside, and come in with this clause. */
export function cookedApartFor(r: Reading, { text, meant, n }: Clause): readonly number[] {
  if (r.stage !== 'after' || !TOSSES.test(text)) return [];
  const at = r.acts.findLastIndex((a) => a.verb === 'boil' && a.run === r.run);
  const boiled = r.acts[at];
  const said = r.parts.slice(Math.max(0, n - 2), n).map((p) => p.text);
  if (!boiled || !(isCookedApart(boiled) || said.some((t) => APART.test(t)))) return [];
  const lines = boiled.lines.map((l) => l.index).filter((i) => DRUNK.has(r.kindOf(i)));
  const isNamed = meant.some((i) => lines.includes(i));
  const isInAlready = r.acts.slice(at + 1).some((a) => a.again.some((i) => lines.includes(i)));
  // "Add the cream cheese. Ladle over the noodles": what is named later comes in there.
  const isNamedLater = (): boolean =>
    r.parts.slice(n + 1).some((p) => linesNamed(p.text, r.lines, r.pantry).some((i) => lines.includes(i)));
  return (isNamed || (r.last === boiled && !isNamedLater())) && !isInAlready ? lines : [];
}
