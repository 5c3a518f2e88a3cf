import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.mjs';
import { bin, installChromium, installPackages, root, run } from './tools.mjs';

/** Renews docs/screenshots from the demo household: one picture of each main view. `npm run shots -- counter` takes only those named. */
const PORT = 4398;
const only = process.argv.slice(2);
const PHONE = { width: 390, height: 844 };
const PASTE = `Home > Dinners > Chicken
Jump to Recipe   Print
Slack-water chicken
★★★★☆ 4.6 from 212 votes
Prep 15 min | Cook 30 min | Serves 4
Ingredients
1½ lb (700 g) boneless chicken thighs, cut into 3 cm pieces
1 tbsp olive oil
2 medium onions, finely sliced
4 cloves garlic, crushed
2 tsp sweet paprika
1 (14 oz) can diced tomatoes
1½ cups chicken broth
200 ml double cream
1 tbsp cornflour
150 g frozen peas
juice of ½ lemon
a few wild sea beans
Method
1. Heat the oil and brown the chicken, then lift it out.
2. Soften the onions for 5 minutes, add the garlic and paprika and stir for a minute.
3. Pour in the broth and scrape the bottom clean. Return the chicken, tomatoes on top.
4. Lock the lid and cook at high pressure for 6 minutes. Quick release.
5. Add the peas and simmer for 3 minutes. Mix the cornflour with a little water and stir in. Off the heat stir in the cream and lemon.
Nutrition: Calories 512 kcal, fat 23 g
Comments
Oda says: I used 2 kg of turkey.`;

async function cookTo(page, dish, title) {
  await page.goto(`/dish/${dish}`);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  const anyway = page.getByRole('button', { name: 'Cook it anyway' });
  await anyway.or(page.locator('#step-title')).first().waitFor();
  if (await anyway.isVisible()) await anyway.click();
  await page.locator('#step-title').waitFor();
  for (let i = 0; i < 20; i++) {
    const text = await page.locator('#step-title').textContent();
    if (text.startsWith(title)) return;
    const check = page.locator('.step-check input');
    if (await check.count()) await check.check();
    await page.locator('.step-done').last().click();
    await page.locator('#step-title').filter({ hasNotText: text }).waitFor();
  }
}

/** Opens a drawer and waits until it stands still with its answers. */
async function panel(page, open) {
  await open();
  await page.getByRole('dialog').waitFor();
  await page.waitForTimeout(1500);
}

const SHOTS = [
  ['dishes', '/', { act: (p) => p.locator('.dish-waiting').first().waitFor({ state: 'detached' }) }],
  [
    'new-dish',
    '/dishes/new',
    {
      act: async (p) => {
        await p.getByLabel(/Ingredients, one on a line/).fill(PASTE);
        await p.locator('.page-part-read').first().waitFor();
      },
    },
  ],
  ['counter', '/dish/paprika-chicken', {}],
  [
    'how-it-goes',
    '/dishes/new',
    {
      act: async (p) => {
        await p.getByLabel(/Ingredients, one on a line/).fill(PASTE);
        await p.getByRole('button', { name: 'Put it on the counter' }).click();
        await panel(p, () => p.getByRole('button', { name: 'How it goes' }).click());
      },
    },
  ],
  [
    'trouble-phone',
    '/',
    {
      size: PHONE,
      act: async (p) => {
        await cookTo(p, 'stout-beef', 'Coming up');
        await panel(p, () => p.getByRole('button', { name: 'It says it is burning' }).click());
        await p.getByRole('button', { name: 'Yes' }).click();
      },
    },
  ],
  ['bowls', '/dish/paprika-chicken/bowls', {}],
  [
    'clock',
    '/dish/stout-beef/clock',
    { live: true, act: (p) => p.getByText(/band round the core is 200 kitchens/).waitFor() },
  ],
  [
    'serve',
    '/dish/apricot-lamb/serve',
    {
      act: async (p) => {
        await p.getByLabel('On the table at').fill('20:00');
        for (const side of [/^Mash/, /^Flatbread/, /^Greens/]) {
          await p.getByLabel(side).click();
          await p.waitForTimeout(300);
        }
      },
    },
  ],
  ['minutes', '/minutes', { live: true, act: (p) => p.getByText(/\d+ cuts/).waitFor() }],
  [
    'devices',
    '/',
    {
      live: true,
      act: async (p) => {
        await cookTo(p, 'stout-beef', 'Close and set');
        await p.getByRole('button', { name: 'Plug in…' }).click();
        await p.getByLabel('Its clock runs').selectOption('120');
        await p.getByRole('spinbutton', { name: 'Kitchen no.' }).fill('7');
        await p.getByRole('button', { name: 'Plug in a simulated kitchen' }).click();
        await p.locator('.device-window').waitFor();
        await p.locator('.step-check input').check();
        await p.locator('.step-done').last().click();
        await p.waitForTimeout(18_000);
      },
    },
  ],
  ['counter-evening', '/dish/apricot-lamb', { dark: true }],
  ['counter-phone', '/dish/peanut-chicken', { size: PHONE }],
  ['at-the-pot', '/', { act: (p) => cookTo(p, 'apricot-lamb', 'Deglaze') }],
  ['at-the-pot-phone', '/', { size: PHONE, act: (p) => cookTo(p, 'stout-beef', 'Coming up') }],
  ['finish', '/finish', { act: (p) => p.locator('#reading').fill('750') }],
  ['finish-phone', '/finish', { size: PHONE, act: (p) => p.locator('#reading').fill('750') }],
  ['logbook', '/log', {}],
  ['one-cook', '/log/demo-40', {}],
  ['kitchen', '/kitchen', {}],
];

installPackages();
installChromium();
run(bin('vite'), ['build', '--logLevel', 'error']);
const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
  cwd: root,
  env: { ...process.env, PORT: String(PORT) },
});
await new Promise((resolve) => server.stdout.once('data', resolve));
const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
try {
  for (const [
    name,
    path,
    { size = { width: 1280, height: 800 }, dark = false, live = false, act },
  ] of SHOTS) {
    if (only.length && !only.includes(name)) continue;
    const context = await browser.newContext({
      serviceWorkers: 'block',
      baseURL: `http://127.0.0.1:${PORT}`,
      viewport: size,
      colorScheme: dark ? 'dark' : 'light',
      timezoneId: 'UTC',
    });
    const page = await context.newPage();
    if (!live) await page.clock.setFixedTime(new Date('2026-11-24T17:20:00Z'));
    await page.goto('/');
    await page.locator('.dish-list > li').first().waitFor();
    if (path !== '/') await page.goto(path);
    await page.locator('.loading').waitFor({ state: 'detached' });
    await act?.(page);
    await page.waitForTimeout(400);
    await page.screenshot({ path: join(root, 'docs/screenshots', `${name}.png`) });
    console.log(name);
    await context.close();
  }
} finally {
  await browser.close();
  server.kill();
}
