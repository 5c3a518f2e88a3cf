import { told } from './testing/telling';

/** A list has the jaggery, the shallots and the tamari; a method says the sugar, the onions and the soy sauce. */
const acts = (list: string, method: string): string => told(list, method).join(' ');
const LID = ' HP 35 minutes, NPR.';

describe('a general word stands for the line that is meant', () => {
  it.each([
    ['2 tbsp ras el hanout', 'Coat the meat in the spice. Add the stock.', /^season\(ras-el-hanout\)/],
    ['100 g jaggery', 'Add the meat, stock and sugar.', /jaggery/],
    ['100 g sultanas', 'Add the meat, stock and fruit.', /raisin/],
    ['100 g cashews', 'Add the meat, stock and half the nuts.', /cashew/],
    ['2 jalapeños', 'Add the meat, stock and chillies.', /green-chilli/],
    ['2 shallots', 'Fry the onions. Add the meat and stock.', /^soften\(shallot\)/],
    ['400 ml passata', 'Add the meat, stock and tomatoes.', /passata/],
    ['2 tbsp tamari', 'Add the meat, stock and soy sauce.', /tamari/],
    ['2 tbsp maple syrup', 'Add the meat, stock and syrup.', /maple/],
    ['1 tin cannellini', 'Add the meat, stock and beans.', /cannellini/],
    ['2 tbsp ghee', 'Heat the oil. Brown the meat in it. Add the stock.', /^(?:heat|brown)\(ghee/],
    ['2 tbsp lard', 'Heat the fat. Brown the meat in it. Add the stock.', /^(?:heat|brown)\(lard/],
    ['100 g lardons', 'Add the meat, stock and bacon.', /bacon/],
  ])('%s: %s', (line, method, wanted) => {
    expect(acts(`1 kg beef, cubed; 400 ml stock; ${line}`, method + LID)).toMatch(wanted);
  });

  it('fish and seafood are what comes from the sea, and to fish something out is no fish', () => {
    expect(
      acts(
        '500 g cod; 400 ml stock',
        'Add the stock. HP 3 minutes, QR. Slide in the fish and poach 4 minutes.',
      ),
    ).toMatch(/simmer\/4\(white-fish\)$/);
    expect(
      acts(
        '1 kg beef; 400 ml stock; 2 bay leaves; 500 g prawns',
        `Add beef, stock and bay.${LID} Fish out the bay. Add the prawns and simmer 3 minutes.`,
      ),
    ).toMatch(/liftout\(\) simmer\/3\(prawn\)$/);
  });

  it('not where a line is named so: ghee is no oil beside oil, and the shallots no onions beside onions', () => {
    const said = acts(
      '1 kg beef; 400 ml stock; 2 tbsp oil; 1 tbsp ghee; 2 onions; 4 shallots',
      `Heat the oil and soften the onions. Add beef and stock.${LID} Fry the shallots in the ghee.`,
    );
    expect(said).toMatch(/^soften\(sunflower-oil onion\) add\(\S+ \S+\) close.*fry\(ghee shallot\)$/);
  });

  it('is never the fat that ran, nor nuts that only catch', () => {
    expect(
      acts(
        '1 kg duck; 400 ml stock; 20 g butter',
        `Brown the duck. Pour off the fat. Add stock.${LID} Stir in the butter.`,
      ),
    ).toMatch(/pouroff\(\) .*(?:stirin|dairy)\(butter\)$/);
    expect(
      acts(
        '1 kg chicken; 400 ml stock; 200 g ground walnuts',
        `Add chicken and stock, walnuts on top. HP 8 minutes, NPR. Simmer 10 minutes; stir often, nuts catch.`,
      ),
    ).toMatch(/simmer\/10\(\)$/);
  });
});
