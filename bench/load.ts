import { chromium, type CDPSession } from '@playwright/test';
import { chromiumPath } from '../scripts/chromium.mjs';

/**
 * What a cook waits for the first time a page is opened: script and styles over the wire, the largest paint, what moves after it, and the
 * main thread's long tasks. Expects a server on BASE. Two households: this machine, and a phone with a processor four times slower
 * behind a slow line.
 */
const BASE = process.env['BASE'] ?? '';
const ROUTES = [
  '/',
  '/finish',
  '/dish/paprika-chicken',
  '/dish/paprika-chicken/clock',
  '/dish/paprika-chicken/bowls',
  '/dishes/new',
  '/log',
  '/kitchen',
  '/minutes',
];
/** A slow phone line. Source: the profile that audits of pages use: 1.6 Mbit/s, 150 ms. */
const SLOW = { offline: false, latency: 150, downloadThroughput: 200_000, uploadThroughput: 94_000 };
const SLOWER = 4;
/** So long after the page stands still nothing belongs to its opening any more, ms. */
const SETTLED_MS = 2500;

const WATCH = `
  window.load = { lcp: 0, shift: 0, tasks: [] };
  new PerformanceObserver((l) => l.getEntries().forEach((e) => (load.lcp = e.startTime)))
    .observe({ type: 'largest-contentful-paint', buffered: true });
  new PerformanceObserver((l) => l.getEntries().forEach((e) => { if (!e.hadRecentInput) load.shift += e.value; }))
    .observe({ type: 'layout-shift', buffered: true });
  new PerformanceObserver((l) => l.getEntries().forEach((e) => load.tasks.push(e.duration)))
    .observe({ type: 'longtask', buffered: true });
`;

interface Opened {
  scriptKb: number;
  workerKb: number;
  otherKb: number;
  paintMs: number;
  shift: number;
  tasks: number[];
}

/** Kilobytes over the wire by kind, counted as they come in. */
async function counting(cdp: CDPSession): Promise<{ script: number; other: number }> {
  const kb = { script: 0, other: 0 };
  const kinds = new Map<string, string>();
  await cdp.send('Network.enable');
  cdp.on('Network.responseReceived', ({ requestId, type }) => kinds.set(requestId, type));
  cdp.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (kinds.get(requestId) === 'Script') kb.script += encodedDataLength / 1000;
    else kb.other += encodedDataLength / 1000;
  });
  return kb;
}

async function open(route: string, isPhone: boolean): Promise<Opened> {
  const context = await browser.newContext({
    serviceWorkers: 'block',
    viewport: isPhone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
  });
  const page = await context.newPage();
  const cdp = await context.newCDPSession(page);
  const kb = await counting(cdp);
  if (isPhone) {
    await cdp.send('Network.emulateNetworkConditions', SLOW);
    await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  }
  let workerKb = 0;
  page.on('worker', (worker) => {
    void fetch(worker.url(), { headers: { 'accept-encoding': 'gzip' } })
      .then((r) => Number(r.headers.get('content-length') ?? 0))
      .then((bytes) => (workerKb += bytes / 1000));
  });
  await page.addInitScript(WATCH);
  await page.goto(`${BASE}${route}`);
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(SETTLED_MS);
  const { lcp, shift, tasks } = await page.evaluate(
    () => (window as unknown as { load: { lcp: number; shift: number; tasks: number[] } }).load,
  );
  await context.close();
  return { scriptKb: kb.script, workerKb, otherKb: kb.other, paintMs: lcp, shift, tasks };
}

const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--disable-gpu'],
});
try {
  for (const isPhone of [false, true]) {
    console.log(
      isPhone
        ? '\nFirst opening, processor four times slower, slow phone line'
        : '\nFirst opening, this machine',
    );
    console.log(
      `${'page'.padEnd(32)}${'script kB'.padStart(10)}${'worker kB'.padStart(10)}${'other kB'.padStart(10)}${'paint ms'.padStart(10)}${'shift'.padStart(8)}${'tasks over 50 ms'.padStart(18)}${'longest ms'.padStart(12)}`,
    );
    for (const route of ROUTES) {
      const o = await open(route, isPhone);
      const longest = Math.max(0, ...o.tasks);
      console.log(
        `${route.padEnd(32)}${o.scriptKb.toFixed(0).padStart(10)}${o.workerKb.toFixed(0).padStart(10)}${o.otherKb.toFixed(0).padStart(10)}${o.paintMs.toFixed(0).padStart(10)}${o.shift.toFixed(3).padStart(8)}${String(o.tasks.length).padStart(18)}${longest.toFixed(0).padStart(12)}`,
      );
    }
  }
} finally {
  await browser.close();
}
