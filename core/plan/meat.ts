import { isHeldBack } from '../dish/moment';
import type { Dish } from '../dish/dish';
import type { HouseRules } from '../dish/houseRules';
import { CUBED_EXPONENT, cutById, SAFE_C, type Cut } from '../heat/data/cuts';
import type { PieceSpec } from '../heat/piece';
import { forecastHeat, type Doneness, type HeatForecast, type HeatInput } from '../heat/simulate';
import type { PlacedItem } from '../moments/place';
import type { Fill } from '../pot/layers';
import { floorAreaCm2, type Pot } from '../pot/pot';
import {
  LAG_PIECE,
  LUMP_J_PER_KG_K,
  PIECE_FLATNESS,
  SEAR_COVER,
  START_C,
  THICKEST_FACTOR,
} from './data/work';
import type { Calibration, Kitchen } from './kitchen';

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
  startC: number;
  doneness: Doneness;
}

/** What lies in pieces or on top and warms after the liquid does. */
const LAGGING = /^(?:root-veg|slow-veg|quick-veg|fruit|tomato-.*|thick-sauce|pulse-cooked|leaf)$/;

const MEAT_KINDS = /^(?:poultry|red-meat|ground-meat|sausage)$/;

/** The meat under the lid, heaviest first: the first one decides the minutes. */
export function meatPieces(items: readonly PlacedItem[], dish: Dish, kitchen: Kitchen): MeatPiece[] {
  const found = items.flatMap((item): MeatPiece[] => {
    const food = item.read.food;
    const cut = cutById(food?.cut);
    if (
      !food ||
      !cut ||
      !MEAT_KINDS.test(food.kind) ||
      isHeldBack(item.moment) ||
      item.massG.mid <= 0 ||
      item.read.cooked
    )
      return [];
    const cubed = item.read.cut === 'cubed';
    const boneless = item.read.bone === 'out' || cubed || item.read.cut === 'sliced';
    const said = item.read.thicknessMm;
    const usual = boneless && cut.bonelessMm ? cut.bonelessMm : cut.thicknessMm;
    const frozen = item.read.frozen;
    return [
      {
        item,
        cut,
        label: food.names[0] ?? cut.name,
        massG: item.massG.mid,
        thicknessMm: said ?? usual,
        thicknessAssumed: said === null,
        cubed,
        boneless,
        frozen,
        startC: frozen ? START_C.frozen : item.moment === 'sear' ? START_C.seared : START_C.fridge,
        doneness: {
          safeC: SAFE_C[kitchen.authority][cut.safe],
          tenderAt95Min: cut.tenderAt95Min,
          dryAfterMin: cut.dryAfterMin,
        },
      },
    ];
  });
  found.sort((a, b) => b.massG - a.massG);
  const main = found[0];
  if (main) {
    if (dish.settings.thicknessMm !== null) {
      main.thicknessMm = dish.settings.thicknessMm;
      main.thicknessAssumed = false;
    }
    if (dish.settings.frozen !== null) {
      main.frozen = dish.settings.frozen;
      main.startC = main.frozen
        ? START_C.frozen
        : main.item.moment === 'sear'
          ? START_C.seared
          : START_C.fridge;
    }
  }
  return found;
}

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
  return byCut === 'quick' && fill.foaming.length > 0 && fill.shareOfLimit > 0.5 ? 'ten' : byCut;
}

/** Builds the simulation's input from the loaded pot. */
export function heatInput(
  items: readonly PlacedItem[],
  meat: readonly MeatPiece[],
  dish: Dish,
  pot: Pot,
  kitchen: Kitchen,
  release: HeatInput['release'],
  calibration: Calibration,
): HeatInput {
  const meatIds = new Set(meat.map((m) => m.item.lineId));
  let joules = 0;
  let heat = 0;
  let laggingG = 0;
  for (const item of items) {
    if (isHeldBack(item.moment) || (meatIds.has(item.lineId) && item.read.food?.cut)) continue;
    if (item.moment === 'lid' && LAGGING.test(item.read.food?.kind ?? '') && !item.read.frozen) {
      laggingG += item.massG.mid;
      continue;
    }
    const jPerK = (item.massG.mid / 1000) * LUMP_J_PER_KG_K;
    const temp =
      item.moment === 'lid'
        ? item.read.frozen
          ? START_C.frozenVeg
          : kitchen.roomC
        : item.moment === 'deglaze'
          ? START_C.deglazed
          : START_C.softened;
    joules += jPerK;
    heat += jPerK * temp;
  }
  const seared = items.some((i) => i.moment === 'sear' || i.moment === 'aromatics');
  const metalC = seared ? START_C.searedPot : kitchen.roomC;
  const lumpJPerK = Math.max(300, joules);
  const startC = (heat + pot.metalJPerK * metalC) / (joules + pot.metalJPerK);
  const gauge = dish.settings.pressure === 'low' ? pot.lowKPa : pot.highKPa;
  const pieces: PieceSpec[] = meat.map((m) => ({
    massG: m.massG,
    thicknessMm: m.thicknessMm * THICKEST_FACTOR * (m.boneless ? 1 : m.cut.depth),
    exponent: m.cubed ? CUBED_EXPONENT : m.cut.exponent,
    conduction: m.cut.conduction,
    startC: m.startC,
  }));
  if (laggingG > 0) pieces.push({ ...LAG_PIECE, massG: laggingG, startC: kitchen.roomC });
  const main = meat[0];
  return {
    pot: {
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
    deciding: main ? { index: 0, doneness: main.doneness } : null,
    release,
    minutes: dish.settings.minutes,
    comeUpFactor: calibration.comeUpFactor,
    releaseFactor: calibration.releaseFactor,
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

/** Forecasts made before, by their whole input: most edits of a dish change nothing that heats. */
const FORECAST_BEFORE = new Map<string, HeatForecast>();
const KEPT_FORECASTS = 100;

function forecastOnce(input: HeatInput): HeatForecast {
  const key = JSON.stringify(input);
  const before = FORECAST_BEFORE.get(key);
  if (before) return before;
  const forecast = forecastHeat(input);
  if (FORECAST_BEFORE.size >= KEPT_FORECASTS) FORECAST_BEFORE.clear();
  FORECAST_BEFORE.set(key, forecast);
  return forecast;
}

/** Batches needed to brown the meat in one layer on this pot's floor. */
export function searBatches(meat: readonly MeatPiece[], pot: Pot): number {
  const area = meat
    .filter((m) => m.item.moment === 'sear')
    .reduce(
      (s, m) =>
        s +
        (m.cut.id === 'ground-meat' ? m.massG / 3 : m.massG / 1.05 / ((m.thicknessMm / 10) * PIECE_FLATNESS)),
      0,
    );
  return area > 0 ? Math.max(1, Math.ceil(area / (floorAreaCm2(pot) * SEAR_COVER) - 0.1)) : 0;
}
