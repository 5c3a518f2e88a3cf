import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import packedFiles from 'express-static-gzip';
import helmet from 'helmet';
import { existsSync } from 'node:fs';
import { extname, join } from 'node:path';
import type { Kitchens } from './devices/kitchens';
import { deviceRoutes } from './devices/routes';
import { onlyOwnNames } from './names';

/** What the server is built from. */
export interface ServerOptions {
  /** Folder of the built app. */
  distDir: string;
  version: string;
  /** The simulated kitchens that stand on this server. */
  kitchens: Kitchens;
}

const YEAR_S = 31_536_000;

/** Files are packed when the app is built: what lies beside a file as `.br` or `.gz` is given to whoever takes it. */
const PACKED = { index: false, enableBrotli: true, orderPreference: ['br', 'gzip'] };

/**
 * Serves the built app with strict headers: no inline script, nothing from elsewhere, hashed files kept for a year, the
 * page itself never. An address without a file's ending that is not under /api is the app's own and gets its page; a file that is not
 * there is not there.
 */
export function createApp({ distDir, version, kitchens }: ServerOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          // A picture of a page is read by a compiled program of our own (`/photo`); words are never run as a program.
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          styleSrc: ["'self'"],
          styleSrcAttr: ["'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false,
      crossOriginEmbedderPolicy: true,
    }),
  );
  app.use(onlyOwnNames);
  app.get('/api/health', (_request, response) => {
    response.set('Cache-Control', 'no-store').json({ ok: true, version });
  });
  app.use('/api', deviceRoutes(kitchens));
  app.use('/api', (_request, response) => {
    response.status(404).json({ ok: false, message: 'There is nothing at this address.' });
  });
  app.use(
    '/assets',
    packedFiles(join(distDir, 'assets'), {
      ...PACKED,
      serveStatic: { immutable: true, maxAge: YEAR_S * 1000, fallthrough: false },
    }),
  );
  app.use(packedFiles(distDir, { ...PACKED, serveStatic: { index: false, maxAge: 0 } }));
  app.get('/{*path}', (request, response, next) => {
    if (extname(request.path)) return next();
    const page = join(distDir, 'index.html');
    if (!existsSync(page)) {
      response.status(503).type('text').send('The app is not built yet: run npm start.');
      return;
    }
    response.set('Cache-Control', 'no-cache').sendFile(page);
  });
  app.use((_request, response) => {
    response.status(404).type('text').send('There is nothing at this address.');
  });
  app.use(asSentence);
  return app;
}

/** An error becomes a sentence: never a stack, never a path of this machine. */
function asSentence(
  error: { status?: number },
  _request: Request,
  response: Response,
  next: NextFunction,
): void {
  if (response.headersSent) return next(error);
  const status = error.status !== undefined && error.status >= 400 && error.status < 500 ? error.status : 500;
  const words = status === 404 ? 'There is nothing at this address.' : 'That could not be read.';
  response
    .status(status)
    .type('text')
    .send(status === 500 ? 'Something broke here. Try again.' : words);
}
