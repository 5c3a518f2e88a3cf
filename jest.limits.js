import fc from 'fast-check';

/* global jest */
// Only a hang reaches it.
jest.setTimeout(180_000);

/**
 * Laws are asked of the same cases at every run, so that a red test is red for everyone. `LAWS_SEED=random npm run unit` asks
 * others; a number asks those again. A case that breaks a law is shown as it was found; `LAWS_SHRINK=1` looks for the smallest,
 * which takes minutes where every case is a whole cook.
 */
const { LAWS_SEED, LAWS_SHRINK } = process.env;
fc.configureGlobal({
  ...(LAWS_SEED === 'random' ? {} : { seed: Number(LAWS_SEED ?? 20261126) }),
  endOnFailure: LAWS_SHRINK !== '1',
});
