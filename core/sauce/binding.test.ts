import { BINDING } from './data/binding';
import { THICKENERS } from './data/thickeners';

describe('the words for each way of thickening', () => {
  const ways = [...new Set(THICKENERS.map((t) => t.how))];

  it('are there for every thickener, and none is left over', () => {
    expect(Object.keys(BINDING).sort()).toEqual([...ways].sort());
  });

  it.each(ways)('%s: a step, what to look for, what can be got ready, and the whole order', (how) => {
    const { title, text, heat, look, ahead, timer, order } = BINDING[how];
    for (const words of [title, text, look, ahead, timer]) expect(words.trim().length).toBeGreaterThan(4);
    expect(['high', 'medium', 'low', 'off']).toContain(heat);
    expect(order.length).toBeGreaterThan(2);
    expect(new Set(order).size).toBe(order.length);
    expect(order.at(-1)).toMatch(/[Aa]cid/);
  });

  it('keep what the boil spoils out of the boil, and bring to it what needs it', () => {
    for (const t of THICKENERS) {
      const { text, heat } = BINDING[t.how];
      if (t.how === 'liaison') expect([t.id, heat]).toEqual([t.id, 'low']);
      if (t.how === 'slurry') expect([t.id, /boil/.test(text)]).toEqual([t.id, true]);
      if (t.how === 'blend') expect([t.id, heat]).toEqual([t.id, 'off']);
    }
  });

  it('warn of a sauce that must not boil again wherever it is thickened with yolk', () => {
    expect(`${BINDING.liaison.look} ${BINDING.liaison.order.join(' ')}`).toMatch(
      /must not boil again.*must not boil again/,
    );
  });

  it('speak of a slurry only where there is one', () => {
    for (const how of ways) if (how !== 'slurry') expect(JSON.stringify(BINDING[how])).not.toMatch(/slurry/i);
  });
});
