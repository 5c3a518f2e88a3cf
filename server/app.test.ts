import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { createApp } from './app';
import { Kitchens } from './devices/kitchens';
import { isForUs } from './names';

const SCRIPT = `export const x = "${'y'.repeat(4000)}";`;
const kitchens = new Kitchens();
let dir: string;
let server: Server;
let base: string;

beforeAll(async () => {
  dir = mkdtempSync(join(tmpdir(), 'ladle-'));
  mkdirSync(join(dir, 'assets'));
  writeFileSync(join(dir, 'index.html'), '<!doctype html><title>t</title>');
  for (const [ending, pack] of [
    ['', (text: string) => text],
    ['.gz', gzipSync],
    ['.br', brotliCompressSync],
  ] as const)
    writeFileSync(join(dir, 'assets', `a-1234.js${ending}`), pack(SCRIPT));
  server = createApp({ distDir: dir, version: '9.9.9', kitchens }).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(async () => {
  kitchens.close();
  await new Promise((resolve) => server.close(resolve));
  rmSync(dir, { recursive: true });
});

describe('the server', () => {
  it('says it is well', async () => {
    const answer = await fetch(`${base}/api/health`);
    expect(await answer.json()).toEqual({ ok: true, version: '9.9.9' });
    expect(answer.headers.get('cache-control')).toBe('no-store');
  });

  it('allows no inline script and nothing from elsewhere', async () => {
    const policy = (await fetch(base)).headers.get('content-security-policy') ?? '';
    // One program that is no script: what reads print from a picture.
    expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval';");
    expect(policy).toContain("default-src 'none'");
    expect(/script-src[^;]*'unsafe/.test(policy)).toBe(false);
  });

  it('gives the page for any address of the app, and 404 for an unknown api', async () => {
    for (const path of ['/', '/dish/x', '/log/a', '/nonsense/%2e%2e/x'])
      expect((await fetch(base + path)).status).toBe(200);
    expect((await fetch(`${base}/api/nothing`)).status).toBe(404);
    expect((await fetch(`${base}/assets/none.js`)).status).toBe(404);
  });

  it('says that a file is not there, and gives no stack and no path of the machine', async () => {
    for (const path of ['/robots.txt', '/sitemap.xml', '/nothing.js', '/assets/%ZZ', '/assets/none.js']) {
      const answer = await fetch(base + path);
      expect([path, answer.status >= 400 && answer.status < 500]).toEqual([path, true]);
      const words = await answer.text();
      expect(words).not.toMatch(/\bat \w+.*:\d+:\d+|node_modules/);
      for (const place of [process.cwd(), dir]) expect(words).not.toContain(place);
    }
  });

  it.each([
    ['127.0.0.1:80', undefined, 80, true],
    ['127.0.0.1', undefined, 80, true],
    ['localhost:4310', undefined, 4310, true],
    ['LOCALHOST:4310', 'http://localhost:4310', 4310, true],
    ['[::1]:4310', 'http://127.0.0.1:4310', 4310, true],
    ['evil.example:4310', undefined, 4310, false],
    ['127.0.0.1.evil.example:4310', undefined, 4310, false],
    ['localhost:4310', 'http://evil.example', 4310, false],
    ['localhost:4310', 'http://localhost:9999', 4310, false],
    ['localhost:4310', 'null', 4310, false],
    ['localhost:9999', undefined, 4310, false],
    ['', undefined, 4310, false],
    [undefined, undefined, 4310, false],
  ])('host %s from %s on %d: %s', (host, origin, port, isOurs) => {
    expect(isForUs(host, origin, port)).toBe(isOurs);
  });

  it('turns away a foreign name that is bound to this machine, and a foreign page', async () => {
    const port = Number(new URL(base).port);
    const ask = (headers: Record<string, string>, method = 'GET'): Promise<number> =>
      new Promise((resolve, reject) => {
        const asked = request(
          { port, host: '127.0.0.1', path: '/api/devices', method, headers },
          (answer) => {
            answer.resume();
            resolve(answer.statusCode ?? 0);
          },
        );
        asked.on('error', reject);
        asked.end();
      });
    expect(await ask({})).toBe(200);
    expect(await ask({ Host: `rebound.example:${port}` })).toBe(403);
    expect(await ask({ Origin: 'http://elsewhere.example' })).toBe(403);
  });

  it.each([
    ['gzip, deflate, br, zstd', 'br'],
    ['gzip', 'gzip'],
    ['identity', null],
  ])('gives a file packed as who asks takes it: %s', async (taken, packed) => {
    const script = await fetch(`${base}/assets/a-1234.js`, { headers: { 'accept-encoding': taken } });
    expect(script.headers.get('content-encoding')).toBe(packed);
    expect(script.headers.get('content-type')).toContain('text/javascript');
    expect(await script.text()).toBe(SCRIPT);
  });

  it('keeps hashed files for a year, and the page not at all', async () => {
    const script = await fetch(`${base}/assets/a-1234.js`);
    expect(script.headers.get('cache-control')).toContain('immutable');
    expect((await fetch(base)).headers.get('cache-control')).toBe('no-cache');
  });
});
