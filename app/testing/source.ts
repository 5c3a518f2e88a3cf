import type { CookerReading } from '../../core/index';

/** A stream of readings that is driven by the test. */
export class FakeSource {
  static all: FakeSource[] = [];
  onopen: (() => void) | null = null;
  onmessage: ((m: { data: string }) => void) | null = null;
  onerror: (() => void) | null = null;
  isClosed = false;
  constructor(readonly url: string) {
    FakeSource.all.push(this);
  }
  close(): void {
    this.isClosed = true;
  }
  /** The one opened last. */
  static get now(): FakeSource {
    const last = FakeSource.all.at(-1);
    if (!last) throw new Error('Nobody listens');
    return last;
  }
}

/** What a cooker says while it heats. */
export const cooker = (seq: number, over: Partial<CookerReading> = {}): CookerReading => ({
  kind: 'cooker',
  seq,
  timeS: seq * 6,
  stage: 'heating',
  display: 'heats',
  pinUp: false,
  valve: 'sealed',
  powerW: 1000,
  gaugeKPa: 0,
  heldS: 0,
  ...over,
});
