import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { defaultKitchen, emptyDish, Feed, loadOf, planDish, type Device, type Fault } from '../../core/index';
import { createApp } from '../app';
import { Kitchens } from './kitchens';
import { MOST_STREAMS } from './routes';

const plan = planDish(
  {
    ...emptyDish('d', 'Stew', 0),
    lines: ['900 g beef chuck, in 4 cm cubes', '450 ml stock'].map((text, i) => ({ id: `l${i}`, text })),
  },
  defaultKitchen(),
);
const kitchens = new Kitchens();
let dir: string;
let server: Server;
let base: string;

beforeAll(async () => {
  dir = mkdtempSync(join(tmpdir(), 'ladle-'));
  writeFileSync(join(dir, 'index.html'), '<!doctype html><title>t</title>');
  server = createApp({ distDir: dir, version: '9.9.9', kitchens }).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api`;
});
afterAll(async () => {
  kitchens.close();
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
  rmSync(dir, { recursive: true });
});

const send = (path: string, body: unknown, method = 'POST') =>
  fetch(base + path, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
async function make(
  faults: Fault[] = [],
  speed = 240,
): Promise<{ id: string; device: (kind: string) => string }> {
  const answer = await send('/kitchens', { name: 'Test', seed: 3, speed, faults, load: loadOf(plan) });
  const { kitchenId, devices } = (await answer.json()) as { kitchenId: string; devices: Device[] };
  return { id: kitchenId, device: (kind) => devices.find((d) => d.kind === kind)!.id };
}
const remove = (id: string) => fetch(`${base}/kitchens/${id}`, { method: 'DELETE' });

/** Reads one connection into a feed until `enough`, then breaks it. */
async function listen(path: string, feed: Feed, enough: (got: number) => boolean): Promise<number[]> {
  const abort = new AbortController();
  const got: number[] = [];
  try {
    const answer = await fetch(`${base}${path}?after=${feed.last}`, { signal: abort.signal });
    const reader = answer.body!.getReader();
    const decoder = new TextDecoder();
    let rest = '';
    for (;;) {
      const { value, done } = await reader.read();
      if (done) break;
      rest += decoder.decode(value, { stream: true });
      const messages = rest.split('\n\n');
      rest = messages.pop() ?? '';
      for (const m of messages) {
        const data = /^data: (.*)$/m.exec(m)?.[1];
        if (data === undefined) continue;
        const r = feed.receive(data);
        if (r.kind === 'reading' || r.kind === 'gap') got.push(r.reading.seq);
      }
      if (enough(got.length)) break;
    }
    abort.abort();
    await reader.cancel().catch(() => undefined);
  } catch {
    // A broken connection is what is tested.
  }
  return got;
}

describe('the simulated devices on the server', () => {
  it('takes no more listeners than a house has, says so, and takes them again', async () => {
    const { id, device } = await make();
    const aborts = Array.from({ length: MOST_STREAMS }, () => new AbortController());
    const path = `/devices/${device('probe')}/readings`;
    const answers = await Promise.all(aborts.map(({ signal }) => fetch(base + path, { signal })));
    expect(answers.every((a) => a.status === 200)).toBe(true);
    const refused = await fetch(base + path);
    expect(refused.status).toBe(429);
    expect(((await refused.json()) as { message: string }).message).toContain('close one of them');
    aborts[0]!.abort();
    for (let left = 200, status = 429; status !== 200; left--) {
      if (!left) throw new Error('A place that was given back is not given out again');
      const again = new AbortController();
      ({ status } = await fetch(base + path, { signal: again.signal }));
      again.abort();
    }
    for (const a of aborts) a.abort();
    await remove(id);
  });

  it('are made, listed, told and put away', async () => {
    const { id, device } = await make();
    const list = (await (await fetch(`${base}/devices`)).json()) as { devices: Device[] };
    expect(list.devices.filter((d) => d.kitchenId === id).map((d) => d.kind)).toEqual([
      'cooker',
      'probe',
      'scale',
    ]);
    expect((await send(`/devices/${device('cooker')}/commands`, { do: 'start', minutes: 4 })).status).toBe(
      200,
    );
    expect((await send(`/devices/${device('probe')}/commands`, { do: 'start', minutes: 4 })).status).toBe(
      405,
    );
    expect((await send(`/kitchens/${id}`, { speed: 60 }, 'PATCH')).status).toBe(200);
    expect((await remove(id)).status).toBe(200);
    expect((await remove(id)).status).toBe(404);
  });

  it.each([
    ['/kitchens', { name: 'x' }, 400],
    ['/kitchens', { name: 'x', seed: 1, speed: 1e9, faults: [], load: {} }, 400],
    ['/devices/none-cooker/commands', { do: 'start', minutes: 3 }, 404],
    ['/nothing', {}, 404],
  ])('refuse nonsense at %s in plain words', async (path, body, status) => {
    const answer = await send(path, body);
    expect(answer.status).toBe(status);
    expect(((await answer.json()) as { message: string }).message.length).toBeGreaterThan(10);
  });

  it('refuse a body that is no JSON, or too large, and commands that are none', async () => {
    const raw = (body: string) =>
      fetch(`${base}/kitchens`, { method: 'POST', headers: { 'content-type': 'application/json' }, body });
    expect((await raw('{{{')).status).toBe(400);
    expect((await raw(JSON.stringify({ name: 'x'.repeat(200_000) }))).status).toBe(413);
    const { id, device } = await make();
    expect((await send(`/devices/${device('cooker')}/commands`, { do: 'explode' })).status).toBe(400);
    const flood = await Promise.all(
      Array.from({ length: 60 }, () => send(`/devices/${device('cooker')}/commands`, { do: 'seal' })),
    );
    expect(flood.some((a) => a.status === 429)).toBe(true);
    await remove(id);
  });

  it('stream readings that start where one left off', async () => {
    const { id, device } = await make();
    const feed = new Feed();
    const first = await listen(`/devices/${device('scale')}/readings`, feed, (n) => n >= 5);
    const second = await listen(`/devices/${device('scale')}/readings`, feed, (n) => n >= 5);
    expect(second[0]).toBe(first.at(-1)! + 1);
    await remove(id);
  });

  it('lose and double no reading over a hundred broken connections, of a device that babbles besides', async () => {
    const { id, device } = await make(['babbles']);
    await send(`/devices/${device('cooker')}/commands`, { do: 'start', minutes: 3 });
    const feed = new Feed();
    const all: number[] = [];
    for (let i = 0; i < 100; i++)
      all.push(...(await listen(`/devices/${device('cooker')}/readings`, feed, (n) => n >= 1 + (i % 4))));
    expect(all.length).toBeGreaterThan(100);
    expect(all).toEqual(Array.from({ length: all.length }, (_, i) => i + 1));
    expect(feed.missing).toBe(0);
    expect(feed.nonsense).toBeGreaterThan(100);
    await remove(id);
  });

  it('come back by themselves where the connection is made to drop', async () => {
    const { id, device } = await make(['drops'], 240);
    const feed = new Feed();
    const all: number[] = [];
    for (let i = 0; i < 3; i++)
      all.push(...(await listen(`/devices/${device('probe')}/readings`, feed, () => false)));
    expect(all).toEqual(Array.from({ length: all.length }, (_, i) => i + 1));
    await remove(id);
  });

  it('stay few', async () => {
    const made = [];
    for (let i = 0; i < 8; i++) made.push(await make());
    expect(
      (await send('/kitchens', { name: 'x', seed: 1, speed: 1, faults: [], load: loadOf(plan) })).status,
    ).toBe(409);
    for (const k of made) await remove(k.id);
  });
});
