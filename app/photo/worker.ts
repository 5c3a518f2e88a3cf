import { expose } from 'comlink';
import { prepared } from './preparing';

/** Where pictures are straightened and evened out, away from the screen. */
const work = { prepared };
export type Preparing = typeof work;
expose(work);
