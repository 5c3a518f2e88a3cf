import { formatMass, formatNumber, formatVolume } from '../quantity/format';
import { unitById } from '../quantity/units';
import type { Amount } from './amount';

const PLAIN_UNITS: Record<string, string> = {
  g: 'g',
  kg: 'kg',
  oz: 'oz',
  lb: 'lb',
  ml: 'ml',
  cl: 'cl',
  dl: 'dl',
  l: 'l',
  floz: 'fl oz',
  tsp: 'tsp',
  tbsp: 'tbsp',
  cm: 'cm',
  mm: 'mm',
  inch: 'inch',
};
const METRIC = new Set(['g', 'kg', 'ml', 'cl', 'dl', 'l']);

function figure(value: number, unitId: string, isOwn: boolean): string {
  if (isOwn && METRIC.has(unitId)) return String(Number(value.toPrecision(4)));
  if (unitId === 'g' || unitId === 'ml') return formatMetric(value, unitId);
  if (METRIC.has(unitId)) return String(Number(value.toPrecision(3)));
  return formatNumber(value);
}

function formatMetric(value: number, unitId: 'g' | 'ml'): string {
  const text = unitId === 'g' ? formatMass(value) : formatVolume(value);
  return text.replace(/ (?:g|ml)$/, '');
}

/**
 * The amount of a line times `scale`, as a cook writes it: "1½ tbsp", "2 × 400 g can", "600 ml", "3 large".
 * At scale 1 the figures are the cook's own.
 */
export function formatAmount(amount: Amount, scale = 1): string {
  const { min, max, unitId, size } = amount;
  const unit = unitById(unitId);
  let low = min * scale;
  let high = max * scale;
  let id = unitId;
  if ((unitId === 'g' || unitId === 'ml') && high >= 1000) {
    id = unitId === 'g' ? 'kg' : 'l';
    low /= 1000;
    high /= 1000;
  }
  const number =
    high - low > 0.01
      ? `${figure(low, id, scale === 1)}–${figure(high, id, scale === 1)}`
      : figure(high, id, scale === 1);
  const plus = amount.plus
    ? ` + ${figure(((amount.plus.min + amount.plus.max) / 2) * scale, amount.plus.unitId, scale === 1)} ${PLAIN_UNITS[amount.plus.unitId] ?? amount.plus.unitId}`
    : '';
  if (amount.content)
    return `${number} × ${Number(amount.content.value.toPrecision(4))} ${PLAIN_UNITS[amount.content.unitId] ?? amount.content.unitId} ${unitName(unitId, 1)}`;
  if (unitId === 'each') return size ? `${number} ${size}` : number;
  if (unit.kind === 'piece' || !PLAIN_UNITS[id])
    return `${number} ${size ? `${size} ` : ''}${unitName(unitId, high)}${plus}`;
  return `${number} ${PLAIN_UNITS[id] ?? id}${plus}`;
}

function unitName(unitId: string, n: number): string {
  const names = unitById(unitId).names;
  return (n > 1.01 ? names[1] : names[0]) ?? unitId;
}
