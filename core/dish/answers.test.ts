import fc from 'fast-check';
import { Pantry } from '../pantry/pantry';
import { likelyAnswers } from './answers';
import { MOST_ANSWERS } from './data/answers';
import { readLine } from './read';

const pantry = new Pantry();
const labels = (text: string): string[] => likelyAnswers(text, pantry, 'us').map((a) => a.label);
const RANK = { unsure: 0, likely: 1, sure: 2 };

describe('likely answers to what is asked', () => {
  it.each([
    ['2 fish sauce', '2 tbsp'],
    ['250 plain flour', '250 g'],
    ['4 rice', '4 cups'],
    ['2 cumin', '2 tsp'],
    ['beef chuck', '800 g'],
    ['250000 g pork shoulder', '2500 instead of 250000'],
    ['2 cups dusky beans', 'kidney bean'],
    ['1 tbsp tumric', 'turmeric'],
    ['chiken thihgs 500 g', 'chicken thigh'],
  ])('%s offers %s', (text, wanted) => {
    const offered = [...labels(text), ...likelyAnswers(text, pantry, 'us').map((a) => a.text)];
    expect(offered.some((l) => l.includes(wanted)) || readLine(text, pantry).known === wanted).toBe(true);
  });

  it('are none for a line that is sure, and none where nothing is likely', () => {
    expect(labels('500 g beef chuck')).toEqual([]);
    expect(labels('Energy 512 kcal')).toEqual([]);
    expect(labels('')).toEqual([]);
  });

  it('keep what the line says besides', () => {
    const texts = (text: string): string[] => likelyAnswers(text, pantry, 'us').map((a) => a.text);
    expect(texts('3 rings sausage, in 2 cm slices')[0]).toBe('900 g sausage, in 2 cm slices');
    for (const text of texts('1.2 kg venison shoulder, 4 cm dice')) expect(text).toContain(', 4 cm dice');
    for (const text of texts('handful parsley, to serve')) expect(text).toContain('to serve');
  });

  it('are few, each another, and each leaves less to ask than before, whatever the line', () => {
    const word = fc.constantFrom(
      'chiken',
      'zorbo',
      'beans',
      'sauce',
      'rice',
      'lemony',
      'onions',
      'pepper',
      'of',
      'sweet',
    );
    const line = fc.oneof(
      fc.string({ maxLength: 40 }),
      fc
        .tuple(
          fc.constantFrom('', '2 ', '500 ', '1 500 g ', '½ ', 'handful ', '99999 cups ', '3 rings '),
          fc.array(word, { maxLength: 4 }),
        )
        .map(([amount, words]) => amount + words.join(' ')),
    );
    fc.assert(
      fc.property(line, (text) => {
        const before = readLine(text, pantry);
        const answers = likelyAnswers(text, pantry, 'us');
        expect(answers.length).toBeLessThanOrEqual(MOST_ANSWERS);
        expect(new Set(answers.map((a) => a.label)).size).toBe(answers.length);
        for (const { text: then } of answers) {
          const after = readLine(then, pantry);
          expect(RANK[after.confidence]).toBeGreaterThan(RANK[before.confidence]);
          expect(after.massG.mid).toBeGreaterThan(0);
          expect([after.thicknessMm, after.written?.moment]).toEqual([
            before.thicknessMm,
            before.written?.moment,
          ]);
        }
      }),
      { numRuns: 300 },
    );
  });
});
