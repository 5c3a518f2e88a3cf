import { expect, type Page } from '@playwright/test';
import { test } from './household';
import { open } from './cooking';

const fact = (page: Page, name: string) =>
  page.locator('.clock-figures > div', { hasText: name }).locator('dd');

test('the clock follows minutes, release, pressure and thickness, and says what venting early would cost', async ({
  page,
}) => {
  await open(page, '/dish/apricot-lamb');
  await page.getByRole('link', { name: 'Clock' }).click();
  await expect(page.getByRole('heading', { name: /The clock of Apricot lamb/ })).toBeVisible();
  await expect(page.locator('.clock-chart canvas')).toBeVisible();
  await expect(fact(page, 'The meat')).toHaveText('tender');
  await expect(page.getByText(/Vented at once after \d+ min/)).toBeVisible();
  const minutes = page.getByLabel('Minutes under pressure');
  const before = await fact(page, 'Holds').textContent();
  await minutes.fill('8');
  await expect(fact(page, 'Holds')).toHaveText('8 min');
  await expect(fact(page, 'The meat')).toHaveText('under');
  await page.getByRole('button', { name: /As computed: \d+/ }).click();
  await expect(fact(page, 'Holds')).toHaveText(before ?? '');
  await page.getByText('Low', { exact: true }).click();
  await expect(fact(page, 'Holds')).not.toHaveText(before ?? '');
  await page.getByText('High', { exact: true }).click();
  await page.getByLabel('Thickness').fill('60');
  await expect(page.locator('.knob-head', { hasText: 'Thickness' })).toContainText('60 mm');
  await page.getByRole('button', { name: 'Shortest' }).click();
  await expect(page.getByRole('radio', { name: 'Quick' })).toBeChecked();
  await expect(page.locator('body')).not.toContainText(/\bis safe\b/i);
});

test('the same stands in a table, and a setting is kept to compare', async ({ page }) => {
  await open(page, '/dish/apricot-lamb/clock');
  await page.getByText('The same as a table').click();
  const rows = page.locator('.clock-table tbody tr');
  expect(await rows.count()).toBeGreaterThan(8);
  await expect(rows.last().locator('td').nth(1)).toContainText('kPa');
  await page.getByRole('button', { name: 'Keep this to compare' }).click();
  await expect(page.getByRole('button', { name: 'Stop comparing' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Keep this to compare' })).toBeVisible();
});

test('everything in the pot is judged, the band is worked out, and a lump is refused a forecast', async ({
  page,
}) => {
  await open(page, '/dish/stout-beef/clock');
  const kinds = page.locator('.clock-kinds tbody tr');
  await expect(kinds).toHaveCount(3);
  await expect(kinds.filter({ hasText: 'carrots' })).toContainText('falling apart');
  await expect(page.getByText(/band round the core is 200 kitchens/)).toBeVisible();
  await page.getByText('One lump', { exact: true }).click();
  await expect(page.getByText(/cannot be predicted/)).toBeVisible();
  await page.getByText('Not frozen', { exact: true }).click();
  await expect(page.getByText(/cannot be predicted/)).toHaveCount(0);
});

test('what would fall apart is added when the pot is opened in between', async ({ page }) => {
  await open(page, '/dish/stout-beef');
  await page.getByText('The carrots will fall apart').click();
  await page.getByRole('button', { name: 'Open in between and add them then' }).first().click();
  await expect(page.getByText('The carrots will fall apart')).toHaveCount(0);
  await page.getByRole('link', { name: 'Clock' }).click();
  await expect(fact(page, 'Second lid')).toBeVisible();
  await page.getByText('Simmer', { exact: true }).click();
  await expect(fact(page, 'Then simmers')).toBeVisible();
  await expect(page.locator('.clock-kinds')).toContainText('later');
});
