import { expect, type Page } from '@playwright/test';

/** Pages whose household is there already. */
export const isReady = new WeakSet<Page>();

/** Opens an address, in a fresh browser once the household has been made. */
export async function open(page: Page, path = '/'): Promise<void> {
  if (isReady.has(page) && path !== '/') {
    await page.goto(path);
    return;
  }
  await page.goto('/');
  // The first opening makes the demo household, which a loaded machine takes its time for.
  await page.locator('.dish-list > li').first().waitFor();
  if (path !== '/') await page.goto(path);
}

/** The title of the step at the pot. */
export const stepTitle = (page: Page) => page.locator('#step-title');

/** Finishes the present step with the mouse: ticks what is asked, then the big button; waits for the next one. */
export async function finishStep(page: Page): Promise<void> {
  const before = await stepTitle(page).textContent();
  const check = page.locator('.step-check input');
  if (await check.count()) await check.check();
  if (before?.startsWith('Check the'))
    await page.getByRole('button', { name: 'Checked another way' }).click();
  else await page.locator('.step-done').last().click();
  await expect(stepTitle(page)).not.toHaveText(before ?? '');
}

/** Goes on until a step whose title matches. */
export async function cookUntil(page: Page, title: RegExp): Promise<void> {
  for (let i = 0; i < 25 && !title.test((await stepTitle(page).textContent()) ?? ''); i++)
    await finishStep(page);
  await expect(stepTitle(page)).toHaveText(title);
}

/** Chooses from a dish's menu. */
export async function chooseMore(page: Page, what: string): Promise<void> {
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.locator('.dropdown-menu.show').getByText(what, { exact: true }).click();
}

/** Begins to cook, and says yes where something that says stop is asked about. */
export async function startCooking(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Start cooking' }).click();
  const anyway = page.getByRole('button', { name: 'Cook it anyway' });
  await expect(anyway.or(stepTitle(page))).toBeVisible();
  if (await anyway.isVisible()) await anyway.click();
  await expect(stepTitle(page)).toBeVisible();
}
