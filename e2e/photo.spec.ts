import { expect } from '@playwright/test';
import { test } from './household';
import { photographed } from './printed';

const LINES = [
  'Lamb with apricots',
  'Serves 4',
  '',
  '1½ kg lamb shoulder, in 4 cm cubes',
  '2 onions, sliced',
  '½ tsp turmeric',
  '400 ml beef stock',
  '150 g dried apricots',
  '',
  'Brown the lamb in oil. Fry the onions.',
  'Add the stock and turmeric. Cook at high pressure for 25 minutes.',
];

test('a page is read from a photo, held against it line by line, and becomes the dish', async ({
  page,
  browser,
}) => {
  const picture = await photographed(browser, LINES, {
    font: 'Georgia, serif',
    sizePx: 22,
    degrees: 1.5,
    shade: 0.35,
    grain: 20,
  });
  await page.goto('/dishes/new');
  const photo = page.getByLabel('From a photo…');
  await photo.setInputFiles({ name: 'page.png', mimeType: 'image/png', buffer: picture });
  const rows = page.locator('.photo-line');
  await expect(rows.filter({ hasText: 'A fraction' }).first()).toBeVisible();
  const take = page.getByRole('button', { name: 'Take these lines' });
  await expect(take).toBeDisabled();
  // The kilo and a half is chosen from what is likely; whatever else was doubted is put as it stands in the picture.
  const lamb = rows.filter({ has: page.getByLabel(/lamb shoulder/) });
  const half = lamb.getByRole('button', { name: '1½ kg' });
  if (await half.count()) await half.click();
  else await lamb.getByRole('button', { name: 'As in the picture' }).click();
  await expect(lamb.getByRole('textbox')).toHaveValue('1½ kg lamb shoulder, in 4 cm cubes');
  await rows
    .getByLabel(/turmeric$/)
    .first()
    .fill('½ tsp turmeric');
  const open = page.locator('.photo-line.is-open');
  while (await open.count()) {
    const left = await open.count();
    await open.first().getByRole('button', { name: 'As in the picture' }).click();
    await expect(open).toHaveCount(left - 1);
  }
  await expect(page.getByText('Every figure was compared.')).toBeVisible();
  await take.click();
  await expect(page.getByLabel(/Ingredients, one on a line/)).toHaveValue(
    /½ tsp turmeric\n400 ml beef stock/,
  );
  await page.getByRole('button', { name: 'Put it on the counter' }).click();
  await expect(page.getByLabel('Name of the dish')).toHaveValue('Lamb with apricots');
});

test('a picture without print, and a file that is no picture, get a sentence, and nothing written is lost', async ({
  page,
  browser,
}) => {
  await page.goto('/dishes/new');
  const paste = page.getByLabel(/Ingredients, one on a line/);
  await paste.fill('500 g beef chuck');
  const photo = page.getByLabel('From a photo…');
  const empty = await photographed(browser, [], {
    font: 'serif',
    sizePx: 20,
    degrees: 0,
    shade: 0,
    grain: 0,
  });
  await photo.setInputFiles({ name: 'empty.png', mimeType: 'image/png', buffer: empty });
  await expect(page.getByRole('alert')).toContainText('No print was found');
  await photo.setInputFiles({ name: 'torn.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(page.getByRole('alert')).toContainText('cannot be opened here');
  await expect(paste).toHaveValue('500 g beef chuck');
});
