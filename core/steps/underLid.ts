import { shortName } from '../dish/names';
import { inOrder } from '../moments/item';
import type { Pot } from '../pot/pot';
import { formatDuration, formatTemp } from '../quantity/format';
import { exactly, sumRanges, type Range } from '../quantity/range';
import type { HeatInput } from '../heat/simulate';
import { HEAT_FIGURES } from '../heat/data/figures';
import { CAUTIONS } from '../kitchen/data/cautions';
import { wayOfBinding } from './sauce';
import { WORK } from '../pieces/data/work';
import { wishedSides } from '../kitchen/sides';
import {
  handwork,
  kindOf,
  listed,
  slurryItems,
  step,
  stepItems,
  willBind,
  type Step,
  type StepInput,
} from './step';

const RELEASE = {
  quick: { title: 'Quick release', text: 'Vent now, all of it.' },
  natural: {
    title: 'Natural release',
    text: 'Leave it until the pin drops by itself. These are cooking minutes: venting early leaves big pieces tough.',
  },
} as const;

/** How a pot shows that it has reached working pressure: some minutes after the pin. */
const AT_PRESSURE = {
  counts: {
    tap: 'Tap when the pot begins to count, not at the pin.',
    look: 'Wisps, then the pin, and some minutes later a beep: the display counts.',
  },
  whistle: {
    tap: 'Tap at the first whistle, not at the pin.',
    look: 'Wisps, then the pin, and some minutes later the first whistle.',
  },
  ring: {
    tap: 'Tap at its second ring or steady hiss, not at the pin, and turn it down then.',
    look: 'Wisps, then the pin, and some minutes later the second ring or a steady hiss.',
  },
} as const;

function signOf(pot: Pick<Pot, 'kind' | 'whistleMin'>): keyof typeof AT_PRESSURE {
  if (pot.kind === 'electric') return 'counts';
  return pot.whistleMin === null ? 'ring' : 'whistle';
}

/**
 * From locking the lid to the pin dropping, and the second lid where something is added in between; `between` is what the recipe does
 * while it is open.
 */
export function stepsUnderTheLid(input: StepInput, between: readonly Step[] = []): Step[] {
  const { dish, kitchen, pot, heat, release, ventAfterMin, fill } = input;
  const letGo = releaseWords(release, ventAfterMin, heat.releaseS, isInBursts(input));
  const isLow = dish.settings.pressure === 'low';
  const unattended = pot.kind === 'stovetop' ? [CAUTIONS.stovetop] : [];
  const steps = [
    step(
      'seal',
      'up',
      'Close and set',
      `Lid locked. ${pot.kind === 'electric' ? `${isLow ? 'Low' : 'High'} pressure, ${formatDuration(heat.holdS)}.` : 'Full heat until it is at pressure, then low for the rest.'}`,
      {
        heat: 'pressure',
        durationS: handwork(WORK.sealMin, 0.3),
        cautions: [CAUTIONS.seal],
        check: 'Ring seated, vent clear, valve on seal?',
      },
    ),
    step(
      'up',
      'up',
      'Coming up to pressure',
      `Nothing to do here: the pot drives its air out and the pin rises; the minutes begin later, at working pressure. ${AT_PRESSURE[signOf(pot)].tap}`,
      {
        kind: 'comeUp',
        heat: 'pressure',
        durationS: heat.comeUpS,
        hands: false,
        look: AT_PRESSURE[signOf(pot)].look,
        cautions: unattended,
      },
    ),
    step(
      'hold',
      'hold',
      `Hold ${formatDuration(heat.holdS)}`,
      `${whistles(pot, heat.holdS)}At about ${formatTemp(heat.workingC, kitchen.units)}. ${waitWords(input)}`,
      {
        kind: 'hold',
        heat: pot.kind === 'stovetop' ? 'low' : 'pressure',
        timer: { name: 'Under pressure', seconds: heat.holdS },
        durationS: exactly(heat.holdS),
        hands: false,
        cautions: unattended,
      },
    ),
    step('release', 'down', letGo.title, `Heat off. ${letGo.text}`, {
      kind: 'release',
      heat: 'off',
      timer: release === 'ten' ? { name: 'Coming down', seconds: ventAfterMin * 60 } : null,
      durationS: heat.releaseS,
      hands: release === 'quick',
      look: 'The pin drops.',
      cautions: [
        ...(release === 'natural' ? [] : [CAUTIONS.steam]),
        ...(fill.foaming.length ? [CAUTIONS.foam] : []),
      ],
    }),
  ];
  if (dish.settings.keepWarmMin)
    steps.push(
      step(
        'warm',
        'down',
        'Keep warm',
        `Leave the lid on. Keep-warm stays at about ${formatTemp(HEAT_FIGURES.keepWarmC.value, kitchen.units)}; not for long with dairy in it.`,
        {
          timer: { name: 'Keep warm', seconds: dish.settings.keepWarmMin * 60 },
          durationS: exactly(0),
          hands: false,
        },
      ),
    );
  return [...steps, ...secondLid(input, between)];
}

/** The recipe lets it out bit by bit: starchy food sputters. */
const isInBursts = ({ script }: StepInput): boolean =>
  script?.acts.some((a) => a.verb === 'release' && a.run === 0 && IN_BURSTS.test(a.words)) ?? false;
const IN_BURSTS =
  /\b(?:bursts?|pulses?|(?:a )?little (?:at|by) (?:a time|little)|bit by bit|in stages|in (?:short )?goes)\b/i;

/** How a release is called and told. */
function releaseWords(
  release: HeatInput['release'],
  ventAfterMin: number,
  takesS: Range,
  inBursts = false,
): { title: string; text: string } {
  if (release === 'quick' && inBursts)
    return { title: RELEASE.quick.title, text: 'Vent now, in short bursts, until no more comes.' };
  if (release !== 'ten') return RELEASE[release];
  const wait = ventAfterMin === 10 ? 'Ten minutes' : `${ventAfterMin} minutes`;
  return {
    title: `${wait}, then vent`,
    // What is forecast and what is said are one: a pot that is down before its minutes are over is opened then.
    text:
      takesS.high < ventAfterMin * 60
        ? `Leave it: by the forecast the pin falls by itself after about ${formatDuration(takesS.mid)}, before the ${wait.toLowerCase()} are over. Vent what is left then.`
        : `Leave it ${wait.toLowerCase()}, then vent the rest. Those minutes are cooking minutes.`,
  };
}

/** The hold counted in whistles, for a pot that has them; empty for one that has not. */
export function whistles(pot: Pick<Pot, 'whistleMin'>, holdS: number): string {
  if (pot.whistleMin === null) return '';
  const n = 1 + Math.round(holdS / 60 / pot.whistleMin);
  return `About ${n} ${n === 1 ? 'whistle' : 'whistles'} on low heat, the first when it comes to pressure; the clock is surer. `;
}

/** Most that is said about the wait: more is not read. */
const MOST_WAITING = 4;

/** "Chopped coriander": what is to be chopped is the coriander. */
const CHOPPED = /^(?:(?:finely|roughly|freshly|fresh) )*(?:chopped|torn|minced|snipped|picked) (?:fresh )?/i;

/** What the hands-free stretch is for in this dish: sides, what comes out of the cold, what is chopped late, the slurry's cup. */
function waitWords(input: StepInput): string {
  const { kitchen, items } = input;
  const named = (kinds: readonly string[], ...moments: ('dairy' | 'finish' | 'serve')[]): string[] => [
    ...new Set(
      items
        .filter((i) => (moments as string[]).includes(i.moment) && kinds.includes(kindOf(i) ?? ''))
        .map((i) => shortName(i.read)),
    ),
  ];
  const cold = named(['cream', 'milk', 'sour-dairy', 'cream-cheese', 'cheese'], 'dairy', 'finish');
  const green = named(['herb-soft'], 'finish', 'serve').map((name) => name.replace(CHOPPED, ''));
  const jobs = [
    ...wishedSides(input, kitchen).map((s) => s.name.toLowerCase()),
    ...(willBind(input) || slurryItems(items).length ? [wayOfBinding(input).ahead] : []),
    ...(cold.length ? [`${listed(cold)} out of the refrigerator`] : []),
    ...(green.length ? [`${listed(green)} picked and chopped`] : []),
  ].slice(0, MOST_WAITING);
  return `Use the wait: ${jobs.length ? jobs.join('; ') : 'clear the counter, warm the plates'}.`;
}

/** Opened in between: what comes later goes in, and the pot is closed again or left to simmer. */
function secondLid({ items, heat }: StepInput, between: readonly Step[]): Step[] {
  const later = inOrder(items, 'lid').filter((i) => i.line.later);
  const { second } = heat;
  if (!second) return [];
  const under = second.then === 'pressure';
  const letGo = releaseWords(second.release, second.ventAfterMin, second.releaseS);
  const hold = formatDuration(second.holdS);
  const said = new Set(between.flatMap((s) => s.items.map((i) => i.lineId)));
  const unsaid = later.filter((i) => !said.has(i.lineId));
  const steps = [
    step(
      'open-between',
      'again',
      'Open in between',
      `When the pin is down. Stir once over the floor${unsaid.length ? ', then add what was kept for now' : ''}.`,
      {
        items: stepItems(unsaid),
        durationS: handwork(WORK.openMin + WORK.addAgainMin, 0.3),
        cautions: [CAUTIONS.open],
        check: 'Is the pin down, and does the lid turn freely?',
        look: 'Still thin, nothing stuck to the floor. What is held back stays on its tray.',
      },
    ),
    ...between,
    step(
      'again',
      'again',
      under ? `Close again: ${hold} under pressure` : `Simmer ${hold}`,
      under
        ? `Lid on, valve on seal, ${hold}. It is hot and comes up in about ${formatDuration(second.comeUpS.mid)}.`
        : 'Lid off or resting open, low to medium, just moving.',
      {
        heat: under ? 'pressure' : 'low',
        timer: {
          name: under ? 'Second lid, up and hold' : 'Simmer',
          seconds: Math.round(second.holdS + second.comeUpS.mid),
        },
        durationS: sumRanges([second.comeUpS, exactly(second.holdS)]),
        hands: false,
        cautions: under ? [CAUTIONS.seal] : [],
        check: under ? 'Ring seated, vent clear, valve on seal?' : null,
      },
    ),
  ];
  if (under)
    steps.push(
      step('again-release', 'again', letGo.title, `Heat off. ${letGo.text}`, {
        heat: 'off',
        durationS: second.releaseS,
        timer: second.release === 'ten' ? { name: 'Coming down', seconds: second.ventAfterMin * 60 } : null,
        hands: second.release === 'quick',
        look: 'The pin drops.',
        cautions: second.release === 'natural' ? [] : [CAUTIONS.steam],
      }),
    );
  return steps;
}
