import { emptyDish } from '../dish/dish';
import { readLine } from '../dish/read';
import { Pantry } from '../pantry/pantry';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from './plan';

const pantry = new Pantry();
const planOf = (lines: readonly string[], method = '') =>
  planDish(
    { ...emptyDish('d', 'Test', 0), lines: lines.map((text, i) => ({ id: `l${i}`, text })), method },
    defaultKitchen(),
  );
const pieceOf = (line: string, method = '') => planOf([line, '400 ml chicken stock'], method).meat[0]!;

describe('what a piece of meat is', () => {
  it.each([
    ['6 lamb chump steaks', 1080, 25],
    ['4 veal escalopes', 480, 8],
    ['2 rump steaks', 360, 25],
    ['6 lamb chops', 660, 25],
    ['500 g rump steaks', 500, 25],
  ])('%s: a portion each, and no joint', (line, grams, mm) => {
    const piece = pieceOf(line);
    expect(piece.massG / grams).toBeCloseTo(1, 1);
    expect(piece.thicknessMm).toBe(mm);
  });

  it.each(['750 g stewing steak', '1 kg braising steak, in chunks', '800 g chuck steak, diced'])(
    '%s is stewed, whatever it is called',
    (line) => {
      expect(pieceOf(line).thicknessMm).toBeGreaterThanOrEqual(25);
      expect(readLine(line, pantry).massG.mid).toBeGreaterThanOrEqual(750);
      expect(planOf([line, '400 ml stock']).heat.suggestedMin).toBeGreaterThanOrEqual(15);
    },
  );

  it('is no thicker in cubes than the piece they are cut from', () => {
    for (const how of ['cubed', 'cut in chunks', 'in 5 cm chunks', 'cut into bite-sized pieces'])
      expect(pieceOf(`800 g boneless chicken thighs, ${how}`).thicknessMm).toBeLessThanOrEqual(26);
    expect(pieceOf('800 g beef chuck, in 5 cm chunks').thicknessMm).toBe(50);
  });

  it('is a whole bird only where it is counted and not cut up', () => {
    expect(pieceOf('1 whole chicken (1.5 kg)').cut.id).toBe('whole-chicken');
    expect(pieceOf('1 chicken, about 1.6 kg').cut.id).toBe('whole-chicken');
    for (const line of [
      '1 chicken (around 4lbs), jointed into 8',
      '1 whole chicken, cut up',
      '1 kg chicken',
      '500 g chicken, diced',
    ])
      expect(pieceOf(line).cut.id).toBe('chicken-thigh');
    const { suggestedMin } = planOf(['1 whole chicken (1.5 kg)', '400 ml water']).heat;
    expect(suggestedMin).toBeGreaterThanOrEqual(18);
    expect(suggestedMin).toBeLessThanOrEqual(28);
  });

  it('is cut as the method says, where its line says nothing', () => {
    const cubes = pieceOf(
      '1 kg beef shin',
      'Cut the beef into 3 cm cubes. Brown it. Add the stock. High pressure 30 minutes.',
    );
    expect([cubes.thicknessMm, cubes.cubed, cubes.thicknessAssumed]).toEqual([30, true, false]);
    const written = pieceOf(
      '1 kg beef shin, in 5 cm chunks',
      'Cut the beef into cubes. Add the stock. High pressure 30 minutes.',
    );
    expect(written.thicknessMm).toBe(50);
    // Four pieces of a joint are no cubes.
    const four = pieceOf(
      '1.4 kg chuck roast',
      'Cut the roast into 4 chunks. Brown it. Add the stock. High pressure 60 minutes.',
    );
    expect([four.thicknessMm, four.cubed]).toEqual([60, false]);
  });
});

describe('minutes of a recipe that do no harm are kept', () => {
  const toldOf = (line: string, how: string) =>
    planOf([line, '400 ml chicken stock'], `Brown the meat. Add the stock. ${how}`).told;

  it.each([
    ['1 whole chicken (1.5 kg)', 'High pressure 22 minutes, natural release.'],
    ['1 kg pork shoulder, in 2 cm strips', 'High pressure 25 minutes, natural release.'],
    ['8 pork sausages', 'High pressure 12 minutes, natural release 10 minutes.'],
    ['6 bone-in chicken thighs', 'High pressure 10 minutes, quick release.'],
    ['700 g chicken thighs, cubed', 'High pressure 6 minutes, quick release.'],
  ])('%s: %s', (line, how) => {
    expect(toldOf(line, how).isFollowed).toBe(true);
  });

  it.each([
    ['4 chicken breasts', 'High pressure 1 minute, quick release.'],
    ['1.2 kg beef chuck, in 4 cm cubes', 'High pressure 12 minutes, quick release.'],
    ['6 pork loin steaks', 'High pressure 20 minutes, natural release.'],
  ])('and those that would leave it raw, tough or dry are not: %s: %s', (line, how) => {
    expect(toldOf(line, how).isFollowed).toBe(false);
  });

  it('keeps the minutes of a broth without meat', () => {
    const plan = planOf(
      ['1 litre chicken stock', '2 stalks lemongrass'],
      'Put the stock and lemongrass in the pot. Pressure cook for 5 minutes and quick release.',
    );
    expect(plan.told).toEqual({ minutes: 5, isFollowed: true });
    expect(Math.round(plan.heat.holdS / 60)).toBe(5);
  });
});
