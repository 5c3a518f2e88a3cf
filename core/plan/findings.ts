import { scaleOf } from '../dish/dish';
import { isHeldBack, type Moment } from '../dish/moment';
import { shortName } from '../dish/names';
import type { PlacedItem } from '../moments/item';
import { loosenMl, type Boil } from '../pot/boil';
import type { FloorRisk } from '../pot/floor';
import type { LiquidSum } from '../pot/liquid';
import { formatMass, formatTemp, formatVolume } from '../quantity/format';
import { SALT_SHARE } from '../sauce/present';
import { carbShare } from '../pantry/data/carbs';
import { LIKENESSES, MAX_OWN_NAME } from '../pantry/own';
import { conversionFindings } from './converted';
import type { Finding, Fix, Severity } from './finding';
import { SEVERITIES } from './finding';
import {
  freeLineId,
  holdAsSlurry,
  loadInOrder,
  moveLine,
  pourIn,
  setPlates,
  setRule,
  setSettings,
  standOn,
  takeAs,
  tellLineApart,
} from './fixes';
import type { FindingInput } from './findingInput';
import { CAUTIONS } from './data/cautions';
import { needsBoilingFirst } from './meat';
import { meatFindings } from './meatFindings';
import { swapsFor } from './swaps';

/** Altitude from which it is worth mentioning, m. Source: public advice on pressure cooking at altitude. */
const ALTITUDE_NOTE_M = 600;
/** Ground spice from which a bloom is easily burnt, g: about a tablespoon. */
const SPICE_CATCHES_G = 6;

const place = (item: PlacedItem): string => {
  const words = item.by === 'words' ? (item.read.written?.words ?? '') : '';
  const m = /the ([a-z ]+)$/i.exec(words);
  if (item.by === 'cook') return 'put before the pressure';
  return m
    ? `written with the ${m[1]}`
    : `written for ${item.moment === 'lid' ? 'under the lid' : 'the start'}`;
};
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const nameOf = (item: PlacedItem): string => shortName(item.read);

const listed = (names: readonly string[]): string =>
  names.length < 3 ? names.join(' and ') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`;

const HOLD_LABELS: Partial<Record<Moment, string>> = {
  thicken: 'Hold it back until the boil',
  dairy: 'Hold it back, in off the boil',
  finish: 'Hold it back to the end',
  serve: 'Keep it for the table',
};

/** Gives an early item back to the moment the rules compute for it; starch becomes a sized slurry. */
function holdFix(item: PlacedItem): Fix {
  const isStarch = item.read.food?.kind === 'flour' || item.read.food?.kind === 'starch';
  return isStarch
    ? holdAsSlurry(item.lineId)
    : moveLine(item.lineId, item.computed, HOLD_LABELS[item.computed] ?? 'Hold it back');
}

/** Judges a planned dish: worst first. Every finding says what and why; most offer a fix. */
export function judge(input: FindingInput): Finding[] {
  const out: Finding[] = [
    ...liquidFindings(input),
    ...boilFindings(input),
    ...fillFindings(input),
    ...layerFindings(input),
    ...momentFindings(input),
    ...floorFindings(input),
    ...meatFindings(input),
    ...conversionFindings(input),
    ...boilFirstFindings(input),
    ...readingFindings(input),
    ...needFindings(input),
    ...otherFindings(input),
  ];
  const rank = (s: Severity): number => SEVERITIES.indexOf(s);
  return out
    .map((f, i) => ({ f, i }))
    .sort((a, b) => rank(a.f.severity) - rank(b.f.severity) || a.i - b.i)
    .map(({ f }) => f);
}

/** Share of the manual's least liquid that many kitchens cook with. Source: 240 ml where manuals ask for 360; spread 15 %. */
const PRACTICE = 2 / 3;

/** True where only the manual's figure is missed: what is poured covers the floor, and with what the food gives up there is enough. */
function isOtherSchool(liquid: LiquidSum): boolean {
  return (
    liquid.pouredMl.mid >= liquid.pouredFloorMl && liquid.countedMl.mid + liquid.givenMl.low >= liquid.needMl
  );
}

const shortness = (severity: Severity): Severity => (severity === 'note' ? 'careful' : severity);

/** How bad a shortness of thin liquid is; `fine` when there is enough. */
function liquidSeverity(liquid: LiquidSum): Severity {
  if (liquid.verdict !== 'short') return 'fine';
  if (isOtherSchool(liquid)) return 'note';
  const there = liquid.countedMl.mid + (liquid.pouredFloorMl > 0 ? 0 : liquid.givenMl.low);
  const isFar = there < liquid.needMl * PRACTICE || liquid.pouredMl.mid < liquid.pouredFloorMl * PRACTICE;
  return isFar ? 'stop' : 'careful';
}

const isLess = (a: Severity, b: Severity): boolean => SEVERITIES.indexOf(a) > SEVERITIES.indexOf(b);

/** The fixes that are seen to make a judgement milder and that a cook would make, in the order given. */
function helping(
  input: FindingInput,
  fixes: readonly Fix[],
  before: Severity,
  judgeOf: (loaded: ReturnType<FindingInput['load']>) => Severity,
): Fix[] {
  return fixes.filter((fix) => {
    const loaded = input.load(fix.apply(input.dish));
    return isLess(judgeOf(loaded), before) && isSensible(input, loaded);
  });
}

/** Most sauce that a plate can use, g. Source: a soup plate holds no more; spread 20 %. */
const MOST_SAUCE_A_PLATE_G = 350;

/** A fix pours no more than fits under the line, and makes no more sauce than the plates can use beyond what the pot itself needs. */
function isSensible(input: FindingInput, loaded: ReturnType<FindingInput['load']>): boolean {
  const { fill, liquid, dish, pot } = input;
  if (loaded.fill.shareOfLimit > Math.max(1, fill.shareOfLimit)) return false;
  const addedMl = loaded.liquid.pouredMl.mid - liquid.pouredMl.mid;
  if (addedMl <= 0) return true;
  const isForThePot = loaded.liquid.countedMl.mid <= pot.minThinMl * 1.5;
  return isForThePot || loaded.liquid.sauceAfterG.mid <= MOST_SAUCE_A_PLATE_G * Math.max(1, dish.plates);
}

/** Several edits as one fix, "Hold back flour, and add 100 ml stock". */
function together(fixes: readonly Fix[]): Fix {
  const words = fixes.map((f, i) => (i === 0 ? f.label : f.label.charAt(0).toLowerCase() + f.label.slice(1)));
  return {
    id: fixes.map((f) => f.id).join('+'),
    label: `${words.slice(0, -1).join(', ')}, and ${words.at(-1) ?? ''}`,
    apply: (dish) => fixes.reduce((d, fix) => fix.apply(d), dish),
  };
}

/** The edits of a list that help alone; where none does, the shortest run of them that helps together, as one fix. */
function helpingAloneOrTogether(
  input: FindingInput,
  edits: readonly Fix[],
  before: Severity,
  judgeOf: (loaded: ReturnType<FindingInput['load']>) => Severity,
): Fix[] {
  const alone = helping(input, edits, before, judgeOf);
  if (alone.length) return alone;
  for (let n = 2; n <= edits.length; n++) {
    const fix = together(edits.slice(0, n));
    if (helping(input, [fix], before, judgeOf).length) return [fix];
  }
  return [];
}

function liquidFindings(input: FindingInput): Finding[] {
  const { liquid, items, kitchen, pot, dish, rules, floor } = input;
  const ml = (v: number): string => formatVolume(v, kitchen.units);
  const lines = liquid.entries.filter((e) => e.counts && e.lineId && Math.abs(e.ml.mid) >= 5);
  const ledger = lines
    .filter((e) => e.ml.mid > 0)
    .sort((a, b) => b.ml.mid - a.ml.mid)
    .slice(0, 4)
    .map((e) => `${ml(e.ml.mid)} ${e.label}`)
    .join(', ');
  const taken = liquid.entries.filter((e) => e.counts && e.ml.mid < 0).reduce((s, e) => s + e.ml.mid, 0);
  const juices =
    rules.liquid === 'poured' && liquid.givenMl.mid > 20
      ? ` The food will give up about ${ml(liquid.givenMl.mid)} more, not counted.`
      : '';
  const why = `${ledger || 'Nothing thin is poured'}${taken < -5 ? `, less ${ml(-taken)} boiled off or drunk` : ''}.${juices}`;
  const lineIds = lines.map((e) => e.lineId ?? '');
  const sum = `${ml(Math.max(0, liquid.countedMl.mid))} of ${ml(liquid.needMl)}`;
  if (liquid.verdict !== 'short')
    return [
      {
        id: 'liquid-enough',
        severity: 'fine',
        about: 'liquid',
        lineIds,
        text: `Enough thin liquid: ${sum}`,
        why: liquid.verdict === 'tight' ? `${why} Only just: a generous pour does no harm.` : why,
        fixes: [],
      },
    ];
  const name = ownLiquid(items);
  const fixes = [pourIn(liquid.splashMl, name, `Add ${ml(liquid.splashMl)} ${name}`)];
  if (rules.liquid === 'poured' && liquid.countedMl.mid + liquid.givenMl.mid >= liquid.needMl)
    fixes.push(setRule('liquid', 'juices', 'Count the juices for this dish'));
  const thrifty = kitchen.pots.find(
    (p) => p.id !== pot.id && p.minThinMl <= liquid.countedMl.mid && p.litres >= pot.litres * 0.75,
  );
  if (thrifty) fixes.push(setSettings({ potId: thrifty.id }, `Use the ${thrifty.name}`));
  const drinker = items.find(
    (i) =>
      !isHeldBack(i.moment) &&
      i.line.on !== 'bowl' &&
      (i.read.food?.kind === 'grain' || i.read.food?.kind === 'pasta') &&
      liquid.entries.some(
        (e) => e.kind === 'drunk' && e.lineId === i.lineId && e.ml.mid < -liquid.splashMl / 2,
      ),
  );
  if (drinker)
    fixes.push(
      drinker.read.food?.kind === 'grain'
        ? standOn(drinker.lineId, 'bowl', `Give the ${nameOf(drinker)} a bowl of its own`)
        : moveLine(drinker.lineId, 'finish', `Boil the ${nameOf(drinker)} after pressure`),
    );
  const severity = liquidSeverity(liquid);
  return [
    {
      id: 'liquid-short',
      severity,
      about: 'liquid',
      lineIds,
      text: severity === 'note' ? `Less than the manual asks: ${sum}` : `Too little thin liquid: ${sum}`,
      why:
        severity === 'note'
          ? `${why} Many kitchens cook it so; the manual’s way is a splash more.`
          : `${why}${floor.risk > 0.4 ? ' It may never come to pressure, or call a burn.' : ''}${dish.plates < dish.writtenFor ? ' A smaller batch in the same pot needs the same liquid.' : ''}`,
      // Less than the manual asks is told mildly, and mended like any shortness.
      fixes: helping(input, fixes, shortness(severity), (loaded) => shortness(liquidSeverity(loaded.liquid))),
    },
  ];
}

/** What is poured to loosen: the dish's own stock, else one that suits it. */
function ownLiquid(items: readonly PlacedItem[]): string {
  const own = items.find(
    (i) =>
      !isHeldBack(i.moment) &&
      i.line.on !== 'bowl' &&
      (i.read.food?.kind === 'stock' || i.read.food?.kind === 'water'),
  );
  if (own) return own.read.food?.names[0] ?? 'stock';
  return items.some((i) => /beef|lamb/.test(nameOf(i))) ? 'beef stock' : 'chicken stock';
}

const BOIL_SEVERITY: Record<Boil['verdict'], Severity> = {
  free: 'fine',
  slow: 'careful',
  'too thick': 'stop',
};

function boilFindings(input: FindingInput): Finding[] {
  const { boil, liquid, items, kitchen, dish } = input;
  if (boil.verdict === 'free') return [];
  const lines = items.filter((i) => boil.lineIds.includes(i.lineId) && !isHeldBack(i.moment));
  const early = lines.filter((i) => i.early && !i.touchesRaw);
  const more = loosenMl(boil, liquid.countedMl.mid);
  const name = ownLiquid(items);
  // What is thick by itself and was meant to go in is held back too: a condensed soup, a jar of sauce.
  const loose = lines.filter((i) => !i.touchesRaw);
  const thickest = loose.filter((i) => (i.read.food?.thin ?? 1) < 0.3);
  const thick = early.length ? early : thickest.length ? thickest : loose.slice(0, 1);
  const hold: Fix | null = thick.length
    ? {
        id: 'hold-thick',
        label: `Hold back ${listed(thick.map(nameOf))}`,
        apply: (d) =>
          thick.reduce((x, i) => (i.early ? holdFix(i) : moveLine(i.lineId, 'finish', '')).apply(x), d),
      }
    : null;
  const loosen = (ml: number): Fix =>
    pourIn(ml, name, `Loosen it with ${formatVolume(ml, kitchen.units)} ${name}`);
  // What more than doubles the liquid makes a soup of it: where thick things can be held back, that is what is offered.
  const isAnotherDish = (ml: number): boolean => hold !== null && ml > liquid.pouredMl.mid;
  const severity = BOIL_SEVERITY[boil.verdict];
  const verdict = (loaded: ReturnType<FindingInput['load']>): Severity => BOIL_SEVERITY[loaded.boil.verdict];
  const fixes = helping(
    input,
    [...(hold ? [hold] : []), ...(more > 0 && !isAnotherDish(more) ? [loosen(more)] : [])],
    severity,
    verdict,
  );
  if (hold && !fixes.includes(hold)) {
    const held = input.load(hold.apply(dish));
    const still = loosenMl(held.boil, held.liquid.countedMl.mid);
    if (still > 0) fixes.unshift(...helping(input, [together([hold, loosen(still)])], severity, verdict));
  }
  const isStop = boil.verdict === 'too thick';
  return [
    {
      id: 'too-thick',
      severity,
      about: 'liquid',
      lineIds: boil.lineIds,
      text: isStop ? 'Too thick to make steam' : 'Thick: slow to make steam',
      why: `${thickWords(boil.thinShare, boil.strengthPercent)}: ${listed(lines.slice(0, 3).map(nameOf))}. A thick pot blurts and scorches instead of boiling.`,
      fixes,
    },
  ];
}

/** Why a pot is thick: by its share of thin liquid where that is small, by its starch where that is there. */
function thickWords(thinShare: number, strengthPercent: number): string {
  const only = `Only ${Math.round(thinShare * 100)} % of what is in the pot is thin`;
  if (strengthPercent <= 0.5) return only;
  return thinShare < MOSTLY_THIN ? `${only}, and it is thickened already` : 'It is thickened already';
}
/** Share from which nobody would say "only". */
const MOSTLY_THIN = 0.6;

function layerFindings({ fill, items }: FindingInput): Finding[] {
  const out: Finding[] = [];
  const costs = [...new Set(fill.broken.map((c) => c.cost))];
  if (costs.length)
    out.push({
      id: 'layers-moved',
      severity: fill.broken.some((c) => c.factor) ? 'careful' : 'note',
      about: 'floor',
      lineIds: fill.layers.filter((l) => l.cost).flatMap((l) => l.lineIds),
      text: 'Loaded in your own order',
      why: costs.slice(0, 3).join(' '),
      fixes: [loadInOrder([], 'Back to the computed order')],
    });
  const bowl = fill.layers.find((l) => l.id === 'bowl');
  if (bowl) {
    const dry = items.filter((i) => bowl.lineIds.includes(i.lineId) && (i.read.food?.drinks ?? 0) > 0);
    const wet = items.some((i) => bowl.lineIds.includes(i.lineId) && (i.read.food?.thin ?? 0) > 0.9);
    const waterMl = dry.reduce((s, i) => s + i.massG.mid * (i.read.food?.drinks ?? 0), 0);
    out.push({
      id: 'bowl',
      severity: 'note',
      about: 'fill',
      lineIds: bowl.lineIds,
      text: 'A bowl of its own on the rack',
      why: `${wet || waterMl < 10 ? 'Heat-proof, loosely covered' : `With ${Math.ceil(waterMl / 25) * 25} ml of its own water; heat-proof, loosely covered`}, half full at most because it swells, and steam must pass round it.`,
      fixes: [],
    });
  }
  return out;
}

/** The most plates, to the half, that are seen to stay under the fill line; null when not even half a plate does. */
function platesThatFit(input: FindingInput): number | null {
  const { fill, dish, load } = input;
  const fits = (plates: number): boolean => load({ ...dish, plates }).fill.shareOfLimit <= 1;
  for (let plates = Math.min(fill.mostPlates, dish.plates); plates >= 0.5; plates -= 0.5)
    if (fits(plates)) return plates;
  return null;
}

/** How far a sum of pieces can be off the level in the pot, as a share. Source: random packing of mixed pieces; spread of `LAYER_KINDS`. */
const PACKS_WITHIN = 0.1;

function fillFindings(input: FindingInput): Finding[] {
  const { fill, dish, kitchen, pot } = input;
  if (fill.shareOfLimit <= 0) return [];
  const percent = Math.round(fill.shareOfLimit * 100);
  const line = fill.foaming.length
    ? `half, because of ${fill.foaming.slice(0, 2).join(' and ')}`
    : 'two thirds';
  if (fill.shareOfLimit > 1) {
    const bigger = kitchen.pots
      .filter((p) => p.id !== pot.id && p.litres * p.maxFill > pot.litres * pot.maxFill * fill.shareOfLimit)
      .sort((a, b) => a.litres - b.litres)[0];
    const plates = platesThatFit(input);
    const fixes = [
      ...(plates === null ? [] : [setPlates(plates, `Make ${plates} ${plates === 1 ? 'plate' : 'plates'}`)]),
      ...(bigger ? [setSettings({ potId: bigger.id }, `Use the ${bigger.name}`)] : []),
    ];
    const isAtLine = fill.shareOfLimit <= 1 + PACKS_WITHIN;
    return [
      {
        id: 'too-full',
        severity: isAtLine ? 'careful' : 'stop',
        about: 'fill',
        lineIds: [],
        text: isAtLine ? `About at the fill line: ${percent} %` : `Too full: ${percent} % of the fill line`,
        why: isAtLine
          ? `The line is at ${line}, and pieces pack a tenth closer or looser than any sum knows. Look before you lock: what stands above the line stays out.`
          : `The line is at ${line}. A pot over it can block its vent. ${dish.plates} plates want ${fill.shareOfLimit > 1.4 ? 'two cooks or ' : ''}a bigger pot.`,
        fixes,
      },
    ];
  }
  if (fill.shareOfLimit > 0.9)
    return [
      {
        id: 'nearly-full',
        severity: 'careful',
        about: 'fill',
        lineIds: [],
        text: `Nearly full: ${percent} % of the fill line`,
        why: `The line is at ${line}. Pieces never pack quite the same: look before you lock.`,
        fixes: [],
      },
    ];
  return [];
}

/** Names that are many: limes, but neither molasses nor couscous. */
const PLURAL = /(?<![su]|sse)s$/;

/** Sugar thinner than this in the thin liquid only sweetens it, g/ml. Source: a braise with a spoonful in it; spread 40 %. */
const SUGAR_DISSOLVES = 0.06;
/** Up to here it is the sauce of a braise as many cook it, thin as syrup goes, g/ml. Source: a quarter cup of sugar to a cup of soy and water; spread 40 %. */
const SUGAR_IS_A_SAUCE = 0.25;

/** So much curd grains without spoiling a sauce for four, g. Source: a quarter to half a cup; spread 30 %. */
const LITTLE_CURD_G = 125;
/** Packets that bind as they cook. */
const MIXES: ReadonlySet<string> = new Set([
  'gravy-mix',
  'gravy-granule',
  'ranch-mix',
  'ranch-seasoning',
  'soup-mix',
]);

/** Flour thinner than this in the thin liquid makes a light sauce that still boils, g/ml. Source: a spoonful to a third of a litre; spread 30 %. */
const FLOUR_BINDS = 0.025;

/** How bad it is that something stands early: what the recipe puts there on purpose and loses little by is told, not warned of. */
function asTold(item: PlacedItem, liquid: LiquidSum): Severity {
  const { early, by, read } = item;
  if (!early) return 'fine';
  // A spoonful of flour fried with the onions, with a jug of stock after it, is an old way of cooks and hardly settles.
  const isFried = by === 'method' && (item.moment === 'bloom' || item.moment === 'aromatics');
  if (isFried && read.food?.kind === 'flour' && item.massG.mid <= FLOUR_BINDS * liquid.countedMl.mid)
    return 'careful';
  // A few spoonfuls of curd, cooked into the masala before the lid, are how half a continent cooks: they grain a little.
  const isCurd = by === 'method' && read.food?.kind === 'sour-dairy' && early.severity === 'stop';
  if (isCurd && item.massG.mid <= LITTLE_CURD_G) return 'careful';
  // Milk that bubbles away in the meat before the lid, as for a ragù: nothing of it is left to split.
  if (by === 'method' && read.food?.kind === 'milk' && item.boilsDown) return 'note';
  // A packet of gravy or dressing in the braise is how it is sold: most cook it so, and only its dose makes it thick.
  // Cheese laid on top and left there, cream in a thin sauce: many recipes do so, some split, and no pot is harmed by it.
  const isDairy = ['cream', 'cream-cheese', 'cheese'].includes(read.food?.kind ?? '');
  if (by === 'method' && isDairy && early.severity === 'stop') return 'careful';
  if (by === 'method' && read.food && MIXES.has(read.food.id)) return 'careful';
  if (by !== 'method' || early.severity !== 'careful') return early.severity;
  const kind = read.food?.kind;
  if (kind === 'sugar' || kind === 'syrup') {
    const perMl = item.massG.mid / Math.max(1, liquid.countedMl.mid);
    return perMl <= SUGAR_DISSOLVES ? 'fine' : perMl <= SUGAR_IS_A_SAUCE ? 'note' : 'careful';
  }
  return kind === 'quick-veg' || kind === 'leaf' || kind === 'pasta' ? 'note' : 'careful';
}

function momentFindings({ items, kitchen, liquid }: FindingInput): Finding[] {
  const out: Finding[] = [];
  for (const item of items) {
    if (!item.early) continue;
    const told = asTold(item, liquid);
    if (told === 'fine') continue;
    out.push({
      id: `early-${item.lineId}`,
      severity: told,
      about: 'moment',
      lineIds: [item.lineId],
      text: `${capital(nameOf(item))} ${PLURAL.test(nameOf(item)) ? 'are' : 'is'} ${place(item)}`,
      why: item.early.harm,
      fixes: item.touchesRaw ? [] : [holdFix(item)],
    });
  }
  const bloom = items.filter((i) => i.moment === 'bloom' && i.read.food?.kind === 'spice-ground');
  const spiceG = bloom.reduce((s, i) => s + i.massG.mid, 0);
  const quick = bloom.filter((i) => (i.read.food?.scorch ?? 0) >= 3);
  if (quick.length && spiceG >= SPICE_CATCHES_G) {
    const name = quick[0] ? nameOf(quick[0]) : 'spice';
    out.push({
      id: 'spice-catches',
      severity: 'careful',
      about: 'moment',
      lineIds: quick.map((i) => i.lineId),
      text: `${capital(name)} catches in 20 seconds`,
      why: `${formatMass(spiceG, kitchen.units)} of ground spice in hot fat: heat off, all at once, and the liquid straight after. Or let it open in the liquid.`,
      fixes: [
        {
          id: 'bloom-to-deglaze',
          label: 'Put it in with the liquid',
          apply: (dish) => quick.reduce((d, i) => moveLine(i.lineId, 'deglaze', '').apply(d), dish),
        },
      ],
    });
  }
  return out;
}

const FLOOR_SEVERITY: Record<FloorRisk['level'], Severity> = { low: 'fine', some: 'careful', high: 'stop' };

/** Everything that may calm a floor, the least trouble first. */
function floorRemedies({ floor, rules, items, fill, liquid, kitchen }: FindingInput): Fix[] {
  const out: Fix[] = [];
  const has = (id: string): boolean => floor.parts.some((p) => p.id === id);
  const name = ownLiquid(items);
  const early = items.filter(
    (i) => i.early && !i.touchesRaw && floor.parts.some((p) => p.lineIds.includes(i.lineId)),
  );
  if (early.length)
    out.push({
      id: 'hold-all',
      label: `Hold back ${listed(early.map(nameOf))}`,
      apply: (d) => early.reduce((x, i) => holdFix(i).apply(x), d),
    });
  if (fill.broken.length) out.push(loadInOrder([], 'Load it in the computed order'));
  if (rules.tomato !== 'top' && floor.parts.some((p) => p.is === 'stirred-in'))
    out.push(setRule('tomato', 'top', 'Keep the tomato on top'));
  if (liquid.splashMl > 0 || has('film-depth')) {
    const ml = Math.max(liquid.splashMl, 100);
    out.push(pourIn(ml, name, `Add ${formatVolume(ml, kitchen.units)} ${name}`));
  }
  if (floor.parts.some((p) => p.is === 'unscraped')) {
    out.push({
      id: 'lift',
      label: 'Deglaze with 100 ml stock',
      apply: (d) => ({
        ...d,
        lines: [...d.lines, { id: freeLineId(d), text: `100 ml ${name}`, added: true, moment: 'deglaze' }],
      }),
    });
    out.push(setRule('browning', 'never', 'Skip the sear for this dish'));
  }
  const swallows = items.find(
    (i) =>
      !isHeldBack(i.moment) &&
      i.line.on === undefined &&
      i.read.food?.kind === 'grain' &&
      floor.parts.some((p) => p.id === 'grain'),
  );
  if (swallows) out.push(standOn(swallows.lineId, 'bowl', `Give the ${nameOf(swallows)} a bowl of its own`));
  return out;
}

function floorFindings(input: FindingInput): Finding[] {
  const { floor, batches } = input;
  const out: Finding[] = [];
  const parts = floor.parts
    .slice(0, 3)
    .map((p) => p.label)
    .join(', ');
  if (floor.level !== 'low') {
    const severity = FLOOR_SEVERITY[floor.level];
    out.push({
      id: 'floor',
      severity,
      about: 'floor',
      lineIds: floor.parts.flatMap((p) => p.lineIds),
      text: floor.level === 'high' ? 'The floor is likely to catch' : 'The floor may catch',
      why: `Because of: ${parts}.`,
      fixes: helpingAloneOrTogether(
        input,
        floorRemedies(input),
        severity,
        (l) => FLOOR_SEVERITY[l.floor.level],
      ),
    });
  }
  const noLift = batches > 0 && floor.parts.some((p) => p.is === 'unscraped');
  if (noLift && floor.level === 'low')
    out.push({
      id: 'no-deglaze',
      severity: 'careful',
      about: 'floor',
      lineIds: [],
      text: 'Nothing to deglaze with',
      why: 'The brown film has to come off before the lid goes on: it is the commonest cause of a burn alarm.',
      fixes: [pourIn(100, 'chicken stock', 'Add 100 ml stock')],
    });
  return out;
}

/** The likenesses offered at once, with the finding; the line's own panel has them all. */
const OFFERED = ['onion', 'carrot', 'chicken-stock', 'barbecue-sauce'];

function readingFindings({ items }: FindingInput): Finding[] {
  const several = items
    .filter((i) => i.read.several.length > 1 && i.partIndex === 0)
    .map((i): Finding => ({
      id: `several-${i.lineId}`,
      severity: 'careful',
      about: 'reading',
      lineIds: [i.lineId],
      text: `${capital(COUNT_WORDS[i.read.several.length] ?? String(i.read.several.length))} things in one line`,
      why: `Only the ${nameOf(i)} is counted of “${i.read.text.slice(0, 60)}”.`,
      fixes: [tellLineApart(i.lineId, i.read.several)],
    }));
  const lines = items.filter((i) => i.partIndex === 0);
  const strange = lines.filter((i) => i.read.confidence === 'unsure' && !i.read.food);
  const isForeign = strange.length >= FOREIGN_FROM && strange.length > lines.length / 2;
  // A list in another language is said to be one, and not asked about line by line.
  const foreign: Finding[] = isForeign
    ? [
        {
          id: 'reading-foreign',
          severity: 'careful',
          about: 'reading',
          lineIds: strange.map((i) => i.lineId),
          text: 'Most of this list was not understood',
          why: `${strange.length} of ${lines.length} lines name nothing that is in the pantry, so nothing of them is counted. Lists are read in English: put the names into English, or open a line and say what it is most like.`,
          fixes: [],
        },
      ]
    : [];
  const unsure = lines
    .filter((i) => i.read.confidence === 'unsure' && !(isForeign && !i.read.food))
    .map((i): Finding => {
      const unknown = !i.read.food;
      return {
        id: `reading-${i.lineId}`,
        severity: 'careful',
        about: 'reading',
        lineIds: [i.lineId],
        text: unknown ? `What is “${i.read.foodText.slice(0, 40)}”?` : `How much ${nameOf(i)}?`,
        why: unknown
          ? 'It is not in the pantry. Nothing about it is guessed; say what it is most like.'
          : 'No amount was found in the line, so it is not counted. Write one in.',
        fixes: unknown
          ? LIKENESSES.filter((l) => OFFERED.includes(l.foodId)).map((l) =>
              takeAs(i.lineId, l.foodId, l.label),
            )
          : [],
        ...(unknown ? { asks: i.read.foodText.slice(0, MAX_OWN_NAME) } : {}),
      };
    });
  return [...several, ...foreign, ...unsure];
}

/** Lines nobody knows, from which a list is told of as a whole. By judgement. */
const FOREIGN_FROM = 5;

const COUNT_WORDS: Record<number, string> = { 2: 'two', 3: 'three', 4: 'four', 5: 'five' };

function needFindings({ needs, items, kitchen, pantry, dish }: FindingInput): Finding[] {
  return needs.map((broken): Finding => {
    const lines = items.filter((i) => i.partIndex === 0 && broken.lineIds.includes(i.lineId));
    const solves = (toId: string): boolean => {
      const food = pantry.get(toId);
      if (!food || broken.isAllergen) return food !== undefined;
      return lines.some((l) => {
        const was = l.read.food;
        return (
          was &&
          (broken.need === 'low-salt' ? food.salt < was.salt * 0.7 : carbShare(food) < carbShare(was) * 0.7)
        );
      });
    };
    const firsts = lines.slice(0, 4).flatMap((line) =>
      swapsFor(line, kitchen, pantry)
        .filter((s) => solves(s.toId))
        .slice(0, lines.length > 1 ? 1 : 2)
        .map((s) => ({ ...s, label: `${capital(s.label.replace(/ instead$/, ''))} for ${nameOf(line)}` })),
    );
    const all: Fix[] =
      firsts.length > 1 && lines.length > 1
        ? [
            {
              id: `swap-all-${broken.need}`,
              label: `Swap ${firsts.length === 2 ? 'both' : `all ${firsts.length}`}`,
              apply: (d) => firsts.reduce((x, fix) => fix.apply(x), d),
            },
          ]
        : [];
    const names = listed([...new Set(lines.map(nameOf))].slice(0, 4));
    const amount =
      broken.perPlateG === undefined
        ? ''
        : `about ${formatMass(broken.perPlateG, kitchen.units)} ${broken.need === 'low-salt' ? 'of salt' : 'of carbohydrate'} a plate at ${dish.plates} plates; the aim is ${formatMass(broken.mostG ?? 0, kitchen.units)}`;
    return {
      id: `need-${broken.need}`,
      severity: broken.isAllergen ? 'stop' : 'careful',
      about: 'needs',
      lineIds: broken.lineIds,
      text: `${broken.title}: ${broken.isAllergen ? names : amount.replace(/ at .*$/, '')}`,
      why: broken.isAllergen
        ? `Somebody who eats here cannot have it. Labels decide: read each one.`
        : `${capital(amount)}. Most of it from ${names}.`,
      fixes: [...all, ...firsts],
    };
  });
}

/** Beans that are harmful until they have boiled hard, wherever they go in raw: under the lid or into a slow simmer. */
function boilFirstFindings({ items }: FindingInput): Finding[] {
  return items
    .filter((i) => i.partIndex === 0 && needsBoilingFirst(i))
    .map((i) => ({
      id: `boil-first-${i.lineId}`,
      severity: 'careful',
      about: 'reading',
      lineIds: [i.lineId],
      text: `${capital(nameOf(i))}: boiled hard for ten minutes first`,
      why: `${CAUTIONS.kidney} Tinned ones have been boiled already.`,
      fixes: [],
    }));
}

function otherFindings({ kitchen, heat, saltG, items, dish, meat, liquid }: FindingInput): Finding[] {
  const out: Finding[] = [];
  if (kitchen.altitudeM > ALTITUDE_NOTE_M)
    out.push({
      id: 'altitude',
      severity: 'note',
      about: 'altitude',
      lineIds: [],
      text: `At ${Math.round(kitchen.altitudeM)} m water boils at ${formatTemp(heat.boilsAtC, kitchen.units)}`,
      why: `The pot works at ${formatTemp(heat.workingC, kitchen.units)} here. The minutes allow for it; the simmering at the end takes longer.`,
      fixes: [],
    });
  const eatenG = items.filter((i) => i.moment !== 'serve').reduce((s, i) => s + i.massG.mid, 0) - 50;
  if (eatenG > 300 && saltG / eatenG > SALT_SHARE.high * 1.25)
    out.push({
      id: 'salt',
      severity: 'careful',
      about: 'sauce',
      lineIds: items.filter((i) => (i.read.food?.salt ?? 0) * i.massG.mid > 2).map((i) => i.lineId),
      text: `Salty: about ${((100 * saltG) / eatenG).toFixed(1)} %`,
      why: 'Most people like 0.8–1.2 % of what is on the plate, and reducing makes it more.',
      fixes: [],
    });
  if (!meat.length && dish.settings.minutes === null && items.length > 0 && !items.some((i) => i.read.cooked))
    out.push({
      id: 'no-meat',
      severity: 'note',
      about: 'meat',
      lineIds: [],
      text: 'No meat found',
      why: 'Minutes are only forecast for meat so far. Set them yourself from what you know.',
      fixes: [setSettings({ minutes: 10 }, 'Set 10 min')],
    });
  if (scaleOf(dish) > 1.4 && liquid.verdict !== 'short' && liquid.pouredMl.mid > liquid.needMl * 1.6)
    out.push({
      id: 'less-liquid',
      severity: 'note',
      about: 'liquid',
      lineIds: [],
      text: 'The liquid need not grow with the plates',
      why: `${formatVolume(liquid.needMl, kitchen.units)} is enough for this pot whatever the batch; the rest only has to be thickened or boiled away.`,
      fixes: [],
    });
  return out;
}
