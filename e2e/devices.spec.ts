import { expect, type Page } from '@playwright/test';
import { test } from './household';
import { cookUntil, finishStep, open, startCooking, stepTitle } from './cooking';

/** Plugs a simulated kitchen into the cook that is on the screen. */
async function plugIn(
  page: Page,
  faults: readonly string[],
  speed = '120 times as fast',
  no = '7',
): Promise<void> {
  await page.getByRole('button', { name: 'Plug in…' }).click();
  await page.getByLabel('Its clock runs').selectOption(speed);
  await page.getByRole('spinbutton', { name: 'Kitchen no.' }).fill(no);
  for (const f of faults) await page.getByLabel(f).check();
  await page.getByRole('button', { name: 'Plug in a simulated kitchen' }).click();
  await expect(page.locator('.device-window')).toBeVisible();
}

test('a whole cook at 120 times: a burn, a dropped connection, a reload in the hold, through to the log', async ({
  page,
}) => {
  await open(page, '/dish/stout-beef');
  await startCooking(page);
  await cookUntil(page, /^Close and set/);
  await plugIn(page, ['The floor was not scraped', 'The connection drops']);
  await finishStep(page);
  await expect(stepTitle(page)).toHaveText(/^Coming up/);

  // It burns: cancel, scrape, loosen, start again, and say what was found.
  await expect(page.locator('.at-pot-burning')).toBeVisible();
  await page.getByRole('button', { name: 'Cancel', exact: true }).click();
  await page.getByRole('button', { name: 'Scrape it' }).click();
  await page.getByRole('button', { name: 'Pour in 150 ml' }).click();
  await page.getByRole('button', { name: /^Start again/ }).click();
  await expect(page.locator('.at-pot-burning')).toHaveCount(0);

  // The pressure is told by the cooker, and the hold survives a reload.
  await expect(stepTitle(page)).toHaveText(/^Hold/);
  await page.reload();
  await expect(page.locator('.device-window')).toBeVisible();
  await expect(stepTitle(page)).toHaveText(/^Natural release|^Open/);
  await expect(stepTitle(page)).toHaveText(/^Open/);
  await expect(page.getByText('Held back: now')).toBeVisible();

  // The live curve stands beside the forecast.
  await expect(page.locator('.device-chart canvas')).toBeVisible();

  await finishStep(page);
  await page.getByRole('button', { name: /The probe says/ }).click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.locator('.meat-check [role=status]')).toContainText('Reached, in that piece');
  await page.getByRole('button', { name: 'On with it' }).click();
  await expect(stepTitle(page)).not.toHaveText(/^Check/);
  await cookUntil(page, /How much sauce/);
  await page.getByRole('button', { name: /Take the scale/ }).click();
  await page.getByRole('button', { name: 'Use this' }).click();
  await cookUntil(page, /To the table/);
  await page.getByRole('button', { name: 'On the table' }).click();
  await page.getByRole('group', { name: 'The meat' }).getByText('just right').click();
  await expect(page.getByText(/Leftovers: into the refrigerator by \d\d:\d\d/)).toBeVisible();
  await page.getByRole('button', { name: 'Into the logbook' }).click();
  await expect(page.getByText('With a simulated kitchen')).toBeVisible();
  await expect(page.getByRole('row', { name: /Under pressure/ })).toContainText(/\d+ min/);
  await expect(page.locator('body')).not.toContainText(/\bis safe\b/i);

  // Every reading is there once and none is missing.
  const gaps = await page.evaluate(
    () =>
      new Promise<{ rows: number; missing: number }>((resolve) => {
        const request = indexedDB.open('keen-ladle');
        request.onsuccess = () => {
          const all = request.result.transaction('readings').objectStore('readings').getAll();
          all.onsuccess = () => {
            const seqs = (all.result as { kind: string; list: { seq: number }[] }[])
              .filter((row) => row.kind === 'cooker')
              .flatMap((row) => row.list.map((r) => r.seq))
              .sort((a, b) => a - b);
            resolve({ rows: seqs.length, missing: (seqs.at(-1) ?? 0) - (seqs[0] ?? 0) + 1 - seqs.length });
          };
        };
      }),
  );
  expect(gaps.rows).toBeGreaterThan(50);
  expect(gaps.missing).toBe(0);
});

test('short of the temperature, the reading says how many minutes more', async ({ page }) => {
  await open(page, '/dish/paprika-chicken');
  await startCooking(page);
  await cookUntil(page, /^Check the/);
  await page.locator('#core').fill('61');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.locator('.meat-check [role=status]')).toContainText('Short by 13 °C');
  await page.getByRole('button', { name: /^Simmer about \d+ min/ }).click();
  await expect(page.getByRole('timer', { name: /Simmer on/ })).toBeVisible();
});

test('the tray says what would happen, and keeps what was overruled', async ({ page }) => {
  await open(page, '/dish/paprika-chicken');
  await startCooking(page);
  await page.getByRole('button', { name: /^Put .*sour cream.* in now/ }).click();
  await expect(page.locator('.tray-ask')).toContainText('splits into grains');
  await page.getByRole('button', { name: 'Leave it held back' }).click();
  await expect(page.locator('.tray-ask')).toHaveCount(0);
  await page.getByRole('button', { name: /^Put .*sour cream.* in now/ }).click();
  await page.getByRole('button', { name: 'It goes in all the same' }).click();
  await expect(page.getByText(/Went in early: .*sour cream/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/Went in early: .*sour cream/)).toBeVisible();
});

test('steps by keys and swipes, done ahead, paused, and two cooks at once', async ({ page }) => {
  await open(page, '/dish/bean-wings');
  await startCooking(page);
  const first = await stepTitle(page).textContent();
  await page.keyboard.press('ArrowRight');
  await expect(stepTitle(page)).not.toHaveText(first ?? '');
  await page.keyboard.press('ArrowLeft');
  await expect(stepTitle(page)).toHaveText(first ?? '');
  await page.evaluate(() => {
    const body = document.querySelector('.at-pot-body') as HTMLElement;
    const touch = (type: string, x: number): void => {
      const t = new Touch({ identifier: 1, target: body, clientX: x, clientY: 300 });
      body.dispatchEvent(
        new TouchEvent(type, {
          bubbles: true,
          touches: type === 'touchend' ? [] : [t],
          changedTouches: [t],
        }),
      );
    };
    touch('touchstart', 600);
    touch('touchend', 300);
  });
  await expect(stepTitle(page)).not.toHaveText(first ?? '');

  await page.getByRole('button', { name: 'All steps' }).click();
  const ahead = page.getByRole('button', { name: /^Done ahead: Off the heat/ });
  await ahead.click();
  await expect(page.locator('.all-steps .is-done')).toHaveCount(2);
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText(/Paused since \d\d:\d\d/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on' }).first().click();
  await expect(page.getByText(/Paused since/)).toHaveCount(0);

  await page.goto('/dish/turkey-orzo');
  await startCooking(page);
  await expect(stepTitle(page)).toHaveText('Get everything ready');
  await page.getByRole('link', { name: /On the go: Chilli-bean wings/ }).click();
  await expect(page.locator('.at-pot h1')).toHaveText(/wings/);
});

test('without the server the cook goes on and says so', async ({ page }) => {
  await open(page, '/dish/bean-wings');
  await startCooking(page);
  await page.route('**/api/**', (route) => route.abort());
  await page.getByRole('button', { name: 'Plug in…' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'The server does not answer' })).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await finishStep(page);
});

test('a device that babbles, a valve left open and a power cut do not disturb the cook', async ({ page }) => {
  const errors: string[] = [];
  page.on('pageerror', (e) => errors.push(e.message));
  await open(page, '/dish/bean-wings');
  await startCooking(page);
  await cookUntil(page, /^Close and set/);
  await plugIn(page, ['A device babbles nonsense', 'The valve was left open']);
  await finishStep(page);
  await expect(page.getByRole('button', { name: 'Close the valve' })).toBeVisible();
  await page.getByRole('button', { name: 'Close the valve' }).click();
  await expect(page.getByRole('button', { name: 'Close the valve' })).toHaveCount(0);
  await expect(stepTitle(page)).toHaveText(/^Hold/);
  await page.getByRole('button', { name: 'Vent', exact: true }).click();
  await expect(stepTitle(page)).toHaveText(/^Open/);

  // Its clock is slowed down, and it is unplugged: the cook goes on by taps.
  await page.getByLabel('Speed of the clock').selectOption('1');
  await expect(page.getByLabel('Speed of the clock')).toHaveValue('1');
  await page.getByRole('button', { name: 'Unplug' }).click();
  await expect(page.getByText('None plugged in')).toBeVisible();
  await finishStep(page);
  expect(errors).toEqual([]);
});

test('a simulated kitchen that stands there already is plugged in by a second cook', async ({ page }) => {
  await open(page, '/dish/bean-wings');
  await startCooking(page);
  await plugIn(page, [], '120 times as fast', '4242');
  await page.getByRole('button', { name: 'Unplug' }).click();
  await page.getByRole('button', { name: 'Plug in…' }).click();
  await page
    .locator('.drawer li', { hasText: 'Kitchen no. 4242' })
    .first()
    .getByRole('button', { name: 'plug in' })
    .click();
  await expect(page.locator('.device-window')).toContainText(/Off, pin down/);
});
