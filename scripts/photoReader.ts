import { createReadStream, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import type { Plugin } from 'vite';

const packages = createRequire(import.meta.url);
const folderOf = (name: string): string => join(packages.resolve(`${name}/package.json`), '..');

/** What reads print from a picture: its worker, the program it runs and what it knows of English, by the names they are served under. */
const FILES: Readonly<Record<string, readonly [of: string, file: string, type: string]>> = {
  'worker.min.js': ['tesseract.js', 'dist/worker.min.js', 'text/javascript'],
  'tesseract-core-simd-lstm.js': ['tesseract.js-core', 'tesseract-core-simd-lstm.js', 'text/javascript'],
  'tesseract-core-simd-lstm.wasm': ['tesseract.js-core', 'tesseract-core-simd-lstm.wasm', 'application/wasm'],
  'eng.traineddata.gz': ['@tesseract.js-data/eng', '4.0.0_best_int/eng.traineddata.gz', 'application/gzip'],
};
const pathOf = ([of, file]: readonly [string, string, string]): string => join(folderOf(of), file);

/** Puts the reader of pictures beside the app, in a folder of its own that is fetched only when a picture is read. */
export const photoReader: Plugin = {
  name: 'photo-reader',
  generateBundle() {
    for (const [name, file] of Object.entries(FILES))
      this.emitFile({ type: 'asset', fileName: `photo/${name}`, source: readFileSync(pathOf(file)) });
  },
  configureServer(server) {
    server.middlewares.use('/photo', (request, response, next) => {
      const file = FILES[(request.url ?? '').replace(/^\/|\?.*$/g, '')];
      if (!file) return next();
      response.setHeader('Content-Type', file[2]);
      createReadStream(pathOf(file)).pipe(response);
    });
  },
};
