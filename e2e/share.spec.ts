import { expect } from '@playwright/test';
import { open, startCooking } from './cooking';
import { test } from './household';

test('a dish travels in a link and is looked at before it is taken in', async ({ page }) => {
  await open(page, '/dish/tamarind-beef');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByText('Share it, or take it along').click();
  const link = await page.getByLabel('A link that carries the whole dish').inputValue();
  expect(link.length).toBeLessThan(2000);
  await expect(page.getByRole('img', { name: /code for the camera/ })).toBeVisible();
  await page.keyboard.press('Escape');
  // The household has it already: it is opened, and not taken twice.
  await page.goto(link);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tamarind beef with coconut');
  await page.getByRole('button', { name: 'Take it into my dishes' }).click();
  await expect(page.getByText('You have this dish already')).toBeVisible();
  await expect(page).toHaveURL(/\/dish\/tamarind-beef$/);
});

test('pressure that came early asks for a longer hold, and one tap moves the minutes', async ({ page }) => {
  await open(page, '/dish/tamarind-beef');
  await startCooking(page);
  const title = page.locator('#step-title');
  for (let i = 0; i < 20; i++) {
    const text = (await title.textContent()) ?? '';
    if (/^Hold/.test(text)) break;
    const check = page.locator('.step-check input');
    if (await check.count()) await check.check();
    await page.locator('.step-done').last().click();
    await expect(title).not.toHaveText(text);
  }
  const bar = page.locator('.at-pot-advice');
  await expect(bar).toContainText('so the pieces are cooler');
  const button = bar.getByRole('button', { name: /^Hold/ });
  const words = (await button.textContent()) ?? '';
  await button.click();
  await expect(bar).toHaveCount(0);
  await expect(title).toHaveText(words);
});

test('a dish prints as a card of one page, on either paper', async ({ page }) => {
  await open(page, '/dish/turkey-orzo');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByText('Share it, or take it along').click();
  await page.getByRole('link', { name: 'A printed card' }).click();
  const card = page.getByRole('article', { name: /^Card of / });
  await expect(card.getByText('manual and the local food-safety authority come first')).toBeVisible();
  await expect(card.locator('svg').first()).toBeVisible();
  await expect
    .poll(() => card.evaluate((e) => e.scrollHeight - e.clientHeight + e.scrollWidth - e.clientWidth))
    .toBeLessThanOrEqual(1);
  for (const format of ['A4', 'Letter']) {
    const pdf = (await page.pdf({ format })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  }
});
