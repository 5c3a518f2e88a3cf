import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { bin, installChromium, installPackages, root, run } from './tools.mjs';

installPackages();
const wantsEndurance = process.argv.includes('endurance');
const wantsPhotos = process.argv.includes('photos');
const wantsLoad = process.argv.includes('load');
const { build } = await import('vite');
await build({
  root,
  configFile: false,
  logLevel: 'error',
  build: { ssr: 'bench/main.ts', outDir: '.cache/bench', emptyOutDir: true, minify: false },
});
if (!wantsEndurance && !wantsPhotos && !wantsLoad)
  run(process.execPath, [join(root, '.cache/bench/main.js')]);

installChromium();
run(bin('vite'), ['build', '--logLevel', 'error']);
const PORT = 4397;
const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
  cwd: root,
  env: { ...process.env, PORT: String(PORT) },
});
await new Promise((resolve) => server.stdout.once('data', resolve));
try {
  process.env.BASE = `http://127.0.0.1:${PORT}`;
  const asked = wantsEndurance
    ? ['endurance']
    : wantsPhotos
      ? ['photos']
      : wantsLoad
        ? ['load']
        : ['screen', 'load'];
  for (const name of asked) run(process.execPath, ['--import', 'tsx', `bench/${name}.ts`]);
} finally {
  server.kill();
}
