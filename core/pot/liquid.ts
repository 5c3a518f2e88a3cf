import type { HouseRules } from '../dish/houseRules';
import { shortName } from '../dish/names';
import { isInTheSauce, type PlacedItem } from '../moments/item';
import type { FoodKind } from '../pantry/food';
import { around, atLeast, sumRanges, type Range } from '../quantity/range';
import { floorAreaCm2, type Pot } from './pot';

/** One entry of the thin-liquid ledger, millilitres; drunk and boiled-off entries are negative. */
export interface LiquidEntry {
  kind: 'poured' | 'given' | 'drunk' | 'boiled';
  label: string;
  lineId: string | null;
  ml: Range;
  /** True when the household's school counts it towards the minimum. */
  counts: boolean;
  why: string;
}

/** The thin-liquid sum before the lid closes, and the sauce to expect after. */
export interface LiquidSum {
  entries: LiquidEntry[];
  /** What counts towards the minimum under the household's school, ml. */
  countedMl: Range;
  /** What is poured, whatever the school, ml. */
  pouredMl: Range;
  /** What the food gives up by the time pressure is reached, ml. */
  givenMl: Range;
  needMl: number;
  /** With the juices school: the poured floor that covers the base, ml. */
  pouredFloorMl: number;
  /** The splash that makes it enough, ml; 0 when it is enough. Rounded up to what a jug shows. */
  splashMl: number;
  /** The splash that would do in a house that counts the juices: what they leave short, and never less than covers the base, ml. */
  splashWithJuicesMl: number;
  verdict: 'enough' | 'tight' | 'short';
  /** Sauce in the pot when the pin drops (liquid, melted and dissolved, without the pieces), grams. */
  sauceAfterG: Range;
}

/** What one line brings in one way stands once, though it goes in at two moments: a splash first, the rest later. */
function byLine(entries: readonly LiquidEntry[]): LiquidEntry[] {
  const found = new Map<string, LiquidEntry>();
  entries.forEach((e, i) => {
    const key = e.lineId === null ? `entry ${i}` : [e.lineId, e.kind, e.label, e.counts].join(' ');
    const before = found.get(key);
    found.set(key, before ? { ...before, ml: sumRanges([before.ml, e.ml]) } : e);
  });
  return [...found.values()];
}

/** Foods that are part of the sauce rather than pieces in it. */
export const SAUCE_KINDS: ReadonlySet<FoodKind> = new Set<FoodKind>([
  'water',
  'stock',
  'stock-concentrate',
  'wine',
  'beer',
  'spirit',
  'vinegar',
  'citrus',
  'juice',
  'salty-sauce',
  'thick-sauce',
  'coconut-thin',
  'coconut-milk',
  'coconut-cream',
  'cream',
  'milk',
  'sour-dairy',
  'cream-cheese',
  'tomato-chunky',
  'tomato-thick',
  'tomato-paste',
  'syrup',
  'sugar',
  'nut-paste',
  'mustard',
  'starch',
  'flour',
  'gum',
]);

/** Figures of the ledger. Source: kitchen practice and the cooker manuals' own minimums; spreads are relative. */
const LIQUID_FIGURES = {
  /** Share of dry food's final drinking done by the time pressure is reached. */
  drunkEarlyShare: {
    value: 0.25,
    spread: 0.4,
    source: 'Come-up of about ten minutes against a cook of thirty to forty',
  },
  /** Share of wine, beer or spirit boiled away while deglazing. */
  wineBoiledShare: { value: 0.5, spread: 0.3, source: 'Reduced by half, as deglazing is taught' },
  /** Share of wine, beer or spirit that goes as steam while it is only scraped with. */
  wineWarmedShare: { value: 0.12, spread: 0.5, source: 'Two minutes at 13 g a minute from a quarter litre' },
  /** Vapour lost coming up and venting, ml. */
  vapourMl: {
    value: 50,
    spread: 0.4,
    source: 'Pot left open until the valve closes, plus venting: 30-70 ml',
  },
  /** Boiled away while scraping with stock or water, ml. */
  deglazeMl: { value: 15, spread: 0.5, source: 'One minute on high sauté' },
  /** Least film of poured liquid under the juices school, mm over the floor. */
  filmMm: { value: 3, spread: 0.3, source: 'Covers the base with the pot not quite level' },
  /** Softened and salted onions give up this many times more before the lid. */
  softenedFactor: { value: 2, spread: 0.3, source: 'Onions salted and softened weep about twice as fast' },
  /** Share of what softening onions and mushrooms give up that boils away in the open pot. */
  softeningShare: { value: 0.5, spread: 0.4, source: 'Five minutes in an open pot at 4-7 ml a minute' },
  /** Meat with added brine gives up this many times more. */
  brineFactor: {
    value: 1.35,
    spread: 0.2,
    source: 'Labels of 8-15 % added brine, most of it lost in cooking',
  },
  /** Extra share of frozen vegetables that is ice glaze. */
  iceGlazeShare: { value: 0.1, spread: 0.4, source: 'Ice glaze on loose frozen vegetables' },
} as const;

/** Foods whose line may bring thin liquid of its own: cubes dissolved in water, dried things soaked in it. */
const LIQUOR_KINDS: ReadonlySet<FoodKind> = new Set<FoodKind>([
  'stock-concentrate',
  'dried-mushroom',
  'dried-fruit',
]);

const isAlcohol = (kind: FoodKind): boolean => kind === 'wine' || kind === 'beer' || kind === 'spirit';

/** What is short as a jug shows it, ml; a few drops short is enough. */
const splash = (shortByMl: number): number => (shortByMl < 4 ? 0 : Math.ceil(shortByMl / 25) * 25);

/** Adds up the thin liquid of the items that are in the pot when the lid closes. */
export function sumLiquid(
  items: readonly PlacedItem[],
  pot: Pot,
  rules: Pick<HouseRules, 'liquid'>,
): LiquidSum {
  const under = items.filter(isInTheSauce);
  const countJuices = rules.liquid === 'juices';
  const entries: LiquidEntry[] = [];
  const sauce: Range[] = [];
  let deglazed = false;
  for (const item of under) {
    const food = item.read.food;
    if (!food || item.massG.mid <= 0) continue;
    const label = shortName(item.read);
    // What comes when the pot is opened in between is not there when the lid closes; it is in the sauce.
    const enter = (entry: LiquidEntry): void => {
      if (!item.line.later) entries.push(entry);
    };
    const scale = (share: number, spread: number): Range =>
      around(item.massG.mid * share, Math.hypot(spread, (item.massG.high - item.massG.mid) / item.massG.mid));
    const volume = 1 / food.gPerMl;
    const isSplitThin = item.part === 'thin part';
    const thin = isSplitThin ? 0.95 : food.thin;
    if (thin > 0) {
      const melts = item.read.frozen ? 'frozen: counts as it melts' : '';
      const why =
        melts || (thin >= 0.94 ? 'thin: counts whole' : `about ${Math.round(thin * 100)} % of it is thin`);
      enter({
        kind: 'poured',
        label,
        lineId: item.lineId,
        ml: scale(volume * thin, food.spread / 2),
        counts: true,
        why,
      });
    }
    const liquor = LIQUOR_KINDS.has(food.kind) ? item.read.liquorMl * item.factor : 0;
    if (liquor > 0) {
      const soaked = item.read.soaked ? Math.min(liquor, food.drinks * item.massG.mid) : 0;
      enter({
        kind: 'poured',
        label: soaked > 0 ? `soaking liquid of the ${label}` : `water with the ${label}`,
        lineId: item.lineId,
        ml: around(liquor - soaked, soaked > 0 ? 0.15 : 0.05),
        counts: true,
        why: soaked > 0 ? 'what it did not drink, strained: thin' : 'thin: counts whole',
      });
      sauce.push(around(liquor - soaked, 0.1));
    }
    if (isAlcohol(food.kind) && item.moment === 'deglaze') {
      // Scraped with and closed over it only loses its first steam.
      const isBoiled = item.boilsDown !== false;
      const f = isBoiled ? LIQUID_FIGURES.wineBoiledShare : LIQUID_FIGURES.wineWarmedShare;
      enter({
        kind: 'boiled',
        label: isBoiled ? `${label}, boiled by half` : `${label}, steam while scraping`,
        lineId: item.lineId,
        ml: scale(-volume * f.value, f.spread),
        counts: true,
        why: 'gone while deglazing',
      });
      deglazed = true;
    }
    const glaze = item.read.frozen && /veg|leaf/.test(food.kind) ? LIQUID_FIGURES.iceGlazeShare.value : 0;
    if (food.givesEarly + glaze > 0) {
      const softened =
        food.kind === 'allium' && item.moment === 'aromatics' ? LIQUID_FIGURES.softenedFactor.value : 1;
      const brine = item.read.brined ? LIQUID_FIGURES.brineFactor.value : 1;
      const early = Math.min(0.6, food.givesEarly * softened * brine + glaze);
      enter({
        kind: 'given',
        label,
        lineId: item.lineId,
        ml: scale(early, 0.4),
        counts: countJuices,
        why:
          brine > 1
            ? 'brined: gives up more by the time pressure is reached'
            : softened > 1
              ? 'weeps as it softens'
              : 'given up by the time pressure is reached',
      });
      if (item.moment === 'aromatics') {
        const f = LIQUID_FIGURES.softeningShare;
        enter({
          kind: 'boiled',
          label: `${label}, steam while softening`,
          lineId: item.lineId,
          ml: scale(-early * f.value, f.spread),
          counts: countJuices,
          why: 'gone into the hood before the lid',
        });
      }
    }
    if (food.drinks > 0 && !item.read.soaked) {
      const f = LIQUID_FIGURES.drunkEarlyShare;
      enter({
        kind: 'drunk',
        label,
        lineId: item.lineId,
        ml: scale(-food.drinks * f.value, f.spread),
        counts: true,
        why: 'drinks while it comes up',
      });
    }
    if (SAUCE_KINDS.has(food.kind)) sauce.push(scale(food.kind === 'tomato-chunky' ? 0.9 : 1, 0.05));
    if (food.givesTotal > 0 && food.kind !== 'tomato-chunky')
      sauce.push(
        scale(
          Math.min(0.8, food.givesTotal * (item.read.brined ? LIQUID_FIGURES.brineFactor.value : 1)),
          0.35,
        ),
      );
    if (food.drinks > 0) sauce.push(scale(item.read.soaked ? -0.3 : -food.drinks, 0.2));
    if (food.kind === 'oil' || food.kind === 'butter') sauce.push(scale(0.9, 0.1));
    if (isAlcohol(food.kind)) {
      const gone = item.boilsDown === false ? LIQUID_FIGURES.wineWarmedShare : LIQUID_FIGURES.wineBoiledShare;
      sauce.push(scale(-gone.value, gone.spread));
    }
  }
  if (!deglazed && under.some((i) => i.moment === 'deglaze')) {
    const f = LIQUID_FIGURES.deglazeMl;
    entries.push({
      kind: 'boiled',
      label: 'steam while scraping',
      lineId: null,
      ml: around(-f.value, f.spread),
      counts: true,
      why: 'gone while deglazing',
    });
  }
  const vapour = around(-LIQUID_FIGURES.vapourMl.value, LIQUID_FIGURES.vapourMl.spread);
  if (entries.length)
    entries.push({
      kind: 'boiled',
      label: 'steam coming up and venting',
      lineId: null,
      ml: vapour,
      counts: false,
      why: 'the pot’s own minimum allows for it',
    });
  const sum = (kinds: readonly LiquidEntry['kind'][], only?: boolean): Range =>
    sumRanges(entries.filter((e) => kinds.includes(e.kind) && (!only || e.counts)).map((e) => e.ml));
  const countedMl = sum(['poured', 'given', 'drunk', 'boiled'], true);
  const pouredMl = sum(['poured']);
  const givenMl = sum(['given']);
  const baseMl = (floorAreaCm2(pot) * LIQUID_FIGURES.filmMm.value) / 10;
  const pouredFloorMl = countJuices ? baseMl : 0;
  const splashMl = splash(Math.max(pot.minThinMl - countedMl.mid, pouredFloorMl - pouredMl.mid));
  // With the juices goes what boils off of them while they soften; the pot's own steam is nobody's.
  const withJuicesMl = sumRanges(entries.filter((e) => e.counts || e.lineId !== null).map((e) => e.ml)).mid;
  const after = sumRanges([...sauce, vapour]);
  return {
    entries: byLine(entries),
    countedMl,
    pouredMl,
    givenMl,
    needMl: pot.minThinMl,
    pouredFloorMl,
    splashMl,
    splashWithJuicesMl: splash(Math.max(pot.minThinMl - withJuicesMl, baseMl - pouredMl.mid)),
    verdict: splashMl > 0 ? 'short' : countedMl.low < pot.minThinMl * 0.97 ? 'tight' : 'enough',
    sauceAfterG: atLeast(after, 0),
  };
}
