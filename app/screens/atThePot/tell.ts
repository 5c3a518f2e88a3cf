import type { EventPayload } from '../../../core/index';

/** Records what one tap means: one event, or several that belong together. */
export type Tell = (...payloads: EventPayload[]) => void;
