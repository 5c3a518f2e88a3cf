import type { Range } from './range';

/** How a household likes its figures. */
export interface DisplayUnits {
  weight: 'metric' | 'us';
  temperature: 'C' | 'F';
}

const FRACTIONS: readonly [number, string][] = [
  [0, ''],
  [0.25, '¼'],
  [1 / 3, '⅓'],
  [0.5, '½'],
  [2 / 3, '⅔'],
  [0.75, '¾'],
  [1, ''],
];

/** A number as a cook says it: 2.25 is "2¼", 0.5 "½", 12.3 "12". Thirds only where `thirds`. */
export function formatNumber(value: number, thirds = true): string {
  if (!Number.isFinite(value)) return '';
  if (value >= 10) return String(Math.round(value));
  const whole = Math.floor(value);
  const part = value - whole;
  let best: [number, string] = [0, ''];
  for (const f of FRACTIONS) {
    if (!thirds && (f[0] === 1 / 3 || f[0] === 2 / 3)) continue;
    if (Math.abs(f[0] - part) < Math.abs(best[0] - part)) best = f;
  }
  const total = whole + (best[0] === 1 ? 1 : 0);
  if (total === 0 && best[1] === '') return value > 0.02 ? String(Number(value.toPrecision(1))) : '0';
  return `${total || ''}${best[1]}`;
}

const roundTo = (value: number, step: number): number => Math.round(value / step) * step;

function stepFor(value: number): number {
  if (value < 10) return 1;
  if (value < 300) return 5;
  if (value < 1000) return 10;
  return 50;
}

const group = (n: number): string => (n >= 10000 ? String(n).replace(/\B(?=(\d{3})+$)/g, ' ') : String(n));

/** Grams as "6 g", "1.2 kg"; or "3½ oz", "2¾ lb" for a US household. */
export function formatMass(
  massG: number,
  units: DisplayUnits = { weight: 'metric', temperature: 'C' },
): string {
  if (units.weight === 'us' && massG >= 15) {
    return massG >= 453
      ? `${formatNumber(massG / 453.592, false)} lb`
      : `${formatNumber(massG / 28.3495, false)} oz`;
  }
  if (massG >= 1000) return `${Number((massG / 1000).toFixed(massG >= 10000 ? 0 : 2))} kg`;
  if (massG < 1) return massG > 0 ? 'under 1 g' : '0 g';
  if (massG < 10) return `${Number(roundTo(massG, 0.5).toFixed(1))} g`;
  return `${group(roundTo(massG, massG < 50 ? 1 : stepFor(massG)))} g`;
}

/** Millilitres as "425 ml", "1.2 l"; or cups and spoons for a US household. */
export function formatVolume(
  volumeMl: number,
  units: DisplayUnits = { weight: 'metric', temperature: 'C' },
): string {
  if (units.weight === 'us' && volumeMl >= 3) {
    if (volumeMl < 45) return formatSpoons(volumeMl);
    return `${formatNumber(volumeMl / 236.588)} cup${volumeMl / 236.588 > 1.1 ? 's' : ''}`;
  }
  const rounded = roundTo(volumeMl, stepFor(volumeMl));
  return rounded >= 1000 ? `${Number((volumeMl / 1000).toFixed(1))} l` : `${rounded} ml`;
}

/** Spoons a cook owns: to the nearest quarter teaspoon below a tablespoon, half a tablespoon above four. */
export function formatSpoons(volumeMl: number): string {
  const tsp = volumeMl / 4.929;
  const eighths = Math.round(tsp * 8);
  if (eighths < 1) return 'a pinch';
  // Below half a teaspoon an eighth more is a third more: gum is measured so.
  if (eighths === 1) return '⅛ tsp';
  if (eighths === 3) return '⅜ tsp';
  const quarters = Math.round(tsp * 4) / 4;
  if (quarters < 3) return `${formatNumber(quarters, false)} tsp`;
  if (tsp < 12) {
    const tbsp = Math.floor(quarters / 3 + 1e-9);
    const left = Math.round((quarters - tbsp * 3) * 4) / 4;
    return left < 0.125 ? `${tbsp} tbsp` : `${tbsp} tbsp + ${formatNumber(left, false)} tsp`;
  }
  return `${formatNumber(Math.round((tsp / 3) * 2) / 2, false)} tbsp`;
}

/** "116 °C" or "241 °F". */
export function formatTemp(
  tempC: number,
  units: DisplayUnits = { weight: 'metric', temperature: 'C' },
): string {
  return units.temperature === 'F' ? `${Math.round(tempIn(tempC, units))} °F` : `${Math.round(tempC)} °C`;
}

/** A temperature as a number on the household's scale. */
export function tempIn(tempC: number, units: Pick<DisplayUnits, 'temperature'>): number {
  return units.temperature === 'F' ? tempC * 1.8 + 32 : tempC;
}

/** A number on the household's scale as °C: the inverse of `tempIn`. */
export function tempFrom(value: number, units: Pick<DisplayUnits, 'temperature'>): number {
  return units.temperature === 'F' ? (value - 32) / 1.8 : value;
}

/** A difference of temperatures: "8 °C" or "14 °F". */
export function formatTempDifference(byC: number, units: Pick<DisplayUnits, 'temperature'>): string {
  return units.temperature === 'F' ? `${Math.round(byC * 1.8)} °F` : `${Math.round(byC)} °C`;
}

/** A sentence of the data with its temperatures, all written in °C, on the household's scale. */
export function sayTemps(text: string, units: Pick<DisplayUnits, 'temperature'>): string {
  if (units.temperature === 'C') return text;
  return text.replace(/(?:(\d+)–)?(\d+) °C/g, (_all, low: string | undefined, high: string) => {
    const said = (c: string): number => Math.round(tempIn(Number(c), units));
    return `${low === undefined ? '' : `${said(low)}–`}${said(high)} °F`;
  });
}

/** Seconds as "40 s", "8 min", "1 h 5". */
export function formatDuration(timeS: number): string {
  if (timeS < 55) return `${Math.max(0, Math.round(timeS / 5) * 5)} s`;
  const minutes = Math.round(timeS / 60);
  if (minutes < 90) return `${minutes} min`;
  const left = minutes % 60;
  return left ? `${Math.floor(minutes / 60)} h ${left}` : `${Math.floor(minutes / 60)} h`;
}

/** A range of seconds as "9–12 min", or a single figure where the ends agree. */
export function formatDurationRange(timeS: Range): string {
  const low = Math.round(timeS.low / 60);
  const high = Math.round(timeS.high / 60);
  if (low === high || timeS.high < 55) return formatDuration(timeS.mid);
  if (high >= 90) return `${formatDuration(timeS.low)} – ${formatDuration(timeS.high)}`;
  return `${low}–${high} min`;
}

/** Seconds as a running clock: "7:05", "1:02:09". Negative counts past zero: "-0:20". */
export function formatCountdown(timeS: number): string {
  const sign = timeS < 0 ? '-' : '';
  const s = Math.abs(Math.trunc(timeS));
  const hours = Math.floor(s / 3600);
  const mm = Math.floor((s % 3600) / 60);
  const ss = String(s % 60).padStart(2, '0');
  return hours ? `${sign}${hours}:${String(mm).padStart(2, '0')}:${ss}` : `${sign}${mm}:${ss}`;
}
