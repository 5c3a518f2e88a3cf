import type { NextFunction, Request, Response } from 'express';

/** Names of this machine for itself. A page from elsewhere that is rebound to it comes with another name. */
const OWN_NAMES: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** True of a host or an origin ("localhost:4310") that is this server under one of its own names. */
function isOwn(host: string, port: number | undefined): boolean {
  const found = /^(\[[0-9a-f:]+\]|[^:]+)(?::(\d{1,5}))?$/i.exec(host.trim());
  return found !== null && OWN_NAMES.has((found[1] ?? '').toLowerCase()) && Number(found[2] ?? 80) === port;
}

/** Whether a request is for this server by its own name, and from a page of its own where it comes from a page at all. */
export function isForUs(
  host: string | undefined,
  origin: string | undefined,
  port: number | undefined,
): boolean {
  if (host === undefined || !isOwn(host, port)) return false;
  return (
    origin === undefined || (/^https?:\/\//i.test(origin) && isOwn(origin.replace(/^https?:\/\//i, ''), port))
  );
}

/** Answers only to its own names: a foreign page, or a foreign name bound to this machine, can neither read nor start a cooker. */
export function onlyOwnNames(request: Request, response: Response, next: NextFunction): void {
  if (isForUs(request.get('host'), request.get('origin'), request.socket.localPort)) return next();
  response.status(403).type('text').send('This kitchen answers to 127.0.0.1 and localhost only.');
}
