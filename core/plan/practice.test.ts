import { minutesCases, minutesOf } from '../../corpora/told';

describe('minutes for a line as it is bought', () => {
  const all = ['practice', 'spent-1'].flatMap((file) => minutesCases(`corpora/minutes/${file}.txt`));

  it('are what cooks print for nine lines in ten', () => {
    const outside = all.filter((c) => !c.ok);
    expect(outside.length / all.length).toBeLessThanOrEqual(0.1);
  });

  it('are never half of what cooks print, nor half as much again and ten', () => {
    const far = all.filter(({ minutes, from, to }) => minutes < from / 2 || minutes > 1.5 * to + 10);
    expect(far.map(({ line, minutes }) => `${line}: ${minutes}`)).toEqual(FAR);
  });

  it.each([
    ['1 kg turkey breast', '4 kg turkey breast'],
    ['2 pork tenderloins', '6 pork tenderloins'],
    ['2 duck breasts', '8 duck breasts'],
  ])('are never fewer for more of what is only made hot: %s', (some, more) => {
    expect(minutesOf(more)).toBeGreaterThanOrEqual(minutesOf(some));
  });

  it('are more for frozen pieces than for fresh ones', () => {
    for (const meat of ['boneless chicken thighs', 'chicken breasts', 'stewing beef, cubed'])
      expect(minutesOf(`800 g frozen ${meat}`)).toBeGreaterThan(minutesOf(`800 g ${meat}`));
  });
});

/** Known to be far off: a thin steak that is rolled up is a roll and no joint. */
const FAR = ['600 g minute steak, rolled: 72'];
