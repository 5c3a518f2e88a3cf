import type { HouseRules } from '../dish/houseRules';
import { shortName } from '../dish/names';
import { isInTheSauce, looseG, type PlacedItem } from '../moments/item';
import type { FoodKind } from '../pantry/food';
import { FLOOR_FIGURES, KIND_RISK } from './data/floor';
import { LAYER_KINDS } from './data/layers';
import type { Fill } from './layers';
import type { LiquidSum } from './liquid';
import { floorAreaCm2, type Pot } from './pot';

/** One reason the floor may catch, with its own chance of doing so. */
interface ScorchPart {
  id: string;
  label: string;
  /** 0..1, as if it were the only reason. */
  risk: number;
  lineIds: string[];
  /** A film that nothing lifts; something thick that is stirred in instead of lying on top. */
  is?: 'unscraped' | 'stirred-in';
}

/** How likely the floor is to catch, and why. */
export interface FloorRisk {
  /** 0..1 over all parts: 1 minus the product of what each leaves. */
  risk: number;
  level: 'low' | 'some' | 'high';
  parts: ScorchPart[];
  /** What lies on the hot floor, in words. */
  touching: string;
}

const layerOf = new Map(LAYER_KINDS.flatMap((layer) => layer.kinds.map((kind) => [kind, layer.id] as const)));

/** What thickens all of the liquid it is in. */
const DISPERSED: ReadonlySet<string> = new Set(['flour', 'starch']);

/** What share of dairy or sugar still lies loose over the floor: fried into the base until the fat parts from it, or a caramel that was poured on, little does. */
function friedDown({ read, by, moment, boilsDown, isCaramel }: PlacedItem): number {
  if (isCaramel) return FLOOR_FIGURES.friedDown.value;
  const isFried = by === 'method' && (moment === 'aromatics' || moment === 'bloom');
  return read.food?.dairy && (boilsDown || isFried) ? FLOOR_FIGURES.friedDown.value : 1;
}

/** Adds up what may catch on the hot floor of this pot, loaded as it is; `isScraped` where the recipe scrapes it with a splash of no line. */
export function floorRisk(
  items: readonly PlacedItem[],
  pot: Pot,
  liquid: LiquidSum,
  rules: HouseRules,
  fill: Pick<Fill, 'layers' | 'broken'>,
  isScraped = false,
): FloorRisk {
  const under = items.filter((i) => isInTheSauce(i) && i.read.food);
  const parts: ScorchPart[] = [];
  // Flour in twice the liquid is half as thick over the floor.
  const dilution = Math.min(1, FLOOR_FIGURES.usualThinMl.value / Math.max(1, liquid.countedMl.mid));
  const seared =
    rules.browning === 'pot' &&
    under.some((i) => i.moment === 'sear' && /meat|poultry|sausage/.test(i.read.food?.kind ?? ''));
  const scraped = isScraped || under.some((i) => i.moment === 'deglaze');
  if (seared)
    parts.push({
      id: 'film',
      label: scraped ? 'brown film, once scraped' : 'brown film with nothing to lift it',
      risk: scraped ? FLOOR_FIGURES.filmScraped.value : FLOOR_FIGURES.filmLeft.value,
      lineIds: [],
      ...(scraped ? {} : { is: 'unscraped' as const }),
    });
  for (const [kind, row] of Object.entries(KIND_RISK)) {
    // What lies on the rack with its meat is off the floor.
    const mine = under.filter((i) => i.read.food?.kind === kind && i.line.on !== 'rack');
    const massG =
      mine.reduce((s, i) => s + looseG(i) * friedDown(i), 0) * (DISPERSED.has(kind) ? dilution : 1);
    if (massG < 2) continue;
    const layerId = layerOf.get(kind as FoodKind);
    const isLowest = layerId !== undefined && fill.layers[0]?.id === layerId;
    const moved = fill.broken.filter((c) => c.catches === layerId);
    const lower = Math.max(isLowest ? FLOOR_FIGURES.onTheFloor.value : 1, ...moved.map((c) => c.factor ?? 1));
    const stirred =
      kind.startsWith('tomato') && rules.tomato !== 'top' ? FLOOR_FIGURES.stirredTomato.value : 1;
    const factor = Math.max(stirred, lower);
    const risk = Math.min(0.8, row.risk * factor * Math.min(1.5, massG / row.fullG));
    const where = stirred > 1 ? 'stirred in' : lower > 1 ? 'on the floor' : 'on top';
    if (risk > 0.01)
      parts.push({
        id: kind,
        label:
          row.label.endsWith('on top') || lower === 1
            ? row.label.replace('on top', where)
            : row.label.replace(/ (?:under the lid|near the floor|in the pot)$/, '') + ', on the floor',
        risk,
        lineIds: mine.map((i) => i.lineId),
        ...(stirred > 1 ? { is: 'stirred-in' as const } : {}),
      });
  }
  if (fill.layers[0]?.id === 'meat')
    parts.push({
      id: 'meat-floor',
      label: 'meat right on the floor',
      risk: FLOOR_FIGURES.meatOnFloor.value,
      lineIds: fill.layers[0].lineIds,
    });
  // What the food gives up before there is pressure wets the floor, whoever counts it.
  const given = rules.liquid === 'poured' ? liquid.givenMl.low : 0;
  const ratio = liquid.needMl > 0 ? (liquid.countedMl.mid + given) / liquid.needMl : 1;
  if (ratio < 1)
    parts.push({
      id: 'thin',
      label: 'too little thin liquid',
      risk: Math.min(0.85, (1 - ratio) * 0.9),
      lineIds: [],
    });
  const depthMm = (Math.max(0, liquid.countedMl.mid) / floorAreaCm2(pot)) * 10;
  if (depthMm < FLOOR_FIGURES.filmMm.value)
    parts.push({
      id: 'film-depth',
      label:
        depthMm < 0.5
          ? 'no thin liquid over this floor'
          : `only ${Math.round(depthMm)} mm of thin liquid over this floor`,
      risk: FLOOR_FIGURES.dryFloor.value * (1 - depthMm / FLOOR_FIGURES.filmMm.value),
      lineIds: [],
    });
  const wattsPerCm2 = pot.heaterW / floorAreaCm2(pot);
  const intensity =
    Math.min(1.4, Math.max(0.7, wattsPerCm2 / FLOOR_FIGURES.usualWPerCm2.value)) *
    (pot.liner === 'non-stick' ? FLOOR_FIGURES.nonStick.value : 1);
  const scaled = parts
    .map((p) => ({ ...p, risk: Math.min(0.95, p.risk * intensity) }))
    .sort((a, b) => b.risk - a.risk);
  const risk = 1 - scaled.reduce((left, p) => left * (1 - p.risk), 1);
  const wet = under.some((i) => i.read.food?.kind === 'allium' && i.massG.mid > 60) ? ['onion'] : [];
  const poured = under.find((i) => (i.read.food?.thin ?? 0) >= 0.9);
  const thin = liquid.pouredMl.mid > 50 ? [poured ? shortName(poured.read) : 'thin liquid'] : [];
  const sinks = scaled.filter((p) => ['flour', 'starch', 'sugar', 'syrup'].includes(p.id)).map((p) => p.id);
  const touching = [...wet, ...thin, ...sinks].join(' and ') || 'hardly anything wet';
  return { risk, level: risk < 0.22 ? 'low' : risk < 0.45 ? 'some' : 'high', parts: scaled, touching };
}
