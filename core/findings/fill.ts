import type { Finding } from './finding';
import { loadInOrder, setPlates, setSettings } from './fixes';
import type { FindingInput } from './input';

export function layerFindings({ fill, items }: FindingInput): Finding[] {
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

export function fillFindings(input: FindingInput): Finding[] {
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
