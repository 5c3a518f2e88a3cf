import { readFileSync } from 'node:fs';
import { FROM_THE_METHOD } from '../core/page/page';
import {
  DEFAULT_RULES,
  Pantry,
  emptyDish,
  placeDish,
  readLine,
  readMethod,
  readPage,
  readScript,
  stripBullet,
} from '../core/index';

const pantry = new Pantry();

/** Foods that got a row of their own after the cases were written: the same thing under another name. */
const ALIASES: Record<string, readonly string[]> = {
  'cream-of-chicken-soup': ['cream-of-celery-soup', 'condensed-tomato-soup'],
  'ranch-mix': ['ranch-seasoning'],
  'oat-cream': ['plant-cream'],
  'ground-allspice': ['allspice'],
  'allspice-berry': ['allspice'],
  'gravy-granule': ['gravy-mix'],
  'chopped-tomatoes': ['tomatoes-with-chillies'],
  'lamb-shoulder': ['mutton'],
  'dried-chilli': ['ancho-chile'],
  stout: ['wheat-beer'],
  sambal: ['sambal-oelek'],
};

/** One line with what is right. */
interface LineCase {
  text: string;
  foods: string[];
  grams: string;
  moments: string[];
}

function lineCases(file: string): LineCase[] {
  return readFileSync(file, 'utf8')
    .split('\n')
    .filter(Boolean)
    .map((row) => {
      const [text = '', foods = '', grams = '', moments = ''] = row.split(' | ').map((c) => c.trim());
      return {
        text,
        foods: foods.split('/'),
        grams,
        moments: moments ? moments.replace(/ ?\|$/, '').split('/').filter(Boolean) : [],
      };
    });
}

/** What was made of a line against what is right; `silent` when it is wrong and nothing says that it may be. */
function judgeLine(c: LineCase) {
  // As a paste does it: a line that holds several things is told apart.
  const { several } = readLine(c.text, pantry);
  const texts = several.length > 1 ? several : [c.text];
  const parts = placeDish(
    { ...emptyDish('d', 'One line', 0), lines: texts.map((text, i) => ({ id: `l${i}`, text })) },
    { pantry, system: 'us', rules: DEFAULT_RULES },
  );
  const [first] = parts;
  if (!first) throw new Error('A line is always placed');
  const { read, moment } = first;
  const mid = parts.reduce((s, p) => s + p.massG.mid, 0);
  const food =
    c.foods[0] === '-'
      ? read.food === null || mid === 0
      : c.foods.some((f) => f === read.food?.id || ALIASES[f]?.includes(read.food?.id ?? ''));
  const grams = c.grams.replace(/ .*$/, '');
  const [low = 0, high = low] = grams.split('-').map(Number);
  const isMass =
    grams === '-' || grams === '?' || c.foods[0] === '-'
      ? mid === 0 && (grams !== '?' || read.confidence === 'unsure')
      : grams.includes('-')
        ? mid >= low * 0.9 && mid <= high * 1.1
        : Math.abs(mid / low - 1) <= 0.18;
  const isMoment = !c.moments.length || c.moments.includes(moment);
  const ok = food && isMass && isMoment;
  return {
    ok,
    food,
    mass: isMass,
    moment: isMoment,
    silent: !ok && read.confidence === 'sure' && !(food && isMass),
    sure: read.confidence === 'sure',
    got: `${read.food?.id ?? '–'} ${Math.round(mid * 10) / 10} g ${moment} ${read.confidence}`,
  };
}

/** One page with the label of each line. */
export interface PageCase {
  name: string;
  plates: string;
  minutes: string;
  release: string;
  rows: { label: string; text: string }[];
}

export function pageCases(file: string): PageCase[] {
  return readFileSync(file, 'utf8')
    .split(/^## (?=[a-z])/m)
    .filter((p) => p.trim())
    .map((page) => {
      const [head = '', ...rows] = page.replace(/\n$/, '').split('\n');
      const [name = '', plates = '', minutes = '', release = ''] = head.split('|').map((c) => c.trim());
      return {
        name,
        plates,
        minutes,
        release,
        rows: rows.map((r) => ({ label: r.slice(0, r.indexOf('|')), text: r.slice(r.indexOf('|') + 1) })),
      };
    });
}

const plain = (text: string): string =>
  stripBullet(text)
    .replace(/[^\p{L}\p{N}¼-¾⅐-⅞ ]+/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase();

/** What a page came to against what is right. */
export function judgePage(c: PageCase) {
  const text = c.rows.map((r) => r.text).join('\n');
  const page = readPage(text, pantry);
  const [got] = page.recipes;
  if (!got) throw new Error('A page always has a recipe');
  const wanted: string[] = [];
  for (const r of c.rows) {
    if (r.label === 'i') wanted.push(r.text);
    if (r.label === '+') wanted.push(`${wanted.pop() ?? ''} ${r.text}`.replace(/- (?=\p{Ll})/u, ''));
  }
  // What the method pours and the list has forgotten is no line of the page.
  const mine = got.lines.filter((l) => l.section !== FROM_THE_METHOD).map((l) => plain(l.text));
  const theirs =
    c.name === 'inline-all'
      ? (wanted[0] ?? '')
          .replace(/^Ingredients: /, '')
          .split(';')
          .map(plain)
      : wanted.map(plain);
  const clutter = mine.filter((l) => !theirs.includes(l));
  const missing = theirs.filter((l) => !mine.includes(l));
  const method = plain(got.method);
  const methodRows = c.rows
    .filter((r) => r.label === 'm')
    .map((r) => plain(r.text.replace(/^(?:Method:|Step \d+:?|\d+[.)]?|[1-9]️⃣)\s*/, '')));
  const lostMethod = methodRows.filter(
    (m) => m.length > 8 && !method.replaceAll(' ', '').includes(m.slice(0, 30).replaceAll(' ', '')),
  );
  const title = c.rows
    .filter((r) => r.label === 't')
    .map((r) => r.text.replace(/^#+\s*/, ''))
    .join(' ');
  const hints = readMethod(got.method);
  const wantedMinutes = /^\d+$/.test(c.minutes) ? Number(c.minutes) : null;
  const [kind = '-', n] = c.release.split(' ');
  const wantedRelease = kind === '-' ? null : kind === 'natural' && n ? 'ten' : kind;
  const said = hints as typeof hints & { releaseMin?: number | null };
  return {
    title: title === '' ? got.title === null : plain(got.title ?? '') === plain(title),
    plates:
      c.plates === '-' || c.plates === 'multi'
        ? true
        : c.plates
            .split('/')
            .map(Number)
            .includes(got.plates ?? 0),
    clutter,
    missing,
    lostMethod,
    minutes: hints.minutes === wantedMinutes,
    release:
      hints.release === wantedRelease &&
      (!n || said.releaseMin === undefined || said.releaseMin === Number(n)),
    got: {
      title: got.title,
      plates: got.plates,
      minutes: hints.minutes,
      release: `${hints.release} ${said.releaseMin ?? ''}`,
    },
  };
}

const share = (n: number, of: number): string => `${((100 * n) / Math.max(1, of)).toFixed(1)} %`;

/** Shares of a file of lines that are read rightly. `verbose` prints each miss: never for the shut ones. */
export function benchLines(file: string, verbose = false): void {
  const all = lineCases(file).map((c) => ({ c, r: judgeLine(c) }));
  const part = (f: (r: (typeof all)[number]['r']) => boolean): string =>
    share(all.filter((x) => f(x.r)).length, all.length);
  console.log(
    `${file} (${all.length} lines): all right ${part((r) => r.ok)}, food ${part((r) => r.food)}, amount ${part((r) => r.mass)}, moment ${part((r) => r.moment)}, wrong without a mark ${part((r) => r.silent)}`,
  );
  if (!verbose) return;
  for (const { c, r } of all)
    if (!r.ok)
      console.log(
        `  ${r.silent ? '!!' : '  '} ${c.text} | want ${c.foods.join('/')} ${c.grams} ${c.moments.join('/')} | got ${r.got}`,
      );
}

/** What of a file of pages is read rightly. */
export function benchPages(file: string, verbose = false): void {
  const all = pageCases(file).map((c) => ({ c, r: judgePage(c) }));
  const count = (k: 'title' | 'plates' | 'minutes' | 'release'): string =>
    `${all.filter((x) => x.r[k]).length} of ${all.length}`;
  const sum = (k: 'clutter' | 'missing' | 'lostMethod'): number => all.reduce((s, x) => s + x.r[k].length, 0);
  console.log(
    `${file}: title ${count('title')}, plates ${count('plates')}, minutes ${count('minutes')}, release ${count('release')}, clutter taken ${sum('clutter')}, lines missed ${sum('missing')}, method rows lost ${sum('lostMethod')}`,
  );
  if (!verbose) return;
  for (const { c, r } of all) {
    const bad = [
      r.title ? '' : `title ${r.got.title}`,
      r.plates ? '' : `plates ${r.got.plates} for ${c.plates}`,
      r.minutes ? '' : `minutes ${r.got.minutes} for ${c.minutes}`,
      r.release ? '' : `release ${r.got.release} for ${c.release}`,
      ...r.clutter.map((t) => `clutter: ${t}`),
      ...r.missing.map((t) => `missing: ${t}`),
      ...r.lostMethod.map((t) => `method lost: ${t}`),
    ].filter(Boolean);
    if (bad.length) console.log(`  ${c.name}\n    ${bad.join('\n    ')}`);
  }
}

/** One dish with the acts a practised cook would write down. */
export interface ScriptCase {
  name: string;
  lines: string[];
  method: string;
  acts: { verb: string; lines: string[] }[];
}

export function scriptCases(file: string): ScriptCase[] {
  return readFileSync(file, 'utf8')
    .split(/^## /m)
    .filter((p) => p.trim())
    .map((block) => {
      const field = (name: string): string => new RegExp(`^${name}: (.*)$`, 'm').exec(block)?.[1] ?? '';
      return {
        name: block.split('\n')[0] ?? '',
        lines: field('lines')
          .split(';')
          .map((l) => l.trim()),
        method: field('method'),
        acts: [...field('acts').matchAll(/([a-z]+)(?:\(([^)]*)\))?/g)].map((m) => ({
          verb: m[1] ?? '',
          lines: (m[2] ?? '')
            .split(',')
            .map((l) => l.trim())
            .filter(Boolean),
        })),
      };
    });
}

/** What is done to meat on the board, or to spices in a bowl, does not bring them into the pot. */
const ON_BOARD = new Set(['season', 'marinate', 'dredge', 'pound', 'blend', 'mix', 'toast', 'soak']);

/** Verbs of the wanted acts that came in their order, lines at the right verb, and acts that nobody asked for. */
export function judgeScript(c: ScriptCase) {
  const read = readScript(
    c.method,
    c.lines.map((text) => ({ read: readLine(text, pantry) })),
    pantry,
  );
  const got = read?.acts ?? [];
  const verbs = got.map((a) => a.verb);
  const table = c.acts.map(() => verbs.map(() => 0));
  c.acts.forEach((a, i) =>
    verbs.forEach((verb, j) => {
      const up = table[i - 1]?.[j] ?? 0;
      const left = table[i]?.[j - 1] ?? 0;
      (table[i] as number[])[j] = a.verb === verb ? (table[i - 1]?.[j - 1] ?? 0) + 1 : Math.max(up, left);
    }),
  );
  const inOrder = table.at(-1)?.at(-1) ?? 0;
  const wanted = c.acts.flatMap((a) => a.lines.map((l) => [a.verb, l] as const));
  const wrong = wanted.filter(([verb, name]) => {
    const at = c.lines.findIndex((l) => l.toLowerCase().includes(name));
    return !got.some(
      (a) =>
        a.verb === verb &&
        (a.lines.some((l) => l.index === at) || (ON_BOARD.has(verb) && a.again.includes(at))),
    );
  });
  return {
    acts: c.acts.length,
    inOrder,
    extra: got.length - inOrder,
    lines: wanted.length,
    wrong,
    got: got.map(
      (a) =>
        `${a.verb}(${a.lines.map((l) => c.lines[l.index]?.slice(0, 18)).join(', ')}${a.again.length ? ' +' : ''})`,
    ),
  };
}

/** What of a file of methods is read as a practised cook would write it down. */
export function benchScripts(file: string, verbose = false): void {
  const all = scriptCases(file).map((c) => ({ c, r: judgeScript(c) }));
  const sum = (f: (r: ReturnType<typeof judgeScript>) => number): number =>
    all.reduce((s, x) => s + f(x.r), 0);
  console.log(
    `${file} (${all.length}): acts in order ${sum((r) => r.inOrder)} of ${sum((r) => r.acts)}, lines at the right act ${sum((r) => r.lines - r.wrong.length)} of ${sum((r) => r.lines)}, acts nobody asked for ${sum((r) => r.extra)}`,
  );
  if (verbose)
    for (const { c, r } of all)
      console.log(
        `  ${c.name}: ${r.inOrder}/${r.acts}, extra ${r.extra}\n    want ${c.acts.map((a) => `${a.verb}(${a.lines.join(', ')})`).join(' ')}\n    got  ${r.got.join(' ')}\n    wrong ${r.wrong.map((w) => w.join(':')).join('; ')}`,
      );
}
