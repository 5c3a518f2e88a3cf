import { expect } from '@playwright/test';
import { fresh, test } from './household';
import { open, startCooking, stepTitle } from './cooking';

fresh(
  'a browser that refuses its storage says so, and the whole kitchen works in memory',
  async ({ page }) => {
    await page.addInitScript(() => {
      IDBFactory.prototype.open = () => {
        throw new DOMException('denied', 'SecurityError');
      };
      Object.defineProperty(window, 'localStorage', {
        get: () => {
          throw new DOMException('denied', 'SecurityError');
        },
      });
    });
    await page.goto('/');
    await expect(page.getByRole('alert')).toContainText('nothing will last');
    await expect(page.locator('.dish-list > li')).toHaveCount(12);
    await page.getByRole('link', { name: /Paprika chicken/ }).click();
    await page.getByRole('button', { name: 'More: plates' }).click();
    await startCooking(page);
    await expect(page.getByRole('alert').first()).toContainText('nothing will last');
  },
);

fresh('a storage that never answers is said, and gone on without', async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = function () {
      return Object.assign(new EventTarget(), { result: null, error: null }) as unknown as IDBOpenDBRequest;
    };
  });
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Opening the kitchen…' })).toBeVisible();
  await expect(page.getByRole('status')).toContainText('does not answer');
  await page.getByRole('button', { name: /Go on without it/ }).click();
  await expect(page.locator('.dish-list > li')).toHaveCount(12);
  await expect(page.getByRole('alert')).toContainText('nothing will last');
});

test('what was typed just before a reload is kept', async ({ page }) => {
  await open(page, '/dish/paprika-chicken');
  await page.getByLabel(/thick$/).fill('57');
  await page.reload();
  await expect(page.getByLabel(/thick$/)).toHaveValue('57');
  await page.getByRole('button', { name: 'More: plates' }).click();
  const plates = await page.getByRole('group', { name: 'plates' }).locator('output').textContent();
  await page.reload();
  await expect(page.getByRole('group', { name: 'plates' }).locator('output')).toHaveText(plates ?? '');
  await page.goto('/dishes/new');
  await page.getByLabel(/Ingredients, one on a line/).fill('1 kg lamb neck\n2 oni');
  await page.reload();
  await expect(page.getByLabel(/Ingredients, one on a line/)).toHaveValue('1 kg lamb neck\n2 oni');
});

test('with the disk full an edit stays on the screen, is said, and is written when there is room', async ({
  page,
}) => {
  await open(page, '/dish/paprika-chicken');
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    const full = window as unknown as { makeRoom: () => void };
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    full.makeRoom = () => {
      IDBObjectStore.prototype.put = put;
    };
  });
  await page.getByRole('button', { name: 'More: plates' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Not written down yet' })).toContainText('no room');
  await expect(page.getByRole('group', { name: 'plates' }).locator('output')).toContainText('5');
  await page.evaluate(() => (window as unknown as { makeRoom: () => void }).makeRoom());
  await page.getByRole('button', { name: 'Try now' }).click();
  await expect(page.getByText('Not written down yet')).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('group', { name: 'plates' }).locator('output')).toContainText('5');
});

test('a dish that says stop is asked about once, by name, and what is overruled is on the record', async ({
  page,
}) => {
  await open(page, '/dishes/new');
  await page
    .getByLabel(/Ingredients, one on a line/)
    .fill('Dry stew\n1 kg beef chuck\n2 onions\n1 tbsp oil\n2 tbsp water');
  await page.getByRole('button', { name: 'Put it on the counter' }).click();
  await page.getByRole('button', { name: 'Start cooking' }).click();
  const asked = page.getByRole('dialog');
  await expect(asked).toContainText('Too little thin liquid');
  await asked.getByRole('button', { name: 'Back to the counter' }).click();
  await expect(stepTitle(page)).toHaveCount(0);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await asked.getByRole('button', { name: 'Cook it anyway' }).click();
  await expect(stepTitle(page)).toBeVisible();
  await page.getByRole('button', { name: 'Leave it off' }).click();
  await page.getByRole('link', { name: 'See how it went' }).click();
  await expect(page.getByText('Cooked against a stop:')).toBeVisible();
});

test('two quick taps on Start cooking begin one cook, and one emptied tab does not strand the other', async ({
  page,
  context,
}) => {
  await open(page, '/dish/bean-wings');
  await page.getByRole('button', { name: 'Start cooking' }).dblclick();
  await expect(stepTitle(page)).toBeVisible();
  const other = await context.newPage();
  await other.goto('/kitchen');
  await other.getByRole('button', { name: 'Start empty' }).click();
  await expect(other.getByRole('dialog')).toContainText('is being cooked right now');
  await other.getByRole('dialog').getByRole('button', { name: 'Start empty' }).click();
  await expect(page.getByRole('heading', { name: 'No such cook' })).toBeVisible();
  await other.getByRole('button', { name: 'Put back what was here' }).click();
  await expect(stepTitle(page)).toBeVisible();
  await expect(page.getByRole('link', { name: /On the go/ })).toHaveCount(0);
});
