import { wrap, type Remote } from 'comlink';
import type { Planning } from './planning';

let planning: Remote<Planning> | undefined;

/** The one worker that plans away from the screen, started when first asked for. */
export function planningWorker(): Remote<Planning> {
  return (planning ??= wrap<Planning>(
    new Worker(new URL('./planning.ts', import.meta.url), { type: 'module' }),
  ));
}
