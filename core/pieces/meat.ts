import { USUAL_CUBE_MM } from '../dish/descriptors';
import { isHeldBack } from '../dish/moment';
import type { Dish } from '../dish/dish';
import type { HouseRules } from '../dish/houseRules';
import {
  CUBED_EXPONENT,
  cutById,
  isLoose,
  SAFE_C,
  CUBED_POULTRY_MM,
  ROLLED_MM,
  SLICED_POULTRY_MM,
  SLICED_SAUSAGE_MM,
  THICKEST_FACTOR,
  type Cut,
  FROZEN_FLOOR,
} from '../heat/data/cuts';
import type { PieceSpec } from '../heat/piece';
import type { Food, FoodKind } from '../pantry/food';
import { foodWords } from '../pantry/words';
import { shortName } from '../dish/names';
import { softeningOf, type Softening } from '../heat/data/softness';
import { donenessOf, type Doneness } from '../heat/doneness';
import { pressureRuns } from '../dish/pressure';
import { forecastHeat, type HeatForecast, type HeatInput } from '../heat/simulate';
import type { PlacedItem } from '../moments/item';
import type { SizeTold } from '../script/act';
import type { Fill } from '../pot/layers';
import { floorAreaCm2, type Pot } from '../pot/pot';
import { kept } from '../quantity/kept';
import {
  LAG_PIECE,
  LUMP_EXPONENT,
  LUMP_FLATNESS,
  LUMP_J_PER_KG_K,
  PIECE_FLATNESS,
  PLANT_SHELLS,
  POURED_C,
  searedC,
  SEAR_COVER,
  START_C,
  STIRRED_MM,
  WORK,
} from './data/work';
import type { Calibration, Kitchen } from '../kitchen/kitchen';

/** One kind of meat in the pot, as the heat room needs it. */
export interface MeatPiece {
  item: PlacedItem;
  cut: Cut;
  label: string;
  massG: number;
  thicknessMm: number;
  /** True when the thickness is the cut's usual one rather than something the cook said. */
  thicknessAssumed: boolean;
  cubed: boolean;
  boneless: boolean;
  frozen: boolean;
  /** One lump of all of it, which nobody can predict. */
  fused: boolean;
  /** Goes in when the pot is opened in between. */
  later: boolean;
  startC: number;
  /** What the thermometer has to show, °C, by the household's authority. */
  safeC: number;
  doneness: Doneness;
}

/** One kind of vegetable, pulse or grain under the lid whose softness is followed. */
export interface PlantPiece {
  lineIds: string[];
  softening: Softening;
  label: string;
  massG: number;
  sizeMm: number;
  sizeAssumed: boolean;
  later: boolean;
}

/** What lies in pieces or on top and warms after the liquid does. */
const LAGGING = /^(?:root-veg|slow-veg|quick-veg|fruit|tomato-.*|thick-sauce|pulse-cooked|leaf)$/;

const HAS_LENGTH = /\d\s?-?(?:mm|cm|inch(?:es)?|in\b|["”″])/i;
const DICED = /\b(?:cube|chunk|dice|bite|curry)/i;

const MEAT_KINDS = /^(?:poultry|red-meat|ground-meat|sausage)$/;

/** How the food of a line cooks; a bird that is cut up, or only weighed out, cooks as its pieces do. */
function cutOf({ read }: PlacedItem): Cut | undefined {
  const cut = cutById(read.food?.cut);
  if (cut?.id !== 'whole-chicken') return cut;
  const isCounted = read.amount?.unitId === 'each' || read.amount?.unitId === 'piece';
  const isWhole = read.cut === 'whole' || (isCounted && read.cut === null);
  return isWhole && !read.jointed ? cut : cutById('chicken-thigh');
}

/** What the method tells of the meat. */
interface MeatTold {
  /** The cooked meat is worked and no bone is taken out. */
  hasNoBones?: boolean;
  /** Slices are filled and rolled up. */
  isRolled?: boolean;
  /** Mince is filled into vegetables: as thick as they are. */
  isStuffed?: boolean;
  /** How a line is cut, where the line itself does not say. */
  sizeOf?: (lineId: string) => Omit<SizeTold, 'index'> | undefined;
}

/**
 * The meat under the lid, what is there from the start before what comes later, heaviest first. `hasNoBones` where the recipe works
 * the cooked meat and takes no bone out: what is sold both ways is boneless then, unless its line says otherwise.
 */
export function meatPieces(
  items: readonly PlacedItem[],
  dish: Dish,
  kitchen: Kitchen,
  { hasNoBones = false, isRolled = false, isStuffed = false, sizeOf = () => undefined }: MeatTold = {},
): MeatPiece[] {
  const found = items.flatMap((item): MeatPiece[] => {
    const food = item.read.food;
    const isFilling = isStuffed && food?.kind === 'ground-meat';
    const cut = isFilling ? cutById('filling') : cutOf(item);
    if (
      !food ||
      !cut ||
      !MEAT_KINDS.test(food.kind) ||
      isHeldBack(item.moment) ||
      item.massG.mid <= 0 ||
      item.read.cooked
    )
      return [];
    const told = item.read.cut === null && item.read.thicknessMm === null ? sizeOf(item.lineId) : undefined;
    // "1 fryer, cut up": in joints, and nobody dices a bird.
    const isInJoints = food.cut === 'whole-chicken' && item.read.jointed && !DICED.test(item.read.text);
    const cubed = (item.read.cut === 'cubed' && !isInJoints) || told?.isCubed === true;
    const boneless =
      item.read.bone === 'out' ||
      cubed ||
      // What is sliced across its bone keeps a piece of it in every slice.
      (item.read.cut === 'sliced' && cut.cubes) ||
      (hasNoBones && item.read.bone === null && cut.bonelessMm !== undefined);
    const ordinary = boneless && cut.bonelessMm ? cut.bonelessMm : cut.thicknessMm;
    const written =
      (isInJoints && !item.read.isSized ? null : item.read.thicknessMm) ?? told?.thicknessMm ?? null;
    // A cube is no thicker than what it is cut from: a thigh gives flat pieces, however long they are.
    const isOfPoultry = cubed && food.kind === 'poultry';
    const isUnsized = written === USUAL_CUBE_MM && told === undefined && !item.read.isSized;
    // A piece of a thigh is no thicker than the thigh.
    const most = ordinary;
    const said =
      isOfPoultry && written !== null
        ? Math.min(written, isUnsized ? CUBED_POULTRY_MM : most, most)
        : // "Brisket, cut crosswise into 2 pieces": each is as thick as the brisket.
          written !== null && cut.flat && !HAS_LENGTH.test(item.read.text)
          ? Math.min(written, ordinary)
          : written;
    const isSliced = item.read.cut === 'sliced';
    const slice =
      food.kind === 'poultry' ? SLICED_POULTRY_MM : food.kind === 'sausage' ? SLICED_SAUSAGE_MM : ordinary;
    const usual = isSliced ? Math.min(slice, ordinary) : ordinary;
    const rolled = isRolled && food.kind === 'red-meat' && (said ?? usual) < ROLLED_MM ? ROLLED_MM : null;
    const frozen = item.read.frozen;
    const safeC = SAFE_C[kitchen.authority][cut.safe];
    return [
      {
        item,
        cut,
        label: labelOf(item.read, food, cut.name),
        massG: item.massG.mid,
        thicknessMm: rolled ?? said ?? usual,
        thicknessAssumed: said === null,
        cubed,
        boneless,
        frozen,
        fused: false,
        later: item.line.later === true,
        startC: startOf(item, frozen, said ?? usual),
        safeC,
        doneness: shortFibred(donenessOf(cut, kitchen.authority), item.read.cut === 'sliced', said ?? usual),
      },
    ];
  });
  found.sort((a, b) => Number(a.later) - Number(b.later) || b.massG - a.massG);
  const main = found[0];
  if (main) {
    if (dish.settings.thicknessMm !== null) {
      main.thicknessMm = dish.settings.thicknessMm;
      main.thicknessAssumed = false;
    }
    if (dish.settings.frozen !== null) {
      main.frozen = dish.settings.frozen;
    }
    main.startC = startOf(main.item, main.frozen, main.thicknessMm);
    if (dish.settings.fused && main.frozen) {
      main.fused = true;
      main.thicknessMm = Math.max(main.thicknessMm, lumpMm(main.massG));
    }
  }
  for (const piece of found)
    if (piece.frozen)
      piece.doneness = {
        ...piece.doneness,
        floorMin: Math.ceil(piece.doneness.floorMin * FROZEN_FLOOR),
      };
  return found;
}

/**
 * Strips are cut across the grain: their fibres are short before anything melts, and half of the melting is enough; what is
 * as thick as a finger and more is a piece like any other. Source: printed minutes for strips against cubes; spread 30 %.
 */
const STRIPS = { thinMm: 12, thickMm: 20, share: 0.5 } as const;
function shortFibred(doneness: Doneness, isSliced: boolean, thicknessMm: number): Doneness {
  if (!isSliced || thicknessMm >= STRIPS.thickMm) return doneness;
  const thin = Math.min(1, (STRIPS.thickMm - thicknessMm) / (STRIPS.thickMm - STRIPS.thinMm));
  return { ...doneness, tenderAt95Min: doneness.tenderAt95Min * (1 - (1 - STRIPS.share) * thin) };
}

/** Temperature at which a piece goes under the lid, °C. */
function startOf(item: PlacedItem, frozen: boolean, thicknessMm: number): number {
  if (frozen) return START_C.frozen;
  return item.moment === 'sear' ? searedC(thicknessMm) : START_C.fridge;
}

/** Smallest side of a frozen lump of this mass, mm: as wide as long and half as thick, as a pack freezes. */
function lumpMm(massG: number): number {
  return 10 * (massG / 1.05 / LUMP_FLATNESS ** 2) ** (1 / 3);
}

/** Most kinds of plant followed one by one; what is least of them warms with the rest. */
const MOST_PLANTS = 4;

/** Under the lid they soften all the same, whether the method put them in with the stock or turned them in the fat first. */
const DRINKS: ReadonlySet<FoodKind> = new Set(['pulse-dry', 'grain', 'pasta']);

/** The vegetables, pulses, grains and pasta under the lid whose softness is followed, heaviest first. */
export function plantPieces(items: readonly PlacedItem[]): PlantPiece[] {
  const found = new Map<string, PlantPiece>();
  for (const item of items) {
    const { food } = item.read;
    const isUnder = food && (item.moment === 'lid' || (DRINKS.has(food.kind) && !isHeldBack(item.moment)));
    if (!isUnder || item.read.frozen || item.line.on === 'bowl' || item.massG.mid <= 0) continue;
    const name = `${item.read.foodText} ${food.names[0] ?? ''}`;
    const softening = softeningOf(name, food.kind, item.read.soaked);
    if (!softening || item.read.cooked || item.read.canned) continue;
    const said = item.line.thicknessMm ?? item.read.thicknessMm;
    const sizeMm = Math.min(said ?? softening.sizeMm, softening.grownMm ?? Number.POSITIVE_INFINITY);
    const later = item.line.later === true;
    const key = `${softening.id} ${sizeMm} ${later}`;
    const before = found.get(key);
    if (before) {
      before.massG += item.massG.mid;
      before.lineIds.push(item.lineId);
      continue;
    }
    found.set(key, {
      lineIds: [item.lineId],
      softening,
      label: softening.name,
      massG: item.massG.mid,
      sizeMm,
      sizeAssumed: said === null,
      later,
    });
  }
  return [...found.values()].sort((a, b) => b.massG - a.massG).slice(0, MOST_PLANTS);
}

/** What to call the meat of a line: the name that was met; in the cook's words where that is what it was taken for, "Italian sausage" of its casings. */
function labelOf(read: PlacedItem['read'], food: Food, cutName: string): string {
  const known = read.known || (food.names[0] ?? cutName);
  const words = foodWords(read.foodText);
  const isMet = foodWords(known).some((w) => words.includes(w));
  return isMet || !read.foodText ? known : shortName(read);
}

/** True of raw beans of the kidney kind, unless the line says that they are boiled, or they only stand on the table. */
export function needsBoilingFirst({ read, moment, massG }: PlacedItem): boolean {
  return read.food?.boilFirst === true && !read.boiled && moment !== 'serve' && massG.mid > 0;
}

/** Share of the half-full line of foaming food from which it is not vented at once. Source: the usual caution; spread 10 %. */
export const FOAMS_FROM = 0.9;

/** How the pressure should be let go, by the dish, the household's rule and the cut. */
export function releaseFor(
  dish: Dish,
  rules: HouseRules,
  main: MeatPiece | undefined,
  fill: Pick<Fill, 'foaming' | 'shareOfLimit'>,
): 'quick' | 'ten' | 'natural' {
  if (dish.settings.release) return dish.settings.release;
  if (rules.release !== 'by-cut') return rules.release;
  const byCut = !main
    ? 'quick'
    : main.cubed && main.cut.safe === 'poultry'
      ? 'quick'
      : main.cubed || main.thicknessMm >= 20
        ? main.cut.release
        : 'quick';
  return byCut === 'quick' && fill.foaming.length > 0 && fill.shareOfLimit > FOAMS_FROM ? 'ten' : byCut;
}

/** The judged pieces of a plan, in the order of the forecast's `kinds`: first those there from the start, then those added. */
export interface JudgedKinds {
  meat: readonly MeatPiece[];
  plants: readonly PlantPiece[];
}

/** What each of the forecast's `kinds` is. */
export function kindsOf({ meat, plants }: JudgedKinds): (MeatPiece | PlantPiece)[] {
  return [false, true].flatMap((later) => [
    ...meat.filter((m) => m.later === later),
    ...plants.filter((p) => p.later === later),
  ]);
}

/** The meat that takes longest and so decides the minutes; the main one where nothing is judged. */
export function decider(
  kinds: readonly (MeatPiece | PlantPiece)[],
  heat: Pick<HeatForecast, 'lead'>,
): MeatPiece | undefined {
  const lead = kinds[heat.lead];
  return lead && 'cut' in lead ? lead : kinds.find((k): k is MeatPiece => 'cut' in k);
}

function meatSpec(m: MeatPiece): PieceSpec {
  return {
    massG: m.massG,
    thicknessMm: m.thicknessMm * (m.fused ? 1 : THICKEST_FACTOR * (m.boneless ? 1 : m.cut.depth)),
    exponent: m.fused ? LUMP_EXPONENT : m.cubed ? CUBED_EXPONENT : m.cut.exponent,
    conduction: m.cut.conduction,
    startC: m.startC,
    ...(m.item.line.on === 'rack' ? { onRack: true } : {}),
  };
}

function plantSpec(p: PlantPiece, roomC: number): PieceSpec {
  return {
    massG: p.massG,
    // The thickest of them is no thicker than they grow.
    thicknessMm: Math.min(p.sizeMm * THICKEST_FACTOR, p.softening.grownMm ?? Number.POSITIVE_INFINITY),
    exponent: p.softening.exponent,
    conduction: LAG_PIECE.conduction,
    startC: roomC,
    shells: PLANT_SHELLS,
  };
}

const plantDoneness = (p: PlantPiece): Doneness => ({
  safeC: null,
  lethality: null,
  tenderAt95Min: p.softening.softAt95Min,
  dryAfterMin: null,
  apart: p.softening.apart,
  floorMin: p.softening.floorMin ?? 0,
});

const specOf = (kind: MeatPiece | PlantPiece, roomC: number): PieceSpec =>
  'cut' in kind ? meatSpec(kind) : plantSpec(kind, roomC);
const donenessIn = (kind: MeatPiece | PlantPiece): Doneness =>
  'cut' in kind ? kind.doneness : plantDoneness(kind);

/** Builds the simulation's input from the loaded pot. */
export function heatInput(
  items: readonly PlacedItem[],
  judged: JudgedKinds,
  dish: Dish,
  pot: Pot,
  kitchen: Kitchen,
  rules: HouseRules,
  release: HeatInput['release'],
  calibration: Calibration,
): HeatInput {
  const kinds = kindsOf(judged);
  const first = kinds.filter((k) => !k.later);
  const added = kinds.filter((k) => k.later);
  const followed = new Set([
    ...judged.meat.map((m) => m.item.lineId),
    ...judged.plants.flatMap((p) => p.lineIds),
  ]);
  const now = { joules: 0, heat: 0, laggingG: 0 };
  const then = { joules: 0, heat: 0, laggingG: 0 };
  const seared = items.some((i) => i.moment === 'sear' || i.moment === 'aromatics');
  // What is poured to lift the film takes up what the heater gives meanwhile; in a cold pot it stays as it came.
  const deglazedG = items.reduce((sum, i) => sum + (i.moment === 'deglaze' ? i.massG.mid : 0), 0);
  const boiledUpC = seared
    ? (pot.heaterW * WORK.deglazeMin * 60) / Math.max(1, (deglazedG / 1000) * LUMP_J_PER_KG_K)
    : 0;
  for (const item of items) {
    const isFollowed =
      followed.has(item.lineId) && (item.read.food?.cut !== undefined || item.moment === 'lid');
    if (isHeldBack(item.moment) || isFollowed) continue;
    const into = item.line.later && item.moment === 'lid' ? then : now;
    if (item.moment === 'lid' && LAGGING.test(item.read.food?.kind ?? '') && !item.read.frozen) {
      into.laggingG += item.massG.mid;
      continue;
    }
    const jPerK = (item.massG.mid / 1000) * LUMP_J_PER_KG_K;
    const asItComes = item.read.frozen
      ? START_C.frozenVeg
      : item.read.poured
        ? POURED_C[item.read.poured]
        : kitchen.roomC;
    const temp =
      item.moment === 'lid'
        ? asItComes
        : item.moment === 'deglaze'
          ? Math.min(Math.max(START_C.deglazed, asItComes), asItComes + boiledUpC)
          : START_C.softened;
    into.joules += jPerK;
    into.heat += jPerK * temp;
  }
  const metalC = seared ? START_C.searedPot : kitchen.roomC;
  const lumpJPerK = Math.max(300, now.joules);
  const startC = (now.heat + pot.metalJPerK * metalC) / (now.joules + pot.metalJPerK);
  const gauge = dish.settings.pressure === 'low' ? pot.lowKPa : pot.highKPa;
  const lag = (massG: number): PieceSpec[] =>
    massG > 0 ? [{ ...LAG_PIECE, massG, startC: kitchen.roomC, shells: PLANT_SHELLS }] : [];
  const pieces = [...first.map((k) => specOf(k, kitchen.roomC)), ...lag(now.laggingG)];
  const again = dish.settings.again;
  const told = dish.method ? pressureRuns(dish.method)[1] : undefined;
  const toldAgain = told?.minutes ?? null;
  // Closed again with nothing new in it, for the meat to go on.
  const isClosedAgain = toldAgain !== null && told?.release !== null;
  const hasLater = added.length > 0 || then.joules + then.laggingG > 0 || isClosedAgain;
  const toldRelease = rules.minutes === 'recipe' ? (told?.release ?? null) : null;
  return {
    pot: {
      kind: pot.kind,
      heaterW: pot.heaterW,
      lossWPerK: pot.lossWPerK,
      metalJPerK: pot.metalJPerK,
      gaugeKPa: (gauge[0] + gauge[1]) / 2,
    },
    altitudeM: kitchen.altitudeM,
    roomC: kitchen.roomC,
    lumpJPerK,
    startC: Math.max(0, startC),
    pieces,
    judged: first.map((kind, index) => ({ index, doneness: donenessIn(kind) })),
    release,
    minutes: dish.settings.minutes,
    ...(hasLater
      ? {
          second: {
            then: again?.then ?? 'pressure',
            minutes: again ? again.minutes : rules.minutes === 'recipe' ? toldAgain : null,
            pieces: [...added.map((k) => specOf(k, kitchen.roomC)), ...lag(then.laggingG)],
            judged: added.map((kind, i) => ({ index: pieces.length + i, doneness: donenessIn(kind) })),
            lumpJPerK: then.joules,
            startC: then.joules > 0 ? Math.max(0, then.heat / then.joules) : kitchen.roomC,
            openS: WORK.addAgainMin * 60,
            ...(toldRelease ? { release: toldRelease } : {}),
            ...(told?.releaseMin ? { ventAfterMin: told.releaseMin } : {}),
          },
        }
      : {}),
    ...(dish.settings.keepWarmMin ? { keepWarmS: dish.settings.keepWarmMin * 60 } : {}),
    comeUpFactor: calibration.comeUpFactor,
    releaseFactor: calibration.releaseFactor,
    ...(calibration.known ? { known: calibration.known } : {}),
  };
}

/** The forecast under the household's frozen-meat rule: "same minutes" keeps the fresh minutes and lets the thermometer decide. */
export function forecastFor(input: HeatInput, frozen: boolean, rules: HouseRules): HeatForecast {
  if (!frozen || rules.frozen !== 'same' || input.minutes !== null) return forecastOnce(input);
  const fresh = forecastOnce({
    ...input,
    pieces: input.pieces.map((p) => ({ ...p, startC: Math.max(p.startC, START_C.fridge) })),
  });
  return forecastOnce({ ...input, minutes: fresh.suggestedMin });
}

/** A forecast, remembered by its whole input: most edits of a dish change nothing that heats. */
export const forecastOnce = kept<HeatInput, HeatForecast>(100, JSON.stringify, forecastHeat);

/** Strips and small cubes are stirred about; what is thicker lies as it is cut. */
const onTheFloorMm = ({ item, cubed, thicknessMm }: MeatPiece): number =>
  cubed || item.read.cut === 'sliced' ? Math.max(STIRRED_MM, thicknessMm) : thicknessMm;

/** Batches needed to brown the meat in one layer on this pot's floor; what is `turned` in a base goes in all at once. */
export function searBatches(
  meat: readonly MeatPiece[],
  pot: Pot,
  turned: (item: PlacedItem) => boolean = () => false,
): number {
  const seared = meat.filter((m) => m.item.moment === 'sear');
  const area = seared
    .filter((m) => !turned(m.item))
    .reduce(
      (s, m) =>
        s + (isLoose(m.cut) ? m.massG / 3 : m.massG / 1.05 / ((onTheFloorMm(m) / 10) * PIECE_FLATNESS)),
      0,
    );
  const fewest = seared.length > 0 ? 1 : 0;
  return area > 0 ? Math.max(fewest, Math.ceil(area / (floorAreaCm2(pot) * SEAR_COVER) - 0.1)) : fewest;
}
