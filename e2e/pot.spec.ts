import { expect } from '@playwright/test';
import { test } from './household';
import { cookUntil, open, startCooking, stepTitle } from './cooking';

/** The kinds of all events that the browser keeps, told in the page. */
const eventsKept = (): Promise<string[]> =>
  new Promise((resolve, reject) => {
    const asked = indexedDB.open('keen-ladle');
    asked.onerror = () => reject(asked.error ?? new Error('no database'));
    asked.onsuccess = () => {
      const db = asked.result;
      const all = db.transaction('events').objectStore('events').getAll();
      all.onerror = () => reject(all.error ?? new Error('no events'));
      all.onsuccess = () => {
        db.close();
        resolve((all.result as { type: string }[]).map((e) => e.type));
      };
    };
  });

test('a layer is looked at, moved with the keys, costs what it says, and is put back', async ({ page }) => {
  await open(page, '/dish/peanut-chicken');
  const tomato = page.getByRole('button', { name: /^chopped tomatoes, \d+ mm/ });
  await tomato.focus();
  await page.keyboard.press('Enter');
  const card = page.getByRole('group', { name: /Layer: chopped tomatoes/ });
  await expect(card).toContainText('not stirred in');
  await expect(card.getByRole('button', { name: 'Higher' })).toBeDisabled();
  await tomato.focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('button', { name: /^Loaded in your own order/ })).toBeVisible();
  await expect(card).toContainText('sinks to the floor');
  await card.getByRole('button', { name: 'Back to the computed order' }).click();
  await expect(page.getByRole('button', { name: /^Loaded in your own order/ })).toHaveCount(0);
});

test('a layer is dragged down with the pointer', async ({ page }) => {
  await open(page, '/dish/peanut-chicken');
  const tomato = page.locator('.pot-layer').last();
  const box = await tomato.boundingBox();
  const x = (box?.x ?? 0) + 60;
  const y = (box?.y ?? 0) + (box?.height ?? 0) / 2;
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + 90, { steps: 8 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: /^Loaded in your own order/ })).toBeVisible();
});

test('rice gets a bowl of its own on the rack, out of the pot’s sums', async ({ page }) => {
  await open(page, '/dish/stout-beef');
  await page.getByLabel('Write or paste more lines').fill('200 g basmati rice, under the lid');
  await page.keyboard.press('Enter');
  await page.locator('.line-face', { hasText: 'basmati rice' }).click();
  await page.getByLabel('Stands').selectOption('bowl');
  await expect(page.getByRole('button', { name: /^A bowl of its own on the rack/ })).toBeVisible();
  await expect(page.locator('.pot-layer').last()).toHaveAttribute('aria-label', /in its bowl/);
});

test('the ledger shows every entry, counted or not', async ({ page }) => {
  await open(page, '/dish/paprika-chicken');
  await page.getByText('The whole sum').click();
  const table = page.locator('.ledger-table');
  await expect(table).toContainText('chicken stock');
  await expect(table.locator('.is-not-counted').first()).toContainText('not counted');
  await expect(table.locator('tfoot')).toContainText('only what is poured');
});

test('a dish is compared in every pot and moved to another', async ({ page }) => {
  await open(page, '/dish/paprika-chicken');
  await page.getByRole('button', { name: 'compare…' }).click();
  const panel = page.getByRole('dialog');
  await expect(panel.locator('.pot-choices > li')).toHaveCount(3);
  await panel
    .locator('li', { hasText: 'Stovetop pot' })
    .getByRole('button', { name: 'Move it here' })
    .click();
  await expect(panel.locator('li', { hasText: 'Stovetop pot' })).toContainText('in this one');
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('In', { exact: true })).toHaveValue('pot-stovetop');
});

test('a burn alarm in mid-cook: what to do first, the likeliest cause, and the log remembers', async ({
  page,
}) => {
  await open(page, '/dish/apricot-lamb');
  await startCooking(page);
  await cookUntil(page, /^Coming up/);
  await page.getByRole('button', { name: 'It does not come to pressure' }).click();
  const panel = page.getByRole('dialog');
  await expect(panel.getByText('Do not force the lid')).toBeVisible();
  await panel.getByRole('button', { name: 'No, go on' }).click();
  await expect(panel.getByText('Question 2 of')).toBeVisible();
  await panel.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'It says it is burning' }).click();
  await expect(panel.getByText('Open only when the pin is down')).toBeVisible();
  const troubles = async (): Promise<number> =>
    (await page.evaluate(eventsKept)).filter((type) => type === 'trouble').length;
  const before = await troubles();
  await panel.getByRole('button', { name: 'Yes' }).click();
  await expect(panel.getByRole('heading', { name: 'Now' })).toBeVisible();
  await expect(panel.getByText(/A black floor is not cooked on/)).toBeVisible();
  await panel.getByRole('button', { name: 'Close' }).click();
  await expect(stepTitle(page)).toHaveText(/^Coming up/);
  // What to do now is shown at once and does not wait for the disk; the log has it once it is written.
  await expect.poll(troubles).toBe(before + 1);
  await page.reload();
  await page.getByRole('button', { name: 'Leave it off' }).click();
  await page.getByRole('link', { name: 'See how it went' }).click();
  await expect(page.getByText(/it called a burn/)).toBeVisible();
});

test('a layer that was dragged is moved and not opened', async ({ page }) => {
  await open(page, '/dish/peanut-chicken');
  const layer = page.locator('.pot-layer.is-movable').first();
  const box = (await layer.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  const x = box.x + box.width / 2;
  const y = box.y + box.height / 2;
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let i = 1; i <= 8; i++) await page.mouse.move(x, y - i * 14);
  await page.mouse.up();
  await expect(page.locator('.layer-card')).toHaveCount(0);
  await layer.click();
  await expect(page.locator('.layer-card')).toBeVisible();
});
