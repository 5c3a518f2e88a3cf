import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { open } from './cooking';

const SCREENS = [
  '/',
  '/dishes/new',
  '/dish/paprika-chicken',
  '/dish/paprika-chicken/bowls',
  '/dish/apricot-lamb/clock',
  '/dish/apricot-lamb/serve',
  '/minutes',
  '/finish',
  '/dish/stout-beef/finish',
  '/log',
  '/log/demo-1',
  '/kitchen',
  '/nowhere',
];

async function settle(page: Page): Promise<void> {
  await expect(page.locator('h1, .dish-name-input').first()).toBeVisible();
  await expect(page.locator('.loading')).toHaveCount(0);
}

async function seriousOn(page: Page): Promise<string[]> {
  const found = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
    .analyze();
  return found.violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map(
      (v) =>
        `${v.id}: ${v.nodes
          .slice(0, 3)
          .map((n) => n.html.slice(0, 120))
          .join(' | ')}`,
    );
}

for (const light of ['light', 'dark'] as const) {
  test(`axe finds nothing serious on any screen, ${light}`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: light });
    await open(page);
    for (const path of SCREENS) {
      await page.goto(path);
      await settle(page);
      expect([path, await seriousOn(page)]).toEqual([path, []]);
    }
    await page.goto('/dish/paprika-chicken');
    await page.getByRole('button', { name: 'Start cooking' }).click();
    await expect(page.locator('#step-title')).toBeVisible();
    expect(await seriousOn(page)).toEqual([]);
  });
}

test('nothing runs off the side of a phone, and targets at the pot are large enough', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page);
  for (const path of [...SCREENS, '/dish/paprika-chicken']) {
    await page.goto(path);
    await settle(page);
    const over = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect([path, over]).toEqual([path, 0]);
  }
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page.locator('#step-title')).toBeVisible();
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
  ).toBe(0);
  const small = await page
    .locator('.at-pot button:visible')
    .evaluateAll((all) => all.filter((b) => b.getBoundingClientRect().height < 44).map((b) => b.textContent));
  expect(small).toEqual([]);
});

test('the first load asks nobody else and breaks no content policy', async ({ page }) => {
  const outside: string[] = [];
  const broken: string[] = [];
  page.on(
    'request',
    (r) =>
      !r.url().startsWith('http://127.0.0.1') &&
      !r.url().startsWith('data:') &&
      !r.url().startsWith('blob:') &&
      outside.push(r.url()),
  );
  page.on('console', (m) => m.type() === 'error' && broken.push(m.text()));
  page.on('pageerror', (e) => broken.push(e.message));
  await open(page);
  for (const path of ['/dish/apricot-lamb', '/finish', '/log', '/kitchen']) {
    await page.goto(path);
    await settle(page);
  }
  expect(outside).toEqual([]);
  expect(broken).toEqual([]);
});
