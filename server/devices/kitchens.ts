import { EventEmitter } from 'node:events';
import {
  SimCooker,
  type Command,
  type Device,
  type DeviceKind,
  type Fault,
  type KitchenRequest,
  type Reading,
} from '../../core/index';

/** Readings come this often by the device's own clock, s. */
const READS_EVERY_S = 6;
/** Readings kept of each device, for whoever comes back: seven hours. */
const KEPT = 4200;
/** The wall's clock is looked at this often, ms. */
const TICK_MS = 100;
/** A kitchen nobody has looked at for this long is put away, ms. */
const FORGOTTEN_MS = 6 * 3600_000;
export const MOST_KITCHENS = 8;

const KINDS: readonly DeviceKind[] = ['cooker', 'probe', 'scale'];
const NAMES: Record<DeviceKind, string> = { cooker: 'cooker', probe: 'probe', scale: 'scale' };

/** A cooker, a probe and a scale that stand together and share one simulated pot. */
export class SimKitchen {
  readonly sim: SimCooker;
  readonly emitter = new EventEmitter();
  speed: number;
  readonly faults: ReadonlySet<Fault>;
  readonly #kept = new Map<DeviceKind, Reading[]>(KINDS.map((k) => [k, []]));
  #seq = 0;
  #owedS = 0;
  #sinceReadS = READS_EVERY_S;
  lookedAt = Date.now();

  constructor(
    readonly id: string,
    readonly name: string,
    request: KitchenRequest,
  ) {
    this.sim = new SimCooker(request.load, request.seed, request.faults);
    this.speed = request.speed;
    this.faults = new Set(request.faults);
    this.emitter.setMaxListeners(100);
    this.#read();
  }

  get seq(): number {
    return this.#seq;
  }

  devices(): Device[] {
    return KINDS.map((kind) => ({
      id: `${this.id}-${kind}`,
      kind,
      name: `${this.name}: ${NAMES[kind]}`,
      kitchenId: this.id,
      simulated: true,
      speed: this.speed,
      lastSeq: this.#seq,
    }));
  }

  /** Lets `ms` of the wall's clock pass. */
  pass(ms: number): void {
    this.#owedS += (ms / 1000) * this.speed;
    while (this.#owedS >= 3) {
      const passed = this.sim.advance(3);
      this.#owedS -= passed;
      this.#sinceReadS += passed;
      if (this.#sinceReadS >= READS_EVERY_S) this.#read();
    }
  }

  command(command: Command): string | null {
    const trouble = this.sim.command(command);
    this.#read();
    return trouble;
  }

  #read(): void {
    this.#sinceReadS = 0;
    this.#seq++;
    for (const reading of this.sim.readings(this.#seq)) {
      const kept = this.#kept.get(reading.kind) as Reading[];
      kept.push(reading);
      if (kept.length > KEPT) kept.shift();
      this.emitter.emit(reading.kind, reading);
    }
  }

  /** Readings of a device after a count, oldest first. */
  after(kind: DeviceKind, seq: number): Reading[] {
    return (this.#kept.get(kind) ?? []).filter((r) => r.seq > seq);
  }
}

/** All simulated kitchens of this server, and the clock that drives them. */
export class Kitchens {
  readonly #kitchens = new Map<string, SimKitchen>();
  readonly #timer: NodeJS.Timeout;
  #count = 0;
  #last = performance.now();

  constructor() {
    this.#timer = setInterval(() => this.#tick(), TICK_MS);
    this.#timer.unref();
  }

  #tick(): void {
    const now = performance.now();
    const ms = Math.min(5000, now - this.#last);
    this.#last = now;
    for (const [id, kitchen] of this.#kitchens) {
      kitchen.pass(ms);
      if (Date.now() - kitchen.lookedAt > FORGOTTEN_MS) this.#kitchens.delete(id);
    }
  }

  close(): void {
    clearInterval(this.#timer);
    this.#kitchens.clear();
  }

  make(request: KitchenRequest): SimKitchen | null {
    if (this.#kitchens.size >= MOST_KITCHENS) return null;
    const id = `sim-${Date.now().toString(36)}-${++this.#count}`;
    const kitchen = new SimKitchen(id, request.name, request);
    this.#kitchens.set(id, kitchen);
    return kitchen;
  }

  all(): SimKitchen[] {
    return [...this.#kitchens.values()];
  }

  get(id: string): SimKitchen | undefined {
    const kitchen = this.#kitchens.get(id);
    if (kitchen) kitchen.lookedAt = Date.now();
    return kitchen;
  }

  /** The kitchen and the kind of a device. */
  device(deviceId: string): { kitchen: SimKitchen; kind: DeviceKind } | undefined {
    const kind = KINDS.find((k) => deviceId.endsWith(`-${k}`));
    const kitchen = kind && this.get(deviceId.slice(0, -(kind.length + 1)));
    return kind && kitchen ? { kitchen, kind } : undefined;
  }

  remove(id: string): boolean {
    this.#kitchens.get(id)?.emitter.emit('gone');
    return this.#kitchens.delete(id);
  }
}
