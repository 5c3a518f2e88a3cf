import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useRef, useState } from 'react';
import useSWR, { mutate } from 'swr';
import { z } from 'zod';
import {
  cookTime,
  DEVICE_KINDS,
  DeviceSchema,
  eventsOf,
  Feed,
  type Command,
  type CookerReading,
  type CookState,
  type Device,
  type DeviceKind,
  type KitchenRequest,
  type Plan,
  type Reading,
} from '../../core/index';
import { recordFrom } from './cooks';
import { db, type ReadingRow } from './db';

const LIST = '/api/devices';
const ListSchema = z.object({ devices: z.array(DeviceSchema).max(200) });
const MadeSchema = z.object({ kitchenId: z.string(), devices: z.array(DeviceSchema) });
const TroubleSchema = z.object({ message: z.string().max(300) });
const ODD = 'The server answers something odd. Is it the one that came with this app?';
const AWAY = 'The server does not answer. Is it still running?';

async function ask(
  path: string,
  method: string,
  body?: unknown,
): Promise<{ data: unknown } | { message: string }> {
  try {
    const answer = await fetch(path, {
      method,
      ...(body === undefined
        ? {}
        : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    });
    const data: unknown = await answer.json();
    if (answer.ok) return { data };
    return { message: TroubleSchema.safeParse(data).data?.message ?? AWAY };
  } catch {
    return { message: AWAY };
  }
}

/** The devices of the server; null while it does not answer. */
export function useDevices(): { devices: Device[] | null; isLoading: boolean } {
  const { data, error, isLoading } = useSWR<Device[], Error>(
    LIST,
    async () => {
      const answer = await ask(LIST, 'GET');
      if ('message' in answer) throw new Error(answer.message);
      return ListSchema.parse(answer.data).devices;
    },
    { refreshInterval: 4000, shouldRetryOnError: true, errorRetryInterval: 4000 },
  );
  return { devices: error ? null : (data ?? null), isLoading };
}

/** Sets up a simulated kitchen; gives its identity, or why not. */
export async function makeKitchen(
  request: KitchenRequest,
): Promise<{ kitchenId: string } | { message: string }> {
  const answer = await ask('/api/kitchens', 'POST', request);
  void mutate(LIST);
  if ('message' in answer) return answer;
  const made = MadeSchema.safeParse(answer.data);
  return made.success ? { kitchenId: made.data.kitchenId } : { message: ODD };
}

/** Puts a simulated kitchen away. */
export async function removeKitchen(kitchenId: string): Promise<void> {
  await ask(`/api/kitchens/${encodeURIComponent(kitchenId)}`, 'DELETE');
  void mutate(LIST);
}

/** Lets its clock run faster or slower. */
export async function setSpeed(kitchenId: string, speed: number): Promise<string | null> {
  const answer = await ask(`/api/kitchens/${encodeURIComponent(kitchenId)}`, 'PATCH', { speed });
  return 'message' in answer ? answer.message : null;
}

/** Tells a kitchen's cooker to do something; gives its refusal, or null. */
export async function tellCooker(kitchenId: string, command: Command): Promise<string | null> {
  const answer = await ask(`/api/devices/${encodeURIComponent(kitchenId)}-cooker/commands`, 'POST', command);
  return 'message' in answer ? answer.message : null;
}

/** Waits before a broken stream is taken up again, ms: soon, then more patiently. */
const RETRY_MS = [200, 500, 1000, 2000, 4000];
/** Readings of one device that are looked at in a second; more is a flood and waits in the database of the server. */
const MOST_A_SECOND = 400;

/**
 * Listens to one device, from the last reading that was kept on, whatever the connection does. `take` is given each reading
 * once; what it returns stops listening.
 */
export function listen(
  deviceId: string,
  after: number,
  take: (reading: Reading) => void,
  onState: (isConnected: boolean) => void,
): () => void {
  const feed = new Feed(after);
  let source: EventSource | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let tries = 0;
  let isOver = false;
  let second = 0;
  let count = 0;
  const again = (): void => {
    source?.close();
    onState(false);
    if (isOver) return;
    timer = setTimeout(open, RETRY_MS[Math.min(tries++, RETRY_MS.length - 1)]);
  };
  const open = (): void => {
    if (isOver) return;
    source = new EventSource(`/api/devices/${encodeURIComponent(deviceId)}/readings?after=${feed.last}`);
    source.onopen = () => {
      tries = 0;
      onState(true);
    };
    source.onmessage = (message: MessageEvent<string>) => {
      const now = Math.floor(performance.now() / 1000);
      count = now === second ? count + 1 : 1;
      second = now;
      if (count > MOST_A_SECOND) return again();
      const got = feed.receive(message.data);
      if (got.kind === 'reading' || got.kind === 'gap') take(got.reading);
    };
    source.onerror = again;
  };
  open();
  return () => {
    isOver = true;
    clearTimeout(timer);
    source?.close();
  };
}

/** What the plugged devices say now, and whether they can be heard. */
export interface PluggedNow {
  cooker: CookerReading | null;
  probeC: number | null;
  grams: number | null;
  isConnected: boolean;
}
/** Readings are written down together this often, ms; sixty to a row. */
const BATCH_MS = 200;
const CHUNK = 60;
const NOTHING: PluggedNow = { cooker: null, probeC: null, grams: null, isConnected: false };

/**
 * Listens to the kitchen plugged into a cook: keeps every reading with the cook, tells the cook what the cooker says, and gives
 * the newest. Taken up again after a reload at the reading after the last one kept.
 */
export function usePlugged(state: CookState, plan: Plan): PluggedNow {
  const { cookId } = state;
  const kitchenId = state.plugged?.kitchenId ?? null;
  const isOver = state.status === 'finished' || state.status === 'abandoned';
  const [now, setNow] = useState<PluggedNow>(NOTHING);
  const planNow = useRef(plan);
  useEffect(() => {
    planNow.current = plan;
  }, [plan]);
  useEffect(() => {
    if (!kitchenId || isOver) return;
    let isCurrent = true;
    const stops: (() => void)[] = [];
    const connected = new Set<DeviceKind>();
    let stored: Promise<unknown> = Promise.resolve();
    let waiting: Reading[] = [];
    let timer: ReturnType<typeof setTimeout> | undefined;
    const flush = (): void => {
      timer = undefined;
      const batch = waiting;
      waiting = [];
      stored = stored.then(() => keep(cookId, kitchenId, batch, planNow.current)).catch(() => undefined);
    };
    const take = (reading: Reading): void => {
      waiting.push(reading);
      timer ??= setTimeout(flush, BATCH_MS);
      setNow((before) => ({
        ...before,
        ...(reading.kind === 'cooker'
          ? { cooker: reading }
          : reading.kind === 'probe'
            ? { probeC: reading.tempC }
            : { grams: reading.grams }),
      }));
    };
    const begin = async (): Promise<void> => {
      for (const kind of DEVICE_KINDS) {
        const last = await lastReading(cookId, kind);
        if (!isCurrent) return;
        const mine = last?.kitchenId === kitchenId ? last.reading : null;
        if (mine?.kind === 'cooker') setNow((before) => ({ ...before, cooker: mine }));
        stops.push(
          listen(`${kitchenId}-${kind}`, mine?.seq ?? 0, take, (isOn) => {
            if (isOn) connected.add(kind);
            else connected.delete(kind);
            setNow((before) => ({ ...before, isConnected: connected.size > 0 }));
          }),
        );
      }
    };
    void begin();
    return () => {
      isCurrent = false;
      stops.forEach((stop) => stop());
      clearTimeout(timer);
      if (waiting.length) flush();
      setNow(NOTHING);
    };
  }, [cookId, kitchenId, isOver]);
  return now;
}

const rowsOf = (cookId: string, kind: DeviceKind) =>
  db.readings.where('[cookId+kind+chunk]').between([cookId, kind, 0], [cookId, kind, Infinity]);

/** The last reading kept of a device in a cook, and the kitchen it came from. */
async function lastReading(
  cookId: string,
  kind: DeviceKind,
): Promise<{ reading: Reading; kitchenId: string } | undefined> {
  const row = await rowsOf(cookId, kind).last();
  const reading = row?.list.at(-1);
  return row && reading ? { reading, kitchenId: row.kitchenId } : undefined;
}

/** Keeps readings with their cook, each once, and tells the cook what its cooker says. */
export async function keep(
  cookId: string,
  kitchenId: string,
  batch: readonly Reading[],
  plan: Plan,
): Promise<void> {
  await db.transaction('rw', db.readings, async () => {
    const rows = new Map<string, ReadingRow>();
    for (const reading of batch) {
      const chunk = Math.floor((reading.seq - 1) / CHUNK);
      const key = `${reading.kind} ${chunk}`;
      let row = rows.get(key) ?? (await db.readings.get([cookId, reading.kind, chunk]));
      // Another kitchen counts from the beginning: what the one before said of these counts gives way.
      if (!row || row.kitchenId !== kitchenId)
        row = { cookId, kitchenId, kind: reading.kind, chunk, list: [] };
      rows.set(key, row);
      if (!row.list.some((r) => r.seq === reading.seq)) row.list.push(reading);
    }
    for (const row of rows.values()) row.list.sort((a, b) => a.seq - b.seq);
    await db.readings.bulkPut([...rows.values()]);
  });
  for (const reading of batch)
    if (reading.kind === 'cooker')
      await recordFrom(
        cookId,
        (state) => cookTime(state.clock, Date.now()),
        (state) => (state.plugged?.kitchenId === kitchenId ? eventsOf(reading, plan, state) : []),
      );
}

/** Most points drawn of each device. */
const MOST_POINTS = 400;

/** The readings kept of a cook, thinned for drawing. */
export function useReadings(cookId: string): Reading[] {
  return (
    useLiveQuery(async () => {
      const out: Reading[] = [];
      for (const kind of ['cooker', 'probe'] as const) {
        const all = (await rowsOf(cookId, kind).toArray()).flatMap((row) => row.list);
        const every = Math.max(1, Math.ceil(all.length / MOST_POINTS));
        out.push(...all.filter((_, i) => i % every === 0 || i === all.length - 1));
      }
      return out;
    }, [cookId]) ?? []
  );
}

/** Every reading kept of a cook, for a file. */
export async function allReadings(cookId: string): Promise<Reading[]> {
  const rows = await db.readings.where('cookId').equals(cookId).toArray();
  return rows.flatMap((row) => row.list);
}
