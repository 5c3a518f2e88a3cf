import type { Reading } from '../cook/protocol';

const COLUMNS = [
  'kind',
  'count',
  'time_s',
  'stage',
  'pin',
  'valve',
  'power_w',
  'gauge_kpa',
  'held_s',
  'temp_c',
  'grams',
] as const;

/** The readings of a cook as comma-separated values (RFC 4180), one row each, in the order they were made. SI units, named in the heading. */
export function writeReadings(readings: readonly Reading[]): string {
  const rows = [...readings]
    .sort((a, b) => a.timeS - b.timeS || a.seq - b.seq || a.kind.localeCompare(b.kind))
    .map((r) => {
      const own =
        r.kind === 'cooker'
          ? [r.stage, r.pinUp ? 'up' : 'down', r.valve, r.powerW, r.gaugeKPa, r.heldS, '', '']
          : r.kind === 'probe'
            ? ['', '', '', '', '', '', r.tempC, '']
            : ['', '', '', '', '', '', '', r.grams];
      return [r.kind, r.seq, r.timeS, ...own].join(',');
    });
  return `${[COLUMNS.join(','), ...rows].join('\r\n')}\r\n`;
}
