import { lidCases } from '../../corpora/told';

const cases = lidCases('corpora/lids/spent-1.txt');

describe('sentences about pressure in a hurry', () => {
  it('close one lid, hold it so long, and let it go so, in nine of ten', () => {
    expect(cases.length).toBeGreaterThan(10);
    expect(cases.filter((c) => c.ok).length / cases.length).toBeGreaterThanOrEqual(0.9);
  });
});
