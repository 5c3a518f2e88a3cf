import fc from 'fast-check';
import { Pantry } from '../pantry/pantry';
import { readRecipe } from './recipe';

const pantry = new Pantry();

describe('a pasted recipe', () => {
  it('is told apart into title, plates, headings, lines and method', () => {
    const r = readRecipe(
      `# Slack-water chicken
Serves 4

Ingredients:
- 6 chicken thighs
- 1 onion
For the glaze:
- 2 tbsp honey

Method
1. Brown the chicken in the oil.
2. Stir in the honey.`,
      pantry,
    );
    expect(r.title).toBe('Slack-water chicken');
    expect(r.plates).toBe(4);
    expect(r.lines).toEqual([
      { text: '6 chicken thighs' },
      { text: '1 onion' },
      { text: '2 tbsp honey', section: 'For the glaze' },
    ]);
    expect(r.method).toContain('Stir in the honey');
  });

  it('reads a bare list as lines only', () => {
    const r = readRecipe('salt and pepper\n1 kg beef chuck\n2 onions', pantry);
    expect(r.title).toBeNull();
    expect(r.lines).toHaveLength(3);
  });

  it('keeps every written line somewhere', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.constantFrom(
            '2 onions',
            '1 kg chicken thighs',
            'For the sauce:',
            'salt',
            'Serves 4',
            'zorblax to taste',
            '1. one onion',
            'Method',
            'Add the stock and stir well, then close the lid and cook for ten minutes.',
          ),
          { maxLength: 20 },
        ),
        (lines) => {
          const r = readRecipe(lines.join('\n'), pantry);
          const kept = [
            r.title ?? '',
            ...r.lines.map((l) => `${l.section ?? ''}\n${l.text}`),
            r.method,
            ...r.notes,
            ...r.leftOut,
          ].join('\n');
          for (const line of lines) {
            if (/^(Serves|Method|For the)/.test(line)) continue;
            expect(kept).toContain(line.replace(/^1\. /, ''));
          }
        },
      ),
    );
  });
});
