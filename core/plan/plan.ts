import { isLoose } from '../heat/data/cuts';
import type { Dish } from '../dish/dish';
import type { HouseRules } from '../dish/houseRules';
import { SCALING } from '../dish/scaling';
import { readMethod, type MethodHints } from '../dish/method';
import { VENT_AFTER_MIN } from '../heat/run';
import { isHeldBack, MOMENTS, type Moment } from '../dish/moment';
import type { HeatForecast, HeatInput } from '../heat/simulate';
import { inOrder, type PlacedItem } from '../moments/item';
import { placeDish } from '../moments/place';
import { Pantry } from '../pantry/pantry';
import { boilOf, type Boil } from '../pot/boil';
import { floorRisk, type FloorRisk } from '../pot/floor';
import { foams, fillPot, type Fill } from '../pot/layers';
import { sumLiquid, type LiquidSum } from '../pot/liquid';
import type { Pot } from '../pot/pot';
import type { Act, Script } from '../script/act';
import { isTurnedInBase } from '../script/base';
import { scriptOfDish } from '../script/edit';
import { SLURRY_WATER, thicknessOf, type ThickenerId } from '../sauce/data/thickeners';
import { doseFor, type Dose, type DoseInput } from '../sauce/dose';
import {
  laterAdditions,
  presentParts,
  presentStrengthG,
  saltG,
  sharpnessOf,
  sugarShareOf,
} from '../sauce/present';
import { type Finding, judge } from '../findings/index';
import { glazedOf } from '../pieces/glazed';
import { NO_CALIBRATION, potFor, type Calibration, type Kitchen } from '../kitchen/kitchen';
import {
  forecastFor,
  forecastOnce,
  heatInput,
  kindsOf,
  meatPieces,
  plantPieces,
  releaseFor,
  searBatches,
  type MeatPiece,
  type PlantPiece,
  FOAMS_FROM,
} from '../pieces/meat';
import { brokenNeeds, type BrokenNeed } from '../kitchen/needs';
import { buildSteps, type Step, timeSteps, type Timing } from '../steps/index';
import { kept } from '../quantity/kept';
import type { Range } from '../quantity/range';
import { boundWith, usedItems } from '../pieces/binding';
import { leftAfterBoiling } from '../pieces/boilsDown';

/** The finish as the plan forecasts it; the cook's own measurement replaces `input.sauceG` at the pot. */
interface SaucePlan {
  input: DoseInput;
  dose: Dose;
  saltG: number;
  /** Sauce when it is measured: what the pot gives, less what the recipe boils away first, g. */
  leftG: Range;
  /** What makes it as thick as it is then, per cent each, the most of it first. */
  already: { name: string; percent: number }[];
}

/** Everything computed about a dish in a kitchen. Derived, never stored. */
export interface Plan {
  dish: Dish;
  pot: Pot;
  rules: HouseRules;
  /** What the log had taught when this was planned. */
  calibration: Calibration;
  items: PlacedItem[];
  /** The method as acts, where there is one that can be followed. */
  script: Script | null;
  /** Items of each moment that has any, in the order they go in. */
  moments: { moment: Moment; items: PlacedItem[] }[];
  held: PlacedItem[];
  meat: MeatPiece[];
  plants: PlantPiece[];
  /** What each of the forecast's kinds is; those added in between come last. */
  kinds: (MeatPiece | PlantPiece)[];
  batches: number;
  release: 'quick' | 'ten' | 'natural';
  /** Minutes before the rest is vented, where `release` is `ten`. */
  ventAfterMin: number;
  /** What the recipe says of the minutes, and whether it is followed. */
  told: Told;
  liquid: LiquidSum;
  fill: Fill;
  floor: FloorRisk;
  boil: Boil;
  /** What the forecast was made from, for the runs that give ranges. */
  heating: HeatInput;
  heat: HeatForecast;
  sauce: SaucePlan;
  /** Needs of the people here that it breaks. */
  needs: BrokenNeed[];
  findings: Finding[];
  steps: Step[];
  timing: Timing;
}

/** What a plan may be told besides the dish and the kitchen. */
export interface PlanOptions {
  /** What the log has learned about the pot; none by default. */
  calibration?: Calibration;
}

const pantryOfFoods = kept<Kitchen['ownFoods'], Pantry>(4, JSON.stringify, (own) => new Pantry(own));
const pantryOfList = new WeakMap<Kitchen['ownFoods'], Pantry>();

/** The household's pantry: shipped foods and its own. Kept for the same foods, in this list or in one that says the same. */
export function pantryFor({ ownFoods }: Pick<Kitchen, 'ownFoods'>): Pantry {
  const pantry = pantryOfList.get(ownFoods) ?? pantryOfFoods(ownFoods);
  pantryOfList.set(ownFoods, pantry);
  return pantry;
}

/** A dish placed and loaded into its pot: all that is known before the lid closes. */
export interface LoadedPot {
  rules: HouseRules;
  pot: Pot;
  /** The household's kitchen at the height where this pot stands. */
  kitchen: Kitchen;
  items: PlacedItem[];
  liquid: LiquidSum;
  fill: Fill;
  floor: FloorRisk;
  boil: Boil;
}

/** The quick part of a plan: moments, liquid, layers and floor, without heat, sauce and steps. */
export function loadPot(dish: Dish, household: Kitchen): LoadedPot {
  const rules: HouseRules = { ...household.rules, ...dish.rules };
  const pot = potFor(dish, household);
  const kitchen = pot.altitudeM === null ? household : { ...household, altitudeM: pot.altitudeM };
  const items = placeDish(dish, {
    pantry: pantryFor(kitchen),
    system: kitchen.system,
    rules,
    needMl: pot.minThinMl * SCALING.liquid.margin,
  });
  const liquid = sumLiquid(items, pot, rules);
  const fillOf = (list: readonly PlacedItem[], isCooked?: (i: PlacedItem) => boolean): Fill =>
    fillPot(list, pot, {
      ...(isCooked ? { isCooked } : {}),
      thinMl: liquid.countedMl.mid,
      needMl: liquid.needMl,
      plates: dish.plates,
      layers: dish.settings.layers,
    });
  // What comes for the second lid is in no way of the first, unless there is no room for it then.
  const script = scriptOf(dish, pantryFor(kitchen), items);
  const first = items.filter((i) => !i.line.later);
  const atFirst = fillOf(first);
  const isOut = outAtLastLid(script);
  const atLast =
    first.length === items.length
      ? atFirst
      : fillOf(
          items.filter((i) => i.line.later || !isOut.has(i.index)),
          (i) => !i.line.later,
        );
  const fill =
    atLast.shareOfLimit > 1
      ? { ...atFirst, shareOfLimit: atLast.shareOfLimit, mostPlates: atLast.mostPlates }
      : atFirst;
  const isScraped = isFloorLoosened(script, items);
  return {
    rules,
    pot,
    kitchen,
    items,
    liquid,
    fill,
    floor: floorRisk(items, pot, liquid, rules, fill, isScraped),
    boil: boilOf(first, liquid),
  };
}

/** Lines that stand on a plate while the last lid is closed: "lift the beef out; the potatoes in, four minutes more". */
function outAtLastLid(script: Script | null): ReadonlySet<number> {
  const acts = script?.acts ?? [];
  const last = acts.findLastIndex((a) => a.verb === 'close');
  const out = new Set<number>();
  for (const a of acts.slice(
    acts.findIndex((b) => b.verb === 'close'),
    Math.max(0, last),
  )) {
    if (a.verb === 'liftout') for (const i of a.again) out.add(i);
    else for (const i of a.again) out.delete(i);
  }
  return out;
}

/** Least that is poured over a hot floor and loosens what is stuck to it, g. Source: four tablespoons; spread 40 %. */
const LOOSENS_G = 60;

const SCRAPES = /\bscrap(?:e|es|ing)\b/i;
/** True where the method scrapes, or pours something thin into the open pot after it has browned: the steps say to scrape then. */
function isFloorLoosened(script: Script | null, items: readonly PlacedItem[]): boolean {
  const before = (script?.acts ?? []).filter((a) => a.run === 0 && a.where === 'pot');
  const browned = before.findLastIndex((a) => a.verb === 'brown' || a.verb === 'render');
  return before.some((a, at) => {
    // "Add the onions and cook, scraping up the bits".
    if (a.verb === 'deglaze' || (at > browned && SCRAPES.test(a.words))) return true;
    const poured = items.filter((i) => i.actId === a.id && (i.read.food?.thin ?? 0) > 0.5);
    return at > browned && poured.reduce((s, i) => s + i.massG.mid, 0) >= LOOSENS_G;
  });
}

/** What is in the pot to be cooked through, and the forecast of it. */
interface Heated {
  meat: MeatPiece[];
  plants: PlantPiece[];
  kinds: (MeatPiece | PlantPiece)[];
  release: HeatInput['release'];
  ventAfterMin: number;
  told: Told;
  heating: HeatInput;
  heat: HeatForecast;
}

/** The minutes that a recipe tells: null where it tells none; followed where they do no harm here. */
interface Told {
  minutes: number | null;
  isFollowed: boolean;
  /** The recipe's minutes are those of the pasta or rice beside the meat, which the meat's alone would leave hard. */
  isForStarch?: boolean;
  /** Where it counts whistles, how many; the minutes are made of them. */
  whistles?: number;
}

/**
 * Minutes from one whistle to the next on a medium flame; the first comes with the pressure. Source: weights of stovetop pots, 3-5 min;
 * spread 30 %.
 */
const WHISTLE_EVERY_MIN = 4;

/** A recipe's minutes over the computed ones that make no difference: one, or a fifth. Source: the spread of the computed ones; spread 30 %. */
const AS_GOOD_MIN = 1;
const AS_GOOD_SHARE = 0.2;

/** Longest that a joint is cooked by a rate, minutes: the pot's own clock. */
const MOST_BY_WEIGHT_MIN = 180;

/**
 * The minutes a method tells: a rate by the weight of the joint, its whistles counted as minutes, "four whistles, then ten minutes on low".
 */
function minutesTold(hints: MethodHints | null, jointG: number): number | null {
  if (hints?.perWeight && jointG > 0) {
    const { minutesPerKg, plusMin } = hints.perWeight;
    return Math.min(MOST_BY_WEIGHT_MIN, Math.round((minutesPerKg * jointG) / 1000) + plusMin);
  }
  if (!hints || hints.whistles === null) return hints?.minutes ?? null;
  // One whistle and no more says that it has come to pressure.
  return (hints.whistles - 1) * WHISTLE_EVERY_MIN + (hints.minutes ?? 0) || null;
}

function heatDish(dish: Dish, loaded: LoadedPot, calibration: Calibration): Heated {
  const { items, rules, pot, kitchen, fill } = loaded;
  const script = scriptOf(dish, pantryFor(kitchen), items);
  const acts = script?.acts ?? [];
  const meat = meatPieces(items, dish, kitchen, {
    hasNoBones: isWorkedWithoutBones(acts),
    isStuffed: acts.some((a) => a.verb === 'stuff' && isOfVegetables(a, items)),
    isRolled: acts.some((a) => a.verb === 'stuff' && ROLLED_UP.test(a.words)),
    sizeOf: (lineId) => script?.sizes.find(({ index }) => dish.lines[index]?.id === lineId),
  });
  const plants = plantPieces(items);
  const hints = dish.method ? readMethod(dish.method) : null;
  const { release, ventAfterMin } = releaseTold(
    hints,
    releaseFor(dish, rules, meat[0], fill),
    dish,
    rules,
    loaded,
  );
  const computed: HeatInput = {
    ...heatInput(items, { meat, plants }, dish, pot, kitchen, rules, release, calibration),
    ...(ventAfterMin === VENT_AFTER_MIN ? {} : { ventAfterMin }),
  };
  const frozen = meat[0]?.frozen ?? false;
  const heat = forecastFor(computed, frozen, rules);
  const base = { meat, plants, kinds: kindsOf({ meat, plants }), release, ventAfterMin };
  const minutes = dish.settings.minutes === null ? minutesTold(hints, meat[0]?.massG ?? 0) : null;
  const whistles = minutes !== null && hints?.whistles ? { whistles: hints.whistles } : {};
  if (minutes === null || rules.minutes !== 'recipe')
    return { ...base, told: { minutes, isFollowed: false, ...whistles }, heating: computed, heat };
  const heating = { ...computed, minutes };
  const asTold = forecastOnce(heating);
  const isPulled = acts.some((a) => a.verb === 'shred');
  // Lean meat goes dry; what has something to melt only falls apart, and a recipe may want that.
  const mayFall = isPulled || meat.every((m) => isLoose(m.cut) || m.doneness.dryAfterMin === null);
  // Never fewer than the meat asks for: what is for the starch is on top of that.
  // A broth or a pot of pulses: nothing in it that the recipe’s minutes could leave raw.
  const isForStarch = minutes * 60 >= heat.holdS && leavesStarchRaw(heat, asTold, meat.length, plants);
  const isBites = meat.every((m) => m.thicknessMm <= (m.cubed ? BITE_MM : BITE_MM / 2));
  // Six minutes where five were computed: nobody's chop is another one for it.
  const over = minutes - heat.suggestedMin;
  const isAsGood = over >= 0 && over <= Math.max(AS_GOOD_MIN, AS_GOOD_SHARE * heat.suggestedMin);
  const isFollowed =
    !meat.length || isAsGood || doesNoHarm(asTold, heating, minutes, { mayFall, isBites }) || isForStarch;
  return isFollowed
    ? {
        ...base,
        told: { minutes, isFollowed, ...(isForStarch ? { isForStarch } : {}), ...whistles },
        heating,
        heat: { ...asTold, suggestedMin: heat.suggestedMin },
      }
    : { ...base, told: { minutes, isFollowed, ...whistles }, heating: computed, heat };
}

/** True of peppers, courgettes, onions that are filled: they are what the act brings. */
const isOfVegetables = ({ id, lines }: Pick<Act, 'id' | 'lines'>, items: readonly PlacedItem[]): boolean =>
  lines.length > 0 &&
  items
    .filter((i) => i.actId === id)
    .every((i) => /^(?:allium|(?:root|slow|quick)-veg|leaf)$/.test(i.read.food?.kind ?? ''));

const IN_BATCHES = /\b(?:in|into) (two|three|four|2|3|4) (?:batches|goes|lots)\b/i;
const FIGURES: Readonly<Record<string, number>> = { two: 2, three: 3, four: 4 };
/** In how many goes the recipe browns the meat; null where it does not say. */
function batchesTold(acts: readonly Act[]): number | null {
  const browned = acts.find((a) => a.verb === 'brown' && IN_BATCHES.test(a.words));
  const said = IN_BATCHES.exec(browned?.words ?? '')?.[1]?.toLowerCase();
  return said === undefined ? null : (FIGURES[said] ?? Number(said));
}

/** What is no food while it is hard, whatever the meat beside it would like. */
const STARCHES = /^(?:pasta|small-pasta|rice|brown-rice|wild-rice|barley)$/;
const HARDNESS: readonly string[] = ['still hard', 'firm'];

/** True where the minutes that suit the meat would leave pasta or rice hard that the recipe's own minutes cook. */
function leavesStarchRaw(
  computed: HeatForecast,
  told: HeatForecast,
  meats: number,
  plants: readonly PlantPiece[],
): boolean {
  return plants.some((p, i) => {
    const state = computed.kinds[meats + i]?.state ?? '';
    const asTold = told.kinds[meats + i]?.state ?? '';
    return (
      STARCHES.test(p.softening.id) && HARDNESS.includes(state) && asTold !== state && asTold !== 'still hard'
    );
  });
}

/** Off the bone, and no worse for it: as long as this many times the computed minutes. Source: 15-20 min where 9-13 are tender; spread 20 %. */
const OFF_THE_BONE = 1.75;
/** A minute or two more is what clocks and cooks differ by. */
const LITTLE_MORE_MIN = 2;
const isLittleMore = (heat: HeatForecast, minutes: number): boolean =>
  heat.tenderness === 'falling apart' &&
  minutes <= Math.max(heat.suggestedMin + LITTLE_MORE_MIN, heat.suggestedMin * OFF_THE_BONE);

/** True where cooked meat is shredded or sliced and nobody takes a bone out: a recipe that says neither means boneless. */
const isWorkedWithoutBones = (acts: readonly Act[]): boolean =>
  acts.some((a) => a.run > 0 && (a.verb === 'shred' || a.verb === 'slice')) &&
  !acts.some((a) => a.verb === 'bone' || /\bbones?\b/i.test(a.words));

/** Slices that are spread, filled and rolled. */
const ROLLED_UP = /\broll(?:ed)?\b.{0,20}\bup\b|\broll(?:ed)? (?:tightly|each)\b/i;

/** Meat with little to melt, by minutes at 95 °C: well over its safe figure it is eaten with pleasure, if not yet off the bone. */
const QUICK_AT_95_MIN = 40;
/** How far over its safe figure that is, °C. Source: thighs and sausages as served, 82-90 °C; spread 4 °C. */
const WELL_DONE_C = 10;

/** Cut so small it is one bite, mm. Source: "bite-sized" as cooks cut it, 20-30 mm; spread 20 %. */
const BITE_MM = 30;

/** How many times the computed minutes pulled or minced meat stands. Source: printed recipes for shredded breast; spread 30 %. */
const PULLED_MOST = 4;

/**
 * True when a recipe's minutes leave the deciding meat hot and tender here, not dry, and not below the floor of any cut. What is pulled
 * to shreds or is minced may fall apart, and stirred back into its sauce it does not go dry on the plate.
 */
function doesNoHarm(
  heat: HeatForecast,
  input: HeatInput,
  minutes: number,
  { mayFall, isBites }: { mayFall: boolean; isBites: boolean },
): boolean {
  const ofTheCut = Math.max(0, ...input.judged.map((j) => j.doneness.floorMin));
  const safeC = input.judged[heat.lead]?.doneness.safeC ?? null;
  const isHot = safeC === null || (heat.coreAtEndC ?? 0) >= safeC;
  const lead = input.judged[heat.lead]?.doneness;
  const isQuickMeat = lead !== undefined && lead.dryAfterMin === null && lead.tenderAt95Min < QUICK_AT_95_MIN;
  const isWellDone = safeC !== null && (heat.coreAtEndC ?? 0) >= safeC + WELL_DONE_C;
  const isDoneThough = isQuickMeat && isWellDone;
  // Bites that are well over their figure need no cut's least minutes: pasta beside them has its own.
  const floor = isBites && isWellDone ? 0 : ofTheCut;
  const isRight =
    isDoneThough ||
    heat.tenderness === 'tender' ||
    heat.tenderness === 'just done' ||
    isLittleMore(heat, minutes) ||
    (mayFall && heat.tenderness !== 'under' && minutes <= PULLED_MOST * Math.max(floor, heat.suggestedMin));
  const isAllTender = heat.kinds.every(
    (k, i) => (k.state !== 'under' || (isDoneThough && i === heat.lead)) && (mayFall || k.state !== 'dry'),
  );
  return isHot && isRight && isAllTender && minutes >= floor;
}

/** How the pressure is let go: the cook's setting, the household's rule, the recipe where it is harmless, the cut. */
function releaseTold(
  hints: MethodHints | null,
  byCut: HeatInput['release'],
  dish: Dish,
  rules: HouseRules,
  { fill, items }: Pick<LoadedPot, 'fill' | 'items'>,
): { release: HeatInput['release']; ventAfterMin: number } {
  const told = hints?.release ?? null;
  const isOwn = dish.settings.release !== null || rules.release !== 'by-cut' || rules.minutes !== 'recipe';
  // What goes in for the second lid, or once the pot is open, does not foam under the first.
  const isFoaming =
    fill.shareOfLimit > FOAMS_FROM && items.some((i) => !i.line.later && !isHeldBack(i.moment) && foams(i));
  if (isOwn || told === null || (told === 'quick' && isFoaming))
    return { release: byCut, ventAfterMin: VENT_AFTER_MIN };
  return {
    release: told,
    ventAfterMin: told === 'ten' ? (hints?.releaseMin ?? VENT_AFTER_MIN) : VENT_AFTER_MIN,
  };
}

/**
 * Plans a dish in a kitchen: moments, liquid, fill, floor, minutes, sauce, findings, steps and times. Pure: the same dish
 * and kitchen give the same plan. The one door the app uses for a dish. Never throws on anything a cook can type.
 */
export function planDish(dish: Dish, household: Kitchen, options: PlanOptions = {}): Plan {
  const calibration = options.calibration ?? NO_CALIBRATION;
  const load = (d: Dish): LoadedPot => loadPot(d, household);
  const { rules, pot, kitchen, items, liquid, fill, floor, boil } = load(dish);
  const pantry = pantryFor(kitchen);
  const heatOf = (d: Dish): Heated => heatDish(d, load(d), calibration);
  const heated = heatDish(dish, { rules, pot, kitchen, items, liquid, fill, floor, boil }, calibration);
  const { meat, release, ventAfterMin, told } = heated;
  const { plants, kinds, heating, heat } = heated;
  const salt = saltG(items);
  const script = scriptOf(dish, pantry, items);
  const acts = script?.acts ?? [];
  const kindAt = (line: number) => items.find((i) => i.index === line)?.read.food?.kind;
  const turned = new Set(acts.filter((a) => isTurnedInBase(acts, a, kindAt)).map((a) => a.id));
  const batches = batchesTold(acts) ?? searBatches(meat, pot, (item) => turned.has(item.actId ?? ''));
  const sauce = planSauce(dish, rules, items, liquid, meat, calibration, salt, script);
  const needs = brokenNeeds(items, dish.plates, kitchen);
  const judged = {
    dish,
    kitchen,
    pantry,
    rules,
    pot,
    items,
    meat,
    kinds,
    liquid,
    fill,
    floor,
    boil,
    heat,
    release,
    ventAfterMin,
    told,
    batches,
    saltG: salt,
    needs,
    script,
    load,
    heatOf,
  };
  const steps = buildSteps({
    ...judged,
    presentPercent: sauce.input.presentPercent,
    dosing: sauce.input,
  });
  return {
    dish,
    pot,
    rules,
    calibration,
    items,
    script,
    moments: MOMENTS.map((moment) => ({ moment, items: inOrder(items, moment) })).filter(
      (g) => g.items.length > 0,
    ),
    held: usedItems(items, dish).filter((i) => isHeldBack(i.moment)),
    meat,
    plants,
    kinds,
    batches,
    release,
    ventAfterMin,
    told,
    heating,
    liquid,
    fill,
    floor,
    boil,
    heat,
    sauce,
    needs,
    findings: judge(judged),
    steps,
    timing: timeSteps(steps),
  };
}

/** The steps of a plan of which something was replaced: a forecast that went otherwise, a sauce that was measured. */
export function stepsOf(plan: Plan, kitchen: Kitchen): Step[] {
  return buildSteps({
    ...plan,
    kitchen,
    presentPercent: plan.sauce.input.presentPercent,
    dosing: plan.sauce.input,
  });
}

/** The script of a dish's method, read from its lines as they were placed. */
function scriptOf(dish: Dish, pantry: Pantry, items: readonly PlacedItem[]): Script | null {
  const byIndex = new Map(items.map((i) => [i.index, i.read]));
  const lines = dish.lines.flatMap((line, i) => {
    const read = byIndex.get(i);
    return read ? [{ read, section: line.section }] : [];
  });
  return lines.length === dish.lines.length ? scriptOfDish(dish, lines, pantry) : null;
}

/** True when the vegetables are blended into the sauce, by either of the rules that ask for it. */
function isBlended(rules: HouseRules): boolean {
  return rules.texture === 'blended' || rules.thickener === 'blended';
}

/**
 * The steps of a plan once the sauce has been measured: waits, tempering, boiling down and glazing sized for the sauce that is
 * really there instead of the forecast of it, and for what the cook takes to thicken it.
 */
export function stepsWithSauce(
  plan: Plan,
  household: Kitchen,
  sauceG: number,
  presentPercent: number,
  thickener?: ThickenerId,
): Step[] {
  return buildSteps({
    ...plan,
    kitchen: household,
    liquid: { ...plan.liquid, sauceAfterG: { low: sauceG * 0.95, mid: sauceG, high: sauceG * 1.05 } },
    presentPercent,
    dosing: { ...plan.sauce.input, sauceG, presentPercent },
    ...(thickener ? { thickener } : {}),
  });
}

function planSauce(
  dish: Dish,
  rules: HouseRules,
  items: readonly PlacedItem[],
  liquid: LiquidSum,
  meat: readonly MeatPiece[],
  calibration: Calibration,
  salt: number,
  script: Script | null,
): SaucePlan {
  // A glaze is sized on what is left after boiling down.
  const glazed = glazedOf(items, dish.settings.aim, meat, liquid.sauceAfterG.mid);
  const sauceG = glazed?.leftG ?? leftAfterBoiling(script, liquid.sauceAfterG.mid);
  const left = liquid.sauceAfterG.mid > 0 ? sauceG / liquid.sauceAfterG.mid : 1;
  const aimPercent = thicknessOf(dish.settings.aim).percent;
  const later = laterAdditions(items);
  const bound = boundWith(items, rules);
  const input: DoseInput = {
    sauceG,
    sauceSpread:
      liquid.sauceAfterG.mid > 0
        ? (liquid.sauceAfterG.high - liquid.sauceAfterG.low) / 2 / liquid.sauceAfterG.mid
        : 0,
    presentPercent: sauceG > 0 ? (100 * presentStrengthG(items, isBlended(rules))) / sauceG : 0,
    aimPercent: glazed ? Math.min(aimPercent, thicknessOf('glaze').percent) : aimPercent,
    thickener: bound.thickener,
    ...(bound.writtenG > 0 ? { writtenG: bound.writtenG } : {}),
    waterPerStarch: SLURRY_WATER[rules.slurryWater],
    laterG: later.massG,
    laterStrengthG: later.strengthG,
    sharpness: sharpnessOf(items, sauceG),
    sugarShare: sugarShareOf(items, sauceG),
    householdFactor: calibration.starchFactor > 0 ? 1 / calibration.starchFactor : 1,
  };
  const { low, mid, high } = liquid.sauceAfterG;
  return {
    input,
    dose: doseFor(input),
    saltG: salt,
    leftG: { low: low * left, mid: mid * left, high: high * left },
    already: presentParts(items, sauceG, isBlended(rules)),
  };
}
