import { whyDiffered } from './why';
import { emptyDish } from '../dish/dish';
import { foldCook, type CookState } from '../cook/cook';
import type { CookEvent, EventPayload } from '../cook/events';
import { calibrate, compareCook, nextTimeNotes } from './log';

function cook(
  comeUpS: number,
  over: Partial<{ factor: number; sauce: 'thin' | 'right' | 'thick' }> = {},
): CookState {
  const payloads: [number, EventPayload][] = [
    [
      0,
      {
        type: 'started',
        dish: emptyDish('d', 'T', 0),
        potId: 'p',
        potName: 'Pot',
        forecast: {
          totalS: { low: 1, mid: 3000, high: 1 },
          comeUpS: 600,
          holdS: 480,
          releaseS: 600,
          sauceG: 700,
          coreAtOpenC: 90,
          comeUpFactor: over.factor ?? 1,
          releaseFactor: 1,
        },
      },
    ],
    [1000, { type: 'sealed' }],
    [1000 + comeUpS * 1000, { type: 'pressureReached' }],
    [2_000_000, { type: 'holdEnded' }],
    [2_600_000, { type: 'pinDown' }],
    [2_700_000, { type: 'sauceMeasured', sauceG: 750, how: 'jug', aim: 'coating', presentPercent: 0 }],
    [2_700_001, { type: 'thickened', thickener: 'cornstarch', starchG: 15, waterG: 28 }],
    [2_800_000, { type: 'served' }],
    [2_900_000, { type: 'verdict', meat: 'right', sauce: over.sauce ?? 'right', salt: 'low', note: '' }],
    [2_900_001, { type: 'finished' }],
  ];
  return foldCook(
    payloads.map(([at, p], seq) => ({ id: `e${seq}`, cookId: 'c', seq, at, ...p }) as CookEvent),
  );
}

describe('the log', () => {
  it('lines up forecast and actual', () => {
    const c = compareCook(cook(720));
    expect(c?.comeUp).toEqual({ forecastS: 600, actualS: 720 });
    expect(c?.release.actualS).toBe(600);
    expect(c?.total.actualS).toBe(2800);
    expect(c?.sauce).toEqual({ forecastG: 700, actualG: 750 });
  });

  it('takes the cook’s own word where a tap was late', () => {
    const late = cook(3000);
    const told = {
      ...late,
      verdict: { ...late.verdict!, times: { comeUpS: 660, holdS: null, releaseS: null } },
    };
    expect(compareCook(told)?.comeUp.actualS).toBe(660);
    expect(compareCook(told)?.hold).toEqual(compareCook(late)?.hold);
    expect(calibrate([told], 'p').comeUpFactor).toBeGreaterThan(1);
  });

  it('learns a slow pot, gently at first and nearly fully after many', () => {
    const one = calibrate([cook(780)], 'p').comeUpFactor;
    const many = calibrate(
      Array.from({ length: 20 }, () => cook(780)),
      'p',
    ).comeUpFactor;
    expect(one).toBeGreaterThan(1);
    expect(one).toBeLessThan(many);
    expect(many).toBeCloseTo(1.27, 1);
  });

  it('compares with the bare model, so that a learned factor does not learn itself again', () => {
    const learned = Array.from({ length: 20 }, () => cook(780, { factor: 1.3 }));
    expect(calibrate(learned, 'p').comeUpFactor).toBeGreaterThan(1.5);
    const settled = Array.from({ length: 20 }, () => cook(600, { factor: 1.3 }));
    expect(calibrate(settled, 'p').comeUpFactor).toBeCloseTo(1.27, 1);
  });

  it('does not believe a forgotten tap, nor another pot', () => {
    expect(calibrate([cook(1990)], 'p').comeUpFactor).toBe(1);
    expect(calibrate([cook(780)], 'other')).toMatchObject({ comeUpFactor: 1, cooks: 0 });
  });

  it('learns from what the spoon showed, the newest twelve, and more from that than from a verdict', () => {
    const none = calibrate([], 'p').starchFactor;
    expect(none).toBe(1);
    expect(calibrate([], 'p', [0.8, 0.8, 0.8]).starchFactor).toBeLessThan(0.95);
    const old = Array.from({ length: 40 }, () => 1.3);
    const fresh = Array.from({ length: 12 }, () => 0.8);
    expect(calibrate([], 'p', [...old, ...fresh]).starchFactor).toBeLessThan(1);
    expect(calibrate([], 'p', [25, 0.01]).starchFactor).toBe(1);
  });

  it('learns weak starch from thin sauces and writes next time’s note', () => {
    expect(calibrate([cook(600, { sauce: 'thin' })], 'p').starchFactor).toBeLessThan(1);
    expect(nextTimeNotes(cook(600, { sauce: 'thin' }))).toEqual([
      'Thicken one notch more, or boil it down.',
      'A little more salt.',
    ]);
  });
});

describe('why a cook differed', () => {
  const at = (over: Partial<CookState>): CookState => ({ ...cook(600, {}), ...over });

  it('says nothing where all went as forecast, and names what was found before it guesses', () => {
    const f = cook(600, {}).forecast!;
    const sealedAt = 1_000_000;
    const pressureAt = sealedAt + f.comeUpS * 1000;
    const holdEndedAt = pressureAt + f.holdS * 1000;
    const pinDownAt = holdEndedAt + f.releaseS * 1000;
    const plain = at({
      sealedAt,
      pressureAt,
      holdEndedAt,
      pinDownAt,
      sauce: null,
      coreC: null,
      verdict: null,
    });
    expect(whyDiffered(plain)).toEqual([]);
    const late = {
      ...plain,
      pressureAt: pressureAt + 9 * 60_000,
      holdEndedAt: holdEndedAt + 9 * 60_000,
      pinDownAt: pinDownAt + 9 * 60_000,
    };
    expect(whyDiffered(late)[0]?.text).toBe('Pressure came 9 min late.');
    expect(whyDiffered(late)[0]?.why).toMatch(/heater/);
    const told = whyDiffered({
      ...late,
      troubles: [{ kind: 'no-pressure', causeId: 'valve', remember: 'Close the valve.', at: 1 }],
    });
    expect(told[0]?.why).toContain('Close the valve');
  });

  it('tells sauce, core and what went in early', () => {
    const list = whyDiffered(
      at({
        sauce: {
          sauceG: 9000,
          how: 'jug',
          aim: 'gravy',
          presentPercent: 0,
          starchG: 0,
          waterG: 0,
          thickener: null,
          doses: 0,
        },
        coreC: 40,
        early: [{ lineId: 'l', name: 'Cream', harm: 'It splits.', at: 1 }],
      }),
    );
    expect(list.map((d) => d.text).join(' ')).toMatch(/more sauce.*cooler.*Cream went in/s);
  });

  it('teaches nothing about a real pot with a simulated one', () => {
    const slow = [cook(1000, {}), cook(1000, {}), cook(1000, {})];
    expect(calibrate(slow, 'p').comeUpFactor).toBeGreaterThan(1);
    expect(
      calibrate(
        slow.map((c) => ({ ...c, isSimulated: true })),
        'p',
      ).comeUpFactor,
    ).toBe(1);
  });
});
