import { emptyDish, type Dish } from '../dish/dish';
import { POT_PRESETS } from '../pot/pot';
import type { Finding } from './finding';
import { defaultKitchen, type Kitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';

const kitchen: Kitchen = { ...defaultKitchen(), pots: [...POT_PRESETS], potId: 'electric-standard' };
const dishOf = (lines: string[], over: Partial<Dish> = {}): Dish => ({
  ...emptyDish('d', 'Test', 0),
  lines: lines.map((text, i) => ({ id: `l${i}`, text })),
  ...over,
});
const find = (dish: Dish, id: string, home = kitchen): Finding | undefined =>
  planDish(dish, home).findings.find((f) => f.id === id || f.id.startsWith(`${id}-`));
const fixed = (dish: Dish, finding: Finding | undefined, index = 0): Dish =>
  finding?.fixes[index]?.apply(dish) ?? dish;
const BASE = ['800 g boneless chicken thighs', '1 tbsp oil', '2 onions, sliced', '400 ml chicken stock'];

describe('liquid', () => {
  it('is fine for an ordinary dish, and shows the sum', () => {
    const f = find(dishOf(BASE), 'liquid-enough');
    expect(f?.severity).toBe('fine');
    expect(f?.text).toMatch(/of 360 ml/);
    expect(f?.why).toMatch(/400 ml chicken stock/);
  });

  it('is a stop when far short, careful when a little short, and the splash mends both', () => {
    for (const [ml, severity] of [
      [120, 'stop'],
      [330, 'careful'],
    ] as const) {
      const dish = dishOf(['1 kg beef chuck, in 4 cm cubes', '1 tbsp oil', `${ml} ml beef stock`]);
      const f = find(dish, 'liquid-short');
      expect(f?.severity).toBe(severity);
      expect(f?.fixes[0]?.label).toMatch(/^Add \d+ ml beef stock$/);
      expect(find(fixed(dish, f), 'liquid-short')).toBeUndefined();
    }
  });

  it('offers to count the juices only where they would be enough', () => {
    const wet = dishOf(['1.5 kg chicken thighs', '1 tbsp oil', '5 onions, sliced', '300 ml chicken stock']);
    const f = find(wet, 'liquid-short');
    const index = f?.fixes.findIndex((x) => x.label.includes('juices')) ?? -1;
    expect(index).toBeGreaterThan(0);
    expect(find(fixed(wet, f, index), 'liquid-short')).toBeUndefined();
    expect(f?.severity).toBe('note');
    expect(f?.text).toMatch(/less than the manual/i);
    const dry = find(dishOf(['1 kg beef chuck', '50 ml beef stock']), 'liquid-short');
    expect(dry?.severity).toBe('stop');
    expect(dry?.fixes.some((x) => x.label.includes('juices'))).toBe(false);
  });

  it('says that liquid need not grow with the plates', () => {
    const dish = dishOf(
      BASE.map((l) => l.replace('400', '600')),
      { plates: 8 },
    );
    expect(find(dish, 'less-liquid')?.severity).toBe('note');
    expect(find({ ...dish, plates: 4 }, 'less-liquid')).toBeUndefined();
  });
});

describe('fill', () => {
  it('stops a pot over its line and offers plates that fit, or a bigger pot that is there', () => {
    const dish = dishOf(['3 kg beef chuck, in 4 cm cubes', '500 ml beef stock', '1 tbsp oil']);
    const f = find(dish, 'too-full');
    expect(f?.severity).toBe('stop');
    const plates = f?.fixes.find((x) => x.label.startsWith('Make'));
    expect(planDish(plates?.apply(dish) ?? dish, kitchen).fill.shareOfLimit).toBeLessThanOrEqual(1);
    expect(f?.fixes.some((x) => x.label.startsWith('Use the Large electric'))).toBe(true);
  });

  it('draws the line at half for what swells', () => {
    expect(
      find(dishOf(['1.8 kg beef chuck', '1 l beef stock', '200 g pearl barley']), 'too-full')?.why,
    ).toContain('half, because of pearl barley');
  });
});

describe('what goes in too early', () => {
  it.each([
    ['3 tbsp flour, stirred into the onions', 'stop'],
    ['200 ml double cream, with the stock', 'stop'],
    ['200 g yoghurt, with the stock', 'stop'],
    ['100 g grated cheddar, under the lid', 'stop'],
    ['100 g peanut butter, with the stock', 'careful'],
    ['3 tbsp honey, with the stock', 'careful'],
    ['200 g frozen peas, with the stock', 'careful'],
    ['juice of 1 lemon, with the stock', 'note'],
    ['1 bunch parsley, with the stock', 'note'],
  ] as const)('%s: %s, and one tap mends it', (line, severity) => {
    const dish = dishOf([...BASE, line]);
    const f = find(dish, 'early-l4');
    expect(f?.severity).toBe(severity);
    expect(f?.why.length).toBeGreaterThan(20);
    const after = fixed(dish, f);
    expect(find(after, 'early-l4')).toBeUndefined();
    expect(after.lines).toHaveLength(dish.lines.length);
  });

  it('judges the cook’s own choice the same way, and lets it stand', () => {
    const dish = dishOf([...BASE, '200 ml double cream']);
    const overruled = {
      ...dish,
      lines: dish.lines.map((l) => (l.id === 'l4' ? { ...l, moment: 'lid' as const } : l)),
    };
    expect(find(dish, 'early-l4')).toBeUndefined();
    expect(find(overruled, 'early-l4')?.text).toContain('put before the pressure');
    expect(planDish(overruled, kitchen).items.find((i) => i.lineId === 'l4')?.moment).toBe('lid');
  });

  it('holds several back at once where the floor is in danger', () => {
    const dish = dishOf([
      ...BASE,
      '4 tbsp flour, stirred into the onions',
      '250 ml double cream, with the stock',
    ]);
    const floor = find(dish, 'floor');
    expect(floor?.fixes[0]?.label).toBe('Hold back flour and double cream');
    const after = planDish(fixed(dish, floor), kitchen);
    expect(after.findings.filter((f) => f.id.startsWith('early'))).toEqual([]);
    expect(after.floor.risk).toBeLessThan(planDish(dish, kitchen).floor.risk);
  });

  it('offers to hold back even a single cause, and that calms the floor', () => {
    const dish = dishOf([...BASE, '200 g peanut butter, with the stock']);
    const floor = find(dish, 'floor');
    expect(floor?.fixes[0]?.label).toBe('Hold back peanut butter');
    expect(find(fixed(dish, floor), 'floor')).toBeUndefined();
  });

  it('warns of a bowl of paprika, not of a pinch', () => {
    const much = dishOf([...BASE, '3 tbsp sweet paprika']);
    const f = find(much, 'spice-catches');
    expect(f?.severity).toBe('careful');
    expect(find(fixed(much, f), 'spice-catches')).toBeUndefined();
    expect(find(dishOf([...BASE, '½ tsp sweet paprika']), 'spice-catches')).toBeUndefined();
  });
});

describe('the meat', () => {
  const lamb = ['1 kg lamb shoulder, in 4 cm cubes', '1 tbsp oil', '2 onions', '450 ml stock'];
  it('gives minutes, the figure to check by thermometer, and the window', () => {
    const f = find(dishOf(lamb), 'minutes');
    expect(f?.text).toMatch(/^\d+ minutes, then about \d+ min to come down$/);
    expect(f?.why).toMatch(/40 mm lamb shoulder.*63 °C/);
  });

  it('calls the cook’s own minutes short or long, and gives its own back', () => {
    const short = dishOf(lamb, { settings: { ...dishOf(lamb).settings, minutes: 3 } });
    const f = find(short, 'minutes-short');
    expect(f).toBeDefined();
    expect(find(fixed(short, f), 'minutes-short')).toBeUndefined();
    const long = dishOf(lamb, { settings: { ...dishOf(lamb).settings, minutes: 120 } });
    expect(find(long, 'minutes-long')?.why).toBe('It will fall apart.');
  });

  it('is careful with frozen pieces and stops at frozen lumps', () => {
    expect(find(dishOf(['800 g frozen chicken thighs', '400 ml stock']), 'frozen')?.severity).toBe('careful');
    expect(find(dishOf(['2 kg frozen pork shoulder', '400 ml stock']), 'frozen')?.severity).toBe('stop');
    const dish = dishOf(['800 g frozen chicken thighs', '400 ml stock']);
    expect(find(fixed(dish, find(dish, 'frozen')), 'frozen')).toBeUndefined();
  });

  it('notices two meats with different times', () => {
    expect(
      find(dishOf(['1 kg beef chuck, in 4 cm cubes', '400 g chicken breast', '400 ml stock']), 'mixed-meats'),
    ).toBeDefined();
    expect(
      find(
        dishOf(['1 kg beef chuck, in 4 cm cubes', '500 g beef shin, in 4 cm cubes', '400 ml stock']),
        'mixed-meats',
      ),
    ).toBeUndefined();
  });

  it('counts the batches of a sear', () => {
    expect(find(dishOf(['2 kg chicken wings', '1 tbsp oil', '400 ml stock']), 'batches')?.text).toMatch(
      /Sear in [2-9] batches/,
    );
    expect(find(dishOf(['300 g chicken thighs', '1 tbsp oil', '400 ml stock']), 'batches')).toBeUndefined();
  });
});

describe('the rest', () => {
  it('asks about what it does not know, and takes the answer', () => {
    const dish = dishOf([...BASE, '200 g zorblax']);
    const f = find(dish, 'reading-l4');
    expect(f?.text).toBe('What is “zorblax”?');
    expect(find(fixed(dish, f), 'reading-l4')).toBeUndefined();
    expect(find(dishOf([...BASE, 'chicken stock']), 'reading-l4')?.text).toContain('How much');
  });

  it('speaks of altitude only where it matters, and of the pot’s own', () => {
    const hut = { ...kitchen, pots: kitchen.pots.map((p) => ({ ...p, altitudeM: 1150 })) };
    expect(find(dishOf(BASE), 'altitude')).toBeUndefined();
    expect(find(dishOf(BASE), 'altitude', hut)?.text).toContain('1150 m');
    expect(find(dishOf(BASE), 'altitude', { ...kitchen, altitudeM: 2000 })?.text).toContain('93 °C');
  });

  it('notices salt', () => {
    expect(find(dishOf([...BASE, '200 ml soy sauce']), 'salt')?.severity).toBe('careful');
    expect(find(dishOf(BASE), 'salt')).toBeUndefined();
  });

  it('says when there is no meat to time', () => {
    expect(find(dishOf(['400 g tin chickpeas', '400 ml stock', '2 onions']), 'no-meat')).toBeDefined();
    expect(
      planDish(dishOf([]), kitchen).findings.every((f) => f.severity !== 'fine' || f.about === 'liquid'),
    ).toBe(true);
  });

  it('every finding has words, and every fix a verb', () => {
    for (const f of planDish(
      dishOf([
        ...BASE,
        '3 tbsp flour, stirred into the onions',
        '2 kg frozen beef chuck',
        '200 g zorblax',
        'stock',
      ]),
      kitchen,
    ).findings) {
      expect(f.text.length).toBeGreaterThan(4);
      expect(f.why.length).toBeGreaterThan(10);
      for (const fix of f.fixes) expect(fix.label).toMatch(/^[A-Z]/);
    }
  });
});

describe('what the recipe does on purpose', () => {
  const plan = (lines: string[], method: string) => planDish({ ...dishOf(lines), method }, defaultKitchen());
  const CLOSED = ' High pressure 8 minutes, natural release 10 minutes.';

  it('never offers to hold back what has lain on raw meat', () => {
    const p = plan(
      ['700 g chicken thighs', '120 g yoghurt', '1 tbsp lemon juice', '400 ml chicken stock'],
      'Marinate the chicken in the yoghurt and lemon juice for an hour. Add the stock and the chicken.' +
        CLOSED,
    );
    const early = p.findings.filter((f) => f.id.startsWith('early-'));
    expect(early.map((f) => f.severity)).toEqual(['note']);
    expect(early.flatMap((f) => f.fixes)).toEqual([]);
    expect(
      p.findings
        .flatMap((f) => f.fixes)
        .map((x) => x.label)
        .join(' '),
    ).not.toMatch(/hold back yoghurt/i);
  });

  it('warns of no spoon of sugar in a pot of stock, and of a cup of it', () => {
    const early = (sugar: string) =>
      plan(
        ['1 kg beef chuck', sugar, '800 ml beef stock'],
        `Add the beef, sugar and stock.${CLOSED}`,
      ).findings.find((f) => f.id === 'early-l1');
    expect(early('1 tbsp sugar')).toBeUndefined();
    expect(early('1 cup sugar')?.severity).toBe('careful');
  });

  it('counts a floor as scraped that the recipe scrapes, or pours its liquid over: the steps say to scrape it then', () => {
    const cook = (words: string, liquid = '700 ml chicken broth') =>
      plan(
        ['500 g chicken breast, diced', '1 tbsp olive oil', liquid],
        `Heat the oil and brown the chicken. ${words}${CLOSED}`,
      );
    const isLeft = (p: ReturnType<typeof cook>): boolean => p.floor.parts.some((x) => x.is === 'unscraped');
    expect(isLeft(cook('Add the passata.', '700 ml passata'))).toBe(true);
    for (const words of ['Add a splash of the broth and scrape the bottom.', 'Add the broth.'])
      expect(isLeft(cook(words))).toBe(false);
    const scraping = cook('Add the broth.').steps.find((s) => s.title === 'Scrape the floor');
    expect(scraping?.check).toMatch(/scraped/);
  });

  it('does not drown a creamy pasta where its cheese can be held back', () => {
    const plan = planDish(
      {
        ...emptyDish('d', 'Gnocchi', 0),
        lines: [
          '1½ lb chicken breast, in 1-inch cubes',
          '½ cup sun-dried tomatoes, chopped',
          '1 cup low sodium chicken broth',
          '1 lb gnocchi',
          '4 oz cream cheese, cubed',
        ].map((text, i) => ({ id: `l${i}`, text })),
        method:
          'Brown the chicken. Add the tomatoes. Pour in the broth and scrape. Scatter gnocchi over and dot with cream cheese. Do not stir. High pressure 3 minutes, quick release.',
      },
      defaultKitchen(),
    );
    const thick = plan.findings.find((f) => f.id === 'too-thick');
    expect(thick?.fixes.map((f) => f.label)).toEqual(['Hold back cream cheese']);
  });
});

describe('a list in another language', () => {
  const dishOfLines = (lines: readonly string[]): Dish => ({
    ...emptyDish('d', 'Karjalanpaisti', 0),
    lines: lines.map((text, i) => ({ id: `l${i}`, text })),
  });
  const finnish = [
    '800 g naudanpaistia',
    '600 g sipulia, kuutioituna',
    '2 valkosipulinkynttä',
    '200 ml punaviiniä',
    '400 ml lihalientä',
    '1 laakerinlehti',
  ];
  const asked = (lines: readonly string[]): string[] =>
    planDish(dishOfLines(lines), defaultKitchen())
      .findings.filter((f) => f.about === 'reading')
      .map((f) => f.id);

  it('is said to be one, once, with all its lines', () => {
    expect(asked(finnish)).toEqual(['reading-foreign']);
  });

  it('is asked about line by line where most of it is known', () => {
    expect(asked(['1 kg beef chuck', '2 onions', '400 ml stock', '1 laakerinlehti'])).toEqual(['reading-l3']);
  });
});

it('says that a method could not be followed, where it could not', () => {
  const asked = (method: string) =>
    planDish(
      {
        ...emptyDish('d', 'Boeuf aux carottes', 0, 4),
        lines: ['1 kg de paleron de boeuf', '1 kg de carottes', '40 cl de bouillon de boeuf'].map(
          (text, i) => ({
            id: `l${i}`,
            text,
          }),
        ),
        method,
      },
      defaultKitchen(),
    ).findings.map((f) => f.id);
  const french =
    'Faites dorer la viande de tous les côtés. Versez le bouillon et ajoutez les carottes. Fermez la cocotte et laissez cuire 45 minutes.';
  expect(asked(french)).toContain('reading-method');
  expect(asked('')).not.toContain('reading-method');
  expect(
    asked(
      'Brown the beef. Add the stock and carrots. Lock the lid; high pressure for 45 minutes. Natural release.',
    ),
  ).not.toContain('reading-method');
});

it('leaves a soup without meat the minutes that its recipe gives', () => {
  const soup = (method: string) =>
    planDish(
      {
        ...emptyDish('d', 'Leek and potato', 0, 4),
        lines: ['500 g potatoes, diced', '1 leek', '600 ml vegetable stock'].map((text, i) => ({
          id: `l${i}`,
          text,
        })),
        method,
      },
      defaultKitchen(),
    );
  const told = soup('Put everything in. Pressure cook for 4 minutes, quick release.');
  expect(told.findings.map((f) => f.id)).not.toContain('no-meat');
  expect(told.heat.holdS).toBe(240);
  expect(soup('').findings.map((f) => f.id)).toContain('no-meat');
});
