import { spawn } from 'node:child_process';
import { bin, installPackages, root, run } from './tools.mjs';

installPackages();
console.log('Building ...');
run(bin('vite'), ['build', '--logLevel', 'warn']);
const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
  cwd: root,
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
