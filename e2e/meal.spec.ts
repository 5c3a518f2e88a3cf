import { expect } from '@playwright/test';
import { CUTS } from '../core/index';
import { test } from './household';
import { open, startCooking } from './cooking';

test('a meal is planned backwards from the table, with sides, and says when a wish cannot be met', async ({
  page,
}) => {
  await open(page, '/dish/apricot-lamb');
  await page.getByRole('link', { name: 'Serve at…' }).click();
  await expect(page.getByRole('heading', { name: /On the table: Apricot lamb/ })).toBeVisible();
  const rows = page.locator('.timetable li');
  const before = await rows.count();
  await page.getByLabel(/^Mash/).click();
  await expect(rows).toHaveCount(before + 3);
  await page.getByLabel(/^Rice, in the oven/).click();
  await expect(page.locator('.timetable')).toContainText('in the oven');

  // A wish already past cannot be met, and the nearest is offered.
  const soon = await page.evaluate(() => {
    const d = new Date(Date.now() + 20 * 60_000);
    return `${String(d.getHours()).padStart(2, '0')}:${String(d.getMinutes()).padStart(2, '0')}`;
  });
  await page.getByLabel('On the table at').fill(soon);
  await expect(page.locator('.serve-late')).toContainText('cannot be met');
  await expect(page.locator('.serve-late')).toContainText('too late');
  await page.getByRole('button', { name: /What was done yesterday/ }).click();
  await expect(page.getByLabel('What can be done yesterday was')).toBeChecked();
  await page.getByRole('button', { name: /^Take \d\d:\d\d/ }).click();
  await expect(page.locator('.serve-late')).toHaveCount(0);

  // The counter's ribbon tells the same meal, and it is still there after a reload.
  await page.reload();
  await expect(page.locator('.timetable')).toContainText('boil the potatoes');
  await page.getByRole('link', { name: 'To the counter' }).click();
  await expect(page.locator('.ribbon-foot')).toContainText('boil the potatoes');
});

test('what is done is left out, and a side of one’s own is kept', async ({ page }) => {
  await open(page, '/dish/plum-ribs/serve');
  const rows = page.locator('.timetable li');
  await expect(rows.last()).toContainText('Table');
  const before = await rows.count();
  await page.getByRole('button', { name: 'Done already: Get everything ready' }).click();
  await expect(rows).toHaveCount(before - 1);
  await page.getByRole('button', { name: 'Put them back' }).click();
  await expect(rows).toHaveCount(before);

  await page.getByRole('button', { name: 'A side of your own…' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('alert')).toHaveText('What is it called?');
  await page.getByLabel('Name').fill('Suet dumplings <b>');
  await page.getByLabel('Task 1', { exact: true }).fill('steam the dumplings');
  await page.getByLabel('Where task 1 is done').selectOption('burner');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.locator('.timetable')).toContainText('Suet dumplings <b>');
  await page.getByRole('button', { name: 'Forget Suet dumplings <b>' }).click();
  await expect(page.locator('.timetable')).not.toContainText('Suet dumplings');
});

test('the table of minutes is computed for this pot, kept, and searched', async ({ page }) => {
  await open(page, '/minutes');
  await expect(page.getByText(`${CUTS.length} cuts`)).toBeVisible();
  await page.getByLabel('Find a cut').fill('short rib');
  const row = page.locator('.minutes-table tbody tr');
  await expect(row).toHaveCount(1);
  const minutes = (await row.locator('td').allTextContents()).slice(1).map(Number);
  expect(minutes).toEqual([...minutes].sort((a, b) => a - b));
  await page.reload();
  await expect(page.getByText(`${CUTS.length} cuts`)).toBeVisible();
  await page.getByLabel('Frozen, loose').check();
  await expect(page.locator('.minutes-table tbody tr').first().locator('td').last()).toHaveText('–');
});

test('at the pot the sides have their times, move with the forecast, and start their timers', async ({
  page,
}) => {
  await open(page, '/dish/apricot-lamb/serve');
  // The dish names its couscous for itself; the cook wants mash today.
  await expect(page.getByLabel(/^Couscous/)).toBeChecked();
  await page.getByLabel(/^Couscous/).uncheck();
  await page.getByLabel(/^Mash/).click();
  await expect(page.locator('.timetable')).toContainText('boil the potatoes');
  await expect(page.locator('.timetable')).not.toContainText('couscous');
  await page.getByRole('link', { name: 'To the counter' }).click();
  await startCooking(page);
  const beside = page.getByRole('region', { name: 'Beside it' });
  await expect(beside.locator('li')).toHaveCount(3);
  await expect(beside).toContainText(/\d\d:\d\d/);
  await beside.getByRole('button', { name: 'Begun: boil the potatoes' }).click();
  await expect(beside.locator('li')).toHaveCount(2);
  await expect(page.getByRole('timer', { name: /boil the potatoes/ })).toBeVisible();
  await page.goto('/');
  await expect(page.locator('.shell-cooking')).toContainText(
    /boil the potatoes 2\d:\d\d|boil the potatoes 22:00/,
  );
});
