import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createApp } from './app';
import { Kitchens } from './devices/kitchens';

const here = dirname(fileURLToPath(import.meta.url));
const root = join(here, '..');
const { version } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8')) as { version: string };
const DEFAULT_PORT = 4310;

const wanted = process.env['PORT'] ?? String(DEFAULT_PORT);
const port = Number(wanted);
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  console.error(`PORT=${wanted} is not a port: give a whole number from 1 to 65535.`);
  process.exit(1);
}

const kitchens = new Kitchens();
const server = createApp({ distDir: join(root, 'dist'), version, kitchens }).listen(
  port,
  '127.0.0.1',
  (error?: Error & { code?: string }) => {
    if (error?.code === 'EADDRINUSE') {
      console.error(
        `Port ${port} is taken by something else. Start with another one: PORT=${port + 1} npm start`,
      );
      process.exit(1);
    }
    if (error) throw error;
    console.log(`Keen Ladle is on the stove: http://127.0.0.1:${port}`);
  },
);

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => {
    kitchens.close();
    server.close(() => process.exit(0));
    server.closeAllConnections();
  });
