import { expect } from '@playwright/test';
import { fresh, test } from './household';
import { cookUntil, open, startCooking, stepTitle } from './cooking';

fresh('dishes: searching, ordering, and what is on the table in time', async ({ page }) => {
  await page.clock.setFixedTime(new Date('2026-11-24T17:00:00Z'));
  await open(page);
  const rows = page.locator('.dish-list > li');
  await page.getByLabel('Search dishes and ingredients').fill('prunes');
  await expect(rows).toHaveCount(1);
  await expect(rows).toContainText('Pork shoulder');
  await page.getByLabel('Search dishes and ingredients').fill('nothing like it');
  await expect(page.getByText('Nothing here matches')).toBeVisible();
  await page.getByLabel('Search dishes and ingredients').fill('');
  await page.getByLabel('Order').selectOption('By name');
  await expect(rows.first()).toContainText('Apricot lamb');
  await page.getByLabel('On the table by').fill('18:40');
  await expect(page.getByText(/of 12 by 18:40/)).toBeVisible();
  const late = page.locator('.is-late');
  await expect.poll(() => late.count()).toBeGreaterThan(2);
  await expect(late.first()).toContainText('too late');
  await expect(rows.first()).not.toHaveClass(/is-late/);
});

test('the finish on its own, in ten seconds: four ways in, and plain words for nonsense', async ({
  page,
}) => {
  await open(page, '/finish');
  const dose = page.getByTestId('dose');
  // An answer stands there from the start, for a jugful.
  await expect(dose).toContainText('g');
  await expect(page.locator('#reading')).toHaveValue('500');
  await page.locator('#reading').fill('750');
  await expect(dose).toContainText('2 tbsp + ¾ tsp');
  await expect(dose).toContainText('18 g');
  // The slider is the same figure, by pointer and by keys.
  await page.getByLabel('Slide the jug').fill('1000');
  await expect(page.locator('#reading')).toHaveValue('1000');
  await expect(dose).toContainText('24 g');
  await page.getByLabel('Slide the jug').press('ArrowLeft');
  await expect(page.locator('#reading')).toHaveValue('975');
  await page.locator('#reading').fill('soup');
  await expect(page.getByText('A plain figure, please')).toBeVisible();
  await page.locator('#reading').fill('99999');
  await expect(page.getByText('more than any pot')).toBeVisible();

  await page.getByRole('radio', { name: 'Scale' }).check();
  await page.locator('#reading').fill('500');
  await expect(page.getByText(/nothing would be left/)).toBeVisible();
  await page.locator('#reading').fill('1610');
  await expect(dose).toContainText('18 g');
  await page.getByRole('radio', { name: 'Depth' }).check();
  await page.locator('#reading').fill('20');
  await expect(dose).toContainText('18 g');

  await page.getByLabel('With', { exact: true }).selectOption('xanthan gum');
  await expect(dose).toContainText('xanthan gum');
  await expect(page.locator('.bench-second')).toHaveCount(0);
  await page.getByLabel('With', { exact: true }).selectOption('cornstarch');
  await page
    .getByRole('radiogroup', { name: 'Thickness now' })
    .getByRole('radio', { name: 'coating' })
    .check();
  await expect(page.getByText(/as it is/)).toBeVisible();
  await page
    .getByRole('radiogroup', { name: 'Thickness wanted' })
    .getByRole('radio', { name: 'light' })
    .check();
  await expect(page.getByText(/to loosen it/)).toBeVisible();
});

test('the bench counts ladles and cups, keeps the last good answer, and knows more about the sauce', async ({
  page,
}) => {
  await open(page, '/finish');
  const dose = page.getByTestId('dose');
  await page.getByRole('radio', { name: 'Cups' }).check();
  await page.locator('#reading').fill('3');
  await expect(dose).toContainText('18 g');
  await page.locator('#reading').fill('1000');
  await expect(page.getByRole('alert')).toContainText('Is the unit right?');
  await expect(dose).toContainText('18 g');
  await page.getByRole('radio', { name: 'Ladles' }).check();
  await page.locator('#reading').fill('6');
  await expect(dose).toContainText('17 g');

  // More about it: what else, boiled down too, salt, rescues.
  await page.getByRole('radio', { name: 'With what' }).check();
  await expect(page.locator('.advice li').first()).toContainText('best here');
  await page.locator('.advice').getByRole('button', { name: 'potato starch' }).click();
  await expect(dose).toContainText('potato starch');
  await page.getByRole('radio', { name: 'light' }).first().check();
  await page.getByRole('radio', { name: 'Boil down' }).check();
  const rows = page.locator('.bench-tab tbody tr');
  expect(await rows.count()).toBeGreaterThan(3);
  await page.getByRole('radio', { name: 'Salt', exact: true }).check();
  await expect(page.locator('.bench-tab')).toContainText('quarter teaspoon');
  await page.getByRole('radio', { name: 'Went wrong' }).check();
  await page.getByLabel('What went wrong').selectOption('Split or grainy');
  await expect(page.locator('.bench-tab')).toContainText('cold cream');
  await page.getByLabel('What went wrong').selectOption('It caught');
  await expect(page.locator('.bench-tab')).toContainText('Do not restart on a scorched floor');
});

test('what the spoon shows is learned: the same pot is sized otherwise the next time', async ({ page }) => {
  await open(page, '/kitchen');
  await page.getByRole('button', { name: 'Start empty' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Start empty' }).click();
  await expect(page.locator('.pot-card')).toHaveCount(1);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'An empty shelf' })).toBeVisible();
  await page.goto('/finish');
  const grams = async (): Promise<number> => {
    await page.locator('#reading').fill('800');
    const text = (await page.getByTestId('dose').textContent()) ?? '';
    return Number(/([\d.]+) g/.exec(text)?.[1]);
  };
  const first = await grams();
  for (let i = 0; i < 3; i++) {
    await page.getByRole('radiogroup', { name: 'What the spoon shows' }).getByText('light').click();
    await expect(page.getByText(/Another/)).toBeVisible();
    await page.reload();
    await grams();
  }
  await expect.poll(grams).toBeGreaterThan(first);
});

test('a dish remembers the thickness chosen at its bench', async ({ page }) => {
  await open(page, '/dish/paprika-chicken/finish');
  await page
    .getByRole('radiogroup', { name: 'Thickness wanted' })
    .getByRole('radio', { name: 'gravy' })
    .check();
  await page.getByRole('link', { name: 'Paprika chicken with sour cream' }).click();
  await expect(page.getByLabel('Sauce', { exact: true })).toHaveValue('gravy');
});

test('kitchen: a pot is added, corrected, made the usual one and removed', async ({ page }) => {
  await open(page, '/kitchen');
  const pots = page.locator('.pot-card');
  await expect(pots).toHaveCount(3);
  await page.getByLabel('Add a pot like').selectOption({ label: 'Large electric, 7.6 l' });
  await expect(pots).toHaveCount(4);
  const mine = pots.nth(3);
  await mine.getByRole('button', { name: 'Figures' }).click();
  await mine.getByLabel('Least thin liquid, by its manual').fill('20');
  await expect(mine.getByRole('alert')).toContainText('Between 50 and 2000 ml');
  await mine.getByLabel('Least thin liquid, by its manual').fill('415');
  await mine.getByRole('button', { name: 'Make it the usual one' }).click();
  await expect(mine).toContainText('the usual one');
  await page.goto('/dish/apricot-lamb');
  await expect(page.locator('#pot-words')).toContainText('of 420 ml');
  await page.goto('/kitchen');
  await pots.nth(3).getByRole('button', { name: 'Figures' }).click();
  await pots.nth(3).getByRole('button', { name: 'Remove this pot' }).click();
  await expect(pots).toHaveCount(3);
  await expect(pots.first()).toContainText('the usual one');
});

test('units: a household in pounds and Fahrenheit is spoken to in them', async ({ page }) => {
  await open(page, '/kitchen');
  for (const name of ['oz and cups', '°F']) {
    await page.getByRole('radio', { name, exact: true }).click();
    await expect(page.getByRole('radio', { name, exact: true })).toBeChecked();
  }
  await page.goto('/dish/apricot-lamb');
  await expect(page.locator('.finding').filter({ hasText: 'thin liquid' })).toContainText('cups');
  await expect(page.locator('.finding-note').filter({ hasText: 'then about' })).toContainText('145 °F');
});

test('a line is edited in place, moved, given back, removed, and all of it undone', async ({ page }) => {
  await open(page, '/dish/apricot-lamb');
  await page.locator('.line-face', { hasText: 'lamb stock' }).click();
  await page.getByLabel('In your words').fill('200 ml lamb stock');
  await expect(page.getByRole('button', { name: /^Too little thin liquid/ })).toBeVisible();
  await page.getByLabel('Goes in', { exact: true }).selectOption('Under the lid');
  await expect(page.locator('.moment-lid').filter({ hasText: 'lamb stock' }).first()).toBeVisible();
  await page.getByRole('button', { name: 'As computed' }).click();
  await expect(page.locator('.moment-deglaze').filter({ hasText: 'lamb stock' }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(page.locator('.line', { hasText: 'lamb stock' })).toHaveCount(0);
  for (let i = 0; i < 4; i++) await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(page.locator('.line', { hasText: '450 ml' })).toBeVisible();
  await expect(page.locator('.finding').filter({ hasText: 'Enough thin liquid' })).toBeVisible();
});

test('fast typing loses no letter', async ({ page }) => {
  await open(page, '/dish/plum-ribs');
  const name = page.getByLabel('Name of the dish');
  await name.fill('');
  await name.pressSequentially('Slack-water ribs with plums', { delay: 0 });
  await expect(name).toHaveValue('Slack-water ribs with plums');
  await page.locator('.line-face', { hasText: 'apple juice' }).click();
  const words = page.getByLabel('In your words');
  await words.fill('');
  await words.pressSequentially('450 ml cloudy apple juice', { delay: 0 });
  await expect(words).toHaveValue('450 ml cloudy apple juice');
  await expect(words).toBeFocused();
  await expect(
    page.locator('.line-face', { hasText: '450 ml' }).filter({ hasText: 'cloudy apple juice' }),
  ).toBeVisible();
  await page.reload();
  await expect(name).toHaveValue('Slack-water ribs with plums');
  await expect(
    page.locator('.line-face', { hasText: '450 ml' }).filter({ hasText: 'cloudy apple juice' }),
  ).toBeVisible();
});

test('lines are added below, one at a time or many at once', async ({ page }) => {
  await open(page, '/dish/plum-ribs');
  await expect(page.locator('.line').first()).toBeVisible();
  const before = await page.locator('.line').count();
  await page.getByLabel('Write or paste more lines').fill('100 ml double cream');
  await page.keyboard.press('Enter');
  await expect(page.locator('.held-tray')).toContainText('double cream');
  await page.getByLabel('Write or paste more lines').fill('2 carrots\n1 tsp salt\n200 g zorblax');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.locator('.line')).toHaveCount(before + 4);
  const asked = page.locator('.finding').filter({ hasText: 'What is “zorblax”?' });
  await asked.getByRole('button', { name: 'A firm vegetable' }).click();
  await expect(asked).toHaveCount(0);
});

test('short of the temperature is said plainly, and the cook decides', async ({ page }) => {
  await open(page, '/dish/bean-wings');
  await startCooking(page);
  await cookUntil(page, /^Check the/);
  await page.getByLabel('Thickest part of a thick piece').fill('68');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText(/^68 °C measured.*, 74 °C to reach\./)).toContainText('Short by 6 °C');
  await page.getByLabel('Thickest part of a thick piece').fill('79');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText(/^79 °C measured/)).toContainText('Reached, in that piece');
  await page.getByRole('button', { name: 'On with it' }).click();
  await expect(stepTitle(page)).toHaveText('Set the meat aside');
  await expect(page.locator('body')).not.toContainText(/\bis safe\b/i);
});

test('a step is skipped with a reason that the log keeps', async ({ page }) => {
  await open(page, '/dish/bean-wings');
  await startCooking(page);
  const skip = page.getByRole('button', { name: 'Skip', exact: true });
  const why = page.getByRole('button', { name: 'Done already' });
  await skip.click();
  await why.click();
  await expect(stepTitle(page)).not.toHaveText('Get everything ready');
  await page.getByRole('button', { name: 'Leave it off' }).click();
  await page.getByRole('link', { name: 'See how it went' }).click();
  await expect(page.getByText('Get everything ready (done already)')).toBeVisible();
});

test('the thickener chosen when measuring is the one that is stirred in, after a reload too', async ({
  page,
}) => {
  await open(page, '/dish/prune-pork');
  await startCooking(page);
  await cookUntil(page, /How much sauce/);
  await page.locator('#reading').fill('800');
  await page.getByLabel('With', { exact: true }).selectOption('arrowroot');
  const said = await page.getByTestId('dose').textContent();
  await page.getByRole('button', { name: 'Use this' }).click();
  await expect(stepTitle(page)).toHaveText('Thicken below the boil');
  await page.reload();
  await expect(page.getByTestId('dose')).toHaveText(said ?? '');
  await expect(page.getByTestId('dose')).toContainText('arrowroot');
});
