import { isTried } from '../../corpora/runs';
import { Pantry } from '../pantry/pantry';
import { readScript } from '../script/read';
import { readMethod } from './method';
import { readLine } from './read';

/**
 * A law of one breath: the minutes and the release of a recipe mean the same however they are said and joined. Every way to tell twelve minutes,
 * with every way to let it go, by every join that a page or a hand note has between them.
 */
const pantry = new Pantry();
const LINES = ['1 kg chicken thighs', '300 ml stock', '1 onion'].map((t) => ({ read: readLine(t, pantry) }));

const COOKED = [
  'Cook on high pressure for 12 minutes',
  'Pressure cook on high for 12 minutes',
  'Pressure cook 12 min',
  'Pressure cook for 12',
  'High pressure 12 min',
  'HP 12',
  'High 12',
  '12 minutes at high pressure',
  '12 min HP',
  'Cook 12 mins @ HP',
  'Set to manual, 12 minutes',
  'Manual, high, 12 min',
  'Pressure: high, 12 minutes',
  'Set manual/pressure cook high for 12 min',
  'Select high pressure and 12 minutes cook time',
  'Press Manual and set the timer to 12',
  'Lock the lid and cook for 12 minutes at pressure',
  'Close the lid and cook for 12 minutes',
  'Lid on, 12 minutes',
  'Seal and cook on High for 12 minutes',
  'Give it 12 minutes under pressure',
  'Bring to pressure and cook for 12 minutes',
  'Once at pressure, cook 12 minutes',
  '12 minutes from when it reaches pressure',
  'twelve minutes at full pressure',
];

type Release = readonly [words: string, release: 'quick' | 'ten' | 'natural', minutes: number | null];
const LET_GO: readonly Release[] = [
  ['natural release for 5 minutes, then quick release', 'ten', 5],
  ['NPR 5 min then QR', 'ten', 5],
  ['NPR 5', 'ten', 5],
  ['natural 5', 'ten', 5],
  ['5 min natural release', 'ten', 5],
  ['a 5-minute natural release', 'ten', 5],
  ['5 minutes NPR then QR the rest', 'ten', 5],
  ['let the pressure release naturally for 5 minutes and then release the rest', 'ten', 5],
  ['allow 5 minutes of natural release, then vent', 'ten', 5],
  ['let it sit 5 minutes, then quick release', 'ten', 5],
  ['wait 5 minutes before releasing the pressure', 'ten', 5],
  ['rest 5 minutes, then vent', 'ten', 5],
  ['vent after 5 minutes', 'ten', 5],
  ['natural release', 'natural', null],
  ['full natural release', 'natural', null],
  ['NPR', 'natural', null],
  ['slow release', 'natural', null],
  ['let the pressure come down by itself', 'natural', null],
  ['leave until the pin drops', 'natural', null],
  ['quick release', 'quick', null],
  ['QR', 'quick', null],
  ['fast release', 'quick', null],
  ['manual release', 'quick', null],
  ['do a quick pressure release', 'quick', null],
  ['release the pressure at once', 'quick', null],
];

const upper = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
const JOINS: readonly ((release: string) => string)[] = [
  (r) => `. ${upper(r)}`,
  (r) => `\n${upper(r)}`,
  (r) => `, ${r}`,
  (r) => `, then ${r}`,
  (r) => ` and ${r}`,
  (r) => ` with ${r}`,
  (r) => ` followed by ${r}`,
  (r) => `; ${r}`,
  (r) => ` + ${r}`,
  (r) => ` / ${r}`,
  (r) => ` (${r})`,
  (r) => ` — ${r}`,
];
/** "With let it sit" is no English: only a noun follows. */
const isSaid = (joined: string): boolean =>
  !/ (?:with|followed by) (?:let|allow|release the|leave|wait|rest|do|vent)\b/.test(joined);

describe('minutes and release in one breath', () => {
  it.each(COOKED)('%s', (cooked) => {
    const wrong: unknown[] = [];
    LET_GO.forEach(([words, release, minutes], nth) => {
      JOINS.map((j) => j(words)).forEach((join, at) => {
        if (!isSaid(join) || !isTried(nth + at, COOKED.indexOf(cooked), 2)) return;
        const method = `Brown the chicken 6 minutes. Add onion and stock. ${cooked}${join}. Stir and serve.`;
        const told = readMethod(method);
        const got = [told.minutes, told.release, told.releaseMin];
        if (JSON.stringify(got) !== JSON.stringify([12, release, minutes])) wrong.push([join, ...got]);
        // The acts by every third of these.
        if (!isTried((nth + at) >> 1, 0, 3)) return;
        const acts = readScript(method, LINES, pantry)?.acts ?? [];
        const verbs = acts.map((a) => a.verb).join(' ');
        if (verbs !== 'brown add close hold release serve' || acts[0]?.minutes !== 6)
          wrong.push([join, verbs]);
      });
    });
    expect(wrong).toEqual([]);
  });
});

describe('minutes of the release before its name', () => {
  it.each([
    ['Pressure cook for 22 with 10 NPR', 22, 10],
    ['Cook on high pressure for 22 minutes with 10 NPR', 22, 10],
    ['HP 22 then 10 NR', 22, 10],
    ['HP 10 NPR 5', 10, 5],
  ])('%s', (said, minutes, release) => {
    const told = readMethod(`Add the chicken and stock. ${said}. Serve.`);
    expect([told.minutes, told.release, told.releaseMin]).toEqual([minutes, 'ten', release]);
  });
});

describe('a second lid, however it is told', () => {
  const ROOTS = [...LINES, ...['400 g potatoes', '2 carrots'].map((t) => ({ read: readLine(t, pantry) }))];
  const FIRST = [
    'HP 30, QR.',
    'Lock the lid; 30 minutes at high pressure. Natural release for 10 minutes, then vent.',
    'Close the lid and cook 30 minutes. Let the pressure drop naturally.',
  ];
  const PUT = [
    'Add the potatoes and carrots',
    'Potatoes and carrots in',
    'Put the potatoes and carrots on top of the chicken',
    'Open the lid and add the potatoes and carrots',
    'Throw in potatoes + carrots',
    'Once the pin drops, add the potatoes and carrots',
  ];
  const AGAIN = [
    'Close the lid again and cook on high pressure for 4 minutes',
    'Reseal and cook for another 4 minutes',
    'Put the lid back on and pressure cook 4 minutes more',
    'Lid back on, 4 minutes HP',
    'Return to pressure for 4 minutes',
    'Bring back to pressure and cook 4 minutes',
    'Pressure cook for a further 4 minutes',
    'HP 4 more',
    'Another 4 min HP',
    'Re-close; HP 4',
    'Seal again, manual, 4 min',
    'Repeat at high pressure for 4 minutes',
    'Lid on, 4 minutes',
    'Close and give it 4 minutes more',
  ];
  const OUT = ['Quick release', 'QR', 'Release the pressure', 'NPR', 'Vent'];

  it.each(AGAIN)('%s', (again) => {
    const wrong: unknown[] = [];
    FIRST.forEach((first, i) => {
      PUT.forEach((put, j) => {
        const out = OUT[(i + j) % OUT.length] ?? 'QR';
        for (const join of ['. ', ', '].filter((_, nth) => isTried(nth, i + j, 2))) {
          const then = join === '. ' ? again : again.charAt(0).toLowerCase() + again.slice(1);
          const method = `Brown the chicken. Add the onion and stock. ${first} ${put}${join}${then}. ${out}. Stir and serve.`;
          const acts = readScript(method, ROOTS, pantry)?.acts ?? [];
          const lids = acts.filter((a) => ['close', 'hold', 'release'].includes(a.verb));
          const roots = acts.find((a) => a.lines.some((l) => l.index === 3));
          const isRight =
            lids.map((a) => a.verb).join(' ') === 'close hold release close hold release' &&
            lids[4]?.minutes === 4 &&
            roots?.run === 1 &&
            roots.lines.some((l) => l.index === 4);
          if (!isRight) wrong.push([method, acts.map((a) => a.verb).join(' ')]);
        }
      });
    });
    expect(wrong).toEqual([]);
  });
});
