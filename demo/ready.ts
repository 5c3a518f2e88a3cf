import { demoHousehold } from './household';

/** The midnight at which the household below was made, epoch ms. */
export const MADE_AT = Date.UTC(2026, 0, 1);

/**
 * The ferry-house kitchen as it is at `MADE_AT`. The build works it out once and puts the result here in place of the sum, so that
 * no browser plans a year of cooks on its first opening.
 */
export const madeHousehold = demoHousehold(MADE_AT);
