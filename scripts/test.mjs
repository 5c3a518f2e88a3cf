import { existsSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { bin, installChromium, installPackages, readJson, root, watch } from './tools.mjs';

/** Every check of the project; all are run even when one fails, and the runners' own counts are added. */
const started = Date.now();
installPackages();
installChromium();

const reports = { unit: '.cache/unit.json', browser: 'test-results/report.json' };
const rooms = ['core', 'app', 'server', 'demo', 'bench', 'e2e'];
mkdirSync(join(root, '.cache'), { recursive: true });
for (const path of Object.values(reports)) rmSync(join(root, path), { force: true });

/** One check: what it is called, its command and arguments. */
const formatting = ['formatting', bin('prettier'), ['--check', '--log-level', 'warn', '.']];
const lint = ['lint', bin('eslint'), ['.', '--max-warnings', '0']];
// The compiled checker, five times as quick; the lint reads with the older one, since its parser knows no other.
const tsc = join(root, 'node_modules', 'typescript-native', 'bin', 'tsc');
const types = ['types', tsc, ['--noEmit']];
const coreTypes = ['types of the core without a browser', tsc, ['--noEmit', '-p', 'tsconfig.core.json']];
const unused = ['unused code', bin('knip'), ['--no-progress']];
const arrows = [
  'import direction',
  bin('depcruise'),
  ['--config', '.dependency-cruiser.cjs', '--output-type', 'err', ...rooms],
];
const page = ['architecture page', process.execPath, [join(root, 'scripts', 'architecture.mjs'), '--check']];
const units = ['unit tests', bin('jest'), ['--json', `--outputFile=${reports.unit}`]];
const build = ['build', bin('vite'), ['build', '--logLevel', 'error']];
const browsers = ['browser tests', bin('playwright'), ['test']];

const failedChecks = [];
// Each of these keeps one core busy: two of them at a time, the longest first. What is after them takes both cores for itself.
const waiting = [lint, types, formatting, unused, build, coreTypes, arrows, page];
await Promise.all([inTurn(waiting, true), inTurn(waiting, true)]);
// "npm run checks" is what is asked of every commit: all but the tests, in two minutes.
if (!process.argv.includes('--checks')) await inTurn([units, browsers], false);
else {
  console.log(failedChecks.length ? `\nFailed: ${failedChecks.join(', ')}` : '\nAll checks passed.');
  process.exit(failedChecks.length ? 1 : 0);
}

/** Takes checks from a line until none is left, all of them even when one fails. Where another line is at it too, each shows its output when it ends. */
async function inTurn(checks, isBeside) {
  for (let check = checks.shift(); check; check = checks.shift()) {
    const [name, command, args] = check;
    const from = Date.now();
    if (!isBeside) console.log(`\n== ${name}`);
    const { code, text } = await watch(command, args, {}, isBeside);
    if (isBeside) console.log(`\n== ${name}${text.trim() ? `\n${text.trimEnd()}` : ''}`);
    if (code !== 0) failedChecks.push(name);
    console.log(
      `== ${name}: ${code === 0 ? 'passed' : 'FAILED'} in ${((Date.now() - from) / 1000).toFixed(0)} s`,
    );
  }
}

const unit = existsSync(join(root, reports.unit))
  ? readJson(reports.unit)
  : { numPassedTests: 0, numFailedTests: 0 };
const browser = existsSync(join(root, reports.browser))
  ? { ...readJson(reports.browser).stats, suites: readJson(reports.browser).suites }
  : { expected: 0, unexpected: 0, flaky: 0, suites: [] };
const passed = unit.numPassedTests + browser.expected;
// A check that failed before any of its tests could is one that failed: nobody reads "0 failed" under it.
const failedTests = unit.numFailedTests + browser.unexpected + browser.flaky;
const failed = Math.max(failedTests, failedChecks.length);
printSlowest(unit, browser.suites);
console.log(
  `\n${unit.numPassedTests} unit tests and ${browser.expected} browser tests passed in ${((Date.now() - started) / 1000).toFixed(0)} s.`,
);
if (failedChecks.length) console.log(`Failed: ${failedChecks.join(', ')}`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failedChecks.length || failed || !passed ? 1 : 0);

/** The ten tests that took longest, of both runners: where the minutes go. */
function printSlowest({ testResults = [] }, suites) {
  const inUnits = testResults.flatMap((file) =>
    file.assertionResults.map((t) => ({ s: (t.duration ?? 0) / 1000, name: t.fullName })),
  );
  const specsOf = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specsOf)];
  const inBrowser = suites.flatMap(specsOf).map((spec) => ({
    s: Math.max(0, ...spec.tests.flatMap((t) => t.results.map((r) => r.duration))) / 1000,
    name: spec.title,
  }));
  console.log('\nThe slowest ten:');
  for (const { s, name } of [...inUnits, ...inBrowser].sort((a, b) => b.s - a.s).slice(0, 10))
    console.log(`${s.toFixed(1).padStart(7)} s  ${name.slice(0, 110)}`);
}
