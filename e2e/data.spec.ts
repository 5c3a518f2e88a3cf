import { readFileSync, writeFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { strFromU8, unzipSync } from 'fflate';
import { test } from './household';
import { chooseMore, finishStep, open, startCooking, stepTitle } from './cooking';

const file = (name: string, text: string) => ({
  name,
  mimeType: 'application/json',
  buffer: Buffer.from(text),
});

test('everything goes out into one file and comes back', async ({ page }) => {
  await open(page);
  await page.getByRole('link', { name: 'Open a backup' }).click();
  await expect(page.getByRole('heading', { name: 'Safe keeping' })).toBeInViewport();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save everything to a file' }).click();
  const saved = await (await waiting).path();
  const zip = readFileSync(saved);
  const kitchen = strFromU8(unzipSync(zip)['kitchen.json'] as Uint8Array);
  expect(JSON.parse(kitchen).dishes).toHaveLength(12);
  await expect(page.getByText('Last saved to a file today.')).toBeVisible();

  await page.getByRole('button', { name: 'Start empty' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Start empty' }).click();
  await expect(page.locator('.pot-card')).toHaveCount(1);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'An empty shelf' })).toBeVisible();
  await page.goto('/log');
  await expect(page.getByText('Nothing cooked yet')).toBeVisible();

  await page.goto('/kitchen');
  await page
    .getByLabel('Read a backup…')
    .setInputFiles({ name: 'ours.zip', mimeType: 'application/zip', buffer: zip });
  await expect(page.getByRole('dialog').getByText('12 dishes that are not here')).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Put it in place of everything' }).click();
  await expect(page.getByText('Read 12 dishes and 48 cooks.')).toBeVisible();
  await page.goto('/');
  await expect(page.locator('.dish-list > li')).toHaveCount(12);
});

test('a damaged, foreign or huge file gets a clear sentence and changes nothing', async ({
  page,
}, testInfo) => {
  await open(page, '/kitchen');
  const cases: [string, string, RegExp][] = [
    ['torn.json', '{"format":"keen-ladle-backup","version":1,"dishes":[', /damaged/],
    ['letter.json', '{"hello":"world"}', /not a Keen Ladle backup/],
    [
      'wrong.json',
      JSON.stringify({
        format: 'keen-ladle-backup',
        version: 1,
        savedAt: 1,
        kitchen: {},
        dishes: [],
        events: [],
      }),
      /does not read/,
    ],
    ['huge.json', '', /larger than/],
  ];
  for (const [name, text, message] of cases) {
    // The huge one lies on the disk: sending it to the browser letter by letter takes half a minute.
    const chosen = text ? file(name, text) : testInfo.outputPath(name);
    if (!text) writeFileSync(testInfo.outputPath(name), `"${'x'.repeat(41_000_000)}"`);
    await page.getByLabel('Read a backup…').setInputFiles(chosen);
    await expect(page.getByRole('alert').filter({ hasText: message })).toContainText('Nothing was changed');
  }
  await page.goto('/');
  await expect(page.locator('.dish-list > li')).toHaveCount(12);
});

test('two devices are brought together by one file', async ({ page }) => {
  // A folder that both devices see: here one that the browser keeps itself.
  await page.addInitScript(() => {
    Object.assign(window, {
      showSaveFilePicker: async () =>
        (await navigator.storage.getDirectory()).getFileHandle('keen-ladle.zip', { create: true }),
    });
  });
  await open(page, '/kitchen');
  await page.getByRole('button', { name: 'Choose the file…' }).click();
  await expect(page.getByText('nothing was new in the file')).toBeVisible();
  await page.getByRole('button', { name: 'Start empty' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Start empty' }).click();
  await expect(page.locator('.pot-card')).toHaveCount(1);
  await page.getByRole('button', { name: 'Bring together with “keen-ladle.zip”' }).click();
  await expect(page.getByText(/Both are together: 60 new/)).toBeVisible();
  await page.goto('/');
  await expect(page.locator('.dish-list > li')).toHaveCount(12);
});

test('markup in a dish is text, never markup', async ({ page }) => {
  await open(page, '/dishes/new');
  await page
    .getByLabel(/Ingredients, one on a line/)
    .fill(
      '<img src=x onerror="document.title=1"> 2 onions\n<b>1 kg</b> beef chuck\nالدجاج ٢ كيلو\n鶏もも肉 500 g',
    );
  await page.getByRole('button', { name: 'Put it on the counter' }).click();
  await expect(page.locator('.line')).toHaveCount(4);
  await expect(page.locator('.counter img')).toHaveCount(0);
  await expect(page).toHaveTitle(/^A new dish · Keen Ladle$/);
});

test('two tabs on the same cook stay consistent', async ({ page, context }) => {
  await open(page, '/dish/plum-ribs');
  await startCooking(page);
  await expect(stepTitle(page)).toHaveText('Get everything ready');
  const other = await context.newPage();
  await other.goto(page.url());
  await finishStep(page);
  const title = (await stepTitle(page).textContent()) ?? '';
  await expect(stepTitle(other)).toHaveText(title);
  await finishStep(other);
  await expect(stepTitle(page)).toHaveText((await stepTitle(other).textContent()) ?? '');
  await page.getByLabel('What for').fill('noodles');
  await page.getByLabel('Minutes', { exact: true }).fill('9');
  await page.locator('.timer-new').getByRole('button', { name: 'Start' }).click();
  await expect(other.getByRole('timer', { name: /noodles/ })).toBeVisible();
});

test('addresses that lead nowhere say so, and deep links open', async ({ page }) => {
  await open(page, '/dish/none');
  await expect(page.getByRole('heading', { name: /not on the shelf/ })).toBeVisible();
  await page.goto('/cook/none');
  await expect(page.getByRole('heading', { name: 'No such cook' })).toBeVisible();
  await page.goto('/log/none');
  await expect(page.getByRole('heading', { name: 'No such cook' })).toBeVisible();
  await page.goto('/nowhere/at/all');
  await expect(page.getByRole('heading', { name: 'Nothing on this shelf' })).toBeVisible();
  await page.goto('/dish/stout-beef/finish');
  await expect(page.getByRole('heading', { name: 'How much starch?' })).toBeVisible();
});

test('a removed dish can be put back', async ({ page }) => {
  await open(page, '/dish/plum-ribs');
  await chooseMore(page, 'Remove the dish');
  await expect(page.locator('.dish-list > li')).toHaveCount(11);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.locator('.dish-list > li')).toHaveCount(12);
});

test('altitude and house rules change the plan', async ({ page }) => {
  await open(page, '/dish/apricot-lamb');
  const minutes = page.locator('.finding-note h3').filter({ hasText: /minutes, then/ });
  const low = Number.parseInt((await minutes.textContent()) ?? '', 10);
  await page.goto('/kitchen');
  await page.getByLabel('Height above the sea').fill('2400');
  await page.getByLabel(/Do not sear/).check();
  await page.goto('/dish/apricot-lamb');
  await expect(page.locator('.finding').filter({ hasText: 'At 2400 m water boils' })).toBeVisible();
  expect(Number.parseInt((await minutes.textContent()) ?? '', 10)).toBeGreaterThan(low);
  await expect(page.locator('.moment-lid').filter({ hasText: 'lamb shoulder' }).first()).toBeVisible();
});
