import fc from 'fast-check';
import { emptyDish, type Dish } from '../dish/dish';
import { isHeldBack } from '../dish/moment';
import { readLine } from '../dish/read';
import { CUTS } from '../heat/data/cuts';
import { Pantry } from '../pantry/pantry';
import { POT_PRESETS } from '../pot/pot';
import { CAUTIONS } from '../kitchen/data/cautions';
import { defaultKitchen, type Kitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { mayBeDoneAhead } from '../steps/step';

const pantry = new Pantry();
const kitchen: Kitchen = { ...defaultKitchen(), pots: [...POT_PRESETS], potId: 'electric-standard' };
const dishOf = (lines: readonly string[], over: Partial<Dish> = {}): Dish => ({
  ...emptyDish('d', 'Test', 0),
  lines: lines.map((text, i) => ({ id: `l${i}-${text.length}`, text })),
  ...over,
});
const BASE = [
  '900 g lamb shoulder, in 4 cm cubes',
  '2 onions',
  '1 tbsp oil',
  '2 tsp ground cumin',
  '1 tbsp cornflour',
  '2 tbsp water',
  '400 ml stock',
  '100 ml cream',
  'salt to taste',
];
/** Lines of a copied page that are no food. */
const UNREAD = [
  'Energy 512 kcal',
  'Total time 45 minutes',
  'Print',
  '12 zorblaxes',
  '3 kg zamblefruit',
  '400 ml of wurzel essence',
  '2 l plonkwater',
  '★★★★☆ 4.6 (212)',
  '1 x 900 g quuxes',
  '— — —',
  '9999 blorbs',
];

describe('lines that are not understood', () => {
  it('weigh nothing and are asked about', () => {
    for (const text of UNREAD) {
      const read = readLine(text, pantry);
      expect([text, read.food, read.massG.high, read.liquorMl]).toEqual([text, null, 0, 0]);
      expect(read.confidence).toBe('unsure');
    }
  });

  it('change no figure of a plan, however many there are and wherever they stand', () => {
    const figures = (dish: Dish) => {
      const p = planDish(dish, kitchen);
      const { items: _items, ...fill } = { items: 0, ...p.fill };
      return JSON.stringify({
        liquid: p.liquid,
        fill,
        floor: p.floor,
        boil: p.boil,
        heat: p.heat,
        sauce: p.sauce,
        total: p.timing.totalS,
        hands: p.timing.handsOnS,
        batches: p.batches,
        needs: p.needs,
        steps: p.steps.map((s) => [
          s.id,
          s.title,
          s.text,
          s.durationS,
          s.id === 'prep' ? 0 : s.items.map((i) => i.name),
        ]),
        moments: p.items.filter((i) => i.read.food).map((i) => [i.line.text, i.moment, i.massG.mid]),
      });
    };
    const plain = dishOf(BASE);
    const before = figures(plain);
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(BASE.length), fc.constantFrom(...UNREAD)), { minLength: 1, maxLength: 12 }),
        (added) => {
          const lines = [...plain.lines];
          added.forEach(([at, text], i) => lines.splice(at, 0, { id: `u${i}`, text }));
          expect(figures({ ...plain, lines })).toBe(before);
        },
      ),
      { numRuns: 25 },
    );
  });
});

describe('amounts that cannot be', () => {
  it.each(['0 g beef chuck', '99999999 cups chicken stock', '3 chicken stock', '80 kg potatoes'])(
    '%s is asked about and counts as nothing',
    (text) => expect(readLine(text, pantry)).toMatchObject({ confidence: 'unsure', massG: { high: 0 } }),
  );

  it('nothing over what a kitchen can hold is sure', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1e7 }),
        fc.constantFrom(
          'g beef chuck',
          'kg onions',
          'cups stock',
          'lb chicken thighs',
          'l water',
          'tsp salt',
        ),
        (n, what) => {
          const read = readLine(`${n} ${what}`, pantry);
          expect(read.massG.mid).toBeLessThanOrEqual(20_000);
          if (read.massG.mid === 0) expect(read.confidence).toBe('unsure');
        },
      ),
    );
  });

  it.each([
    ['1 500 g beef chuck', 1500],
    ['1.000 g pork shoulder', 1000],
    ['1’500 g beef shin', 1500],
    ['5OO g chicken thighs', 500],
    ['11/2 lb lean beef mince', 680],
    ['1l/2 lb pork shoulder', 680],
    ['2Ibs stewing lamb', 907],
    ['2 400 g tins chopped tomatoes', 800],
  ])('%s is %d g', (text, grams) => {
    const read = readLine(text, pantry);
    expect(Math.abs(read.massG.mid - grams)).toBeLessThan(10);
    if (/^1[ .]\d{3} g|OO|Ib|l\/|11\//.test(text)) expect(read.confidence).toBe('likely');
  });
});

describe('beans of the kidney kind', () => {
  const RAW = [
    '200 g dried red kidney beans',
    '250 g dried kidney beans, soaked overnight',
    '1 cup dry black beans',
    '300 g dried cannellini beans',
    '1 cup rajma, soaked 8 hours',
    '200 g dried pinto beans',
  ];
  const TINNED = [
    '1 can red kidney beans, rinsed',
    '2 x 400 g tins kidney beans',
    '400 g canned black beans',
  ];

  it.each(RAW)('%s is a dried bean by its own row, with its caution at prep and as a finding', (text) => {
    const plan = planDish(dishOf([...BASE, text]), kitchen);
    const item = plan.items.at(-1)!;
    expect(item.read.food).toMatchObject({ kind: 'pulse-dry', boilFirst: true });
    expect(item.read.food?.id).not.toBe('dried-chickpea');
    expect(plan.steps[0]?.cautions).toContain(CAUTIONS.kidney);
    expect(plan.findings.some((f) => f.id === `boil-first-${item.lineId}`)).toBe(true);
  });

  it.each([...TINNED, '200 g dried red kidney beans, soaked and boiled', '1 tin lentils', '200 g chickpeas'])(
    '%s is not',
    (text) => {
      const plan = planDish(dishOf([...BASE, text]), kitchen);
      expect(plan.findings.some((f) => f.id.startsWith('boil-first'))).toBe(false);
      expect(plan.steps[0]?.cautions).not.toContain(CAUTIONS.kidney);
    },
  );

  it('lentils in a tin are lentils in a tin', () => {
    expect(readLine('1 tin lentils, drained', pantry).food?.id).toBe('canned-lentil');
    expect(readLine('1 can red lentils', pantry).food?.id).toBe('canned-lentil');
  });
});

describe('what makes the steam', () => {
  const METHOD = (late: string) =>
    `Brown the chicken in the oil. Pour in the stock and vinegar and scrape. Lock the lid and cook at high pressure for 8 minutes. Quick release. ${late}`;
  const LINES = [
    '800 g chicken thighs',
    '1 tbsp oil',
    '400 ml chicken stock',
    '3 tbsp vinegar',
    '200 ml water',
    '100 ml cream',
  ];

  it.each([
    'Return the chicken to the sauce.',
    'Lift out the chicken, thicken, and return the chicken and stir in the cream.',
    'Stir in the stock reduced by half.',
    'Finish with the water from the rice and the vinegar.',
  ])('is not carried out of the pot by “%s”', (late) => {
    const plan = planDish(dishOf(LINES, { method: METHOD(late) }), kitchen);
    const stock = plan.items.find((i) => i.line.text.includes('stock'))!;
    expect(isHeldBack(stock.moment)).toBe(false);
    expect(plan.liquid.verdict).not.toBe('short');
  });
});

describe('the order of the end', () => {
  const ANY = [
    '800 g chicken thighs',
    '1 kg beef chuck, in 4 cm cubes',
    '1 kg pork ribs',
    '400 ml stock',
    '250 g penne',
    '200 g frozen peas',
    '200 g spinach',
    '200 g prawns',
    '150 ml double cream',
    '150 g yoghurt',
    '60 g parmesan',
    '4 tbsp honey, for the glaze',
    '100 g cream cheese',
    '2 onions',
  ];
  it('has nothing that boils after dairy, and a glaze boiled down before anything goes back', () => {
    fc.assert(
      fc.property(
        fc.subarray(ANY, { minLength: 3 }),
        fc.constantFrom('cornstarch', 'xanthan', 'reduce', 'arrowroot', 'blended'),
        (lines, thickener) => {
          const plan = planDish(dishOf(lines), {
            ...kitchen,
            rules: { ...kitchen.rules, thickener: thickener as Kitchen['rules']['thickener'] },
          });
          const at = (re: RegExp) => plan.steps.findIndex((s) => re.test(s.id));
          const lastBoil = plan.steps.findLastIndex((s) =>
            /^(?:pasta|quick|seafood|leaves|glaze|reduce|thicken)$/.test(s.id),
          );
          const dairy = at(/^dairy-/);
          if (dairy >= 0 && lastBoil >= 0) expect(dairy).toBeGreaterThan(lastBoil);
          if (at(/^glaze$/) >= 0)
            for (const id of [/^measure$/, /^thicken$/, /^quick$/, /^back$/])
              if (at(id) >= 0) expect(at(/^glaze$/)).toBeLessThan(at(id));
        },
      ),
      { numRuns: 60 },
    );
  });

  it('ends a glaze at one or two per cent of starch', () => {
    const plan = planDish(
      dishOf(['1 kg chicken wings', '300 ml stock', '120 ml barbecue sauce, for the glaze', '3 tbsp honey']),
      kitchen,
    );
    const { dose } = plan.sauce;
    expect((100 * dose.starchG) / dose.finishedG).toBeLessThanOrEqual(2);
  });

  it('never offers the meat’s check, opening or release ahead of its time', () => {
    const later = dishOf(['800 g chicken thighs', '400 ml stock', '300 g potatoes', '2 onions']);
    later.lines[2] = { ...later.lines[2]!, later: true };
    const { steps } = planDish(later, kitchen);
    const ahead = steps.filter(mayBeDoneAhead);
    expect(ahead.map((s) => s.phase)).not.toEqual(expect.arrayContaining(['down']));
    for (const s of ahead) expect(['up', 'hold', 'down', 'again', 'open']).not.toContain(s.phase);
    expect(steps.some((s) => s.id === 'again-release')).toBe(true);
  });
});

describe('minutes of a big batch', () => {
  it('are never below what a kilo of the same pieces gets, nor below the floor of the cut', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CUTS.filter((c) => c.safe !== 'whole' || c.tenderAt95Min < 110)),
        fc.integer({ min: 2, max: 4 }),
        (cut, times) => {
          const food = pantry.all().find((f) => f.cut === cut.id && f.kind !== 'cured-meat');
          if (!food) return;
          const of = (kg: number) =>
            planDish(dishOf([`${kg} kg ${food.names[0]}`, '500 ml stock']), kitchen).heat.suggestedMin;
          expect(of(times)).toBeGreaterThanOrEqual(of(1) - 1e-9);
          expect(of(times)).toBeGreaterThanOrEqual(cut.floorMin);
        },
      ),
      { numRuns: 20 },
    );
  });
});

describe('fixes', () => {
  it('pour no more than fits under the line or the plates can use', () => {
    const soups = [
      ['800 g chicken thighs', '2 cans cream of mushroom soup', '100 ml stock'],
      ['1 kg pork shoulder', '1 jar barbecue sauce', '2 tbsp water'],
      ['800 g chicken thighs', '1 kg passata', '1 can refried beans'],
      ['600 g turkey mince', '800 g crushed tomatoes', '300 g tomato paste'],
    ];
    for (const lines of soups) {
      const dish = dishOf(lines.map((l) => `${l}, under the lid`));
      const plan = planDish(dish, kitchen);
      for (const f of plan.findings)
        for (const fix of f.fixes) {
          const after = planDish(fix.apply(dish), kitchen);
          const added = after.liquid.pouredMl.mid - plan.liquid.pouredMl.mid;
          if (added > 0) expect([fix.label, added]).toEqual([fix.label, expect.any(Number)]);
          expect(added).toBeLessThanOrEqual(900);
          if (added > 0)
            expect(after.fill.shareOfLimit).toBeLessThanOrEqual(Math.max(1, plan.fill.shareOfLimit));
        }
    }
  });
});

describe('who may eat it', () => {
  const broken = (line: string, allergen: Kitchen['allergens'][number]): boolean =>
    planDish(dishOf(['800 g chicken thighs', '400 ml water', line]), {
      ...kitchen,
      allergens: [allergen],
    }).needs.some((n) => n.lineIds.some((id) => id.startsWith('l2')));

  it.each([
    ['naan and mashed potatoes, to serve', 'gluten'],
    ['naan and mashed potatoes, to serve', 'milk'],
    ['rice, naan and a green salad, to serve', 'gluten'],
    ['2 tbsp soy sauce and 1 tbsp sesame oil', 'sesame'],
    ['50 g butter, softened and mashed with 50 g flour', 'gluten'],
    ['egg noodles or rice, to serve', 'egg'],
  ] as const)('%s has %s', (line, allergen) => expect(broken(line, allergen)).toBe(true));

  it.each([
    ['corn tortillas, to serve', 'gluten'],
    ['250 g gluten-free penne', 'gluten'],
    ['2 tbsp gluten-free soy sauce', 'gluten'],
    ['200 ml dairy-free cream', 'milk'],
    ['3 tbsp coconut aminos', 'soy'],
    ['3 tbsp coconut aminos', 'gluten'],
    ['150 g vegan yoghurt', 'milk'],
    ['1 tin butter beans', 'milk'],
    ['400 ml coconut milk', 'milk'],
    ['2 tbsp peanut butter', 'milk'],
    ['2 tbsp oil, plus extra for the noodles', 'gluten'],
  ] as const)('%s has no %s', (line, allergen) => expect(broken(line, allergen)).toBe(false));
});
