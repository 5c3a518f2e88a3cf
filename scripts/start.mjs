import { spawn } from 'node:child_process';
import { bin, installPackages, root, run } from './tools.mjs';

installPackages();
const from = Date.now();
console.log('Building the app; this takes a few seconds.');
run(bin('vite'), ['build', '--logLevel', 'error']);
console.log(`Built in ${Math.round((Date.now() - from) / 1000)} s.`);
const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
  cwd: root,
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
