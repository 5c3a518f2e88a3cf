import { expect, type Page } from '@playwright/test';
import { test } from './household';
import { chooseMore, open } from './cooking';

/** The row of a line, by its food. */
const row = (page: Page, food: string) => page.locator('.line', { hasText: food });

test('a line is dragged into the held-back tray and brought back by undo', async ({ page }) => {
  await open(page, '/dish/apricot-lamb');
  const grip = page.getByRole('button', { name: 'Move lamb stock' });
  await grip.scrollIntoViewIfNeeded();
  const from = await grip.boundingBox();
  await page.mouse.move((from?.x ?? 0) + 8, (from?.y ?? 0) + 10);
  await page.mouse.down();
  await page.mouse.move((from?.x ?? 0) + 30, (from?.y ?? 0) + 30, { steps: 4 });
  const zone = page.locator('.held-zone.moment-finish');
  await expect(page.locator('.held-name').first()).toBeVisible();
  const to = await zone.boundingBox();
  await page.mouse.move((to?.x ?? 0) + 80, (to?.y ?? 0) + 12, { steps: 8 });
  await expect(zone).toHaveClass(/is-over/);
  await page.mouse.up();
  await expect(page.locator('.held-tray .moment-finish', { hasText: 'lamb stock' }).first()).toBeVisible();
  await expect(page.locator('.finding-stop').first()).toContainText('liquid');
  await page.keyboard.press('Control+z');
  await expect(page.locator('.held-tray', { hasText: 'lamb stock' })).toHaveCount(0);
});

test('a line is moved with the keys alone, two ways', async ({ page }) => {
  await open(page, '/dish/apricot-lamb');
  const grip = page.getByRole('button', { name: 'Move lamb stock' });
  await grip.focus();
  await page.keyboard.press('Space');
  await expect(page.locator('.line-carried')).toBeVisible();
  await expect(page.locator('.moment-deglaze.is-over')).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('.moment-lid.is-over')).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.locator('.moment-lid', { hasText: 'lamb stock' }).first()).toBeVisible();
  await row(page, 'lamb stock').locator('.line-face').focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(page.locator('.moment-deglaze', { hasText: 'lamb stock' }).first()).toBeVisible();
});

test('a line is split between two moments, and given back to the rules', async ({ page }) => {
  await open(page, '/dish/apricot-lamb');
  await row(page, 'lamb stock').locator('.line-face').click();
  await page.getByText('Split it between two moments').click();
  await page.getByLabel('How much goes first').selectOption({ label: 'a quarter' });
  await page.getByLabel('and the rest').selectOption({ label: 'and the rest: Under the lid' });
  await page.getByRole('button', { name: 'Split', exact: true }).click();
  await expect(row(page, 'lamb stock')).toHaveCount(2);
  await expect(page.locator('.moment-lid', { hasText: 'lamb stock' }).first()).toBeVisible();
  await page.getByRole('button', { name: 'As computed' }).click();
  await expect(row(page, 'lamb stock')).toHaveCount(1);
});

test('a swap says what it changes, is applied, and is put back', async ({ page }) => {
  await open(page, '/dish/paprika-chicken');
  await row(page, 'sour cream').locator('.line-face').click();
  await page.getByText('None in the house').click();
  await page.getByRole('button', { name: /Greek yoghurt instead/ }).click();
  await expect(page.locator('.held-tray')).toContainText('yoghurt');
  await row(page, 'yoghurt').locator('.line-face').click();
  await page.getByRole('button', { name: /Back to “200 ml sour cream/ }).click();
  await expect(page.locator('.held-tray')).toContainText('sour cream');
});

test('what was read is corrected in place', async ({ page }) => {
  await open(page, '/dish/apricot-lamb');
  const face = page.locator('.line-face', { hasText: 'lamb shoulder' });
  await face.click();
  await page.getByText('Correct what was read').click();
  await page.getByLabel('Thick', { exact: true }).fill('60');
  await expect(face).toContainText('60 mm');
  await page.locator('#frozen').isChecked();
  await page.getByRole('button', { name: 'Back to what the words say' }).click();
  await expect(face).not.toContainText('60 mm');
});

test('house rules for one dish show what each would change here', async ({ page }) => {
  await open(page, '/dish/stout-beef');
  await page.getByRole('button', { name: 'Rules' }).click();
  const panel = page.getByRole('dialog');
  await expect(panel.getByText('Boil it down only')).toBeVisible();
  await expect(panel.getByText(/min more handwork/).first()).toBeVisible();
  await panel.getByLabel(/Do not sear/).click();
  await expect(panel.getByLabel(/Do not sear/)).toBeChecked();
  await expect(panel.getByText('this dish only')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(panel).toHaveCount(0);
  await expect(page.locator('.moment-sear', { hasText: 'beef' })).toHaveCount(0);
});

test('a dish is scaled by the meat on hand and to fill the pot', async ({ page }) => {
  await open(page, '/dish/paprika-chicken');
  await page.getByRole('button', { name: /scale/ }).click();
  const panel = page.getByRole('dialog');
  await panel.getByLabel(/I have this much/).fill('1.2 kg');
  await expect(panel.getByText('Makes about 6 plates.')).toBeVisible();
  await panel.getByRole('button', { name: 'Use all of it' }).click();
  await expect(page.locator('.stepper output').first()).toContainText('6');
  await panel.getByLabel(/I have this much/).fill('a lot');
  await expect(panel.getByText(/A weight such as/)).toBeVisible();
  await panel.getByRole('button', { name: 'Fill the pot' }).click();
  await page.keyboard.press('Escape');
  await expect(page.locator('.finding-stop', { hasText: 'fill line' })).toHaveCount(0);
});

test('a version is kept, compared and brought back', async ({ page }) => {
  await open(page, '/dish/plum-ribs');
  await chooseMore(page, 'Versions');
  const panel = page.getByRole('dialog');
  await panel.getByLabel('Keep the dish as it is now').fill('before the cloudy one');
  await panel.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(panel.getByText('The same as now.')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.locator('.line-face', { hasText: 'apple juice' }).click();
  await page.getByLabel('In your words').fill('250 ml cloudy apple juice');
  await page.keyboard.press('Enter');
  await chooseMore(page, 'Versions');
  await expect(panel.locator('.diff')).toContainText('cloudy');
  await panel.getByRole('button', { name: 'Bring it back' }).click();
  await expect(panel.getByText('The same as now.')).toBeVisible();
});

test('the bowls are set out in the order of use', async ({ page }) => {
  await open(page, '/dish/paprika-chicken');
  await page.getByRole('link', { name: 'Bowls' }).click();
  await expect(
    page.getByRole('heading', { name: 'Bowls for Paprika chicken with sour cream' }),
  ).toBeVisible();
  await expect(page.locator('.bowl', { hasText: 'The spice bowl' })).toContainText('caraway');
  await expect(page.getByText('Stays in the refrigerator until it is wanted')).toBeVisible();
});

test('the list is searched past a typing error, sorted, filtered by need, and told on the tile', async ({
  page,
}) => {
  await open(page);
  await page.getByLabel('Search dishes and ingredients').fill('appricot lam');
  await expect(page.locator('.dish-list > li')).toHaveCount(1);
  await expect(page.locator('.dish-list')).toContainText('Apricot lamb');
  await page.getByLabel('Search dishes and ingredients').fill('zzzz');
  await page.getByRole('button', { name: 'Show them all' }).click();
  await page.getByLabel('Order').selectOption('name');
  await expect(page.locator('.dish-list > li').first()).toContainText('Apricot');
  await page.goto('/kitchen');
  await page.getByLabel('No dairy').check();
  await page.goto('/');
  await expect(page.locator('.dish-list > li', { hasText: 'Paprika chicken' })).toContainText(/dairy/i);
  await page.getByLabel('Everyone can eat it').check();
  await expect(page.locator('.dish-list > li', { hasText: 'Paprika chicken' })).toHaveCount(0);
});

test('two thousand dishes are listed, searched and scrolled without waiting', async ({ page }) => {
  await open(page);
  await page.evaluate(async () => {
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const asked = indexedDB.open('keen-ladle');
      asked.onsuccess = () => resolve(asked.result);
      asked.onerror = () => reject(asked.error);
    });
    const store = db.transaction('dishes', 'readwrite').objectStore('dishes');
    const all = await new Promise<{ id: string; name: string }[]>((resolve) => {
      const asked = store.getAll();
      asked.onsuccess = () => resolve(asked.result);
    });
    for (let i = 0; i < 2000; i++) {
      const like = all[i % all.length];
      if (like) store.put({ ...like, id: `many-${i}`, name: `${like.name}, no. ${i}` });
    }
    await new Promise((resolve) => (store.transaction.oncomplete = resolve));
    db.close();
  });
  await page.reload();
  await expect(page.locator('.dish-list.is-long')).toBeVisible();
  expect(await page.locator('.dish-list > li').count()).toBeLessThan(60);
  await page.getByLabel('Search dishes and ingredients').fill('no 1777');
  await expect(page.locator('.dish-list > li').first()).toContainText('no. 1777');
});

test('a food of the household’s own is kept, known everywhere and forgotten', async ({ page }) => {
  await open(page, '/kitchen');
  await page.getByLabel('A food of our own').fill('sea beans');
  await page.getByLabel('is most like').selectOption('spinach');
  await page.getByRole('button', { name: 'Remember it' }).click();
  await expect(page.locator('.own-foods')).toContainText('sea beans');
  await page.goto('/dish/plum-ribs');
  await page.getByLabel('Write or paste more lines').fill('100 g sea beans');
  await page.keyboard.press('Enter');
  await expect(page.locator('.held-tray')).toContainText('sea beans');
  await page.goto('/kitchen');
  await page.locator('.own-foods summary').click();
  await page.getByRole('button', { name: 'Forget it' }).click();
  await expect(page.locator('.own-foods')).toHaveCount(0);
});
