import { isMeatCoat, looseG, type PlacedItem } from '../moments/item';
import { formatMass, formatTemp } from '../quantity/format';
import { curdling, type Curdling } from '../sauce/curdle';
import { sharpnessOf } from '../sauce/present';
import type { Finding, Severity } from './finding';
import { moveLine } from './fixes';
import type { FindingInput } from './input';
import { capital, holdFix, listed, nameOf } from './words';

/** Ground spice from which a bloom is easily burnt, g: about a tablespoon. */
const SPICE_CATCHES_G = 6;

/** A floured coat of which less than this comes loose in the thin liquid is a stew as most cooks make it, g/ml. Source: 2-3 spoonfuls shaken off a kilo, half a litre of stock; spread 30 %. */
const COAT_IS_BODY = 0.05;

const place = (item: PlacedItem): string => {
  if (isMeatCoat(item)) return 'put on the meat';
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

/** From these shares of sauces that split, what the recipe means to go in is warned of, and stopped. Source: by judgement; a grainy sauce is a dish spoilt. */
const SPLITS = { careful: 0.15, stop: 0.7 } as const;

/** How likely a line's dairy shows grains when it goes under the lid of this dish; null where it is none, or not under it. */
function splitting(item: PlacedItem, input: FindingInput): Curdling | null {
  const dairy = item.read.food?.dairy;
  // Milk that bubbles away in the meat before the lid, as for a ragù: nothing of it is left to split.
  if (!dairy || dairy === 'coconut-cream' || item.boilsDown || item.touchesRaw) return null;
  const sauceG = input.liquid.sauceAfterG.mid;
  return curdling({
    dairy,
    dairyG: item.massG.mid,
    sauceG,
    sharpness: sharpnessOf(input.items, sauceG),
    boundPercent: input.boil.strengthPercent,
    atC: input.heat.workingC,
  });
}

/** How bad it is that something stands early: what the recipe puts there on purpose and loses little by is told, not warned of. */
function asTold(item: PlacedItem, input: FindingInput): Severity {
  const { early, by, read } = item;
  if (!early) return 'fine';
  const { liquid } = input;
  // A spoonful of flour fried with the onions, with a jug of stock after it, is an old way of cooks and hardly settles.
  const isFried = by === 'method' && (item.moment === 'bloom' || item.moment === 'aromatics');
  // What it may do to the floor is told by the floor.
  if (by !== 'cook' && isMeatCoat(item) && looseG(item) <= COAT_IS_BODY * liquid.countedMl.mid) return 'note';
  if (isFried && read.food?.kind === 'flour' && item.massG.mid <= FLOUR_BINDS * liquid.countedMl.mid)
    return 'careful';
  if (read.food?.dairy && item.boilsDown && by === 'method') return 'note';
  const splits = splitting(item, input);
  if (splits && early.severity === 'stop' && by === 'method') {
    // Cheese laid on top and left there, cream in a thin sauce: many recipes do so, some split, and no pot is harmed by it.
    const isForgiven = ['cream', 'cream-cheese', 'cheese'].includes(read.food?.kind ?? '');
    if (splits.chance >= SPLITS.stop && !isForgiven) return 'stop';
    return splits.chance >= SPLITS.careful ? 'careful' : 'note';
  }
  // A packet of gravy or dressing in the braise is how it is sold: most cook it so, and only its dose makes it thick.
  if (by === 'method' && read.food && MIXES.has(read.food.id)) return 'careful';
  if (by !== 'method' || early.severity !== 'careful') return early.severity;
  const kind = read.food?.kind;
  if (kind === 'sugar' || kind === 'syrup') {
    const perMl = item.massG.mid / Math.max(1, liquid.countedMl.mid);
    return perMl <= SUGAR_DISSOLVES ? 'fine' : perMl <= SUGAR_IS_A_SAUCE ? 'note' : 'careful';
  }
  // Pasta that the recipe cooks under the lid has enough to drink: that is the dish.
  if (kind === 'pasta' && liquid.countedMl.mid >= liquid.needMl) return 'fine';
  return kind === 'quick-veg' || kind === 'leaf' || kind === 'pasta' ? 'note' : 'careful';
}

/** From so much of a share more or less, sharpness or starch is named as a reason. */
const TELLS = 0.04;

/** Why a line had better wait: what of dairy splits in this sauce at this heat, told by its fat, its acid and its starch. */
function harmOf(item: PlacedItem, input: FindingInput): string {
  if (item.early && isMeatCoat(item)) {
    const loose = formatMass(looseG(item), input.kitchen.units);
    return `About ${loose} of it comes loose under the lid. That gives the sauce body, and is counted; it also settles. Shake the meat well, and scrape the floor clean after browning.`;
  }
  const splits = splitting(item, input);
  if (!item.early || item.early.severity !== 'stop' || !splits) return item.early?.harm ?? '';
  const { food } = item.read;
  const { units } = input.kitchen;
  const often = Math.round(splits.chance * 10);
  const odds =
    often >= 10
      ? 'nearly every such sauce shows grains'
      : often >= 1
        ? `about ${often} in 10 such sauces show grains`
        : 'few such sauces show grains';
  const reasons = [
    ...(food && !food.dairy?.endsWith('cheese') ? [`it has ${Math.round(food.fat * 100)} % fat`] : []),
    ...(splits.bySharpness > TELLS ? ['the sharpness of this sauce makes it worse'] : []),
    ...(splits.byBinding > TELLS ? ['what binds this sauce helps a little'] : []),
  ];
  const why = reasons.length ? `: ${listed(reasons)}` : '';
  return `Under the lid, at ${formatTemp(input.heat.workingC, units)}, ${odds}${why}. It may catch on the floor too. In after the pin drops it stays smooth.`;
}

export function momentFindings(input: FindingInput): Finding[] {
  const { items, kitchen } = input;
  const out: Finding[] = [];
  for (const item of items) {
    if (!item.early) continue;
    const told = asTold(item, input);
    if (told === 'fine') continue;
    out.push({
      id: `early-${item.lineId}`,
      severity: told,
      about: 'moment',
      lineIds: [item.lineId],
      text: `${capital(nameOf(item))} ${PLURAL.test(nameOf(item)) ? 'are' : 'is'} ${place(item)}`,
      why: harmOf(item, input),
      // What the floor offers for its coat is not offered twice.
      fixes: item.touchesRaw || (isMeatCoat(item) && input.floor.level !== 'low') ? [] : [holdFix(item)],
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
