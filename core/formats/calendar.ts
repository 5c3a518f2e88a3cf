/** One entry of a timetable. Epoch milliseconds. */
export interface CalendarEntry {
  id: string;
  title: string;
  note: string;
  startAt: number;
  endAt: number;
}

/** Longest line of an iCalendar file, bytes. Source: RFC 5545, 3.1. */
const LONGEST = 75;

const stamp = (at: number): string => new Date(at).toISOString().replace(/[-:]|\.\d{3}/g, '');
const escaped = (text: string): string => text.replace(/[\\;,]/g, (c) => `\\${c}`).replace(/\r?\n/g, '\\n');

/** Folds a line to at most 75 bytes a row, never inside a character. */
function folded(line: string): string {
  const rows: string[] = [];
  let row = '';
  let bytes = 0;
  for (const char of line) {
    const code = char.codePointAt(0) ?? 0;
    const size = code < 0x80 ? 1 : code < 0x800 ? 2 : code < 0x10000 ? 3 : 4;
    if (bytes + size > LONGEST) {
      rows.push(row);
      row = ' ';
      bytes = 1;
    }
    row += char;
    bytes += size;
  }
  return [...rows, row].join('\r\n');
}

/**
 * A timetable as an iCalendar file (RFC 5545), each task with a reminder when it begins, so that any calendar can ring. `madeAt`
 * is the moment it is written.
 */
export function writeCalendar(name: string, entries: readonly CalendarEntry[], madeAt: number): string {
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Keen Ladle//timetable//EN',
    `X-WR-CALNAME:${escaped(name)}`,
    ...entries.flatMap((e) => [
      'BEGIN:VEVENT',
      `UID:${e.id}-${stamp(e.startAt)}@keen-ladle`,
      `DTSTAMP:${stamp(madeAt)}`,
      `DTSTART:${stamp(e.startAt)}`,
      `DTEND:${stamp(Math.max(e.endAt, e.startAt + 60_000))}`,
      `SUMMARY:${escaped(e.title)}`,
      ...(e.note ? [`DESCRIPTION:${escaped(e.note)}`] : []),
      'BEGIN:VALARM',
      'ACTION:DISPLAY',
      `DESCRIPTION:${escaped(e.title)}`,
      'TRIGGER:PT0S',
      'END:VALARM',
      'END:VEVENT',
    ]),
    'END:VCALENDAR',
  ];
  return `${lines.map(folded).join('\r\n')}\r\n`;
}
