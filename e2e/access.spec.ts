import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { open, startCooking } from './cooking';
import { fresh, test } from './household';

const SCREENS = [
  '/',
  '/dishes/new',
  '/dishes/many',
  '/dish/paprika-chicken',
  '/dish/paprika-chicken/bowls',
  '/dish/paprika-chicken/card',
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

/** Opens a screen by its address; `at the pot` is a cook just begun. */
async function openScreen(page: Page, path: string): Promise<void> {
  if (path !== 'at the pot') {
    await page.goto(path);
    return settle(page);
  }
  await page.goto('/dish/paprika-chicken');
  await startCooking(page);
}

/** Serious and critical faults; `only` the rules named, where the rest has been asked already. */
async function seriousOn(page: Page, only: readonly string[] = []): Promise<string[]> {
  // There is no frame here: asked in one piece, without a second page. Only what is wrong is told in full.
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
  const found = await (
    only.length ? axe.withRules([...only]) : axe.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
  ).analyze();
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

for (const path of [...SCREENS, 'at the pot'])
  test(`${path} is open to everyone, in both lights, and fits a phone`, async ({ look }) => {
    await openScreen(look, path);
    expect(await seriousOn(look)).toEqual([]);
    // Only colours differ by light.
    await look.emulateMedia({ colorScheme: 'dark' });
    expect(await seriousOn(look, ['color-contrast'])).toEqual([]);
    await look.setViewportSize({ width: 390, height: 844 });
    await expect
      .poll(() =>
        look.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
      )
      .toBe(0);
    const small = await look
      .locator('.at-pot button:visible')
      .evaluateAll((all) =>
        all.filter((b) => b.getBoundingClientRect().height < 44).map((b) => b.textContent),
      );
    expect(small).toEqual([]);
  });

fresh('the first load asks nobody else and breaks no content policy', async ({ page }) => {
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
