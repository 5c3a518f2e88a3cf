import { lidCases } from '../../corpora/told';

describe('sentences about pressure in a hurry', () => {
  it.each(['spent-1', 'second', 'third'])(
    'close one lid, hold it so long, and let it go so, in nine of ten: %s',
    (name) => {
      const cases = lidCases(`corpora/lids/${name}.txt`);
      expect(cases.length).toBeGreaterThan(10);
      expect(cases.filter((c) => c.ok).length / cases.length).toBeGreaterThanOrEqual(0.9);
    },
  );
});
