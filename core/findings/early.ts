import type { PlacedItem } from '../moments/item';
import type { LiquidSum } from '../pot/liquid';
import { formatMass } from '../quantity/format';
import type { Finding, Severity } from './finding';
import { moveLine } from './fixes';
import type { FindingInput } from './input';
import { capital, nameOf, holdFix } from './words';

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

export function momentFindings({ items, kitchen, liquid }: FindingInput): Finding[] {
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
