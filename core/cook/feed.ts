import { ReadingSchema, type Reading } from './protocol';

/** Longest message that is read, characters. */
const LONGEST = 2000;
/** A count that jumps further than a device keeps readings is not believed. */
const BELIEVABLE_GAP = 5000;

/** What came of one message. */
export type Received =
  | { kind: 'reading'; reading: Reading }
  | { kind: 'again' }
  | { kind: 'gap'; missing: number; reading: Reading }
  | { kind: 'nonsense' };

/**
 * Takes the messages of one device in, whatever the connection does: each reading once, in order, nonsense counted and dropped.
 * `last` is where to go on from after a break, so that nothing is lost and nothing doubled.
 */
export class Feed {
  #last: number;
  nonsense = 0;
  missing = 0;

  constructor(last = 0) {
    this.#last = last;
  }

  get last(): number {
    return this.#last;
  }

  receive(text: string): Received {
    const reading = parse(text);
    if (!reading || (this.#last > 0 && reading.seq - this.#last > BELIEVABLE_GAP)) {
      this.nonsense++;
      return { kind: 'nonsense' };
    }
    if (reading.seq <= this.#last) return { kind: 'again' };
    const missing = reading.seq - this.#last - 1;
    this.#last = reading.seq;
    if (missing > 0) {
      this.missing += missing;
      return { kind: 'gap', missing, reading };
    }
    return { kind: 'reading', reading };
  }
}

function parse(text: string): Reading | null {
  if (text.length > LONGEST) return null;
  try {
    return ReadingSchema.safeParse(JSON.parse(text)).data ?? null;
  } catch {
    return null;
  }
}
