import { expect, type Page } from '@playwright/test';
import { test } from './household';
import { open, stepTitle } from './cooking';

/** Presses Tab until the focus is on something whose accessible text matches; fails when it never comes. */
async function tabTo(page: Page, name: RegExp, most = 120): Promise<void> {
  for (let i = 0; i < most; i++) {
    await page.keyboard.press('Tab');
    const text = await page.evaluate(() => {
      const e = document.activeElement;
      if (!(e instanceof HTMLElement) || e === document.body) return '';
      const labels =
        'labels' in e ? [...((e as HTMLInputElement).labels ?? [])].map((l) => l.textContent).join(' ') : '';
      return `${e.getAttribute('aria-label') ?? ''} ${labels} ${e.textContent ?? ''}`;
    });
    if (name.test(text)) return;
  }
  throw new Error(`Tab never reached ${name}`);
}

const LIST = `800 g boneless chicken thighs
1 tbsp oil
2 onions, sliced
2 tbsp flour, stirred into the onions
400 ml chicken stock
150 ml double cream`;

test('the whole path by keyboard alone', async ({ page }) => {
  await open(page);
  await tabTo(page, /New dish/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'A new dish' })).toBeVisible();
  await tabTo(page, /Ingredients, one on a line/);
  await page.keyboard.insertText(LIST);
  await tabTo(page, /^\s*Name/);
  await page.keyboard.insertText('Keys only');
  await tabTo(page, /Put it on the counter/);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the dish')).toHaveValue('Keys only');

  await tabTo(page, /More: plates/);
  await page.keyboard.press('Space');
  await expect(page.locator('.stepper output').first()).toContainText('5');
  await tabTo(page, /^(?!.*Move).*onions/);
  await page.keyboard.press('Enter');
  await tabTo(page, /Goes in/);
  await page.keyboard.press('u');
  await expect(page.locator('.moment-lid .line-name', { hasText: 'onions' })).toBeVisible();
  await page.keyboard.press('Escape');
  await tabTo(page, /Hold it, size it as slurry/);
  await page.keyboard.press('Enter');
  await expect(page.locator('.held-tray')).toContainText('sized later');
  await page.locator('body').focus();
  await tabTo(page, /Skip to the screen|Keen Ladle/);
  await page.keyboard.press('Control+z');
  await expect(page.locator('.held-tray')).not.toContainText('sized later');
  await page.keyboard.press('Control+y');
  await expect(page.locator('.held-tray')).toContainText('sized later');

  await tabTo(page, /Start cooking/);
  await page.keyboard.press('Enter');
  await expect(stepTitle(page)).toHaveText('Get everything ready');
  for (let i = 0; i < 25; i++) {
    const title = (await stepTitle(page).textContent()) ?? '';
    if (/How much sauce/.test(title)) break;
    if (await page.locator('.step-check input').count()) {
      await tabTo(page, /\?/);
      await page.keyboard.press('Space');
    }
    await tabTo(page, /^\s*(Done|It is at pressure|Time is up|The pin is down|Checked another way)/);
    await page.keyboard.press('Enter');
    await expect(stepTitle(page)).not.toHaveText(title);
  }
  await tabTo(page, /^\s*Jug/);
  await page.keyboard.press('Tab');
  await page.keyboard.insertText('700');
  await expect(page.getByTestId('dose')).toBeVisible();
  await tabTo(page, /Use this/);
  await page.keyboard.press('Enter');
  await expect(stepTitle(page)).toHaveText('Thicken at the boil');
  await tabTo(page, /It is in/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Thick enough' })).toBeVisible();
  await tabTo(page, /Thick enough/);
  await page.keyboard.press('Enter');
  await expect(stepTitle(page)).not.toHaveText('Thicken at the boil');
  for (let i = 0; i < 12; i++) {
    const title = (await stepTitle(page).textContent()) ?? '';
    await tabTo(page, /^\s*(Done|On the table)/);
    await page.keyboard.press('Enter');
    if (/To the table/.test(title)) break;
    await expect(stepTitle(page)).not.toHaveText(title);
  }
  await expect(page.getByRole('heading', { name: 'How was it?' })).toBeVisible();
  await tabTo(page, /under/);
  await page.keyboard.press('ArrowRight');
  await tabTo(page, /Into the logbook/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Keys only' })).toBeVisible();
});
