import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';
import ts from 'typescript';
import { root } from './tools.mjs';

/**
 * Draws docs/architecture.md from the real imports: which room takes from which, the rooms of the core in their order, and how large each
 * is. With --check it writes nothing and fails where the page is not what the imports say.
 */
const PAGE = join(root, 'docs', 'architecture.md');
const TOPS = ['app', 'server', 'demo'];
/** What each room is for, in the order in which they may take from one another: from those above. */
const ROOMS = [
  ['quantity', 'numbers as cooks write them, units, ranges, how amounts are said'],
  ['photo', 'a picture of a page: straightened, and what in it is doubted'],
  ['pantry', 'what each food is and does, with sources, and the look-up by a cook’s words'],
  ['dish', 'the dish, reading its lines, minutes and releases told, scaling, versions'],
  ['page', 'a copied page as a whole: title, facts, lines, method, what is left out'],
  ['script', 'what is done, in which order, to which lines'],
  ['moments', 'when each line goes in, and why'],
  ['pot', 'thin liquid, fill, loading order, the hot floor'],
  ['heat', 'pot and pieces simulated; done, tender, dry; kitchens weighed'],
  ['sauce', 'thickness, thickeners, dairy, salt, fat, glaze'],
  ['kitchen', 'the household: pots, rules, needs, sides, cautions'],
  ['pieces', 'what of a dish is cooked through, what binds it, what its work takes'],
  ['findings', 'what is said of a dish, and the edits that are seen to help'],
  ['steps', 'what is done at the pot, one thing after the other'],
  ['plan', 'a dish and a kitchen become a plan'],
  ['meal', 'the dish with its sides, backwards from the table'],
  ['cook', 'a cook as events, and the forecast that learns'],
  ['log', 'what past cooks teach'],
  ['formats', 'every file read or written'],
];

function filesIn(folder) {
  return readdirSync(join(root, folder), { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return filesIn(path);
    return /\.tsx?$/.test(entry.name) && !/\.test\.tsx?$/.test(entry.name) ? [path] : [];
  });
}

/** The room a file is in: a folder of the core, or a top folder. */
const roomOf = (path) => {
  const [top, room = ''] = path.split('/');
  return top === 'core' ? (/^index|\./.test(room) ? 'door' : room) : top;
};

const takes = new Map();
const lines = new Map();
for (const file of ['core', ...TOPS].flatMap(filesIn)) {
  const text = readFileSync(join(root, file), 'utf8');
  const from = roomOf(file);
  lines.set(from, (lines.get(from) ?? 0) + text.split('\n').length);
  for (const { fileName } of ts.preProcessFile(text, true, true).importedFiles) {
    if (!fileName.startsWith('.')) continue;
    const to = roomOf(normalize(join(dirname(file), fileName)));
    if (to !== from && to !== undefined) takes.set(from, (takes.get(from) ?? new Set()).add(to));
  }
}

const names = ROOMS.map(([name]) => name);
const found = readdirSync(join(root, 'core')).filter((n) => statSync(join(root, 'core', n)).isDirectory());
const unknown = [...found.filter((n) => !names.includes(n)), ...names.filter((n) => !found.includes(n))];
if (unknown.length) {
  console.error(`Rooms of the core that this page and the folders do not share: ${unknown.join(', ')}.`);
  process.exit(1);
}

/** An arrow is drawn where nothing between says it already. */
function isDrawn(from, to) {
  const others = [...(takes.get(from) ?? [])].filter((x) => x !== to);
  const reaches = (x, seen = new Set()) =>
    x === to || (!seen.has(x) && [...(takes.get(seen.add(x) && x) ?? [])].some((y) => reaches(y, seen)));
  return !others.some((x) => reaches(x));
}
const arrows = [...takes]
  .flatMap(([from, tos]) => [...tos].filter((to) => isDrawn(from, to)).map((to) => `  ${from} --> ${to}`))
  .sort();
const table = ROOMS.map(([name, what]) => {
  const from = [...(takes.get(name) ?? [])].sort((a, b) => names.indexOf(a) - names.indexOf(b));
  return `| \`core/${name}\` | ${what} | ${from.join(', ') || 'nothing'} |`;
});
const page = `# How the house is built

This page is drawn by \`node scripts/architecture.mjs\` from the imports as they are, and \`npm test\` fails where it is out of date.
An arrow means “takes from”; one that others say already is left out. Everything outside the core comes in by \`core/index.ts\`;
\`findings\`, \`steps\` and \`meal\` have a door of their own, \`index.ts\`, also for the rest of the core.

\`\`\`mermaid
flowchart TD
  door([core/index.ts])
${arrows.join('\n')}
\`\`\`

A room takes from rooms above it in this table, and never from one below.

| room | what it is for | takes from |
| --- | --- | --- |
${table.join('\n')}
`;

if (process.argv.includes('--check')) {
  if (readFileSync(PAGE, 'utf8') !== page) {
    console.error(`${relative(root, PAGE)} is not what the imports say: run node scripts/architecture.mjs.`);
    process.exit(1);
  }
  console.log('The page of the architecture is what the imports say.');
} else {
  writeFileSync(PAGE, page);
  console.log(`Wrote ${relative(root, PAGE)}: ${names.length} rooms, ${arrows.length} arrows.`);
}
