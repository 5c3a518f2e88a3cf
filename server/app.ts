import compression from 'compression';
import express, { type Express } from 'express';
import helmet from 'helmet';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Kitchens } from './devices/kitchens';
import { deviceRoutes } from './devices/routes';

/** What the server is built from. */
export interface ServerOptions {
  /** Folder of the built app. */
  distDir: string;
  version: string;
  /** The simulated kitchens that stand on this server. */
  kitchens: Kitchens;
}

const YEAR_S = 31_536_000;

/**
 * Serves the built app with strict headers: no inline script, nothing from elsewhere, hashed files kept for a year, the
 * page itself never. Any path that is not a file and not under /api is the app's own and gets its page.
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
          scriptSrc: ["'self'"],
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
  app.use(compression());
  app.get('/api/health', (_request, response) => {
    response.set('Cache-Control', 'no-store').json({ ok: true, version });
  });
  app.use('/api', deviceRoutes(kitchens));
  app.use('/api', (_request, response) => {
    response.status(404).json({ ok: false, message: 'There is nothing at this address.' });
  });
  app.use(
    '/assets',
    express.static(join(distDir, 'assets'), {
      immutable: true,
      maxAge: YEAR_S * 1000,
      index: false,
      fallthrough: false,
    }),
  );
  app.use(express.static(distDir, { index: false, maxAge: 0 }));
  app.get('/{*path}', (_request, response) => {
    const page = join(distDir, 'index.html');
    if (!existsSync(page)) {
      response.status(503).type('text').send('The app is not built yet: run npm start.');
      return;
    }
    response.set('Cache-Control', 'no-cache').sendFile(page);
  });
  return app;
}
