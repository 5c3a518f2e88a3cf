import { expect, test, type Page } from '@playwright/test';
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
  await expect(page.getByText('60 mm', { exact: true })).toBeVisible();
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
