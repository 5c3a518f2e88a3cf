import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The repository's own folder. */
export const root = join(dirname(fileURLToPath(import.meta.url)), '..');

/** Runs a command to its end, showing its output; stops the script when it fails. */
export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (done.status !== 0) {
    console.error(`\n${[command, ...args].join(' ')} failed.`);
    process.exit(done.status ?? 1);
  }
}

/** Installs the packages of the lock file when they are missing or older than it. */
export function installPackages() {
  const lock = join(root, 'package-lock.json');
  const stamp = join(root, 'node_modules', '.package-lock.json');
  if (existsSync(stamp) && statSync(stamp).mtimeMs >= statSync(lock).mtimeMs) return;
  console.log('Installing packages ...');
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
}

/** Installs Debian's Chromium when there is none. */
export function installChromium() {
  if (existsSync('/usr/bin/chromium')) return;
  console.log('Installing Chromium from Debian’s packages ...');
  const sudo = process.getuid?.() === 0 ? [] : ['sudo'];
  const apt = (...args) =>
    run([...sudo, 'apt-get'][0], [...sudo, 'apt-get', ...args].slice(1), {
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  apt('update', '-qq');
  apt('install', '-y', '-qq', 'chromium');
}

/** Path of a package's command. */
export const bin = (name) => join(root, 'node_modules', '.bin', name);

/** Runs a command, showing its output unless `isQuiet`, and keeping it. Resolves with the exit code and the text. */
export function watch(command, args, options = {}, isQuiet = false) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'], ...options });
    let text = '';
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (chunk) => {
        text += chunk;
        if (!isQuiet) process.stdout.write(chunk);
      });
    child.on('close', (code) => resolve({ code: code ?? 1, text }));
  });
}

export const readJson = (path) => JSON.parse(readFileSync(join(root, path), 'utf8'));
