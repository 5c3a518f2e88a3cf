import { readFileSync } from 'node:fs';
import { pressureRuns } from '../dish/pressure';
import { told } from './testing/telling';

const rows = readFileSync('corpora/lids/spent-1.txt', 'utf8')
  .split('\n')
  .filter((row) => row.includes('|') && !row.startsWith('#'))
  .map((row) => row.split('|') as [string, string, string]);

describe('sentences about pressure in a hurry', () => {
  it('close one lid, hold it so long, and let it go so, in nine of ten', () => {
    const right = rows.filter(([words, minutes, release]) => {
      const method = `Put the chicken and stock in the pot. ${words} Stir in the peas. Serve.`;
      const acts = told('1 kg chicken thighs; 400 ml chicken stock; 200 g peas', method);
      const [run, ...others] = pressureRuns(method);
      return (
        acts.map((a) => a.replace(/[(/].*/, '')).join(' ') === 'add close hold release stirin serve' &&
        run?.minutes === Number(minutes) &&
        run.release === release &&
        others.length === 0
      );
    });
    expect(rows.length).toBeGreaterThan(10);
    expect(right.length / rows.length).toBeGreaterThanOrEqual(0.9);
  });
});
