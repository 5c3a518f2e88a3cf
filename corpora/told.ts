import { readFileSync } from 'node:fs';
import { pressureRuns } from '../core/dish/pressure';
import { defaultKitchen, emptyDish, planDish } from '../core/index';
import { told } from '../core/script/testing/telling';

export { told };

const rowsOf = (file: string): string[][] =>
  readFileSync(file, 'utf8')
    .split('\n')
    .filter((row) => row.includes('|') && !row.startsWith('#'))
    .map((row) => row.split('|').map((cell) => cell.trim()));

const STEW_METHOD =
  'Heat the oil and brown the meat. Add the onions and cook for 5 minutes. Pour in the stock, close the lid and cook at high pressure until tender.';

/** Minutes under pressure of an ordinary stew of this line, where its method leaves them open. */
export const minutesOf = (line: string): number =>
  planDish(
    {
      ...emptyDish('d', 'Stew', 0),
      lines: [line, '1 tbsp oil', '2 onions, chopped', '400 ml chicken stock'].map((text, i) => ({
        id: `l${i}`,
        text,
      })),
      method: STEW_METHOD,
    },
    defaultKitchen(),
  ).heat.suggestedMin;

/** Lines with the minutes that cooks print for them, and those they get. */
export const minutesCases = (file: string) =>
  rowsOf(file).map(([line = '', band = '']) => {
    const [from = NaN, to = NaN] = band.split('-').map(Number);
    const minutes = minutesOf(line);
    return { line, from, to, minutes, ok: minutes >= from && minutes <= to };
  });

/** Sentences about pressure with the minutes and release they mean, and whether they are read so, in this order and once. */
export const lidCases = (file: string) =>
  rowsOf(file).map(([words = '', minutes, release]) => {
    const method = `Put the chicken and stock in the pot. ${words} Stir in the peas. Serve.`;
    const acts = told('1 kg chicken thighs; 400 ml chicken stock; 200 g peas', method)
      .map((a) => a.replace(/[(/].*/, ''))
      .join(' ');
    const [run, ...others] = pressureRuns(method);
    const ok =
      acts === 'add close hold release stirin serve' &&
      run?.minutes === (minutes === 'null' ? null : Number(minutes)) &&
      run.release === (release === 'null' ? null : release) &&
      others.length === 0;
    return { words, ok, got: `${run?.minutes} ${run?.release} ${acts}` };
  });
