import { isHeldBack } from '../dish/moment';
import type { PlacedItem } from '../moments/item';
import type { LiquidSum } from '../pot/liquid';
import { formatVolume } from '../quantity/format';
import type { Finding, Fix, Severity } from './finding';
import { moveLine, pourIn, setRule, setSettings, standOn } from './fixes';
import { helping, together } from './helping';
import type { FindingInput } from './input';
import { nameOf } from './words';

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

export function liquidFindings(input: FindingInput): Finding[] {
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
  if (rules.liquid === 'poured') fixes.push(...countingJuices(liquid, name, ml));
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

/** The other school, where it asks for clearly less: the juices counted, and what they leave short poured so that it covers the base. */
function countingJuices(liquid: LiquidSum, name: string, ml: (v: number) => string): Fix[] {
  const counted = setRule('liquid', 'juices', 'Count the juices for this dish');
  const less = liquid.splashWithJuicesMl;
  if (less === 0) return [counted];
  if (less > liquid.splashMl * CLEARLY_LESS) return [];
  return [together([counted, pourIn(less, name, `Add ${ml(less)} ${name}`)])];
}
/** From this share of the manual's splash on nobody would count juices for it. By judgement. */
const CLEARLY_LESS = 0.75;

/** What is poured to loosen: the dish's own stock, else one that suits it. */
export function ownLiquid(items: readonly PlacedItem[]): string {
  const own = items.find(
    (i) =>
      !isHeldBack(i.moment) &&
      i.line.on !== 'bowl' &&
      (i.read.food?.kind === 'stock' || i.read.food?.kind === 'water'),
  );
  if (own) return own.read.food?.names[0] ?? 'stock';
  const hasMeat = (kind: RegExp): boolean =>
    items.some(
      (i) => /meat|poultry|sausage/.test(i.read.food?.kind ?? '') && kind.test(i.read.food?.id ?? ''),
    );
  return hasMeat(/beef|brisket|oxtail/)
    ? 'beef stock'
    : hasMeat(/pork|lamb|mutton|goat|veal/)
      ? 'stock'
      : 'chicken stock';
}
