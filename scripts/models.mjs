import { writeFileSync } from 'node:fs';
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { bin, installPackages, root, run } from './tools.mjs';

/** Writes docs/models.md: the models' equations and sources, and the validation tables measured just now. */
installPackages();
const text = execFileSync(process.execPath, ['--import', 'tsx', 'bench/models.ts'], {
  cwd: root,
  encoding: 'utf8',
});
const path = join(root, 'docs/models.md');
writeFileSync(path, text);
run(bin('prettier'), ['--write', '--log-level', 'warn', path]);
console.log('docs/models.md is written.');
