import { expect, type Page } from '@playwright/test';
import { test } from './household';
import { cookUntil, open, startCooking, stepTitle } from './cooking';

/** Dishes that are each cooked their own way, from the paste to the log. */
async function paste(page: Page, text: string): Promise<void> {
  await open(page);
  await page.getByRole('button', { name: 'New dish' }).click();
  await page.getByLabel(/Ingredients, one on a line/).fill(text);
  await page.getByRole('button', { name: 'Put it on the counter' }).click();
  await expect(page.getByRole('heading', { name: 'In the pot when the lid goes on' })).toBeVisible();
}

/** Cooks to the end, saying what each step is called. */
async function cookThrough(page: Page): Promise<string[]> {
  await startCooking(page);
  const titles: string[] = [];
  for (let i = 0; i < 40; i++) {
    const title = (await stepTitle(page).textContent()) ?? '';
    titles.push(title);
    if (title === 'To the table') break;
    await cookUntil(page, new RegExp(`^(?!${title.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}$)`));
  }
  return titles;
}

async function toTheLog(page: Page, name: RegExp): Promise<void> {
  await page.locator('.step-done').last().click();
  await page.getByRole('link', { name: 'Logbook' }).click();
  await expect(page.getByRole('link', { name }).first()).toBeVisible();
}

test('a soup that is shredded and finished in bowls', async ({ page }) => {
  await paste(
    page,
    `Tide-table chicken soup
Serves 4
Ingredients
1 lb boneless skinless chicken breasts
1 tbsp olive oil
1 yellow onion, diced
3 garlic cloves, minced
1 tsp cumin
1 can (14 oz) diced tomatoes
4 cups chicken broth
juice of 1 lime
Method
1. Cook the onion in the oil until softened, 5 minutes. Stir in the garlic and cumin; cook 30 seconds.
2. Add the tomatoes, broth and chicken. Secure the lid and cook on high pressure for 10 minutes, then release naturally for 10 minutes.
3. Transfer the chicken to a board, shred and return to the pot. Squeeze in the lime juice.
Nutrition: 312 kcal`,
  );
  const titles = (await cookThrough(page)).join(' | ');
  expect(titles).toMatch(
    /Soften.*Bloom.*In with chicken.*Close and set.*Check the.*Lift out.*Shred.*Return.*lime/,
  );
  expect(titles).not.toMatch(/Brown|Thicken|How much sauce/);
  await toTheLog(page, /Tide-table chicken soup/);
});

test('a second lid for the noodles, then what must not boil', async ({ page }) => {
  await paste(
    page,
    `Pilot's noodles
Ingredients
700 g beef round steak, sliced in strips
2 tbsp butter
1 large onion, sliced
250 g mushrooms, quartered
500 ml beef broth
250 g egg noodles
150 ml sour cream
Method
Melt the butter and sear the beef 2 minutes a side. Remove it. Cook the onion and mushrooms until soft. Add the broth and scrape up the brown bits. Return the beef, seal, and cook at high pressure 12 minutes; quick release. Stir in the noodles, replace the lid and cook at high pressure for 3 minutes more. Quick release. Let it stand 5 minutes off the heat, then stir through the sour cream.`,
  );
  const titles = (await cookThrough(page)).join(' | ');
  expect(titles).toMatch(
    /Brown beef.*Lift out.*Soften.*Deglaze.*Return.*Hold.*Open in between.*Close again: 3 min.*Quick release.*Check the.*rest.*sour cream/,
  );
  await toTheLog(page, /Pilot's noodles/);
});

test('meatballs under a cheese that melts, in an order that the cook changes', async ({ page }) => {
  await paste(
    page,
    `Buoy meatballs
Ingredients
500 g beef mince
1 egg
50 g breadcrumbs
1 jar (680 g) tomato passata
250 ml beef stock
2 cloves garlic
1 ball mozzarella
Method
Combine the mince, egg and breadcrumbs. Shape into 20 balls. Pour the stock into the pot, lay in the meatballs and pour the passata over with the garlic; don't stir. Cook on high pressure for 7 minutes and quick release. Tear over the mozzarella, put the lid back on for 5 minutes so it melts. Serve.`,
  );
  await page.getByRole('button', { name: 'How it goes' }).click();
  await page.getByLabel('Change it').check();
  const added = page
    .locator('.goes-acts > li')
    .filter({ has: page.locator('strong', { hasText: 'Melt under the resting lid' }) });
  await added.getByText('Minutes (5), lines, something after it').click();
  await added.getByLabel('Then also').selectOption({ label: 'Under the grill' });
  await expect(page.locator('.goes-head strong', { hasText: 'Under the grill' })).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  const titles = (await cookThrough(page)).join(' | ');
  expect(titles).toMatch(/Mix.*Shape.*meatballs.*Hold 7 min.*release/);
  expect(titles).toMatch(/Melt mozzarella under the resting lid.*Under the grill/);
  expect(titles.match(/Close/g)).toHaveLength(1);
  await toTheLog(page, /Buoy meatballs/);
});
