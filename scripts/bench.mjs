import { join } from 'node:path';
import { installPackages, root, run } from './tools.mjs';

installPackages();
const { build } = await import('vite');
await build({
  root,
  configFile: false,
  logLevel: 'error',
  build: { ssr: 'bench/main.ts', outDir: '.cache/bench', emptyOutDir: true, minify: false },
});
run(process.execPath, [join(root, '.cache/bench/main.js')]);
