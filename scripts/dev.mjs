import { spawn } from 'node:child_process';
import { bin, installPackages, root } from './tools.mjs';

installPackages();
const children = [
  spawn(process.execPath, ['--watch', '--import', 'tsx', 'server/main.ts'], { cwd: root, stdio: 'inherit' }),
  spawn(bin('vite'), [], { cwd: root, stdio: 'inherit' }),
];
const stop = () => children.forEach((c) => c.kill());
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, stop);
children.forEach((c) => c.on('exit', (code) => (stop(), process.exit(code ?? 0))));
