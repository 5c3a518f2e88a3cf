import { chromium, type Browser, type Page } from '@playwright/test';
import { chromiumPath } from '../scripts/chromium.mjs';

/** Long measurements in a real browser, run by hand: `npm run bench -- endurance` (ONLY=kills or ONLY=memory for one of them). Prints figures, checks nothing. */
const BASE = process.env['BASE'] ?? 'http://127.0.0.1:4397';
const KILLS = 200;
const HOURS = Number(process.env['HOURS'] ?? 8);
const SPEED = 120;

const launch = (): Promise<Browser> =>
  chromium.launch({
    executablePath: chromiumPath(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--js-flags=--expose-gc'],
  });

async function begin(page: Page, dish: string): Promise<string> {
  await page.goto(`${BASE}/`);
  await page.locator('.dish-list > li').first().waitFor();
  await page.goto(`${BASE}/dish/${dish}`);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.locator('#step-title').waitFor();
  return page.url();
}

/** Kills the page at random moments after a tap: what was shown as done has to be there again. */
async function kills(): Promise<void> {
  const browser = await launch();
  const context = await browser.newContext({ timezoneId: 'UTC' });
  let page = await context.newPage();
  let url = '';
  let shown = 0;
  let lost = 0;
  let seed = 7;
  const random = (): number => {
    seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
    return seed / 2 ** 32;
  };
  for (let i = 0; i < KILLS; i++) {
    if (i % 20 === 0) url = await begin(page, 'bean-wings');
    const name = `kill ${i}`;
    await page.getByLabel('What for').fill(name);
    await page.getByLabel('Minutes', { exact: true }).fill('30');
    await page.locator('.timer-new').getByRole('button', { name: 'Start' }).click({ noWaitAfter: true });
    await page.waitForTimeout(random() * 60);
    const isShown = await page.getByRole('timer', { name: new RegExp(`^${name}:`) }).isVisible();
    if (i % 2 === 0) {
      const cdp = await context.newCDPSession(page);
      void cdp.send('Page.crash').catch(() => undefined);
      await page.waitForEvent('crash').catch(() => undefined);
    }
    await page.close();
    page = await context.newPage();
    await page.goto(url);
    await page.locator('#step-title').waitFor();
    await page
      .locator('.timers li')
      .first()
      .waitFor({ timeout: 3000 })
      .catch(() => undefined);
    const isThere = await page.getByRole('timer', { name: new RegExp(`^${name}:`) }).count();
    if (isShown) shown++;
    if (isShown && !isThere) lost++;
  }
  console.log(
    `\n${KILLS} random kills in mid-cook (half of them crashes): ${shown} taps had been shown as done, ${lost} of those were lost`,
  );
  await browser.close();
}

/** The page's heap through a simulated cook of many hours with three devices plugged in. */
async function memory(): Promise<void> {
  const browser = await launch();
  const page = await (await browser.newContext({ timezoneId: 'UTC' })).newPage();
  await begin(page, 'stout-beef');
  await page.getByRole('button', { name: 'Plug in…' }).click();
  await page.getByLabel('Its clock runs').selectOption(String(SPEED));
  await page.getByRole('button', { name: 'Plug in a simulated kitchen' }).click();
  await page.locator('.device-window').waitFor();
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Performance.enable');
  console.log(
    `\nA cook of ${HOURS} simulated hours at ${SPEED} times, three devices\nhour   heap MB   readings`,
  );
  for (let hour = 0; hour <= HOURS; hour++) {
    await cdp.send('HeapProfiler.collectGarbage');
    const { metrics } = await cdp.send('Performance.getMetrics');
    const heap = metrics.find((m) => m.name === 'JSHeapUsedSize')?.value ?? 0;
    const rows = await page.evaluate(
      () =>
        new Promise<number>((resolve) => {
          const request = indexedDB.open('keen-ladle');
          request.onsuccess = () => {
            const all = request.result.transaction('readings').objectStore('readings').getAll();
            all.onsuccess = () =>
              resolve((all.result as { list: unknown[] }[]).reduce((s, row) => s + row.list.length, 0));
          };
        }),
    );
    console.log(
      `${String(hour).padStart(4)} ${(heap / 1e6).toFixed(1).padStart(9)} ${String(rows).padStart(10)}`,
    );
    if (hour < HOURS) await page.waitForTimeout((3600 / SPEED) * 1000);
  }
  await browser.close();
}

const only = process.env['ONLY'];
if (only !== 'memory') await kills();
if (only !== 'kills') await memory();
