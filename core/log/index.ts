/** What cooks have taught: ratios of the pot, why a cook went otherwise, notes for the next time. */
export { whyDiffered } from './why';
export { calibrate, calibrations, compareCook, nextTimeNotes } from './log';
