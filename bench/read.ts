import { readdirSync, readFileSync } from 'node:fs';
import { benchLines, benchPages, benchScripts } from '../corpora/judge';
import { lidCases, minutesCases, told } from '../corpora/told';
import {
  defaultKitchen,
  emptyDish,
  linesApart,
  Pantry,
  planDish,
  readRecipe,
  type Plan,
} from '../core/index';

/**
 * What the app makes of words, for whoever works on the reading:
 *
 *   npm run read -- page.txt              a pasted page: lines, acts, findings, steps
 *   npm run read -- clauses rows.txt      rows of "list; list | method": the acts of each
 *   npm run read -- lines rows.txt        one ingredient a row: food, grams, moment
 *   npm run read -- judge scripts f.txt   a file of cases with what is right: scripts, lines, pages, lids or minutes
 *   npm run read -- sum scripts f.txt     its sums alone, as for a file that stays shut
 *   npm run read -- all                   every case of every corpus, to compare before and after a change
 */
const pantry = new Pantry();

function planOf(text: string): Plan {
  const { title, plates, lines, method } = readRecipe(text, pantry);
  const dish = emptyDish('d', title ?? 'No title', 0, plates ?? undefined);
  return planDish(
    {
      ...dish,
      lines: linesApart(lines, pantry).map((l, i) => ({ id: `l${i}`, ...l })),
      method,
    },
    defaultKitchen(),
  );
}

const minutes = (s: number): string => `${Math.round(s / 6) / 10} min`;

/** The food of a line by its position: a line that goes in by halves is two items. */
const foodAt = (plan: Plan, index: number): string =>
  plan.items.find((p) => p.line.id.startsWith(plan.dish.lines[index]?.id ?? '?'))?.read.food?.id ?? '?';

function printPage(text: string): void {
  const plan = planOf(text);
  console.log(`# ${plan.dish.name}, ${plan.dish.plates} plates`);
  for (const p of plan.items) {
    const g = Math.round(p.massG.mid * 10) / 10;
    console.log(
      `  ${p.line.text}  →  ${p.read.food?.id ?? '–'} ${g} g · ${p.moment} · ${p.read.confidence}${p.line.section ? ` [${p.line.section}]` : ''}`,
    );
  }
  console.log('\nActs');
  if (!plan.script) console.log('  none: the house template');
  for (const a of plan.script?.acts ?? []) {
    const foods = a.lines.map(
      ({ index, share }) => `${foodAt(plan, index)}${share === 1 ? '' : `×${Math.round(share * 100) / 100}`}`,
    );
    const again = a.again.map((i) => foodAt(plan, i));
    console.log(
      `  ${a.verb}${a.minutes === null ? '' : `/${a.minutes}`}(${foods.join(' ')}${again.length ? ` + ${again.join(' ')}` : ''})${a.until ? ` until ${a.until}` : ''}  «${a.words}»`,
    );
  }
  console.log(
    `\nPressure ${Math.round(plan.heat.holdS / 60)} min (computed ${plan.heat.suggestedMin}), ${plan.release}${plan.release === 'ten' ? ` ${plan.ventAfterMin}` : ''}; thin ${Math.round(plan.liquid.countedMl.mid)} ml of ${plan.liquid.needMl}; dinner after ${minutes(plan.timing.totalS.mid)}`,
  );
  for (const f of plan.findings)
    console.log(
      `  ! ${f.severity} ${f.id}: ${f.text}${process.env.WHY ? ` (${f.why})` : ''}${f.fixes.length ? ` → ${f.fixes.map((x) => x.label).join(' / ')}` : ''}`,
    );
  console.log('\nSteps');
  plan.steps.forEach((s, i) => {
    const items = s.items.map((x) => `${x.amount} ${x.name}${x.note ? ` (${x.note})` : ''}`).join(', ');
    console.log(
      `${i + 1}. ${s.title} [${s.kind}, ${minutes(s.durationS.mid)}${s.timer ? `, timer ${minutes(s.timer.seconds)}` : ''}]`,
    );
    if (items) console.log(`     · ${items}`);
    if (s.text) console.log(`     ${s.text}`);
    if (s.look) console.log(`     look: ${s.look}`);
    if (s.check) console.log(`     ? ${s.check}`);
    for (const c of s.cautions) console.log(`     ⚠ ${c}`);
  });
}

const rowsOf = (file: string): string[] =>
  readFileSync(file, 'utf8')
    .split('\n')
    .filter((row) => row.trim() && !row.startsWith('#'));

function printClauses(file: string): void {
  for (const row of rowsOf(file)) {
    const [list = '', method = ''] = row.split('|').map((cell) => cell.trim());
    console.log(`${method}\n    ${told(list, method).join(' ') || 'no script'}`);
  }
}

function printLines(file: string): void {
  for (const row of rowsOf(file)) {
    const plan = planDish(
      { ...emptyDish('d', 'One line', 0), lines: [{ id: 'l', text: row }] },
      defaultKitchen(),
    );
    for (const p of plan.items)
      console.log(
        `${row}  →  ${p.read.food?.id ?? '–'} ${Math.round(p.massG.mid * 10) / 10} g · ${p.moment} · ${p.read.confidence}`,
      );
  }
}

function judge(what: string, file: string, verbose: boolean): void {
  if (what === 'scripts') return benchScripts(file, verbose);
  if (what === 'lines') return benchLines(file, verbose);
  if (what === 'pages') return benchPages(file, verbose);
  if (what === 'lids') {
    const all = lidCases(file);
    console.log(`${file}: ${all.filter((c) => c.ok).length} of ${all.length}`);
    if (verbose) for (const c of all) if (!c.ok) console.log(`  ${c.words} | got ${c.got}`);
    return;
  }
  if (what === 'minutes') {
    const all = minutesCases(file);
    console.log(`${file}: ${all.filter((c) => c.ok).length} of ${all.length}`);
    if (verbose)
      for (const c of all) if (!c.ok) console.log(`  ${c.line} | want ${c.from}-${c.to} | got ${c.minutes}`);
    return;
  }
  console.log('One of scripts, lines, pages, lids or minutes.');
}

const [mode = '', a = '', b = ''] = process.argv.slice(2);
if (mode === 'clauses') printClauses(a);
else if (mode === 'lines') printLines(a);
else if (mode === 'judge' || mode === 'sum') judge(a, b, mode === 'judge');
else if (mode === 'all')
  for (const what of ['lines', 'pages', 'scripts', 'lids', 'minutes'])
    for (const file of readdirSync(`corpora/${what}`)) judge(what, `corpora/${what}/${file}`, true);
else if (mode) printPage(readFileSync(mode, 'utf8'));
else console.log('Name a page, or say clauses, lines, judge, sum or all: see bench/read.ts.');
