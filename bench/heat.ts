import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  cutById,
  defaultKitchen,
  donenessOf,
  emptyDish,
  EXPECTED,
  forecastHeat,
  HeatRanges,
  planDish,
  Run,
  type HeatInput,
} from '../core/index';
import { measure, printTable } from './clock';

const chuck = cutById('beef-chuck');
if (!chuck) throw new Error('The table of cuts has beef chuck');
let n = 0;
const oneKilo = (): HeatInput => ({
  pot: { heaterW: 1000, lossWPerK: 1, metalJPerK: 650, gaugeKPa: 75 },
  altitudeM: 0,
  roomC: 20,
  lumpJPerK: 3200,
  startC: 70,
  pieces: [{ massG: 1000, thicknessMm: 44.8, exponent: 1.8, conduction: 1, startC: 6, shells: 24 }],
  judged: [{ index: 0, doneness: donenessOf(chuck, 'us') }],
  release: 'natural',
  minutes: 35 + (n++ % 2),
});

/** The same cook in plain C, where this machine has a compiler. */
function yardstick(): { what: string; medianMs: number; p95Ms: number }[] {
  const dir = mkdtempSync(join(tmpdir(), 'ladle-'));
  try {
    const out = join(dir, 'yardstick');
    execFileSync('cc', ['-O2', '-o', out, 'bench/yardstick.c', '-lm'], { stdio: 'pipe' });
    const [medianMs = 0, p95Ms = 0, core = 0] = execFileSync(out, { encoding: 'utf8' })
      .split(' ')
      .map(Number);
    return [{ what: `plain C, the same scheme (core ${core.toFixed(1)} °C)`, medianMs, p95Ms }];
  } catch {
    console.log('\nNo C compiler here: the yardstick is left out.');
    return [];
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}

const STEW = [
  '1 kg beef chuck, in 4 cm cubes',
  '300 g pork sausages',
  '400 g carrots',
  '400 g potatoes',
  '500 ml stock',
];

/** One cook, the search for its minutes, two hundred kitchens, and what the state takes. */
export function benchHeat(): void {
  let core = 0;
  const cook = measure(() => {
    const run = new Run(oneKilo(), EXPECTED);
    run.comeUp();
    run.hold(run.input.minutes ?? 0);
    run.release('natural');
    core = run.core ?? 0;
  });
  printTable('One whole cook of one kind of piece, 24 shells, 3 s', [
    ...yardstick(),
    { what: `core/heat (core ${core.toFixed(1)} °C)`, ...cook },
  ]);
  printTable('forecastHeat, one kilo', [
    { what: 'minutes given: three runs and the series', ...measure(() => void forecastHeat(oneKilo())) },
    {
      what: 'minutes searched for',
      ...measure(() => void forecastHeat({ ...oneKilo(), altitudeM: n, minutes: null })),
    },
  ]);
  const plan = planDish(
    { ...emptyDish('d', 'Stew', 0), lines: STEW.map((text, i) => ({ id: `l${i}`, text })) },
    defaultKitchen(),
  );
  const ranges = (runs: number): void => {
    const r = new HeatRanges(plan.heating, plan.heat.holdS / 60, plan.heat.lead, n++);
    for (let i = 0; i < runs; i++) r.next();
    r.answer();
  };
  printTable(`The same cook in many kitchens, ${plan.kinds.length} kinds of piece`, [
    { what: '10 runs: the first answer', ...measure(() => ranges(10), 20) },
    { what: '200 runs', ...measure(() => ranges(200), 7) },
  ]);
  const many = Array.from({ length: 400 }, () => new Run(plan.heating));
  const before = process.memoryUsage();
  const more = Array.from({ length: 400 }, () => new Run(plan.heating));
  const after = process.memoryUsage();
  const bytes = after.heapUsed + after.arrayBuffers - before.heapUsed - before.arrayBuffers;
  console.log(
    `\nState of one run with ${plan.kinds.length} kinds: about ${(bytes / 400 / 1024).toFixed(1)} kB (${many.length + more.length} made)`,
  );
}
