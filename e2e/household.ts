import { test as base, type BrowserContext, type Page } from '@playwright/test';
import { open } from './cooking';

/**
 * Screens that are only looked at share one household in each worker: making it anew takes longer than looking. `look` opens a page in
 * it that is closed after the test.
 */
export const test = base.extend<{ look: Page }, { household: BrowserContext }>({
  household: [
    async ({ browser }, use, info) => {
      const { baseURL, timezoneId } = info.project.use;
      const context = await browser.newContext({
        ...(baseURL ? { baseURL } : {}),
        ...(timezoneId ? { timezoneId } : {}),
        viewport: { width: 1280, height: 800 },
      });
      const page = await context.newPage();
      await open(page);
      await page.close();
      await use(context);
      await context.close();
    },
    { scope: 'worker' },
  ],
  look: async ({ household }, use) => {
    const page = await household.newPage();
    await use(page);
    await page.close();
  },
});
