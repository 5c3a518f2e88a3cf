import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { emptyDish } from '../dish/dish';
import { textsIn } from '../formats/bundle';
import { Pantry } from '../pantry/pantry';
import { alreadyThere, recipesIn } from './many';

const pantry = new Pantry();
const STEW =
  'Lamb stew\nServes 4\n\nIngredients\n1 kg lamb neck\n2 onions\n300 ml stock\n\nMethod\nBrown the lamb. Add the rest. High pressure 25 minutes.';

describe('many recipes at once', () => {
  it('are told apart, named by their title or their file, with what has to be asked', () => {
    const [stew] = recipesIn(STEW, 'a/stew.txt', pantry);
    expect(stew).toMatchObject({ name: 'Lamb stew', asks: 0 });
    const [nameless] = recipesIn(
      '1 kg lamb neck\n2 onions\n3 blorps of zzz',
      'box/aunts-lamb_stew.md',
      pantry,
    );
    expect(nameless).toMatchObject({ name: 'aunts lamb stew', asks: 1 });
  });

  it('are none where a file holds no recipe', () => {
    expect(recipesIn('Dear Tilde,\nthank you for the letter.', 'letter.txt', pantry)).toEqual([]);
    expect(recipesIn('', 'empty.txt', pantry)).toEqual([]);
  });

  it('are known where they are on the shelf already', () => {
    const [stew] = recipesIn(STEW, 'stew.txt', pantry);
    if (!stew) throw new Error('The stew was not read');
    const lines = stew.recipe.lines.map((l, i) => ({ id: `l${i}`, text: l.text }));
    const dish = { ...emptyDish('d', 'Lamb Stew!', 0), lines };
    expect(alreadyThere(stew, [dish])?.id).toBe('d');
    expect(alreadyThere(stew, [{ ...dish, name: 'Another' }])).toBeUndefined();
    expect(alreadyThere(stew, [{ ...dish, lines: lines.slice(0, 1) }])).toBeUndefined();
  });
});

describe('a zip of recipes', () => {
  it('gives its texts, and names what it did not take', () => {
    const read = textsIn(
      zipSync({
        'box/stew.txt': strToU8(STEW),
        'box/photo.jpg': strToU8('x'),
        '__MACOSX/box/._stew.txt': strToU8('x'),
        'page.html': strToU8('<p>1 kg lamb</p>'),
        'long.txt': strToU8('x'.repeat(2_000_001)),
      }),
    );
    expect(read).toMatchObject({ ok: true, skipped: ['box/photo.jpg', 'long.txt'] });
    expect(read.ok && read.texts.map((t) => t.name)).toEqual(['box/stew.txt', 'page.html']);
    expect(read.ok && read.texts[0]?.text).toBe(STEW);
  });

  it('never throws, whatever the bytes are', () => {
    const whole = zipSync({ 'a.txt': strToU8(STEW) });
    fc.assert(
      fc.property(fc.nat({ max: whole.length }), (n) => {
        const read = textsIn(whole.slice(0, n));
        if (!read.ok) expect(read.message).toContain('damaged');
      }),
    );
    expect(textsIn(strToU8('not a zip')).ok).toBe(false);
  });
});
