import { isHeldBack } from '../dish/moment';
import type { HouseRules } from '../dish/houseRules';
import { shortName } from '../dish/read';
import type { PlacedItem } from '../moments/place';
import type { FoodKind } from '../pantry/food';
import { LAYER_KINDS } from './data/layers';
import type { Fill } from './layers';
import type { LiquidSum } from './liquid';
import { floorAreaCm2, type Pot } from './pot';

/** One reason the floor may catch, with its own chance of doing so. */
export interface ScorchPart {
  id: string;
  label: string;
  /** 0..1, as if it were the only reason. */
  risk: number;
  lineIds: string[];
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

/** Chance of catching for a generous amount of each kind under the lid. Source: kitchen experience of burn alarms; spread 50 %. */
const KIND_RISK: Partial<Record<FoodKind, { risk: number; fullG: number; label: string }>> = {
  flour: { risk: 0.45, fullG: 25, label: 'flour under the lid' },
  starch: { risk: 0.5, fullG: 20, label: 'starch under the lid' },
  cream: { risk: 0.25, fullG: 200, label: 'cream under the lid' },
  milk: { risk: 0.35, fullG: 200, label: 'milk under the lid' },
  'sour-dairy': { risk: 0.35, fullG: 150, label: 'sour dairy under the lid' },
  'cream-cheese': { risk: 0.3, fullG: 150, label: 'cream cheese under the lid' },
  cheese: { risk: 0.4, fullG: 100, label: 'cheese under the lid' },
  sugar: { risk: 0.35, fullG: 50, label: 'sugar under the lid' },
  syrup: { risk: 0.35, fullG: 60, label: 'syrup under the lid' },
  'nut-paste': { risk: 0.4, fullG: 100, label: 'nut paste under the lid' },
  'thick-sauce': { risk: 0.15, fullG: 200, label: 'thick sauce' },
  'tomato-thick': { risk: 0.1, fullG: 400, label: 'thick tomato, on top' },
  'tomato-chunky': { risk: 0.06, fullG: 400, label: 'tomato, on top' },
  'tomato-paste': { risk: 0.1, fullG: 60, label: 'tomato paste' },
  'spice-ground': { risk: 0.05, fullG: 15, label: 'ground spice' },
  grain: { risk: 0.12, fullG: 250, label: 'grain near the floor' },
  pasta: { risk: 0.25, fullG: 300, label: 'pasta in the pot' },
  'pulse-dry': { risk: 0.15, fullG: 250, label: 'pulses near the floor' },
};
const STIRRED_TOMATO_FACTOR = 3;
/** What lies right on the hot floor, with nothing wet beneath it, catches this many times as readily. Spread 40 %. */
const ON_THE_FLOOR_FACTOR = 2;
/** Chance that meat loaded straight on the floor of a pot sticks and browns on. Spread 50 %. */
const MEAT_ON_FLOOR = 0.1;
/** Thinner than this, the liquid does not keep the whole floor wet once it boils, mm. Spread 30 %. */
const FILM_MM = 6;
/** Chance of catching as the film of liquid goes to nothing. */
const DRY_FLOOR = 0.5;
/** Heater power over the floor at which the figures above hold, W/cm²: a standard electric pot. */
const USUAL_W_PER_CM2 = 2.7;
/** Film left by a sear: as it is, and after a proper scrape. */
const FILM = { scraped: 0.04, left: 0.4 };

const layerOf = new Map(LAYER_KINDS.flatMap((layer) => layer.kinds.map((kind) => [kind, layer.id] as const)));

/** Adds up what may catch on the hot floor of this pot, loaded as it is. */
export function floorRisk(
  items: readonly PlacedItem[],
  pot: Pot,
  liquid: LiquidSum,
  rules: HouseRules,
  fill: Pick<Fill, 'layers' | 'broken'>,
): FloorRisk {
  const under = items.filter((i) => !isHeldBack(i.moment) && i.read.food && i.line.on !== 'bowl');
  const parts: ScorchPart[] = [];
  const seared =
    rules.browning === 'pot' &&
    under.some((i) => i.moment === 'sear' && /meat|poultry|sausage/.test(i.read.food?.kind ?? ''));
  const scraped = under.some((i) => i.moment === 'deglaze');
  if (seared)
    parts.push({
      id: 'film',
      label: scraped ? 'brown film, once scraped' : 'brown film with nothing to lift it',
      risk: scraped ? FILM.scraped : FILM.left,
      lineIds: [],
    });
  for (const [kind, row] of Object.entries(KIND_RISK)) {
    const mine = under.filter((i) => i.read.food?.kind === kind);
    const massG = mine.reduce((s, i) => s + i.massG.mid, 0);
    if (massG < 2) continue;
    const layerId = layerOf.get(kind as FoodKind);
    const isLowest = layerId !== undefined && fill.layers[0]?.id === layerId;
    const moved = fill.broken.filter((c) => c.catches === layerId);
    const lower = Math.max(isLowest ? ON_THE_FLOOR_FACTOR : 1, ...moved.map((c) => c.factor ?? 1));
    const stirred = kind.startsWith('tomato') && rules.tomato !== 'top' ? STIRRED_TOMATO_FACTOR : 1;
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
      });
  }
  if (fill.layers[0]?.id === 'meat')
    parts.push({
      id: 'meat-floor',
      label: 'meat right on the floor',
      risk: MEAT_ON_FLOOR,
      lineIds: fill.layers[0].lineIds,
    });
  const ratio = liquid.needMl > 0 ? liquid.countedMl.mid / liquid.needMl : 1;
  if (ratio < 1)
    parts.push({
      id: 'thin',
      label: 'too little thin liquid',
      risk: Math.min(0.85, (1 - ratio) * 0.9),
      lineIds: [],
    });
  const depthMm = (Math.max(0, liquid.countedMl.mid) / floorAreaCm2(pot)) * 10;
  if (depthMm < FILM_MM)
    parts.push({
      id: 'film-depth',
      label: `only ${Math.round(depthMm)} mm of thin liquid over this floor`,
      risk: DRY_FLOOR * (1 - depthMm / FILM_MM),
      lineIds: [],
    });
  const wattsPerCm2 = pot.heaterW / floorAreaCm2(pot);
  const intensity =
    Math.min(1.4, Math.max(0.7, wattsPerCm2 / USUAL_W_PER_CM2)) * (pot.liner === 'non-stick' ? 0.8 : 1);
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
