/** Pieces in their pot: which of them decides the minutes, and the table of minutes. */
export { minutesTable, MINUTES_SIZES, type MinutesRow } from './minutes';
export { thickenerFor } from './binding';
export { decider } from './meat';
