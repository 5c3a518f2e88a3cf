import { chromium } from '@playwright/test';
import { photographed, type Shot } from '../e2e/printed';
import { chromiumPath } from '../scripts/chromium.mjs';

/** Twelve printed pages, photographed as cooks do: in several types, turned, shaded, grained; what stands on them is known. */
const PAGES: readonly (readonly string[])[] = [
  [
    'Harbour chicken',
    'Serves 4',
    '',
    '1½ kg chicken thighs, skinned',
    '2 tbsp olive oil',
    '3 onions, sliced',
    '½ tsp ground ginger',
    '¼ tsp cayenne',
    '400 ml chicken stock',
    '150 g dried apricots',
    '',
    'Brown the chicken in the oil. Fry the onions for 8 minutes.',
    'Add the stock. Cook at high pressure for 9 minutes.',
  ],
  [
    'Ferry beef with stout',
    'For 6',
    '',
    '900 g beef shin, in 5 cm pieces',
    '330 ml stout',
    '2 bay leaves',
    '¾ cup pearl barley',
    '1 tbsp plain flour',
    '5 tsp brown sugar',
    '250 g carrots',
    '',
    'Toss the beef in flour and brown it well.',
    'Pour in the stout and scrape. Close the lid: 35 minutes, natural release.',
  ],
  [
    'Green lentil pot',
    '',
    '300 g green lentils',
    '1 litre vegetable stock',
    '4 cloves garlic',
    '½ lemon',
    '1½ tsp ground cumin',
    '100 g spinach',
    '',
    'Put everything but the spinach and lemon in the pot.',
    'High pressure for 9 minutes. Stir in the spinach.',
  ],
  [
    'Pork with mustard',
    'Serves 5',
    '',
    '1.2 kg pork shoulder',
    '1 tbsp Dijon mustard',
    '200 ml cider',
    '⅓ cup cream',
    '2½ tsp salt',
    '1 tbsp cornflour',
    '',
    'Rub the pork with mustard and salt.',
    'Cook in the cider for 45 minutes. Stir in the cream.',
  ],
];
const SHOTS: readonly Shot[] = [
  { font: 'Georgia, serif', sizePx: 22, degrees: 0.5, shade: 0.2, grain: 15 },
  { font: 'Arial, sans-serif', sizePx: 20, degrees: -2, shade: 0.45, grain: 30 },
  { font: '"Courier New", monospace', sizePx: 19, degrees: 3, shade: 0.3, grain: 25 },
];

/** Written after the reader of doubts was made, and run once: nothing was changed for them. */
const SHUT: readonly (readonly string[])[] = [
  [
    'Quay-side goulash',
    'Serves 6',
    '',
    '1 kg stewing beef',
    '2½ tbsp sweet paprika',
    '½ tsp caraway seeds',
    '3 red peppers',
    '¼ cup tomato purée',
    '500 ml hot water',
    '1 tsp salt',
    '',
    'Fry the onions slowly until golden.',
    'Add the beef and water. Close and cook for 25 minutes.',
  ],
  [
    'Tidal rice and peas',
    'For 4',
    '',
    '1¼ cups long-grain rice',
    '⅔ cup coconut milk',
    '400 g kidney beans, boiled',
    '4 sprigs thyme',
    '¾ tsp allspice',
    '1½ cups water',
    '',
    'Put it all in the pot and stir once.',
    'High pressure 4 minutes, then leave it 10 minutes.',
  ],
];
const SHUT_SHOTS: readonly Shot[] = [
  { font: '"Times New Roman", serif', sizePx: 21, degrees: -1, shade: 0.4, grain: 20 },
  { font: 'Verdana, sans-serif', sizePx: 18, degrees: 2.5, shade: 0.25, grain: 35 },
];
/** A second such set, written before the reader of doubts was changed again. */
const SHUT_2: readonly (readonly string[])[] = [
  [
    'Chicken in cider cream',
    'Serves 4–6',
    '',
    '8 chicken thighs, skin on',
    '2 tsp sea salt',
    '1¼ cups dry cider',
    '⅓ cup double cream',
    '1½ tbsp cornflour',
    '3 shallots, halved',
    '½ bunch tarragon',
    '',
    'Brown the chicken skin side down for 6 minutes.',
    'Pour in the cider and cook at high pressure for 10 minutes.',
  ],
  [
    'Beef and barley broth',
    'For 8',
    '',
    '750 g beef shin, diced',
    '⅔ cup pearl barley',
    '2¼ litres beef stock',
    '3 sticks celery',
    '¾ tsp white pepper',
    '1 swede, about 600 g',
    '4½ tsp Worcestershire sauce',
    '',
    'Put the beef, barley and stock in the pot.',
    'Close and cook for 30 minutes. Release naturally.',
  ],
  [
    'Lamb with quince',
    'Serves 5',
    '',
    '1.4 kg lamb shoulder',
    '2 quinces, in wedges',
    '½ tsp saffron',
    '1¾ cups lamb stock',
    '3½ tbsp honey',
    '¼ tsp ground cloves',
    '60 g butter',
    '',
    'Rub the lamb with the spices and let it stand for 1 hour.',
    'Cook under pressure for 40 minutes, then rest 15 minutes.',
  ],
];
const SHUT_2_SHOTS: readonly Shot[] = [
  { font: 'Garamond, "Times New Roman", serif', sizePx: 22, degrees: 1.5, shade: 0.35, grain: 25 },
  { font: 'Helvetica, Arial, sans-serif', sizePx: 19, degrees: -2.5, shade: 0.3, grain: 30 },
];
/** And a third, after that change. */
const SHUT_3: readonly (readonly string[])[] = [
  [
    'Turkey chilli',
    'Makes 6 bowls',
    '',
    '600 g turkey mince',
    '1½ tbsp rapeseed oil',
    '2 peppers, diced',
    '¾ cup red lentils',
    '2 × 400 g tins chopped tomatoes',
    '1¼ tsp smoked paprika',
    '½ tsp cinnamon',
    '300 ml water',
    '',
    'Brown the mince in the oil and break it up.',
    'Add the rest. Pressure for 8 minutes, then vent.',
  ],
  [
    'Ham and split peas',
    'Serves 6',
    '',
    '1 ham hock, about 900 g',
    '2⅓ cups split peas',
    '1½ litres cold water',
    '2 leeks',
    '⅓ tsp nutmeg',
    '2¼ tsp cider vinegar',
    '¼ bunch thyme',
    '',
    'Soak the hock overnight and drain it.',
    'Cook for 30 minutes and let the pressure fall by itself.',
  ],
];
const SHUT_3_SHOTS: readonly Shot[] = [
  { font: '"Palatino Linotype", Palatino, serif', sizePx: 21, degrees: -2, shade: 0.3, grain: 25 },
  { font: 'Tahoma, Arial, sans-serif', sizePx: 20, degrees: 1, shade: 0.4, grain: 20 },
];

/** The pages that are asked for by their name, and how each is photographed. */
const SETS: Readonly<Record<string, { pages: typeof PAGES; shots: readonly Shot[] }>> = {
  shut: { pages: SHUT, shots: SHUT_SHOTS },
  second: { pages: SHUT_2, shots: SHUT_2_SHOTS },
  third: { pages: SHUT_3, shots: SHUT_3_SHOTS },
};
const asked = Object.keys(SETS).find((name) => process.argv.includes(name));
const { pages, shots } = (asked && SETS[asked]) || { pages: PAGES, shots: SHOTS };

const base = process.env['BASE'] ?? 'http://127.0.0.1:4310';
const browser = await chromium.launch({
  executablePath: chromiumPath() ?? '/usr/bin/chromium',
  args: ['--no-sandbox'],
});
const squeezed = (text: string): string =>
  text.replace(/[–—]/g, '-').replaceAll('×', 'x').replace(/\s+/g, ' ').trim();
let lines = 0;
let right = 0;
let offered = 0;
let silent = 0;
const times: number[] = [];
console.log('| page | type, turned | lines | right as read | right after one tap | wrong and not doubted |');
console.log('| --- | --- | --- | --- | --- | --- |');
for (const page of pages)
  for (const shot of shots) {
    const picture = await photographed(browser, page, shot);
    const tab = await browser.newPage();
    await tab.goto(`${base}/dishes/new`);
    const from = Date.now();
    await tab
      .getByLabel('From a photo…')
      .setInputFiles({ name: 'page.png', mimeType: 'image/png', buffer: picture });
    await tab.locator('.photo-line, .notice-bad').first().waitFor();
    times.push(Date.now() - from);
    const rows = await tab.locator('.photo-line').evaluateAll((all) =>
      all.map((row) => ({
        text: row.querySelector('input')?.value ?? '',
        isOpen: row.classList.contains('is-open'),
        likely: [...row.querySelectorAll('[data-line]')].map((b) => b.getAttribute('data-line') ?? ''),
      })),
    );
    const wanted = page.filter(Boolean).map(squeezed);
    const got = new Map(rows.map((r) => [squeezed(r.text), r]));
    const asRead = wanted.filter((w) => got.has(w));
    const tapped = wanted.filter((w) => !got.has(w) && rows.some((r) => r.likely.map(squeezed).includes(w)));
    const mute = rows.filter((r) => !wanted.includes(squeezed(r.text)) && !r.isOpen);
    lines += wanted.length;
    right += asRead.length;
    offered += tapped.length;
    silent += mute.length;
    console.log(
      `| ${page[0] ?? ''} | ${shot.font.split(',')[0] ?? ''}, ${shot.degrees}° | ${wanted.length} | ${asRead.length} | ${asRead.length + tapped.length} | ${mute.map((m) => m.text).join('; ') || '0'} |`,
    );
    for (const w of wanted.filter((x) => !asRead.includes(x) && !tapped.includes(x)))
      console.log(
        `<!-- not got: ${w} (near: ${
          rows
            .filter((r) => r.text.slice(-8) === w.slice(-8))
            .map((r) => r.text)
            .join(' | ') || '-'
        }) -->`,
      );
    await tab.close();
  }
times.sort((a, b) => a - b);
console.log(
  `\n${lines} lines: ${right} right as read, ${right + offered} right after one tap, ${silent} wrong and not doubted; ${times[times.length >> 1] ?? 0} ms a page (median).`,
);
await browser.close();
