import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { dishOf, told } from './testing/telling';

/** A sauce of its own in a pan beside, and a gravy that is the pot's. */
const LIST = '1.5 kg gammon; 1 l cola; 40 g butter; 40 g plain flour; 500 ml milk; 100 g cheddar';
const LID = 'Put the gammon and cola in the pot. Cook 50 mins at high pressure; natural release. ';
const SAUCE =
  'melt the butter in a small saucepan, stir in the flour for 1 minute, gradually whisk in the milk and simmer 5 minutes until thick. Take off the heat and beat in the cheese. Slice the gammon and serve with the sauce.';

describe('a white sauce in a small pan', () => {
  it.each(['While it cooks, ', 'Meanwhile, ', 'Open. Lift out the gammon. For the sauce, '])(
    'is one thing to do: %s',
    (when) => {
      expect(told(LIST, LID + when + SAUCE).join(' ')).toMatch(
        /sauce\/5\(butter plain-flour milk cheddar\) slice\(\) serve\(\)$/,
      );
    },
  );

  it('is made in the wait and never in the pot, neither its flour nor its milk', () => {
    const plan = planDish(dishOf(LIST, `${LID}Meanwhile, ${SAUCE}`), defaultKitchen());
    expect(plan.sauce.already.map((a) => a.name)).not.toContain('plain flour');
    expect(plan.items.filter((i) => /milk|cheddar/.test(i.read.food?.id ?? '')).map((i) => i.moment)).toEqual(
      ['finish', 'finish'],
    );
    const wait = plan.steps.find((s) => s.kind === 'hold');
    expect(wait?.text).toContain('make the sauce in a small pan');
    expect(wait?.items.map((i) => i.name)).toEqual(['butter', 'plain flour', 'milk', 'cheddar']);
  });
});

it('is the gravy where what was in the pot is whisked in', () => {
  const method =
    'Cook the beef in the stock 35 minutes at high pressure, NPR. Remove the beef. Melt the butter in a small pan, stir in the flour, then whisk in the strained broth and simmer until thick.';
  const all = told('1 kg beef; 500 ml stock; 40 g butter; 3 tbsp flour', method).join(' ');
  expect(all).not.toContain('sauce');
  expect(all).toMatch(/thicken\S*\(.*plain-flour/);
});
