import fc from 'fast-check';
import papa from 'papaparse';
import { demoHousehold } from '../../demo/household';
import { foldCook } from '../cook/cook';
import type { Reading } from '../cook/protocol';
import { cookRows } from './cooks';
import { writeCalendar, type CalendarEntry } from './calendar';
import { writeReadings } from './readings';

const at = Date.UTC(2026, 10, 24, 17, 20);
const entry = (over: Partial<CalendarEntry> = {}): CalendarEntry => ({
  id: 'mash-0',
  title: 'Mash: peel, cut; wash',
  note: 'first\nsecond',
  startAt: at,
  endAt: at + 480_000,
  ...over,
});
/** Undoes the folding and the escaping, as a calendar would. */
const unfold = (text: string): string[] => text.replace(/\r\n /g, '').split('\r\n').filter(Boolean);
const plain = (text: string): string => text.replace(/\\n/g, '\n').replace(/\\([\\;,])/g, '$1');

describe('a timetable as a calendar', () => {
  it('has an event with a reminder for each task, in universal time', () => {
    const lines = unfold(writeCalendar('Supper', [entry(), entry({ id: 'x', note: '' })], at));
    expect(lines[0]).toBe('BEGIN:VCALENDAR');
    expect(lines.filter((l) => l === 'BEGIN:VEVENT')).toHaveLength(2);
    expect(lines.filter((l) => l === 'BEGIN:VALARM')).toHaveLength(2);
    expect(lines).toContain('DTSTART:20261124T172000Z');
    expect(lines).toContain('DTEND:20261124T172800Z');
    expect(lines).toContain('SUMMARY:Mash: peel\\, cut\\; wash');
    expect(lines.at(-1)).toBe('END:VCALENDAR');
  });

  it('gives any words back, and no row is longer than 75 bytes', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 200 }), (words) => {
        const title = words.replace(/[\r\n]/g, ' ');
        const text = writeCalendar('x', [entry({ title, note: '' })], at);
        for (const row of text.split('\r\n'))
          expect(encodeURIComponent(row).replace(/%../g, 'x').length).toBeLessThanOrEqual(75);
        const summary = unfold(text).find((l) => l.startsWith('SUMMARY:')) ?? '';
        expect(plain(summary.slice('SUMMARY:'.length))).toBe(title);
      }),
    );
  });

  it('a task never ends before it begins', () => {
    const lines = unfold(writeCalendar('x', [entry({ endAt: at - 5000 })], at));
    expect(lines).toContain('DTEND:20261124T172100Z');
  });
});

describe('readings as a table', () => {
  const readings: Reading[] = [
    { kind: 'scale', seq: 2, timeS: 12, grams: 3100 },
    { kind: 'probe', seq: 1, timeS: 6, tempC: 14.2 },
    {
      kind: 'cooker',
      seq: 1,
      timeS: 6,
      stage: 'heating',
      display: 'heats',
      pinUp: false,
      valve: 'sealed',
      powerW: 1000,
      gaugeKPa: 0,
      heldS: 0,
    },
  ];
  it('has a heading and one row each, in time, all as wide', () => {
    const rows = writeReadings(readings).trim().split('\r\n');
    expect(rows).toHaveLength(4);
    expect(new Set(rows.map((r) => r.split(',').length))).toEqual(new Set([11]));
    expect(rows[1]).toBe('cooker,1,6,heating,down,sealed,1000,0,0,,');
    expect(rows[3]).toBe('scale,2,12,,,,,,,,3100');
  });
  it('is a heading alone where there is nothing', () => {
    expect(writeReadings([]).trim().split('\r\n')).toHaveLength(1);
  });
});

describe('the log as a table', () => {
  const demo = demoHousehold(at);
  const cooks = [...new Set(demo.events.map((e) => e.cookId))].map((id) =>
    foldCook(demo.events.filter((e) => e.cookId === id)),
  );

  it('has a row for each cook, oldest first, that a table reads back as it is', () => {
    const rows = cookRows(cooks);
    expect(rows).toHaveLength(cooks.length);
    expect([...rows].sort((a, b) => (a.started_at < b.started_at ? -1 : 1))).toEqual(rows);
    const read = papa.parse<Record<string, string>>(papa.unparse(rows), { header: true }).data;
    expect(read.map((r) => r['note'])).toEqual(rows.map((r) => r.note));
    for (const row of rows) {
      expect(new Date(row.started_at).toISOString()).toBe(row.started_at);
      expect(row.total_min).toBeGreaterThan(10);
    }
  });

  it('quotes what a cook wrote, and lets no spreadsheet take it for a formula', () => {
    const [first] = cooks;
    const note = '=HYPERLINK("x"), "quoted", and\na second line';
    const [row] = cookRows([{ ...first!, verdict: { ...first!.verdict!, note } }]);
    expect(row?.note).toBe(`'${note}`);
    expect(papa.parse<Record<string, string>>(papa.unparse([row]), { header: true }).data[0]?.['note']).toBe(
      `'${note}`,
    );
  });

  it('leaves empty what was not recorded', () => {
    expect(cookRows([foldCook([])])[0]).toMatchObject({
      come_up_min: '',
      total_min: '',
      core_c: '',
      note: '',
    });
  });
});
