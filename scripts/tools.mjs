import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromiumPath, SMALL } from './chromium.mjs';

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

/**
 * Installs Debian's small Chromium when it is missing. Where that cannot be done, without the right or the network for it, the whole
 * browser does as well, and the script only stops when there is none of them.
 */
export function installChromium() {
  if (existsSync(SMALL)) return;
  const other = chromiumPath();
  const isRoot = process.getuid?.() === 0;
  console.log('Installing Chromium from Debian’s packages ...');
  const apt = (...args) => {
    // Nobody is asked for a password where the tests can do without.
    const [command, ...rest] = [...(isRoot ? [] : ['sudo', ...(other ? ['-n'] : [])]), 'apt-get', ...args];
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    const limit = other ? { timeout: 90_000 } : {};
    return spawnSync(command, rest, { stdio: other ? 'ignore' : 'inherit', env, ...limit }).status === 0;
  };
  const install = () =>
    apt('install', '-y', '-qq', '-o', 'DPkg::Lock::Timeout=30', 'chromium-headless-shell');
  if (install() || (apt('update', '-qq') && install())) return;
  if (other) console.log(`It could not be installed: the tests drive ${other}.`);
  else {
    console.error('\nThere is no Chromium, and it could not be installed.');
    process.exit(1);
  }
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
