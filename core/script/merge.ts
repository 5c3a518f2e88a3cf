import type { Act } from './act';
import type { ScriptLine } from './line';
import { KINDS } from './kinds';

/** What bubbles down while it is scraped; more takes a time of its own, g. Source: 13 g a minute boil away. */
const BOILS_AT_ONCE_G = 200;

/** What is done to what has just gone in. */
const FRIES: ReadonlySet<string> = new Set(['soften', 'bloom', 'brown', 'pop', 'reduce']);

/** Two pieces of a recipe as one, nothing said twice. */
export function joined(a: string, b: string): string {
  if (a.includes(b)) return a;
  return (b.includes(a) ? b : `${a} ${b}`).slice(0, 400);
}

/** "Add the garlic and stir for 30 seconds": the time is of what has just gone in, and of nothing that went in before it. */
function withTheirTime(acts: readonly Act[]): readonly Act[] {
  const isFried = (a: Act): boolean => a.stage === 'open' && (a.verb === 'soften' || a.verb === 'bloom');
  const ofLast = (a: Act, before: Act | undefined): before is Act =>
    before !== undefined &&
    isFried(a) &&
    isFried(before) &&
    a.words === before.words &&
    !a.lines.length &&
    !a.again.length &&
    before.lines.length > 0 &&
    before.minutes === null;
  return acts.flatMap((a, i) => {
    if (ofLast(a, acts[i - 1])) return [];
    const next = acts[i + 1];
    return next && ofLast(next, a)
      ? [{ ...a, minutes: next.minutes, ...(next.until ? { until: next.until } : {}) }]
      : [a];
  });
}

/** The other side of what was fried. */
const MORE = /\b(?:more|another|further|other sides?|flip|turn(?:ed)? over)\b/i;

/** Acts next to each other that are one thing to do are one act; an act that says and brings nothing is none. */
export function merged(acts: readonly Act[], lines: readonly ScriptLine[]): Act[] {
  const out: Act[] = [];
  const isMeat = (i: number): boolean =>
    (KINDS.meat as readonly string[]).includes(lines[i]?.read.food?.kind ?? 'other');
  const isFlavour = (i: number): boolean =>
    ([...KINDS.spice, 'tomato-paste', 'thick-sauce'] as readonly string[]).includes(
      lines[i]?.read.food?.kind ?? 'other',
    );
  const isFat = (i: number): boolean =>
    (KINDS.fat as readonly string[]).includes(lines[i]?.read.food?.kind ?? 'other');
  const isVegetable = (i: number): boolean =>
    ([...KINDS.aromatic, 'slow-veg', 'quick-veg', 'root-veg'] as readonly string[]).includes(
      lines[i]?.read.food?.kind ?? 'other',
    );
  const isTomato = (i: number): boolean => lines[i]?.read.food?.kind.startsWith('tomato') ?? false;
  const isBoiled = (i: number): boolean =>
    ['pasta', 'grain', 'pulse-dry', 'root-veg'].includes(lines[i]?.read.food?.kind ?? 'other');
  const isDryFood = (i: number): boolean =>
    ([...KINDS.spice, ...KINDS.aromatic, 'tomato-paste'] as readonly string[]).includes(
      lines[i]?.read.food?.kind ?? 'other',
    );
  // "The chicken and the oregano": meat, and what it tastes of.
  const isMeatAlone = (a: Act): boolean =>
    a.lines.some((l) => isMeat(l.index)) &&
    a.lines.every(
      ({ index: i }) =>
        isMeat(i) ||
        isFat(i) ||
        ([...KINDS.spice, 'herb-woody', 'herb-soft', 'salt'] as readonly string[]).includes(
          lines[i]?.read.food?.kind ?? 'other',
        ),
    );
  const isThin = (i: number): boolean =>
    (KINDS.thin as readonly string[]).includes(lines[i]?.read.food?.kind ?? 'other');
  const pouredG = (a: Act): number =>
    a.lines.reduce((s, l) => s + (lines[l.index]?.read.massG.mid ?? 0) * l.share, 0);
  const isEmpty = (a: Act): boolean => !a.lines.length && !a.again.length;
  for (const told of withTheirTime(acts)) {
    const last = out.at(-1);
    // "Add the tomatoes. Cook until the tomatoes break down": named again, and nothing else.
    const isOfLast =
      last?.stage === told.stage &&
      !told.lines.length &&
      told.again.length > 0 &&
      FRIES.has(told.verb) &&
      told.again.every((i) => last.lines.some((l) => l.index === i));
    const act = isOfLast ? { ...told, again: [] } : told;
    // "Stir the marinade together, add the chicken and chill": one standing; "season the flour, toss the beef in it": one coat.
    const isSameBowl = last?.verb === act.verb && (act.verb === 'marinate' || act.verb === 'dredge');
    if (isSameBowl && !act.lines.length) {
      last.minutes ??= act.minutes;
      last.words = joined(last.words, act.words);
      last.again = [...new Set([...last.again, ...act.again])];
      continue;
    }
    // "Lid on, no weight, simmer 15 minutes": so long the lid rests.
    if (last?.verb === 'steamlid' && act.verb === 'simmer' && isEmpty(act) && last.minutes === null) {
      last.minutes = act.minutes;
      last.words = joined(last.words, act.words);
      continue;
    }
    // Lifted out and set aside, said in one breath.
    if (last?.verb === 'liftout' && act.verb === 'liftout' && isEmpty(act) && last.words === act.words)
      continue;
    // "Lift the legs out and keep them warm": one thing.
    if (last?.verb === 'liftout' && act.verb === 'keepwarm' && !act.lines.length) {
      last.words = joined(last.words, act.words);
      continue;
    }
    // Cooked until its own juices have gone: it is fried, and nothing was poured that boils down.
    const isFried =
      last?.verb === 'soften' ||
      (last?.verb === 'add' && last.lines.some((l) => isVegetable(l.index) || isTomato(l.index)));
    if (
      last &&
      isFried &&
      act.verb === 'reduce' &&
      isEmpty(act) &&
      act.stage === 'open' &&
      !last.lines.some((l) => isThin(l.index))
    ) {
      last.verb = 'soften';
      last.minutes ??= act.minutes;
      continue;
    }
    // Butter and flour cooked together, and the sauce whisked in.
    if (
      last?.verb === 'fry' &&
      act.verb === 'thicken' &&
      last.lines.length &&
      last.lines.every((l) => isFat(l.index))
    ) {
      last.verb = 'thicken';
      last.lines.push(...act.lines);
      last.words = joined(last.words, act.words);
      if (act.until !== undefined) last.until = act.until;
      continue;
    }
    // "Heat the oil in a wide pan, press in the pork, crisp it for 3 minutes": one frying.
    if (
      last?.verb === 'fry' &&
      last.lines.every((l) => isFat(l.index)) &&
      ['stirin', 'return', 'fry', 'add'].includes(act.verb) &&
      !act.lines.length &&
      last.words === act.words
    ) {
      last.again.push(...act.again);
      last.minutes ??= act.minutes;
      if (act.until !== undefined) last.until = act.until;
      continue;
    }
    // "Place the rack in the pot", and only then what stands on it.
    const standsLater = acts.some(
      (a) =>
        a.verb === 'rack' && a.run === act.run && a !== told && (a.lines.length > 0 || a.again.length > 0),
    );
    if (act.verb === 'rack' && isEmpty(act) && standsLater) continue;
    // "Drop it into the sauce in little lumps", "bring it to the boil and whisk in the starch": part of thickening.
    if (last?.verb === 'thicken' && act.verb === 'stirin' && !act.lines.length && last.run === act.run)
      continue;
    if (last?.verb === 'boil' && isEmpty(last) && act.verb === 'thicken') out.pop();
    // "Add the garlic and stir for a minute" goes on with what is fried.
    if (last?.verb === 'soften' && act.verb === 'bloom' && isEmpty(act) && act.stage === 'open') continue;
    if (last?.verb === 'rest' && act.verb === 'steamlid' && isEmpty(act) && last.words === act.words)
      continue;
    // What was soaked is strained: its liquor, and no sauce.
    if (last?.verb === 'soak' && act.verb === 'strain' && act.stage !== 'after') continue;
    // Blanched and rinsed, rendered until it is soft: one thing each.
    if (last?.verb === 'blanch' && act.verb === 'rinse') continue;
    if (last?.verb === 'render' && act.verb === 'soften' && isEmpty(act) && last.words === act.words) {
      last.minutes ??= act.minutes;
      if (act.until !== undefined) last.until ??= act.until;
      continue;
    }
    // "Score the fat and stud it with cloves": one thing.
    if (
      last?.verb === 'score' &&
      act.verb === 'stirin' &&
      last.words === act.words &&
      /\bstud/i.test(act.words)
    ) {
      last.lines.push(...act.lines);
      continue;
    }
    // "Add the onions and soften for 6 minutes, adding the garlic at the end": one pan, one thing.
    const isFriedOn =
      last?.verb === 'add' &&
      act.verb === 'soften' &&
      last.words === act.words &&
      last.lines.length > 0 &&
      last.lines.every((l) => isVegetable(l.index) || isFat(l.index));
    if (last && isFriedOn) last.verb = 'soften';
    // "Bring to the boil and simmer for 15 minutes" is one thing.
    if (last?.verb === 'boil' && act.verb === 'simmer' && isEmpty(act) && last.words === act.words) {
      last.minutes ??= act.minutes;
      continue;
    }
    // "Bring the soup to a simmer, add the orzo and cook 8 minutes": it simmers for what goes in.
    const isOnlyBegun = last?.verb === 'simmer' && isEmpty(last) && last.minutes === null;
    if (isOnlyBegun && ['simmer', 'stirin'].includes(act.verb) && last.words === act.words) out.pop();
    // "Stir the egg mixture in": what was warmed by the ladle goes in by that.
    if (last?.verb === 'temper' && act.verb === 'stirin' && !act.lines.length && act.again.length) {
      last.words = joined(last.words, act.words);
      continue;
    }
    // Rendered until it is brown is one thing.
    if (last?.verb === 'render' && act.verb === 'brown' && isEmpty(act) && last.words === act.words) {
      last.minutes ??= act.minutes;
      continue;
    }
    const isBare = isEmpty(act) && ['add', 'stirin', 'mix', 'heat', 'season'].includes(act.verb);
    if (isBare && act.verb !== 'heat') continue;
    if (last && last.verb === 'serve' && act.verb === 'serve') {
      last.lines.push(...act.lines);
      continue;
    }
    // What is mixed first and then rubbed in, and what is stirred in and then simmered, is one thing to do.
    const isSameMoment = last && last.run === act.run && last.stage === act.stage;
    const becomes =
      last && isSameMoment
        ? last.verb === 'bloom' && act.verb === 'pop' && isEmpty(act)
          ? 'pop'
          : ['add', 'deglaze'].includes(last.verb) && act.verb === 'flame' && !act.lines.length
            ? 'flame'
            : last.verb === 'add' && act.verb === 'stuff' && !act.lines.length
              ? 'stuff'
              : last.verb === 'add' &&
                  ['soften', 'bloom', 'pop', 'brown'].includes(act.verb) &&
                  isEmpty(act) &&
                  act.stage === 'open'
                ? act.verb === 'soften' && isMeatAlone(last)
                  ? last.lines.every(
                      (l) => lines[l.index]?.read.food?.kind === 'cured-meat' || isFat(l.index),
                    )
                    ? 'render'
                    : 'brown'
                  : act.verb === 'soften' &&
                      last.lines.some((l) => isFlavour(l.index)) &&
                      last.lines.every((l) => isFlavour(l.index) || isFat(l.index))
                    ? 'bloom'
                    : act.verb
                : last.verb === 'add' &&
                    act.verb === 'reduce' &&
                    isEmpty(act) &&
                    act.stage === 'open' &&
                    pouredG(last) < BOILS_AT_ONCE_G
                  ? 'deglaze'
                  : last.verb === 'stirin' && act.verb === 'serve' && isEmpty(act) && last.words === act.words
                    ? 'serve'
                    : last.verb === 'serve' && ['grill', 'bake'].includes(act.verb)
                      ? act.verb
                      : ['dairy', 'top', 'stirin'].includes(last.verb) &&
                          act.verb === 'melt' &&
                          !act.lines.length
                        ? act.verb
                        : last.verb === 'mix' && ['season', 'marinate', 'dredge'].includes(act.verb)
                          ? act.verb
                          : last.verb === 'serve' && act.verb === 'melt'
                            ? act.verb
                            : last.verb === 'stirin' &&
                                (['simmer', 'boil', 'wilt'].includes(act.verb) ||
                                  (act.verb === 'fry' && isEmpty(act) && last.words === act.words) ||
                                  (act.verb === 'glaze' && last.words === act.words)) &&
                                !act.lines.length
                              ? // A sauce that is brought to the boil only simmers: what boils is what drinks.
                                act.verb === 'fry' ||
                                (act.verb === 'boil' &&
                                  last.lines.length > 0 &&
                                  !last.lines.some((l) => isBoiled(l.index)))
                                ? 'simmer'
                                : act.verb
                              : null
        : null;
    if (last && becomes) {
      last.verb = becomes;
      last.lines.push(...act.lines);
      last.again.push(...act.again);
      last.minutes = act.minutes ?? last.minutes;
      last.words = joined(last.words, act.words);
      if (act.until !== undefined) last.until = act.until;
      // "Heat the oil. Add the pork and brown it": the oil is what it browns in.
      const hot = out.at(-2);
      const isHeated =
        hot?.verb === 'heat' &&
        hot.stage === last.stage &&
        hot.lines.every((l) => isFat(l.index)) &&
        becomes === 'brown';
      if (isHeated) {
        last.lines.unshift(...hot.lines);
        last.words = joined(hot.words, last.words);
        out.splice(-2, 1);
      }
      continue;
    }
    if (last && last.stage === act.stage && last.run === act.run) {
      // "The onions for 8 minutes; add the garlic, 1 minute more": one after the other, each with its own minutes.
      const isNext =
        last.verb === 'soften' &&
        act.verb === 'soften' &&
        act.lines.length > 0 &&
        last.lines.length > 0 &&
        (last.minutes !== null || last.until !== undefined) &&
        (act.minutes !== null || act.until !== undefined);
      // "Add the meat and stew for 10 minutes. Add the pepper": not before those minutes are over.
      const isLater =
        last.verb === 'add' && act.verb === 'add' && last.minutes !== null && !last.words.includes(act.words);
      const isSame =
        !isNext &&
        !isLater &&
        last.verb === act.verb &&
        !['hold', 'close', 'release', 'liftout'].includes(act.verb);
      const fatOnly =
        (last.verb === 'heat' || (last.verb === 'add' && last.lines.length > 0 && !last.again.length)) &&
        last.lines.every((l) => KINDS.fat.includes((lines[l.index]?.read.food?.kind ?? 'other') as 'oil')) &&
        ['brown', 'soften', 'render', 'pop', 'bloom'].includes(act.verb);
      const scraped = last.verb === 'add' && act.verb === 'deglaze' && isEmpty(act);
      const thin = scraped ? last.lines.filter((l) => isThin(l.index)) : [];
      if (scraped && thin.length && last.lines.some((l) => isMeat(l.index))) {
        // What is scraped with is the liquid; the meat went in before it.
        last.lines = last.lines.filter((l) => !thin.includes(l));
        out.push({ ...act, lines: thin, again: [] });
        continue;
      }
      const scrapes =
        last.verb === 'deglaze' && act.verb === 'reduce' && isEmpty(act) && pouredG(last) < BOILS_AT_ONCE_G;
      if (isSame || fatOnly || scraped || scrapes) {
        // "Stir in the tomato purée, let it bubble": a paste loosens nothing.
        const isDry = scraped && last.lines.length > 0 && last.lines.every((l) => isDryFood(l.index));
        // "Brown 5 minutes skin down, flip, 2 minutes more": seven in all.
        const isMore =
          isSame && isEmpty(act) && act.verb === 'brown' && last.minutes !== null && MORE.test(act.words);
        last.verb = (fatOnly || scraped) && !isDry ? act.verb : last.verb;
        last.lines.push(...act.lines);
        last.again.push(...act.again);
        last.minutes = isMore ? (last.minutes ?? 0) + (act.minutes ?? 0) : (act.minutes ?? last.minutes);
        last.words = joined(last.words, act.words);
        if (act.until !== undefined) last.until = act.until;
        continue;
      }
    }
    out.push({ ...act, lines: [...act.lines], again: [...act.again] });
  }
  return out.map((a, i) => ({
    ...a,
    id: `a${i}`,
    // What goes in before another lid is put in, not stirred through.
    verb:
      // Meat that is stirred in the fat for two minutes is turned, and never bloomed.
      a.verb === 'bloom' && a.lines.some((l) => isMeat(l.index))
        ? 'brown'
        : a.verb === 'stirin' && out.slice(i + 1).some((b) => b.verb === 'close' && b.run === a.run)
          ? 'add'
          : a.verb,
  }));
}
