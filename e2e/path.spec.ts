import { expect } from '@playwright/test';
import { fresh, test } from './household';
import { cookUntil, finishStep, open, startCooking, stepTitle } from './cooking';
import { PASTED } from './pasted';

test('the whole path: a pasted list, fixes, the pot, a slurry, the logbook, and a reload on the way', async ({
  page,
}) => {
  await open(page);
  await expect(page.locator('.dish-list > li')).toHaveCount(12);
  await page.getByRole('link', { name: /Apricot lamb shoulder/ }).click();
  await expect(page.getByRole('heading', { name: 'In the pot when the lid goes on' })).toBeVisible();
  await page.goBack();

  await page.getByRole('button', { name: 'New dish' }).click();
  await page.getByLabel(/Ingredients, one on a line/).fill(PASTED);
  await expect(page.getByText('21 lines, all understood')).toBeVisible();
  await page.getByRole('button', { name: 'Put it on the counter' }).click();
  await expect(page.getByLabel('Name of the dish')).toHaveValue('Slack-water chicken');

  const findings = page.locator('.finding');
  const flour = findings.filter({ hasText: 'Plain flour is written with the onions' });
  const cream = findings.filter({ hasText: 'Double cream is written with the stock' });
  await expect(flour.getByRole('img', { name: 'Stop' })).toBeVisible();
  await expect(cream).toBeVisible();
  const tray = page.locator('.held-tray');
  await expect(tray).not.toContainText('cream');
  await flour.getByRole('button', { name: 'Hold it, size it as slurry' }).click();
  await expect(flour).toHaveCount(0);
  await expect(tray).toContainText('sized later');
  await cream.getByRole('button', { name: /Hold it back, in off the boil/ }).click();
  await expect(cream).toHaveCount(0);
  await expect(tray).toContainText('double cream');
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(cream).toBeVisible();
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(cream).toHaveCount(0);

  const table = page.locator('.dish-at');
  const percent = page.locator('.pot-percent');
  const words = page.locator('#pot-words');
  const fillBefore = await percent.textContent();
  await page.getByRole('button', { name: 'More: plates' }).click();
  await page.getByRole('button', { name: 'More: plates' }).click();
  await expect(percent).not.toHaveText(fillBefore ?? '');
  await expect(page.locator('.line-amount', { hasText: '2¼ lb' })).toBeVisible();
  await page.getByLabel('In', { exact: true }).selectOption({ label: 'Stovetop pot, 6 l' });
  await expect(words).toContainText('of 250 ml');
  const minutes = page.locator('.finding-note').filter({ hasText: /minutes?, then/ });
  const minutesBefore = await minutes.locator('h3').textContent();
  await page.getByLabel(/chicken thigh, thick/).fill('60');
  await expect(minutes.locator('h3')).not.toHaveText(minutesBefore ?? '');
  await expect(minutes).toContainText('60 mm');
  await expect(table).toContainText('On the table');

  await page.reload();
  await expect(page.locator('.finding-note').filter({ hasText: '60 mm' })).toBeVisible();

  await startCooking(page);
  await expect(stepTitle(page)).toHaveText('Get everything ready');
  await expect(page.getByText('Held back until the pin drops')).toBeVisible();
  await cookUntil(page, /^Deglaze/);
  await expect(page.locator('.step-done')).toBeDisabled();
  await cookUntil(page, /^Hold/);
  await expect(page.getByRole('timer', { name: /Under pressure/ })).toBeVisible();
  await page.getByLabel('What for').fill('rice');
  await page.getByLabel('Minutes', { exact: true }).fill('11');
  await page.locator('.timer-new').getByRole('button', { name: 'Start' }).click();
  await expect(page.getByRole('timer', { name: /rice/ })).toContainText(/10:5|11:00/);

  await page.reload();
  await expect(stepTitle(page)).toHaveText(/^Hold/);
  await expect(page.getByRole('timer', { name: /rice/ })).toContainText(/10:\d\d|11:00/);
  await expect(page.getByRole('timer', { name: /Under pressure/ })).toBeVisible();

  await cookUntil(page, /How much sauce/);
  await expect(page.getByText('Held back: now')).toBeVisible();
  await page.locator('#reading').fill('850');
  await page.getByRole('radio', { name: 'gravy' }).check();
  const dose = page.getByTestId('dose');
  await expect(dose).toContainText(/tsp|tbsp/);
  await expect(dose).toContainText(/\d+ g/);
  const said = await dose.locator('strong').textContent();
  await page.getByRole('button', { name: 'Use this' }).click();
  await expect(stepTitle(page)).toHaveText('Thicken at the boil');
  await expect(page.getByTestId('dose').locator('strong')).toHaveText(said ?? '');
  await expect(page.locator('.bench-second')).toContainText('cold water');
  await page.getByRole('button', { name: /It is in, start the boil/ }).click();
  await expect(page.getByRole('timer', { name: /Boil the slurry/ })).toBeVisible();
  await page.locator('.spoon-shows').getByText('light', { exact: true }).click();
  await expect(page.locator('.spoon-shows')).toContainText('Another');
  await page.getByRole('button', { name: 'Thick enough' }).click();
  await expect(stepTitle(page)).toHaveText(/cream/);
  await cookUntil(page, /To the table/);
  await page.getByRole('button', { name: 'On the table' }).click();
  await expect(page.getByRole('heading', { name: 'How was it?' })).toBeVisible();
  for (const [group, word] of [
    ['The meat', 'just right'],
    ['The sauce', 'too thin'],
    ['The salt', 'too little'],
  ] as const)
    await page.getByRole('group', { name: group }).getByText(word).click();
  await page.getByLabel('Came up in').fill('13');
  await page.getByLabel('A note for next time').fill('Peas a minute less.');
  await page.getByRole('button', { name: 'Into the logbook' }).click();

  await expect(page.getByRole('heading', { name: 'Slack-water chicken' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Coming up to pressure/ })).toContainText('13 min');
  await expect(page.getByText('850 g')).toBeVisible();
  await page.getByRole('button', { name: 'Write it into the dish' }).click();
  await page.getByRole('link', { name: 'Logbook' }).first().click();
  await expect(page.locator('.log-row').first()).toContainText('Slack-water chicken');
  await expect(page.locator('.log-row').first()).toContainText('Peas a minute less.');
  await page.goto('/');
  await page.getByRole('link', { name: /Slack-water chicken/ }).click();
  await expect(page.getByText('Peas a minute less.')).toBeVisible();
});

test('undo at the pot takes back one tap, and leaving off can be taken back', async ({ page }) => {
  await open(page, '/dish/bean-wings');
  await startCooking(page);
  await finishStep(page);
  const second = await stepTitle(page).textContent();
  await finishStep(page);
  await page.getByRole('button', { name: 'Undo last tap' }).click();
  await expect(stepTitle(page)).toHaveText(second ?? '');
  await page.getByRole('button', { name: 'Leave it off' }).click();
  await expect(page.getByText('This cook was left off')).toBeVisible();
  await page.getByRole('button', { name: 'Go on cooking' }).click();
  await expect(stepTitle(page)).toHaveText(second ?? '');
});

fresh('a timer that ran out while the page was closed says so, and how late', async ({ page }) => {
  await page.clock.install();
  await open(page, '/dish/bean-wings');
  await startCooking(page);
  await page.getByLabel('What for').fill('rice');
  await page.getByLabel('Minutes', { exact: true }).fill('2');
  await page.locator('.timer-new').getByRole('button', { name: 'Start' }).click();
  await expect(page.getByRole('timer', { name: /rice/ })).toBeVisible();
  await page.clock.fastForward('05:00');
  await page.reload();
  await expect(page.locator('.is-ringing')).toContainText('rice');
  await expect(page.locator('.is-ringing')).toContainText('3 min ago');
  await page.getByRole('button', { name: 'Heard' }).click();
  await expect(page.locator('.is-ringing')).toHaveCount(0);
});
