import fc from 'fast-check';
import { Pantry } from '../pantry/pantry';
import { stripBullet } from './names';
import { readLine } from './read';

const pantry = new Pantry();
const read = (text: string, system: 'us' | 'metric' | 'au' = 'us') => readLine(text, pantry, system);

/** text, food, grams (within the given share) */
const LINES: [string, string, number, number?][] = [
  ['1½ lb (700 g) boneless, skinless chicken thighs', 'chicken-thigh', 700, 0.03],
  ['6 bone-in skin-on chicken thighs (about 1 kg)', 'chicken-thigh', 1000, 0.02],
  ['1 (14 oz) can coconut milk', 'coconut-milk', 397, 0.05],
  ['2 x 400 g tins chopped tomatoes', 'chopped-tomatoes', 800, 0.03],
  ['1 (14.5-oz) can diced tomatoes, with juice', 'chopped-tomatoes', 411, 0.03],
  ['1 14-oz can crushed tomatoes', 'crushed-tomatoes', 397, 0.03],
  ['1 can (15 oz) black beans, drained and rinsed', 'black-bean', 255, 0.05],
  ['400g tin chickpeas', 'chickpea', 240, 0.05],
  ['3 tbsp plus 1 tsp cornflour', 'cornstarch', 26.6, 0.1],
  ['juice of ½ lemon', 'lemon', 22, 0.1],
  ['Juice and zest of 2 limes', 'lime', 50, 0.1],
  ['1 lemon, juiced', 'lemon', 45, 0.1],
  ['zest of 1 lemon', 'lemon-zest', 4, 0.3],
  ['2 cups chicken stock', 'chicken-stock', 473, 0.02],
  ['250ml hot vegetable stock', 'vegetable-stock', 250, 0.02],
  ['2 large onions, sliced', 'onion', 460, 0.02],
  ['1 medium yellow onion, diced', 'onion', 160, 0.02],
  ['4 cloves garlic, minced', 'garlic', 18, 0.05],
  ['3 garlic cloves', 'garlic', 13.5, 0.05],
  ['a 4 cm piece of ginger, grated', 'ginger', 20, 0.1],
  ['1-inch piece fresh ginger', 'ginger', 13, 0.1],
  ['2 T soy sauce', 'soy-sauce', 34, 0.05],
  ['2 t ground cumin', 'ground-cumin', 4.4, 0.1],
  ['1 tsp ground coriander', 'ground-coriander', 2.2, 0.1],
  ['a handful of coriander leaves', 'coriander', 10, 0.05],
  ['1 bunch cilantro, chopped', 'coriander', 30, 0.05],
  ['1 cinnamon stick', 'cinnamon-stick', 4, 0.05],
  ['2 bay leaves', 'bay-leaf', 0.6, 0.05],
  ['6 cloves', 'clove', 0.6, 0.05],
  ['2 red peppers, cut into strips', 'red-pepper', 320, 0.05],
  ['½ tsp freshly ground black pepper', 'black-pepper', 1.1, 0.1],
  ['1 stick butter', 'butter', 113, 0.02],
  ['2 tbsp all-purpose flour', 'plain-flour', 15.7, 0.1],
  ['1/4 cup honey', 'honey', 83, 0.05],
  ['1 cup heavy cream', 'double-cream', 237, 0.05],
  ['8 oz cream cheese, cubed', 'cream-cheese', 227, 0.02],
  ['1 kg beef chuck, cut into 4 cm cubes', 'beef-chuck', 1000, 0.02],
  ['500 g minced beef', 'ground-beef', 500, 0.02],
  ['1,2 kg lamb shoulder in 3 cm cubes', 'lamb-shoulder', 1200, 0.02],
  ['2 lb 4 oz stewing beef', 'beef-chuck', 1020, 0.02],
  ['200 g frozen peas', 'pea', 200, 0.02],
  ['8 oz rigatoni', 'rigatoni', 227, 0.02],
  ['1 cup dry white wine', 'white-wine', 234, 0.03],
  ['1 tbsp tomato purée', 'tomato-paste', 16, 0.1],
  ['2 heaped tbsp tomato paste', 'tomato-paste', 41.5, 0.15],
  ['a couple of bay leaves', 'bay-leaf', 0.6, 0.05],
  ['Chicken stock, 300 ml', 'chicken-stock', 300, 0.02],
  ['Chicken drumsticks x 8', 'chicken-drumstick', 920, 0.02],
  ['- 3 carrots, peeled and cut into 2 cm chunks', 'carrot', 210, 0.05],
  ['• 150 g dried apricots', 'dried-apricot', 150, 0.02],
  ['1-2 tsp chilli flakes', 'chilli-flake', 2.7, 0.15],
  ['500 g passata', 'passata', 500, 0.02],
  ['1 pint stout', 'stout', 478, 0.02],
  ['1 cup sour cream, at room temperature', 'sour-cream', 239, 0.03],
  ['150 g full-fat Greek yogurt', 'yoghurt', 150, 0.02],
  ['3 sprigs thyme', 'thyme', 3, 0.05],
  ['one onion', 'onion', 160, 0.02],
  ['two 400 ml cans coconut milk', 'coconut-milk', 784, 0.05],
  ['1 stock cube', 'stock-cube', 10, 0.05],
  ['1 (8-ounce) package cream cheese', 'cream-cheese', 227, 0.02],
  ['1.5kg/3lb 5oz pork shoulder, cut into large chunks', 'pork-shoulder', 1500, 0.01],
  ['300g/10½oz chestnut mushrooms, quartered', 'mushroom', 300, 0.01],
  ['125ml/4fl oz double cream', 'double-cream', 125, 0.01],
  ['4 large boneless skinless chicken breasts (about 2 1/2 pounds)', 'chicken-breast', 1134, 0.01],
  ['2 chicken breasts (200 g each)', 'chicken-breast', 400, 0.01],
  ['1 3-lb chuck roast', 'beef-chuck', 1361, 0.01],
  ['1 to 1½ cups beef broth', 'beef-stock', 296, 0.05],
];

describe('ordinary ingredient lines', () => {
  it.each(LINES)('%s', (text, foodId, massG, tolerance = 0.05) => {
    const line = read(text);
    expect(line.food?.id).toBe(foodId);
    expect(Math.abs(line.massG.mid - massG) / massG).toBeLessThanOrEqual(tolerance);
  });

  it('takes state, bone, skin and size from the words', () => {
    expect(read('1 kg lamb shoulder in 3 cm cubes')).toMatchObject({ thicknessMm: 30, cut: 'cubed' });
    expect(read('6 bone-in, skin-on chicken thighs')).toMatchObject({ bone: 'in', skin: 'on' });
    expect(read('2 lb frozen boneless skinless chicken breasts')).toMatchObject({
      frozen: true,
      bone: 'out',
      skin: 'off',
    });
    expect(read('500 g beef, cut into 1-inch pieces').thicknessMm).toBeCloseTo(25.4);
    expect(read('chicken, thawed if frozen, 1 kg').frozen).toBe(false);
  });

  it('hears when the words say a moment', () => {
    expect(read('2 tbsp flour, stirred into the onions').written?.moment).toBe('aromatics');
    expect(read('200 ml double cream, with the stock').written?.moment).toBe('lid');
    expect(read('parsley, to serve').written?.moment).toBe('serve');
    expect(read('100 ml white wine, to deglaze').written?.moment).toBe('deglaze');
    expect(read('1 onion, sliced').written).toBeNull();
  });

  it('knows to taste, optional and divided', () => {
    expect(read('salt to taste')).toMatchObject({ toTaste: true, amount: null });
    expect(read('salt to taste').food?.kind).toBe('salt');
    expect(read('1 tsp sugar (optional)').optional).toBe(true);
    expect(read('2 cups stock, divided').divided).toBe(true);
  });

  it('marks what it does not know instead of guessing', () => {
    const line = read('200 g zorblax');
    expect(line.food).toBeNull();
    expect(line.confidence).toBe('unsure');
    expect(line.massG.mid).toBe(0);
    expect(read('chicken thighs').confidence).toBe('unsure');
    expect(read('1 onion').confidence).toBe('sure');
  });

  it('uses the household’s own spoons', () => {
    expect(read('1 tbsp water', 'au').massG.mid).toBeCloseTo(20);
    expect(read('1 cup water', 'metric').massG.mid).toBeCloseTo(250);
  });
});

describe('laws of reading', () => {
  it('never throws, never hangs, never loses a character, whatever is pasted', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 450 }), (text) => {
        const line = read(text);
        expect(line.text).toBe(text);
        expect(line.massG.low).toBeLessThanOrEqual(line.massG.high);
        expect(Number.isFinite(line.massG.mid)).toBe(true);
      }),
      { numRuns: 300 },
    );
  });

  it('is linear in the figure: twice the amount weighs twice as much', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20 }),
        fc.constantFrom(
          'g butter',
          'ml stock',
          'tbsp honey',
          'onions',
          'cloves garlic',
          'cups rice',
          'lb pork ribs',
        ),
        (n, what) => {
          expect(read(`${2 * n} ${what}`).massG.mid).toBeCloseTo(2 * read(`${n} ${what}`).massG.mid, 3);
        },
      ),
    );
  });

  it('does not mind bullets', () => {
    for (const bullet of ['- ', '* ', '• ', '[ ] ', '☐ ', '– '])
      for (const [text, foodId] of LINES.slice(0, 12))
        expect(read(stripBullet(bullet + text)).food?.id).toBe(foodId);
  });

  it('ends on pathological lines', () => {
    for (const text of [
      '1 (((((' + '14 oz '.repeat(60),
      'a '.repeat(200),
      '½'.repeat(400),
      '1 x '.repeat(90),
      '('.repeat(300),
      'juice of '.repeat(40),
    ])
      expect(read(text).text).toBe(text);
  });
});

describe('lines that hold more than they seem', () => {
  const apart = (text: string) => readLine(text, pantry).several;

  it.each([
    ['1 tsp each cumin, coriander and turmeric', ['1 tsp cumin', '1 tsp coriander', '1 tsp turmeric']],
    ['½ tsp each of salt and pepper', ['½ tsp salt', '½ tsp pepper']],
    ['2 carrots and 2 sticks celery', ['2 carrots', '2 sticks celery']],
    ['25 g butter mashed with 25 g flour', ['25 g butter', '25 g flour']],
  ])('%s', (text, lines) => expect(apart(text)).toEqual(lines));

  it.each([
    '1 tbsp cornstarch mixed with 2 tbsp cold water',
    '2 chipotle chillies, plus 1 tbsp of the sauce',
    '1½ cups plus 2 tbsp stock',
    '500 ml stock made with 1 stock cube',
    'salt and pepper',
    '1 kg chicken thighs, skin on and bone in',
  ])('is one thing: %s', (text) => expect(apart(text)).toEqual([]));

  it('weighs pieces given by the piece: 6 (5-ounce) thighs', () => {
    expect(readLine('6 (5-ounce) boneless skinless chicken thighs', pantry).massG.mid).toBeCloseTo(850, -1);
    expect(readLine('8 chicken thighs (about 3 pounds)', pantry).massG.mid).toBeCloseTo(1361, -1);
  });

  it('knows the shared noun of an “or”, and keeps the other as an offer', () => {
    expect(readLine('2 chicken or vegetable stock cubes', pantry).food?.id).toBe('stock-cube');
    expect(readLine('500 ml beef or chicken stock', pantry).food?.id).toBe('beef-stock');
    expect(readLine('1 tbsp ghee or vegetable oil', pantry)).toMatchObject({
      orElse: '1 tbsp vegetable oil',
    });
    expect(readLine('150 ml white wine (or extra stock)', pantry).orElse).toBe('150 ml stock');
    expect(readLine('2 onions', pantry).orElse).toBe('');
  });

  it('calls boneless chicken thighs by their noun', () => {
    expect(readLine('1½ lb boneless chicken thighs, cut into 3 cm pieces', pantry).known).toMatch(/thigh/);
    expect(readLine('2 boneless skinless chicken breasts', pantry).known).toMatch(/breast/);
  });

  it('says which of the pantry’s names it met', () => {
    expect(readLine('12 oz penne pasta', pantry).known).toBe('penne');
    expect(readLine('2 tbsp light soy sauce', pantry).known).toMatch(/soy sauce/);
  });

  it.each([
    ['1. 500 g beef chuck', 500],
    ['2) 2 onions', 320],
    ['pork loin, cut into ½" slices, 1 lb', 454],
    ['3 fresh thyme sprigs', 4],
    ['6 peppercorns', 2],
    ['a squeeze of lemon', 5],
  ])('%s weighs about %d g', (text, massG) => {
    expect(Math.abs(readLine(text, pantry).massG.mid - massG)).toBeLessThan(Math.max(2, massG * 0.1));
  });

  it('takes “a little oil” for an amount nobody gave', () => {
    expect(readLine('a little oil for frying', pantry)).toMatchObject({ amount: null });
    expect(readLine('1 tsp fine salt, plus more to taste', pantry).toTaste).toBe(false);
  });
});

describe('amounts that stand somewhere else in the line', () => {
  const pantry = new Pantry();
  it.each([
    ['6 chicken thighs, around 150 g each', 'chicken-thigh', 900],
    ['6 chicken thighs, each about 150 g', 'chicken-thigh', 900],
    ['½ a large onion', 'onion', 115],
    ['1 boneless beef chuck roast, 3-4 pounds, cut into 4 chunks', 'beef-chuck', 1588],
    ['1 onion, 200 g, sliced', 'onion', 200],
    ['salt, about a teaspoon', 'salt', 6],
    ['olive oil, roughly a tablespoon', 'olive-oil', 14],
    ['handful of curry leaves', 'curry-leaf', 6],
    ['1 chicken of 1.6 kg cut into 8 pieces', 'whole-chicken', 1600],
    ['soak 1lb navy beans overnight. drain.', 'dried-white-bean', 454],
    ['chop 2 onions finely', 'onion', 320],
    ['1 pork loin roast (boneless, 3-4 lb)', 'pork-loin', 1588],
    ['1 can refried beans, 16 oz', 'refried-bean', 454],
    ['large glass red wine', 'red-wine', 200],
    // What the phrase ends in is the food; the long name before it says of what it is.
    ['1/2 cup plain whole milk yogurt', 'yoghurt', 121],
    ['8 oz whole milk ricotta', 'ricotta', 227],
    ['500g pack turkey breast mince', 'ground-turkey', 500],
    ['1 kg pork shoulder steaks', 'pork-shoulder', 1000],
    ['1 drained tin of chickpeas', 'chickpea', 240],
    ['8 chicken pieces on the bone', 'chicken-pieces', 1440],
    ['1 chicken, cut into 8 pieces', 'whole-chicken', 1500],
    ['a large glass of red wine', 'red-wine', 200],
    ['150 g dried red split lentils', 'red-lentil', 150],
    ['salt & freshly ground black pepper', 'salt-and-pepper', 0],
    ['2lb thighs', 'chicken-thigh', 907],
    // A bird in pieces is one bird; a count may have its weight behind it.
    ['8 pieces of chicken', 'chicken-pieces', 1440],
    ['8 joints of chicken', 'chicken-pieces', 1440],
    ['1 piece of chicken', 'whole-chicken', 1500],
    ['1 chuck roast 3-4 lbs', 'beef-chuck', 1588],
    ['4 chicken breasts 150g each', 'chicken-breast', 600],
    ['2 tins tomatoes 400 g', 'chopped-tomatoes', 800],
    ['4 tomatoes pureed', 'tomato', 480],
    // A part of one tin, one packet.
    ['1/2 of a 7 oz can chipotles in adobo', 'chipotle-in-adobo', 99],
    ['half of 1 large onion', 'onion', 115],
    ['two thirds of a 500 g packet of pasta', 'rigatoni', 333],
    // The weight in brackets says more than the cup, unless it is the tin's.
    ['1 cup crumbled feta (about 150 g)', 'feta', 150],
    ['3/4 cup grated Parmesan (about 2 ounces), plus more for serving', 'hard-cheese', 57],
    ['2 tbsp tomato paste, drained (170 g)', 'tomato-paste', 33],
    ['3 large egg yolks', 'egg-yolk', 57],
  ])('%s', (text, food, grams) => {
    const line = readLine(text, pantry);
    expect([line.food?.id, Math.round(line.massG.mid)]).toEqual([food, grams]);
  });

  it('hears how a liquid is poured', () => {
    const poured = (text: string) => readLine(text, pantry).poured;
    expect(poured('300 ml boiling water')).toBe('boiling');
    expect(poured('1 litre hot chicken stock')).toBe('hot');
    expect(poured('100 ml ice-cold water')).toBe('cold');
    expect(poured('1 tbsp hot sauce')).toBeNull();
    expect(poured('2 tsp hot paprika')).toBeNull();
  });

  it('counts the water that something is loosened with', () => {
    expect(readLine('1 tbsp tamarind paste loosened in 3 tbsp hot water', pantry).liquorMl).toBeCloseTo(
      44.4,
      0,
    );
  });
});

describe('what fills up a tin is not what is in it', () => {
  it.each([
    ['2 tins of tuna in spring water', 'tuna'],
    ['1 tin tuna in olive oil', 'tuna'],
    ['1 tin sardines in tomato sauce', 'tuna'],
    ['1 can whole tomatoes in purée', 'chopped-tomatoes'],
    ['1 jar sun-dried tomatoes in oil', 'sun-dried-tomato'],
    ['1 can beans in tomato sauce', 'baked-bean'],
    ['200 g jackfruit in brine', 'jackfruit'],
  ])('%s', (line, food) => {
    const read = readLine(line, pantry);
    expect([read.food?.id, read.confidence]).toEqual([food, 'sure']);
    expect(read.food?.kind).not.toMatch(/^(?:water|oil|juice|syrup)$/);
  });

  it.each([
    ['4 maris pipers', 'potato'],
    ['2 Granny Smiths', 'apple'],
    ['1 bunch flat-leaf', 'parsley'],
    ['1 tin cannellini', 'cannellini-bean'],
    ['4 portobellos', 'portobello'],
    ['1 tbsp tom yum paste', 'tom-yum-paste'],
    ['1 jar tomato and basil sauce', 'passata'],
  ])('and a variety is its food: %s', (line, food) => {
    expect(readLine(line, pantry).food?.id).toBe(food);
  });
});

describe('pulled pork is cooked, and what is to be pulled is raw', () => {
  it.each([
    ['400 g pulled pork', true],
    ['400 g leftover pulled pork', true],
    ['2 cups pulled chicken', true],
    ['2 kg pork shoulder for pulled pork', false],
    ['2 kg pork shoulder (pulled pork cut)', false],
    ['pulled pork: 2 kg pork shoulder', false],
    ['1.5 kg pork shoulder', false],
  ])('%s', (line, cooked) => {
    expect(readLine(line, pantry).cooked).toBe(cooked);
  });
});
