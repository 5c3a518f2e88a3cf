import { shortName } from '../dish/names';
import { inOrder, type PlacedItem } from '../moments/item';
import { formatDuration, formatVolume } from '../quantity/format';
import { verbById, VERBS_THAT } from '../script/data/verbs';
import { untoldAct, type Act, type Script } from '../script/act';
import { boundWith } from '../pieces/binding';
import { CAUTIONS } from '../kitchen/data/cautions';
import { WORK } from '../pieces/data/work';
import { isPouredOnFilm } from './actFacts';
import { MEANWHILE } from '../dish/beside';
import { actStep } from './actStep';
import { deglazing, prep } from './before';
import { lateChecks } from './rawLate';
import { lastly, serving } from './finish';
import { stepsOpened } from './opened';
import { dairyInTurn, measuring, skimming, thickening } from './sauce';
import { handwork, kindOf, listed, slurryItems, step, stepItems, type Step, type StepInput } from './step';
import { stepsUnderTheLid } from './underLid';

/** Fried before the lid: what was kept aside then is named where it comes back, and is no seasoning. */
const FRIED_FIRST: ReadonlySet<string> = new Set(['brown', 'render', 'soften', 'toast', 'blanch']);
/** Acts that the pot does, told by the steps under the lid. */
const OF_THE_POT = new Set(['close', 'hold', 'release', 'open']);
/** The cook as the recipe tells it, in its order and with its words; what it leaves out and no cook may is put in. */
export function scriptedSteps(input: StepInput, script: Script): Step[] {
  const { items } = input;
  const of = (act: Act): PlacedItem[] => {
    const mine = items.filter((i) => i.actId === act.id && i.read.food);
    // Boiled beside and only served: the line says so itself, the act says when.
    return mine.length || act.verb !== 'boil'
      ? mine
      : items.filter((i) => i.moment === 'serve' && act.lines.some((l) => l.index === i.index));
  };
  const before = script.acts.filter((a) => a.run === 0 && !OF_THE_POT.has(a.verb));
  const between = (a: Act): boolean =>
    a.run > 0 && script.acts.some((b) => b.verb === 'close' && b.run === a.run);
  // Done in a pan or a bowl of its own while the pot is closed.
  const beside = script.acts.filter((a) => a.run > 0 && a.stage === 'closed' && !OF_THE_POT.has(a.verb));
  const after = script.acts.filter(
    (a) => a.run > 0 && !OF_THE_POT.has(a.verb) && !between(a) && !beside.includes(a),
  );
  const loose = items.filter((i) => i.read.food && !i.actId);
  const firstHot = before.find((a) => ['heat', 'brown', 'render', 'soften', 'pop'].includes(a.verb));
  const early = loose.filter((i) => ['sear', 'aromatics', 'bloom', 'deglaze'].includes(i.moment));
  // Fat and salt that no sentence names go in with the first act that wants them.
  const withFirst = firstHot
    ? early.filter((i) => i.moment === 'sear' && kindOf(i) !== 'poultry' && kindOf(i) !== 'red-meat')
    : [];
  const steps: Step[] = [prep(input)];
  for (const act of before)
    steps.push(
      actStep(
        act,
        input,
        [...of(act), ...(act === firstHot ? withFirst : [])],
        verbById(act.verb).before ?? 'deglaze',
      ),
    );
  const isFilmed = before.some((a) => (a.verb === 'brown' || a.verb === 'render') && a.where === 'pot');
  const isScraped = before.some((a) => a.verb === 'deglaze' || isPouredOnFilm(a, of(a)));
  if (isFilmed && !isScraped)
    steps.push(
      ...deglazing({ ...input, items: input.items.filter((i) => !i.actId && i.moment === 'deglaze') }, true),
    );
  const said = new Set(steps.filter((s) => s.id !== 'prep').flatMap((s) => s.items.map((i) => i.lineId)));
  steps.push(
    lookBeforeTheLid(
      input,
      loose.filter(
        (i) =>
          !said.has(i.lineId) &&
          ['sear', 'aromatics', 'bloom', 'deglaze', 'lid'].includes(i.moment) &&
          !i.line.later,
      ),
    ),
  );
  // One thing that goes in is said where the lid comes off; more than that are steps of their own.
  const inBetween = script.acts.filter((a) => between(a) && !OF_THE_POT.has(a.verb));
  const isPlain = inBetween.every(
    (a) => (a.verb === 'add' || a.verb === 'stirin') && (a.lines.length > 0 || !a.again.length),
  );
  // Meat that is worked before the second lid is checked before it is worked.
  const opened = stepsOpened(input).filter((s) => s.id !== 'aside');
  const isWorkedBetween = inBetween.some((a) => VERBS_THAT.workMeat.has(a.verb));
  const checked = isWorkedBetween ? opened.filter((s) => s.kind === 'meat') : [];
  steps.push(
    ...withBeside(
      stepsUnderTheLid(
        input,
        isPlain
          ? []
          : [
              ...checked.map((s): Step => ({ ...s, phase: 'again' })),
              ...inBetween.map((a) => actStep(a, input, of(a), 'again')),
            ],
      ),
      beside.map((a) => ({ ...actStep(a, input, of(a), 'hold'), minutes: a.minutes })),
    ),
  );
  steps.push(...opened.filter((s) => !checked.includes(s)));
  return [...steps, ...afterTheLid(input, script, after, of, loose)];
}

const lower = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1);

/** A step with what is done beside it in its minutes. */
function tellBeside(s: Step, beside: readonly (Step & { minutes: number | null })[]): Step {
  const told = beside.map(({ title, text, look, minutes }, n) => {
    const forMin = minutes ? `, ${formatDuration(minutes * 60)}` : '';
    const how = text.replace(/^In the pan beside the pot\. ?/, '').replace(/\.$/, '');
    return `${n ? title : lower(title)}${how ? `, ${lower(how)}` : ''}${forMin}.${look ? ` Look for: ${lower(look)}` : ''}`;
  });
  return {
    ...s,
    text: `${s.text ? `${s.text} ` : ''}Meanwhile: ${told.join(' ')}`,
    items: [...s.items, ...beside.flatMap((b) => b.items)],
    cautions: [...new Set([...s.cautions, ...beside.flatMap((b) => b.cautions)])],
    words: [...new Set([s.words, ...beside.map((b) => b.words)].filter(Boolean))].join(' '),
  };
}

/** The last wait under the lid, with what is done beside it meanwhile. */
function withBeside(steps: readonly Step[], beside: readonly (Step & { minutes: number | null })[]): Step[] {
  const at = steps.findLastIndex((s) => s.kind === 'hold' || s.id === 'again');
  return steps.map((s, i) => (i === at && beside.length ? tellBeside(s, beside) : s));
}

/** What is left alone for so long lets a cook do something else, s. Source: kitchen judgement; spread 40 %. */
const LONG_ENOUGH_S = 300;
/** In a pot or a pan of its own. */
const BOILS_APART: ReadonlySet<string> = new Set(['boil', 'blanch', 'fry', 'soak']);

/**
 * "Meanwhile cook the pasta", told of a sauce that boils down: both stand on the stove at once, and the clock counts the longer. Only
 * where the step before it is a wait.
 */
function besideTheSauce(steps: readonly Step[], acts: readonly Act[]): Step[] {
  const isMeanwhile = (s: Step): Act | undefined =>
    acts.find((a) => s.id === `do-${a.id}` && BOILS_APART.has(a.verb) && MEANWHILE.test(a.words));
  return steps.reduce<Step[]>((out, s) => {
    const last = out.at(-1);
    const act = isMeanwhile(s);
    const isAWait = (last?.timer?.seconds ?? 0) >= LONG_ENOUGH_S && s.items.length > 0;
    if (!act || !last || !isAWait) return [...out, s];
    const both = tellBeside(last, [{ ...s, minutes: act.minutes ?? Math.round(s.durationS.mid / 60) }]);
    const longer = s.durationS.mid > last.durationS.mid ? s.durationS : last.durationS;
    return [...out.slice(0, -1), { ...both, durationS: longer }];
  }, []);
}

/** What only waits once it is out of the pot. */
const RESTS: ReadonlySet<string> = new Set(['rest', 'cool']);
/** Less than this is no wait of its own, s. */
const LEAST_REST_S = 60;

/**
 * "Rest the lamb 15 minutes. Meanwhile skim the juices and boil them down": the meat rests while the sauce is made, and the clock counts
 * only what is left of its rest then.
 */
function whileItRests(steps: readonly Step[], acts: readonly Act[]): Step[] {
  const actOf = (s: Step): Act | undefined => acts.find((a) => s.id === `do-${a.id}`);
  const out: Step[] = [];
  for (let at = 0; at < steps.length; at++) {
    const rest = steps[at];
    if (!rest) continue;
    const act = actOf(rest);
    const before = out.at(-1);
    const isOut = before !== undefined && actOf(before)?.verb === 'liftout';
    const beside: Step[] = [];
    while (isOut && act && RESTS.has(act.verb) && MEANWHILE.test(steps[at + 1]?.words ?? '')) {
      beside.push(steps[at + 1] as Step);
      at++;
    }
    if (!beside.length || !before) {
      out.push(rest);
      continue;
    }
    const inAll = formatDuration(rest.durationS.mid);
    const busyS = beside.reduce((s, b) => s + b.durationS.mid, 0);
    const leftS = rest.durationS.mid - busyS;
    out[out.length - 1] = { ...before, text: `${before.text} It rests there, ${inAll} in all.`.trim() };
    out.push(...beside);
    if (leftS >= LEAST_REST_S)
      out.push({
        ...rest,
        text: `${inAll} in all, since it came out.`,
        durationS: handwork(leftS / 60, 0.3),
        timer: rest.timer ? { ...rest.timer, seconds: Math.round(leftS) } : null,
      });
  }
  return out;
}

function afterTheLid(
  input: StepInput,
  script: Script,
  after: readonly Act[],
  of: (act: Act) => PlacedItem[],
  loose: readonly PlacedItem[],
): Step[] {
  const steps: Step[] = [];
  const slurry = slurryItems(input.items);
  const isThickened = slurry.length > 0 || after.some((a) => a.verb === 'thicken');
  const looseThick = loose.filter((i) => i.moment === 'thicken');
  const isSkimmed = script.acts.some((a) => a.run > 0 && (a.verb === 'skim' || a.verb === 'pouroff'));
  const hasDairy = (): boolean => steps.some((s) => s.phase === 'dairy');
  const bind = (words: string): Step[] =>
    [measuring(input, !hasDairy() && !isSkimmed), ...thickening(input)].map((s) =>
      s.id === 'thicken' && words ? { ...s, words } : s,
    );
  let isBoundYet = false;
  let fromC: number | undefined;
  const cool = (list: readonly PlacedItem[], words: string): Step[] => {
    // Fat that would be spooned off where the sauce is measured goes before the cream is in it.
    if (list.length && isThickened && !isBoundYet && !isSkimmed && !hasDairy())
      steps.push(...skimming(input));
    const made = dairyInTurn(list, input, fromC);
    fromC = made.fromC;
    return made.steps.map((s) => (words ? { ...s, words } : s));
  };
  for (const act of after) {
    const mine = of(act);
    if (act.verb === 'thicken') {
      const bound = boundWith(input.items, input.rules).lines;
      const others = mine.filter(
        (i) => !slurry.includes(i) && !bound.includes(i) && i.moment !== 'dairy' && kindOf(i) !== 'water',
      );
      if (!isBoundYet) steps.push(...bind(act.words));
      isBoundYet = true;
      steps.push(
        ...cool(
          mine.filter((i) => i.moment === 'dairy'),
          act.words,
        ),
      );
      if (others.length)
        steps.push(actStep({ ...act, verb: 'stirin', id: `${act.id}x` }, input, others, 'thicken'));
      continue;
    }
    if (act.verb === 'serve' || act.verb === 'finish') continue;
    const toCool = mine.filter((i) => i.moment === 'dairy' && act.verb !== 'melt');
    const rest = mine.filter((i) => !toCool.includes(i) && (i.moment !== 'serve' || act.verb === 'boil'));
    if (toCool.length && slurry.length && !isBoundYet && !after.some((a) => a.verb === 'thicken')) {
      steps.push(...bind(''));
      isBoundYet = true;
    }
    // What only simmers comes before what must not boil.
    if (act.verb === 'boil' && rest.length > 0 && rest.every((i) => i.moment === 'serve'))
      steps.push(actStep(act, input, rest, 'thicken'));
    else if (act.verb === 'simmer' || act.verb === 'boil')
      steps.push(
        ...(rest.length || !toCool.length ? [actStep(act, input, rest, 'thicken')] : []),
        ...cool(toCool, act.words),
      );
    else {
      // Flour whisked into the cream goes in with it.
      const withIt = toCool.length
        ? rest.filter((i) => ['starch', 'flour', 'egg'].includes(kindOf(i) ?? ''))
        : [];
      const hasEgg = withIt.some((i) => kindOf(i) === 'egg');
      const [first, ...others] = cool(toCool, act.words);
      // "Whisk the yoghurt with the gram flour. Bring it to the boil, stirring": bound, it may boil, and nothing cools for it.
      const next = after[after.indexOf(act) + 1];
      const isBoiledNext = withIt.length > 0 && !hasEgg && next?.verb === 'boil' && !next.lines.length;
      if (first && isBoiledNext)
        steps.push({
          ...first,
          title: `Whisk ${listed([...toCool, ...withIt].map((i) => shortName(i.read)))} smooth`,
          items: [...first.items, ...stepItems(withIt)],
          text: `The ${listed(withIt.map((i) => shortName(i.read)))} goes in cold. Bound with it, it may boil: slowly up to it, stirring all the time in one direction.`,
          timer: null,
          durationS: handwork(2, 0.3),
        });
      else if (first)
        steps.push(
          withIt.length
            ? {
                ...first,
                items: [...first.items, ...stepItems(withIt)],
                text: `Whisk the ${listed(withIt.map((i) => shortName(i.read)))} into it, cold. ${first.text}${hasEgg ? ' Not to the boil again: the yolk would scramble.' : ''}`,
              }
            : first,
        );
      steps.push(...others);
      const alone = rest.filter((i) => !withIt.includes(i));
      const saysNothing = act.verb === 'stirin' && !alone.length && !act.again.length;
      if (alone.length || (!toCool.length && !saysNothing))
        steps.push(
          actStep(
            act,
            input,
            alone,
            verbById(act.verb).after ?? (steps.some((s) => s.phase === 'dairy') ? 'finish' : 'thicken'),
          ),
        );
    }
  }
  if (isThickened && !isBoundYet) {
    // Bound before the first dairy, where the method does not say when.
    const at = steps.findIndex((s) => s.phase === 'dairy');
    steps.splice(at < 0 ? steps.length : at, 0, ...bind(''));
  }
  if (looseThick.some((i) => !slurry.includes(i)))
    steps.push(
      actStep(
        loosely('stirin', script),
        input,
        looseThick.filter((i) => !slurry.includes(i)),
        'thicken',
      ),
    );
  // No cream is ever left out, whatever the sentence was that named it.
  const before = new Set(steps.flatMap((s) => s.items.map((i) => i.lineId)));
  steps.push(
    ...cool(
      input.items.filter((i) => i.moment === 'dairy' && i.read.food && !before.has(i.lineId)),
      '',
    ),
  );
  const said = new Set(steps.flatMap((s) => s.items.map((i) => i.lineId)));
  const isBeside = (i: PlacedItem): boolean =>
    script.acts.some((a) => (a.stage === 'closed' || FRIED_FIRST.has(a.verb)) && a.id === i.actId);
  const left = inOrder(input.items, 'finish').filter(
    (i) => i.read.food && !said.has(i.lineId) && !isBeside(i),
  );
  const words = after.find((a) => a.verb === 'finish')?.words ?? '';
  // Raw meat that no lid has cooked is measured behind what cooks it, and in any case before the table.
  for (const { behind, check } of lateChecks(after, of, input)) {
    const at = steps.findIndex((s) => s.id === behind);
    steps.splice(at < 0 ? steps.length : at + 1, 0, check);
  }
  return [
    ...whileItRests(besideTheSauce(steps, after), after),
    { ...lastly(input, left), ...(words ? { words } : {}) },
    { ...serving(input), ...wordsOf(after.filter((a) => a.verb === 'serve')) },
  ];
}

const wordsOf = (acts: readonly Act[]): { words?: string } => {
  const words = [...new Set(acts.map((a) => a.words))].join(' ');
  return words ? { words } : {};
};

/** An act that the recipe does not tell. */
const loosely = (verb: string, script: Script): Act => untoldAct(`t${script.acts.length}`, verb, 1);

/** The last look before the lid: what no sentence put in, whether it is thin enough and below the line. */
function lookBeforeTheLid(input: StepInput, left: readonly PlacedItem[]): Step {
  const { fill, liquid, kitchen } = input;
  const title = left.length ? 'Load the rest' : 'Look before the lid';
  return step(
    'load',
    'deglaze',
    title,
    `Heat off. ${left.length ? 'The recipe does not say when: now. ' : ''}Thin liquid in the pot: ${formatVolume(Math.max(0, liquid.countedMl.mid), kitchen.units)} counted, ${formatVolume(liquid.needMl, kitchen.units)} needed.`,
    {
      items: stepItems(left),
      heat: 'off',
      durationS: handwork(left.length ? WORK.loadMin : 0.5, 0.3),
      cautions: [CAUTIONS.fit],
      check: `Is the top below the line (${fill.foaming.length ? 'half' : 'two thirds'})?`,
    },
  );
}
