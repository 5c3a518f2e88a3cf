import fc from 'fast-check';

/* global jest */
// Only a hang reaches it.
jest.setTimeout(180_000);

/**
 * Laws are asked of the same cases at every run, so that a red test is red for everyone. `LAWS_SEED=random npm run unit` asks
 * others; a number asks those again.
 */
const { LAWS_SEED } = process.env;
if (LAWS_SEED !== 'random') fc.configureGlobal({ seed: Number(LAWS_SEED ?? 20261126) });
