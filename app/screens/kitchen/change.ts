import type { Kitchen } from '../../../core/index';

/** Changes part of the kitchen; what does not pass its schema is not written. */
export type ChangeKitchen = (change: Partial<Kitchen>) => void;
