/** Where each line goes in: before the lid, under it, held back, at the table. */
export { type PlacedItem } from './item';
export { harmNow, placeDish } from './place';
