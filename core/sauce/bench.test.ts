import fc from 'fast-check';
import { POT_PRESETS } from '../pot/pot';
import { adviseThickener, type AdviseInput } from './advise';
import { onThePlate, SLURRY_WATER, THICKENER_IDS, THICKENERS } from './data/thickeners';
import { doseFor, inSpoons, mixedWays, thicknessAfter, type DoseInput } from './dose';
import { glazeDown } from './glaze';
import { MEASURING, readSauce, sliderOf, type MeasuringAid } from './measure';
import { pastaStanding } from './pasta';
import { loosenFrom, rescue, RESCUES, type RescueInput } from './rescue';
import { dilutionG, saltView } from './salt';
import { waysToAim } from './ways';

const plain: DoseInput = {
  sauceG: 800,
  presentPercent: 0.4,
  aimPercent: 2.25,
  thickener: 'cornstarch',
  waterPerStarch: SLURRY_WATER.equal,
};
const pot = POT_PRESETS.find((p) => p.id === 'electric-standard')!;
const aid: MeasuringAid = { pot, ladleMl: 120, cupMl: 236.6, piecesG: 0, forecastG: 640 };
const grams = (
  way: (typeof MEASURING)[number]['id'],
  text: string,
  over: Partial<MeasuringAid> = {},
): number => {
  const read = readSauce(way, text, { ...aid, ...over });
  return 'sauceG' in read ? Math.round(read.sauceG) : -1;
};

describe('how much sauce there is', () => {
  it('reads every way in, in grams, with how far each is off', () => {
    expect(grams('jug', '750')).toBe(750);
    expect(grams('scale', String(pot.emptyG + 800))).toBe(800);
    expect(grams('depth', '20')).toBe(Math.round(Math.PI * (pot.diameterCm / 2) ** 2 * 2));
    expect(grams('ladles', '6')).toBe(720);
    expect(grams('cups', '2 1/2')).toBe(592);
    expect(grams('cups', '2½')).toBe(592);
    expect(grams('forecast', '')).toBe(640);
    for (const m of MEASURING) expect(m.spread).toBeGreaterThan(0);
  });

  it('knows fingers and soup plates where there is neither jug nor scale, and trusts them least', () => {
    expect(grams('fingers', '1')).toBe(grams('depth', '18'));
    expect(grams('fingers', '1 1/2')).toBe(grams('depth', '27'));
    expect(grams('plates', '2')).toBe(500);
    const spread = (id: string): number => MEASURING.find((m) => m.id === id)!.spread;
    for (const id of ['fingers', 'plates'])
      for (const m of MEASURING) expect(spread(id)).toBeGreaterThanOrEqual(m.spread);
  });

  it('has a slider over what each way can say, every place on it an amount', () => {
    for (const preset of POT_PRESETS)
      for (const m of MEASURING.filter((x) => x.id !== 'forecast')) {
        const { from, to, step } = sliderOf(m.id, { pot: preset, piecesG: 0 });
        expect(to).toBeGreaterThan(from);
        for (const at of [from + step * 2, (from + to) / 2])
          expect([
            m.id,
            readSauce(m.id, String(Math.round(at / step) * step), { ...aid, pot: preset }),
          ]).toEqual([m.id, { sauceG: expect.any(Number), spread: expect.any(Number) }]);
      }
    const full = sliderOf('scale', { pot, piecesG: 900 }).from - sliderOf('scale', { pot, piecesG: 0 }).from;
    expect(Math.abs(full - 900)).toBeLessThanOrEqual(25);
  });

  it('allows for pieces that are still in the pot, and trusts itself less', () => {
    expect(grams('scale', String(pot.emptyG + 1700), { piecesG: 900 })).toBe(800);
    expect(Math.abs(grams('depth', '40', { piecesG: 600 }) - grams('depth', '40') + 600 / 1.05)).toBeLessThan(
      1.5,
    );
    const out = readSauce('depth', '40', aid);
    const inside = readSauce('depth', '40', { ...aid, piecesG: 600 });
    expect('spread' in out && 'spread' in inside && inside.spread > out.spread).toBe(true);
  });

  it.each(['', 'soup', '-4', '0', '99999999', '1e9', 'NaN', '12 34 56', '3 cups', '<b>', '٣'])(
    'has a sentence for “%s”',
    (text) => {
      for (const m of MEASURING.filter((x) => x.id !== 'forecast')) {
        const read = readSauce(m.id, text, aid);
        expect('ask' in read && read.ask.length > 5).toBe(true);
      }
    },
  );

  it('notices a unit that cannot be meant', () => {
    expect(readSauce('cups', '1000', aid)).toEqual({
      ask: expect.stringMatching(/23\d(?:\.\d)? l.*holds.*unit/),
    });
    expect(readSauce('depth', '800', aid)).toHaveProperty('ask');
    expect(readSauce('scale', '500', aid)).toEqual({ ask: expect.stringContaining('nothing would be left') });
    expect(readSauce('forecast', '', { ...aid, forecastG: null })).toHaveProperty('ask');
  });

  it('more on the scale, deeper or another ladle never means less sauce', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), fc.integer({ min: 0, max: 10 }), (n, more) => {
        expect(grams('ladles', String(n + more))).toBeGreaterThanOrEqual(grams('ladles', String(n)));
        expect(grams('depth', String(n + more))).toBeGreaterThanOrEqual(grams('depth', String(n)));
      }),
    );
  });
});

describe('the sum', () => {
  const any = fc.record({
    sauceG: fc.double({ min: 100, max: 3000, noNaN: true }),
    presentPercent: fc.double({ min: 0, max: 1.5, noNaN: true }),
    aimPercent: fc.double({ min: 0.5, max: 5, noNaN: true }),
    thickener: fc.constantFrom(...THICKENER_IDS),
    waterPerStarch: fc.constantFrom(...Object.values(SLURRY_WATER)),
    sharpness: fc.double({ min: 0, max: 1, noNaN: true }),
    sugarShare: fc.double({ min: 0, max: 0.5, noNaN: true }),
  });

  it('two half doses equal one', () => {
    fc.assert(
      fc.property(any, (input) => {
        const whole = doseFor(input);
        if (whole.capped || whole.starchG < 0.1) return;
        const t = whole.thickener;
        const half = whole.starchG / 2;
        const gain = half * (t.how === 'slurry' ? t.kept + input.waterPerStarch : t.kept);
        const second = doseFor({
          ...input,
          sauceG: input.sauceG + gain,
          presentPercent: thicknessAfter(input, half),
        });
        expect(second.starchG).toBeCloseTo(half, 4);
      }),
    );
  });

  it('more sauce needs proportionally more; more acid or sugar never less', () => {
    fc.assert(
      fc.property(any, fc.double({ min: 1.1, max: 4, noNaN: true }), (input, times) => {
        const one = doseFor(input).starchG;
        expect(doseFor({ ...input, sauceG: input.sauceG * times }).starchG / Math.max(one, 1e-9)).toBeCloseTo(
          one > 1e-6 ? times : 0,
          3,
        );
        expect(doseFor({ ...input, sharpness: 1 }).starchG).toBeGreaterThanOrEqual(one - 1e-9);
        expect(doseFor({ ...input, sugarShare: 0.6 }).starchG).toBeGreaterThanOrEqual(one - 1e-9);
      }),
    );
  });

  it('says when it cannot reach the aim, instead of asking for nothing', () => {
    const weak = doseFor({ ...plain, thickener: 'blended', aimPercent: 4.5 });
    expect(weak.capped).toBe(true);
    expect(weak.starchG).toBeGreaterThan(100);
    expect(weak.resultPercent).toBeLessThan(4.5);
  });

  it('rounds to a quarter teaspoon and owns up to the error', () => {
    fc.assert(
      fc.property(any, (input) => {
        const dose = doseFor(input);
        const spoon = inSpoons(input, dose);
        expect(Math.abs(spoon.massG - dose.starchG)).toBeLessThanOrEqual(
          0.126 * 4.929 * dose.thickener.gPerMl,
        );
        expect(spoon.resultPercent).toBeCloseTo(thicknessAfter(input, spoon.massG), 9);
      }),
    );
  });

  it('boiling down first needs less starch, leaves less, and keeps the salt', () => {
    const ways = mixedWays(plain);
    ways.forEach((way, i) => {
      const before = ways[i - 1];
      if (before) {
        expect(way.dose.starchG).toBeLessThan(before.dose.starchG);
        expect(way.leftG).toBeLessThan(before.leftG);
      }
      expect(way.leftG * way.saltFactor).toBeCloseTo(plain.sauceG, 6);
      expect(way.dose.resultPercent).toBeCloseTo(2.25, 6);
    });
    expect(ways.length).toBeGreaterThan(4);
  });
});

describe('the adviser', () => {
  const ask: AdviseInput = {
    dose: plain,
    plates: 4,
    noGluten: false,
    noDairy: false,
    noEgg: false,
    fewCarbs: false,
    lowSalt: false,
    dairyToCome: false,
    toFreeze: false,
    vegetablesG: 300,
    saltG: 6,
    hasScale: true,
    usual: 'cornstarch',
  };
  const verdictOf = (id: string, over: Partial<AdviseInput>): string | undefined =>
    adviseThickener({ ...ask, ...over }).find((a) => a.id === id)?.verdict;

  it('judges every thickener and boiling down, once each, with reasons for what it will not take', () => {
    const all = adviseThickener(ask);
    expect(new Set(all.map((a) => a.id)).size).toBe(THICKENERS.length + 1);
    expect(all[0]?.id).toBe('cornstarch');
    expect(all.filter((a) => a.verdict === 'best')).toHaveLength(1);
    for (const a of all.filter((x) => x.verdict === 'never' || x.verdict === 'careful'))
      expect(a.reasons.length).toBeGreaterThan(0);
  });

  it('leaves out what somebody here cannot eat', () => {
    for (const id of ['flour', 'paste', 'roux']) expect(verdictOf(id, { noGluten: true })).toBe('never');
    for (const id of ['cream', 'paste']) expect(verdictOf(id, { noDairy: true })).toBe('never');
    expect(verdictOf('yolk', { noEgg: true })).toBe('never');
    expect(verdictOf('blended', { vegetablesG: 0 })).toBe('never');
    expect(verdictOf('reduce', { dose: { ...plain, presentPercent: 0 } })).toBe('never');
  });

  it('changes its mind with the sauce', () => {
    const best = (over: Partial<AdviseInput>) => adviseThickener({ ...ask, ...over })[0]!.id;
    expect(['xanthan', 'glucomannan', 'reduce']).toContain(best({ fewCarbs: true }));
    expect(best({ toFreeze: true })).not.toBe('cornstarch');
    const milky = adviseThickener({ ...ask, dairyToCome: true });
    const arrow = milky.find((a) => a.id === 'arrowroot')!;
    expect(arrow.reasons.some((r) => /slimy/.test(r.text))).toBe(true);
    const sour = adviseThickener({ ...ask, dose: { ...plain, sharpness: 1 } });
    expect(
      sour.find((a) => a.id === 'xanthan')!.reasons.some((r) => r.kind === 'for' && /acid/.test(r.text)),
    ).toBe(true);
  });
});

describe('salt', () => {
  it('boiling down raises the share and leaves the plate', () => {
    const before = saltView(9, 1200, 4);
    const after = saltView(9, 900, 4);
    expect(after.percent.mid).toBeGreaterThan(before.percent.mid);
    expect(after.perPlateG.mid).toBe(before.perPlateG.mid);
    expect(before.quarterTspMoves).toBeCloseTo((100 * 1.4) / 1200, 6);
  });

  it('says low, right or high, and stricter for a household that eats little', () => {
    expect(saltView(4, 1000, 4).verdict).toBe('low');
    expect(saltView(10, 1000, 4).verdict).toBe('right');
    expect(saltView(16, 1000, 4).verdict).toBe('high');
    expect(saltView(10, 1000, 4, true).verdict).toBe('high');
    expect(saltView(10, 1000, 4).toTargetG).toBeCloseTo(0, 6);
  });

  it('dilution brings it exactly there', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 40, noNaN: true }),
        fc.double({ min: 200, max: 3000, noNaN: true }),
        (salt, mass) => {
          const splash = dilutionG(salt, mass, 0.01);
          if (splash > 0) expect(salt / (mass + splash)).toBeCloseTo(0.01, 9);
          else expect(salt / mass).toBeLessThanOrEqual(0.01 + 1e-12);
        },
      ),
    );
  });
});

describe('glazes and pasta', () => {
  it('more sugar never takes longer to stick, and there is a moment to stop', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 1200, noNaN: true }),
        fc.double({ min: 0, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        (sauce, sugar, more) => {
          const a = glazeDown(sauce, sugar, 1000);
          const b = glazeDown(sauce, sugar + more, 1000);
          expect(b.minutes).toBeLessThanOrEqual(a.minutes + 1e-9);
          expect(a.latestMin).toBeGreaterThanOrEqual(a.minutes);
          expect(a.leftG * a.saltFactor).toBeCloseTo(sauce, 6);
          expect(b.moreSugarG).toBeLessThanOrEqual(a.moreSugarG);
        },
      ),
    );
  });

  it('a sauce with pasta in it only ever gets thicker, and the splash puts it back', () => {
    let last = 2;
    for (const minutes of [0, 2, 5, 10, 20, 60]) {
      const s = pastaStanding(350, 900, 2, minutes);
      expect(s.percent).toBeGreaterThanOrEqual(last - 1e-9);
      last = s.percent;
      expect((s.percent * (900 - s.drunkG)) / (900 - s.drunkG + s.loosenG)).toBeCloseTo(2, 6);
    }
    expect(pastaStanding(0, 900, 2, 10).loosenG).toBeCloseTo(0, 9);
  });

  it('is a third thicker on the plate', () => {
    expect(onThePlate(2.25)).toBeCloseTo(3, 1);
  });
});

describe('rescues', () => {
  const input: RescueInput = {
    dose: { ...plain, sharpness: 0.8 },
    stirredG: 16,
    saltG: 14,
    fatG: 40,
    lowSalt: false,
    noDairy: false,
    units: { weight: 'metric', temperature: 'C' },
  };
  it.each(RESCUES)('%s: has steps with an amount or a plain order, and never says it is safe', (id) => {
    const r = rescue(id, input, 4);
    expect(r.steps.length).toBeGreaterThan(0);
    expect(r.steps.join(' ')).toMatch(/\d|do not/i);
    expect([...r.steps, r.caution].join(' ')).not.toMatch(/NaN|undefined|Infinity|\bsafe\b/);
  });

  it('the splash for too thick gives the aim back', () => {
    const splash = loosenFrom(800, 4, 2.25);
    expect((800 * 4) / (800 + splash)).toBeCloseTo(2.25, 9);
    expect(rescue('too-thick', input, 4).steps[0]).toContain('620 ml in all');
  });

  it('keeps dairy out of the house that eats none, and dilutes no further than needed', () => {
    for (const id of RESCUES)
      expect(rescue(id, { ...input, noDairy: true }, 4).steps.join(' ')).not.toMatch(
        /\bcream\b|knob of butter/,
      );
    expect(rescue('too-salty', { ...input, saltG: 5 }, 2).steps[0]).toMatch(/not over-salted/);
  });

  it('never tells a cook to scrape or restart on a scorched floor', () => {
    const r = rescue('scorched', input, 2);
    expect(r.caution).toMatch(/Do not restart/);
  });
});

describe('starch, boiling down, or both', () => {
  it('is a line between the two: less starch for more minutes, nothing dissolved lost', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 200, max: 2000, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (sauceG, presentPercent) => {
          const ways = waysToAim({ ...plain, sauceG, presentPercent });
          if (!ways) return;
          const { thicken, both, boilDown } = ways;
          expect(thicken.minutes).toBe(0);
          expect(thicken.saltFactor).toBe(1);
          for (const way of [both, boilDown]) {
            if (!way) continue;
            expect(way.minutes).toBeGreaterThan(0);
            expect(way.dose.starchG).toBeLessThan(thicken.dose.starchG);
            expect(way.leftG * way.saltFactor).toBeCloseTo(sauceG, 6);
            expect(way.saltFactor).toBeLessThan(3);
          }
        },
      ),
    );
  });

  it('offers no boiling alone to a broth in which nothing thickens, nor to a sauce that is thick enough', () => {
    expect(waysToAim({ ...plain, presentPercent: 0 })?.boilDown).toBeNull();
    expect(waysToAim({ ...plain, presentPercent: 1.4, sauceG: 500 })?.boilDown).not.toBeNull();
    expect(waysToAim({ ...plain, presentPercent: 3 })).toBeNull();
  });
});
