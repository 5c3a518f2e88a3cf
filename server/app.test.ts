import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from './app';
import { Kitchens } from './devices/kitchens';

const kitchens = new Kitchens();
let dir: string;
let server: Server;
let base: string;

beforeAll(async () => {
  dir = mkdtempSync(join(tmpdir(), 'ladle-'));
  mkdirSync(join(dir, 'assets'));
  writeFileSync(join(dir, 'index.html'), '<!doctype html><title>t</title>');
  writeFileSync(join(dir, 'assets', 'a-1234.js'), `export const x = "${'y'.repeat(4000)}";`);
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
    expect(policy).toContain("script-src 'self'");
    expect(policy).toContain("default-src 'none'");
    expect(/script-src[^;]*unsafe/.test(policy)).toBe(false);
  });

  it('gives the page for any address of the app, and 404 for an unknown api', async () => {
    for (const path of ['/', '/dish/x', '/log/a', '/nonsense/%2e%2e/x'])
      expect((await fetch(base + path)).status).toBe(200);
    expect((await fetch(`${base}/api/nothing`)).status).toBe(404);
    expect((await fetch(`${base}/assets/none.js`)).status).toBe(404);
  });

  it('keeps hashed files for a year, compressed, and the page not at all', async () => {
    const script = await fetch(`${base}/assets/a-1234.js`, { headers: { 'accept-encoding': 'gzip' } });
    expect(script.headers.get('cache-control')).toContain('immutable');
    expect(script.headers.get('content-encoding')).toBe('gzip');
    expect((await fetch(base)).headers.get('cache-control')).toBe('no-cache');
  });
});
