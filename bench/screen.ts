import { chromium, type Page } from '@playwright/test';
import { chromiumPath } from '../scripts/chromium.mjs';
import { FORTY } from './forty';

/** Times what a cook waits for in the real interface. Expects a server on BASE. */
const BASE = process.env['BASE'] ?? '';
const LETTERS = ' in a sauce of the ferry house kitchen, twice';

/** Runs in the page: notes when each letter, and each change of the lines that follows it, has been painted. */
const WATCH = `
  window.seen = { letter: [], plan: [] };
  const painted = (then) => requestAnimationFrame(() => {
    const channel = new MessageChannel();
    channel.port1.onmessage = then;
    channel.port2.postMessage(0);
  });
  let pressed = 0;
  document.addEventListener('keydown', (e) => {
    const at = (pressed = e.timeStamp);
    painted(() => seen.letter.push(performance.now() - at));
  }, true);
  new MutationObserver(() => {
    if (!pressed) return;
    const at = pressed;
    pressed = 0;
    painted(() => seen.plan.push(performance.now() - at));
  }).observe(document.querySelector('.lines-scroll'), { subtree: true, characterData: true, childList: true });
`;

/** Keys pressed in a line of a dish with forty lines: until the letter is painted, and until the plan that follows is. */
async function keystrokes(page: Page): Promise<{ letter: number[]; plan: number[] }> {
  await page.goto(`${BASE}/dishes/new`);
  await page.getByLabel(/Ingredients, one on a line/).fill(FORTY.join('\n'));
  await page.getByRole('button', { name: 'Put it on the counter' }).click();
  await page.locator('.line').nth(30).waitFor();
  await page.locator('.line-face').nth(4).click();
  const words = page.getByLabel('In your words');
  await words.press('End');
  await page.evaluate(WATCH);
  await words.pressSequentially(LETTERS, { delay: 140 });
  await page.waitForTimeout(500);
  return page.evaluate(() => (window as unknown as { seen: { letter: number[]; plan: number[] } }).seen);
}

/** The main thread's longest stretches of work while a slider of the clock is moved by keys, ms of the processor's own time. */
async function sliding(page: Page, path: string, slider: RegExp): Promise<number[]> {
  await page.goto(`${BASE}${path}`);
  await page.getByText(/band round the core is/).waitFor();
  await page.getByRole('slider', { name: slider }).focus();
  await page.waitForTimeout(800);
  const cdp = await page.context().newCDPSession(page);
  const events: TraceEvent[] = [];
  cdp.on('Tracing.dataCollected', ({ value }) => events.push(...(value as unknown as TraceEvent[])));
  await cdp.send('Tracing.start', {
    transferMode: 'ReportEvents',
    traceConfig: { includedCategories: ['__metadata', 'disabled-by-default-devtools.timeline', 'toplevel'] },
  });
  for (let i = 0; i < KEYS; i++) {
    await page.keyboard.press(i % 4 === 3 ? 'ArrowLeft' : 'ArrowRight');
    await page.waitForTimeout(i % 2 ? 60 : 300);
  }
  await page.waitForTimeout(1500);
  const complete = new Promise((resolve) => cdp.once('Tracing.tracingComplete', resolve));
  await cdp.send('Tracing.end');
  await complete;
  const threads = new Set(
    events
      .filter((e) => e.name === 'thread_name' && e.args?.name === 'CrRendererMain')
      .map((e) => `${e.pid} ${e.tid}`),
  );
  return events
    .filter((e) => e.name === 'RunTask' && e.ph === 'X' && threads.has(`${e.pid} ${e.tid}`))
    .map((e) => (e.tdur ?? e.dur ?? 0) / 1000)
    .sort((a, b) => b - a);
}

interface TraceEvent {
  name: string;
  ph: string;
  pid: number;
  tid: number;
  dur?: number;
  tdur?: number;
  args?: { name?: string };
}

const KEYS = 24;
const BLOCKS_MS = 50;

const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(BASE);
  await page.locator('.dish-list > li').first().waitFor();
  const { letter, plan } = await keystrokes(page);
  console.log(
    `\nCounter, a key pressed in a dish of 40 lines (${letter.length} keys)\n${'what'.padEnd(52)}${'median ms'.padStart(11)}${'p95 ms'.padStart(10)}`,
  );
  for (const [what, times] of [
    ['until the letter is painted', letter],
    ['until the recomputed lines are painted', plan],
  ] as const) {
    const sorted = [...times].sort((a, b) => a - b);
    const at = (q: number): string =>
      (sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * q))] ?? Number.NaN).toFixed(1);
    console.log(`${what.padEnd(52)}${at(0.5).padStart(11)}${at(0.95).padStart(10)}`);
  }
  console.log(
    `\nClock, a slider moved by ${KEYS} keys\n${'what'.padEnd(52)}${'longest ms'.padStart(11)}${'next ms'.padStart(10)}${`over ${BLOCKS_MS}`.padStart(9)}`,
  );
  for (const [path, slider] of [
    ['/dish/stout-beef/clock', /Minutes under pressure/],
    ['/dish/stout-beef/clock', /^Thickness/],
    ['/dish/peanut-chicken/clock', /^Thickness/],
  ] as const) {
    const tasks = await sliding(page, path, slider);
    console.log(
      `${`${path}, ${slider.source}`.padEnd(52)}${(tasks[0] ?? 0).toFixed(1).padStart(11)}${(tasks[1] ?? 0).toFixed(1).padStart(10)}${String(tasks.filter((t) => t > BLOCKS_MS).length).padStart(9)}`,
    );
  }
} finally {
  await browser.close();
}
