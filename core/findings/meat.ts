import { EATEN_FIRM } from '../heat/data/softness';
import { isLoose } from '../heat/data/cuts';
import type { KindForecast } from '../heat/simulate';
import { formatDuration, formatTemp } from '../quantity/format';
import type { Finding, Fix } from './finding';
import type { FindingInput } from './input';
import { addLater, cutLine, setRule, setSettings, thawLine } from './fixes';
import { decider, type MeatPiece, type PlantPiece } from '../pieces/meat';

/** What “small” means for a piece of meat, mm: a large bite. Source: kitchen custom; spread 20 %. */
const SMALL_PIECE_MM = 35;
/** A frozen piece thicker than this heats too slowly to predict, mm. Source: public advice against large frozen joints. */
const FROZEN_MOST_MM = 50;
/** Share of the main meat below which a second one is a seasoning. */
const SECOND_MEAT = 0.1;
/** Sizes offered for a vegetable that stays hard, mm. */
const SMALLER_MM = [40, 30, 25, 20, 15, 10];

/** "4 whistles are about 12 min". */
const whistling = ({ whistles, minutes }: FindingInput['told']): string =>
  `${whistles} ${whistles === 1 ? 'whistle is' : 'whistles are'} about ${minutes} min`;

/** Judges the minutes against everything in the pot that has to come out right. */
export function meatFindings(input: FindingInput): Finding[] {
  const main = decider(input.kinds, input.heat);
  return [
    ...(main ? [...minutesFindings(input, main), ...pieceFindings(input, main)] : []),
    ...otherMeats(input, main),
    ...plantFindings(input),
  ];
}

function minutesFindings(
  { heat, dish, kitchen, release, ventAfterMin, told }: FindingInput,
  main: MeatPiece,
): Finding[] {
  const out: Finding[] = [];
  const temp = (c: number): string => formatTemp(c, kitchen.units);
  const lineIds = [main.item.lineId];
  const mins = Math.round(heat.holdS / 60);
  const releaseWords = {
    quick: 'then vent',
    ten: `then ${ventAfterMin} to come down`,
    natural: `then about ${formatDuration(heat.releaseS.mid)} to come down`,
  }[release];
  const window = !heat.windowMin
    ? ''
    : mins > heat.windowMin.to
      ? heat.tenderness === 'falling apart'
        ? isLoose(main.cut)
          ? ''
          : ' It will fall apart at a touch.'
        : ` Right up to ${heat.windowMin.to} min.`
      : heat.windowMin.to > mins
        ? ` Up to ${heat.windowMin.to} min does no harm.`
        : '';
  const usual = main.thicknessAssumed
    ? ` ${Math.round(main.thicknessMm)} mm is the usual ${main.label}: correct it if yours is not.`
    : '';
  const again = heat.second
    ? `, then ${formatDuration(heat.second.holdS)} more ${heat.second.then === 'pressure' ? 'under pressure' : 'at a simmer'}`
    : '';
  out.push({
    id: 'minutes',
    severity: 'note',
    about: 'meat',
    lineIds,
    text: `${mins} ${mins === 1 ? 'minute' : 'minutes'}, ${releaseWords}${again}`,
    why: `For ${Math.round(main.thicknessMm)} mm ${main.frozen ? 'frozen ' : ''}${main.label}. Core about ${temp(heat.coreAtOpenC ?? 0)} when you open. Check one thick piece: ${temp(main.safeC)}.${window}${usual}${told.isFollowed ? ` As the recipe says${told.whistles ? `: ${whistling(told)}` : ''}; ${told.isForStarch ? `the meat alone would want ${heat.suggestedMin}, and leave what cooks beside it hard` : `computed it would be ${heat.suggestedMin}`}.` : ''}`,
    fixes:
      told.isFollowed &&
      !told.isForStarch &&
      Math.abs(heat.suggestedMin - mins) > Math.max(SAME_MIN, SAME_SHARE * mins)
        ? [setSettings({ minutes: heat.suggestedMin }, `Use the computed ${heat.suggestedMin} min`)]
        : [],
  });
  if (told.minutes !== null && !told.isFollowed && dish.settings.minutes === null && told.minutes !== mins)
    out.push({
      id: 'recipe-minutes',
      severity: 'careful',
      about: 'meat',
      lineIds,
      text: told.whistles
        ? `The recipe’s ${whistling(told)}; here it is ${mins}`
        : `The recipe says ${told.minutes} min; here it is ${mins}`,
      why:
        told.minutes < mins
          ? `For ${Math.round(main.thicknessMm)} mm ${main.label} in this pot that looks short: ${main.cut.tenderAt95Min > 30 ? 'it would still be tough' : 'the middle may be behind'}.`
          : main.doneness.dryAfterMin === null
            ? 'By then it falls apart. If you mean to shred it, take the recipe’s.'
            : 'By then lean meat is dry.',
      fixes: [setSettings({ minutes: told.minutes }, `Use the recipe’s ${told.minutes} min`)],
    });
  if (dish.settings.minutes !== null && heat.tenderness === 'under')
    out.push({
      id: 'minutes-short',
      severity: (heat.coreAtOpenC ?? 0) < main.safeC ? 'stop' : 'careful',
      about: 'meat',
      lineIds,
      text: `${mins} min looks short for ${Math.round(main.thicknessMm)} mm`,
      why: `Simulated core ${temp(heat.coreAtOpenC ?? 0)} when you open; the figure to reach is ${temp(main.safeC)}, by thermometer.${main.cut.tenderAt95Min > 30 ? ' It may also still be tough.' : ''}`,
      fixes: [setSettings({ minutes: null }, `Use ${heat.suggestedMin} min`)],
    });
  if (dish.settings.minutes !== null && heat.windowMin && mins > heat.windowMin.to)
    out.push({
      id: 'minutes-long',
      severity: 'careful',
      about: 'meat',
      lineIds,
      text: `${mins} min is past its best`,
      why: main.doneness.dryAfterMin === null ? 'It will fall apart.' : 'Lean meat dries.',
      fixes: [setSettings({ minutes: null }, `Use ${heat.suggestedMin} min`)],
    });
  return out;
}

function pieceFindings({ rules, batches, meat }: FindingInput, main: MeatPiece): Finding[] {
  const out: Finding[] = [];
  const lineIds = [main.item.lineId];
  if (
    rules.pieceSize === 'small' &&
    !main.cubed &&
    !main.frozen &&
    main.boneless &&
    main.thicknessMm >= 38 &&
    main.thicknessAssumed
  )
    out.push({
      id: 'cut-smaller',
      severity: 'note',
      about: 'meat',
      lineIds,
      text: `Whole ${main.label}: smaller pieces are sooner done`,
      why: `House rule: cut small for even cooking. Nothing in the line says how it is cut.`,
      fixes: [
        cutLine(main.item.lineId, SMALL_PIECE_MM, `Cut it into ${SMALL_PIECE_MM} mm pieces`),
        setRule('pieceSize', 'whole', 'Leave it whole, shred it later'),
      ],
    });
  if (main.fused)
    out.push({
      id: 'frozen',
      severity: 'stop',
      about: 'meat',
      lineIds,
      text: 'Frozen in one lump: cannot be predicted',
      why: `A lump of about ${Math.round(main.thicknessMm)} mm heats too slowly in the middle for any forecast to be trusted. Thaw it, or separate it under cold water.`,
      fixes: [
        setSettings({ fused: false }, 'They are loose now'),
        setSettings({ frozen: false, fused: false }, 'It is thawed now'),
      ],
    });
  else if (main.frozen)
    out.push({
      id: 'frozen',
      severity: rules.frozen === 'thaw' || main.thicknessMm > FROZEN_MOST_MM ? 'stop' : 'careful',
      about: 'meat',
      lineIds,
      text: rules.frozen === 'thaw' ? 'House rule: thaw first' : 'Frozen: separate pieces only',
      why:
        main.thicknessMm > FROZEN_MOST_MM
          ? 'A large frozen piece heats too slowly to predict. Thaw it, or cut smaller.'
          : `Coming up takes longer, and the minutes are for loose ${Math.round(main.thicknessMm)} mm pieces. A fused lump cannot be predicted: thaw or separate it.`,
      fixes: [
        main === meat[0]
          ? setSettings({ frozen: false }, 'It is thawed now')
          : thawLine(main.item.lineId, 'It is thawed now'),
      ],
    });
  if (batches > 1)
    out.push({
      id: 'batches',
      severity: 'note',
      about: 'meat',
      lineIds,
      text: `Sear in ${batches} batches`,
      why: 'A crowded floor steams instead of browning.',
      fixes: [setRule('browning', 'never', 'Skip the sear')],
    });
  return out;
}

const SPOILT: readonly KindForecast['state'][] = ['dry', 'falling apart'];

/** A second meat that the minutes of the first one spoil: better added when the pot is opened in between. */
function otherMeats(
  { kinds, heat, meat, dish, heatOf }: FindingInput,
  main: MeatPiece | undefined,
): Finding[] {
  if (!main) return [];
  const spoilt = kinds.flatMap((kind, i) => {
    const state = heat.kinds[i]?.state;
    // Mince beside mince: it is all one sauce, and cannot fall apart.
    const isSecond =
      'cut' in kind &&
      kind !== main &&
      !kind.later &&
      !isLoose(kind.cut) &&
      kind.massG > main.massG * SECOND_MEAT;
    return isSecond && state && SPOILT.includes(state) ? [{ kind, state }] : [];
  });
  const mixed = spoilt.filter(({ kind }) => kind.item.moment === 'lid');
  if (!spoilt.length) return [];
  const names = spoilt.map(({ kind }) => kind.label).join(' and ');
  const fix = addLater(
    mixed.map(({ kind }) => kind.item.lineId),
    `Open in between and add the ${names} then`,
  );
  const helps = mixed.length === spoilt.length && !isSpoilt(heatOf(fix.apply(dish)), SPOILT);
  return [
    {
      id: 'mixed-meats',
      severity: 'careful',
      about: 'meat',
      lineIds: meat.map((m) => m.item.lineId),
      text: 'Two meats with different times',
      why: `The minutes are for the ${main.label}. By then the ${names} will be ${spoilt[0]?.state ?? 'dry'}: better added for a second short stretch.`,
      fixes: helps ? [fix] : [],
    },
  ];
}

function isSpoilt(
  after: ReturnType<FindingInput['heatOf']>,
  states: readonly KindForecast['state'][],
): boolean {
  return after.kinds.some((kind, i) => {
    const state = after.heat.kinds[i]?.state;
    return (
      'cut' in kind && i !== after.heat.lead && !kind.later && state !== undefined && states.includes(state)
    );
  });
}

/** The recipe's minutes and the computed ones are the same to a cook: within a minute, or a tenth. */
const SAME_MIN = 1;
const SAME_SHARE = 0.1;

/** Times the minutes at which it begins to fall apart, from which it is gone. Below, it is very soft. */
const FAR_OVER = 1.5;

/** True of what gives its flavour and is strained off: nobody eats it. */
function isStrainedOff(lineIds: readonly string[], { script, items }: FindingInput): boolean {
  const acts = script?.acts ?? [];
  const at = acts.findIndex((a) => a.verb === 'strain');
  const indices = items.filter((i) => lineIds.includes(i.line.id)).map((i) => i.index);
  const isNamedAgain = acts
    .slice(at + 1)
    .some((a) => a.again.some((i) => indices.includes(i)) || a.lines.some((l) => indices.includes(l.index)));
  return at >= 0 && !isNamedAgain;
}

/** Vegetables, pulses and grains that stay hard, or are gone, after the minutes the meat needs. */
function plantFindings(input: FindingInput): Finding[] {
  const { kinds, heat, rules, dish, heatOf } = input;
  const isBlended = rules.texture === 'blended' || rules.thickener === 'blended';
  return kinds.flatMap((kind, i): Finding[] => {
    const forecast = heat.kinds[i];
    if ('cut' in kind || !forecast) return [];
    const { state, windowMin } = forecast;
    // Potatoes cut small and in slices that fare alike are told of once, and moved together.
    const alike = kinds.filter(
      (k, n): k is PlantPiece =>
        !('cut' in k) &&
        k.softening.id === kind.softening.id &&
        k.later === kind.later &&
        heat.kinds[n]?.state === state,
    );
    if (alike[0] !== kind) return [];
    const lineIds = alike.flatMap((k) => k.lineIds);
    const stillIn = (fix: Fix): boolean => {
      const after = heatOf(fix.apply(dish));
      return after.kinds.some(
        (k, n) =>
          !('cut' in k) && k.softening.id === kind.softening.id && after.heat.kinds[n]?.state === state,
      );
    };
    const helping = (fixes: readonly Fix[]): Fix[] => fixes.filter((f) => !stillIn(f));
    const id = `soft-${kind.softening.id}${kind.later ? '-later' : ''}`;
    const heldMin = ((kind.later ? heat.second?.holdS : undefined) ?? heat.holdS) / 60;
    // Within what two kitchens differ by nobody says that a carrot will be hard; a bean that is nearly done is not done.
    const isNear = EATEN_FIRM.has(kind.softening.id) && heldMin >= windowMin.from * NEARLY_SOFT;
    if (state === 'still hard')
      return [
        {
          id,
          severity: isNear ? 'note' : 'careful',
          about: 'vegetables',
          lineIds,
          text: isNear ? `The ${kind.label} may still be firm` : `The ${kind.label} will still be hard`,
          why: `${Math.round(kind.sizeMm)} mm pieces want about ${windowMin.from} min in this pot.${kind.softening.id === 'bean-dry' ? ' Soaked overnight they take a third of it.' : ''}${isNear ? ' Try one when you open: a few minutes at a simmer are enough.' : ''}`,
          fixes: hardFixes(input, { ...kind, lineIds }, windowMin.from, helping),
        },
      ];
    // Rice that is mixed into a stuffing holds together in it.
    const isInside = input.items.some((p) => p.isInside && lineIds.includes(p.line.id));
    if (state === 'falling apart' && !isBlended && !kind.later && !isInside && !isStrainedOff(lineIds, input))
      return [
        {
          id,
          severity: 'note',
          about: 'vegetables',
          lineIds,
          text: `The ${kind.label} will ${heat.holdS > windowMin.to * 60 * FAR_OVER ? 'fall apart' : 'be very soft'}`,
          why: `${windowMin.to < 1 ? 'They are soft before the minutes begin' : `They are soft after ${windowMin.from} min and gone after ${windowMin.to}`}. That thickens the sauce; to keep them whole, add them when the pot is opened in between.`,
          fixes: helping([addLater(lineIds, 'Open in between and add them then')]),
        },
      ];
    return [];
  });
}

/** From so much of their minutes on, vegetables may be soft enough. Source: the spread of the softening rates, a quarter either way, and of the coming up; spread 20 %. */
const NEARLY_SOFT = 0.5;

function hardFixes(
  { heat }: FindingInput,
  kind: PlantPiece,
  fromMin: number,
  helping: (fixes: readonly Fix[]) => Fix[],
): Fix[] {
  if (kind.later) return [];
  const most = heat.windowMin?.to ?? Number.POSITIVE_INFINITY;
  const longer =
    fromMin <= most ? helping([setSettings({ minutes: fromMin }, `Give it all ${fromMin} min`)]) : [];
  if (longer.length || kind.sizeMm < 15) return longer;
  for (const mm of SMALLER_MM.filter((s) => s < kind.sizeMm)) {
    const [lineId] = kind.lineIds;
    if (!lineId || kind.lineIds.length > 1) return [];
    const cut = helping([cutLine(lineId, mm, `Cut them into ${mm} mm pieces`)]);
    if (cut.length) return cut;
  }
  return [];
}
