import { z } from 'zod';

/**
 * What a kitchen device and the application say to each other, over HTTP and server-sent events. The simulated ones that ship
 * speak it; a bridge to real ones can be written against it: see docs/devices.md.
 */
export const DEVICE_KINDS = ['cooker', 'probe', 'scale'] as const;
export type DeviceKind = (typeof DEVICE_KINDS)[number];

/** Faults that a simulated kitchen can be asked for. */
export const FAULTS = [
  'valve-open',
  'film',
  'thin-short',
  'ring-leaks',
  'weak-heater',
  'frozen-lump',
  'probe-out',
  'drops',
  'power-cut',
  'babbles',
] as const;
export type Fault = (typeof FAULTS)[number];

export const FAULT_NAMES: Record<Fault, string> = {
  'valve-open': 'The valve was left open',
  film: 'The floor was not scraped',
  'thin-short': 'Too little thin liquid',
  'ring-leaks': 'The ring leaks',
  'weak-heater': 'A weak heater',
  'frozen-lump': 'The meat was a frozen lump',
  'probe-out': 'The probe slipped out of the meat',
  drops: 'The connection drops',
  'power-cut': 'A power cut',
  babbles: 'A device babbles nonsense',
};

const id = z.string().regex(/^[a-z0-9-]{1,60}$/);
const figure = (min: number, max: number) => z.number().min(min).max(max);

/** Stages of a cooker. */
const COOKER_STAGES = [
  'off',
  'heating',
  'holding',
  'coming-down',
  'venting',
  'open',
  'burn',
  'no-power',
] as const;
export type CookerStage = (typeof COOKER_STAGES)[number];

const base = {
  /** Counts up by one for each reading of a device; what makes resuming exact. */
  seq: z.number().int().positive(),
  /** The device's own clock, s since it was switched on. */
  timeS: figure(0, 1e7),
};

/** One reading. Unknown fields are dropped, unknown kinds are nonsense. */
export const ReadingSchema = z.discriminatedUnion('kind', [
  z.object({
    ...base,
    kind: z.literal('cooker'),
    stage: z.enum(COOKER_STAGES),
    /** What stands in its window: at most eight characters. */
    display: z.string().max(8),
    pinUp: z.boolean(),
    valve: z.enum(['sealed', 'open']),
    powerW: figure(0, 5000),
    gaugeKPa: figure(0, 300),
    /** Seconds under pressure so far. */
    heldS: figure(0, 1e6),
  }),
  z.object({ ...base, kind: z.literal('probe'), tempC: figure(-60, 200) }),
  z.object({ ...base, kind: z.literal('scale'), grams: figure(-1000, 60000) }),
]);
export type Reading = z.infer<typeof ReadingSchema>;
export type CookerReading = Extract<Reading, { kind: 'cooker' }>;

/** What a device can be told. */
export const CommandSchema = z.discriminatedUnion('do', [
  z.object({ do: z.literal('start'), minutes: figure(0, 180) }),
  /** Other minutes under pressure than it was started with. */
  z.object({ do: z.literal('hold-for'), minutes: figure(0, 180) }),
  z.object({ do: z.literal('cancel') }),
  z.object({ do: z.literal('vent') }),
  z.object({ do: z.literal('seal') }),
  z.object({ do: z.literal('open') }),
  z.object({ do: z.literal('scrape') }),
  z.object({ do: z.literal('add-liquid'), ml: figure(0, 3000) }),
]);
export type Command = z.infer<typeof CommandSchema>;

/** A device as it is listed. */
export const DeviceSchema = z.object({
  id,
  kind: z.enum(DEVICE_KINDS),
  name: z.string().max(60),
  /** The kitchen it belongs to: a cooker, a probe and a scale that stand together. */
  kitchenId: id,
  simulated: z.boolean(),
  /** Its clock against the wall's. */
  speed: figure(0.1, 240),
  lastSeq: z.number().int().nonnegative(),
});
export type Device = z.infer<typeof DeviceSchema>;

const piece = z.object({
  massG: figure(0, 20000),
  thicknessMm: figure(1, 300),
  exponent: figure(0, 2),
  conduction: figure(0.2, 2),
  startC: figure(-60, 100),
  onRack: z.boolean().optional(),
  shells: z.number().int().min(4).max(40).optional(),
});

/** What is put into a simulated kitchen: the load of a plan, without its judgements. Limits are those of a household. */
export const LoadSchema = z.object({
  pot: z.object({
    kind: z.enum(['electric', 'stovetop']).optional(),
    heaterW: figure(100, 5000),
    lossWPerK: figure(0.05, 20),
    metalJPerK: figure(50, 10000),
    gaugeKPa: figure(5, 200),
  }),
  altitudeM: figure(-400, 5500),
  roomC: figure(-10, 50),
  lumpJPerK: figure(100, 100000),
  startC: figure(-20, 105),
  pieces: z.array(piece).max(10),
  /** The piece the probe is in. */
  probeIn: z.number().int().min(0).max(9),
  /** On the scale: the empty pot, everything in it, and the thin liquid that can boil away before the floor is dry, g. */
  emptyG: figure(0, 20000),
  contentsG: figure(0, 40000),
  thinG: figure(0, 20000),
});
export type Load = z.infer<typeof LoadSchema>;

/** Asks for a simulated kitchen. */
export const KitchenRequestSchema = z.object({
  name: z.string().min(1).max(40),
  seed: z.number().int().min(0).max(1e9),
  speed: figure(0.1, 240),
  faults: z.array(z.enum(FAULTS)).max(FAULTS.length),
  load: LoadSchema,
});
export type KitchenRequest = z.infer<typeof KitchenRequestSchema>;
