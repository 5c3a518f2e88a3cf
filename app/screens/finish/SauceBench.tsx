import type { ReactNode } from 'react';
import Form from 'react-bootstrap/Form';
import {
  BENCH,
  alreadyWords,
  doseFor,
  formatMass,
  formatVolume,
  MEASURING,
  nearestThickness,
  sliderOf,
  THICKENERS,
  THICKNESSES,
  thicknessOf,
  type Dose,
  type DoseInput,
  type HouseRules,
  type Kitchen,
  type Plan,
  type Pot,
  type ThickenerId,
} from '../../../core/index';
import { Segments } from '../../parts/Segments';
import { Spoon } from '../../parts/Spoon';
import { Answer } from './Answer';
import { doseInput, PIECES_MAY_BE_IN, piecesOf, sauceOnBench, type Bench, type Taste } from './bench';

interface Props {
  bench: Bench;
  onBench: (bench: Bench) => void;
  pot: Pot;
  plan: Plan | undefined;
  kitchen: Kitchen;
  rules: HouseRules;
  starchFactor: number;
  /** Shown below the answer: what to do with it. */
  children?: (answer: BenchAnswer | null) => ReactNode;
}

/** What the bench says: the sum and what went into it. */
interface BenchAnswer {
  input: DoseInput;
  dose: Dose;
}

const TASTES: readonly { id: Taste; label: string }[] = [
  { id: 'mild', label: 'mild' },
  { id: 'sharp', label: 'sharp' },
  { id: 'sweet', label: 'sweet' },
];
const NOW_SHOWN = THICKNESSES.filter((t) => ['brothy', 'light', 'coating'].includes(t.id));

/** The sauce bench: how much, how thin, how it should be, with what; and the answer, large. */
export function SauceBench({ bench, onBench, pot, plan, kitchen, rules, starchFactor, children }: Props) {
  const set = (change: Partial<Bench>): void => {
    const next = { ...bench, ...change };
    const read = sauceOnBench(next, pot, plan, kitchen);
    onBench('sauceG' in read ? { ...next, lastG: read.sauceG } : next);
  };
  const measured = sauceOnBench(bench, pot, plan, kitchen);
  const isGood = 'sauceG' in measured;
  // A figure that means nothing leaves the last good answer standing.
  const sauceG = isGood ? measured.sauceG : bench.reading.trim() ? bench.lastG : null;
  const input =
    sauceG === null
      ? null
      : doseInput(bench, sauceG, rules, plan, starchFactor, isGood ? measured.spread : undefined);
  const dose = input && doseFor(input);
  const method = MEASURING.find((m) => m.id === bench.way);
  const slider = sliderOf(bench.way, { pot, piecesG: piecesOf(bench) });
  const ways = MEASURING.filter((w) =>
    w.id === 'forecast' ? plan : w.id === 'scale' ? kitchen.tools.scale : true,
  );
  const counted = plan ? Math.round(plan.sauce.input.presentPercent * 20) / 20 : null;
  const already = plan ? alreadyWords(plan.sauce.already) : '';
  const nowOptions = [
    ...(counted !== null && !NOW_SHOWN.some((t) => t.percent === counted)
      ? [{ id: String(counted), label: `as counted (${nearestThickness(counted).name})` }]
      : []),
    ...NOW_SHOWN.map((t) => ({ id: String(t.percent), label: t.name })),
  ];
  return (
    <div className="bench">
      <div className="bench-in">
        <fieldset>
          <legend>How much sauce is there?</legend>
          <Segments
            name="way"
            label="How it is measured"
            value={bench.way}
            options={ways}
            onChange={(way) => set({ way, reading: '' })}
          />
          {bench.way !== 'forecast' && (
            <Form.Group controlId="reading" className="bench-reading">
              <Form.Label className="visually-hidden">{method?.label}</Form.Label>
              <span className="unit-field">
                <Form.Control
                  size="lg"
                  inputMode="decimal"
                  autoComplete="off"
                  value={bench.reading}
                  isInvalid={!isGood && bench.reading.trim() !== ''}
                  aria-describedby="reading-says"
                  placeholder={
                    bench.way === 'scale' ? String(Math.round(pot.emptyG + 800)) : (method?.example ?? '')
                  }
                  onChange={(e) => set({ reading: e.target.value.slice(0, 8) })}
                />
                <span>{method?.unit}</span>
              </span>
              <Form.Range
                id="reading-slide"
                aria-label={`Slide the ${(method?.label ?? '').toLowerCase()}`}
                min={slider.from}
                max={slider.to}
                step={slider.step}
                value={Number(bench.reading) || slider.from}
                aria-valuetext={`${bench.reading || '0'} ${method?.unit ?? ''}`}
                onChange={(e) => set({ reading: e.target.value })}
              />
              <span className="soft small" id="reading-says">
                {!isGood && bench.reading.trim() !== '' ? (
                  <span className="severity-stop" role="alert">
                    {measured.ask}
                  </span>
                ) : (
                  waysSay(bench, pot, kitchen, isGood ? measured.spread : 0)
                )}
              </span>
            </Form.Group>
          )}
          {PIECES_MAY_BE_IN.has(bench.way) && (
            <div className="bench-pieces">
              <Form.Check
                id="pieces-in"
                label="The pieces are still in"
                checked={bench.piecesIn}
                onChange={(e) => set({ piecesIn: e.target.checked })}
              />
              {bench.piecesIn && (
                <span className="unit-field">
                  <Form.Control
                    aria-label="Cooked weight of the pieces"
                    inputMode="numeric"
                    value={String(bench.piecesG)}
                    onChange={(e) => set({ piecesG: grams(e.target.value, 8000) })}
                  />
                  <span>g</span>
                </span>
              )}
            </div>
          )}
          {bench.way === 'forecast' && plan && (
            <p className="small mb-0">
              The plan expects {formatVolume(plan.sauce.leftG.low, kitchen.units)} to{' '}
              {formatVolume(plan.sauce.leftG.high, kitchen.units)}. Measured is better.
            </p>
          )}
        </fieldset>
        <fieldset>
          <legend>How thin is it now?</legend>
          <Segments
            name="present"
            label="Thickness now"
            value={String(bench.presentPercent)}
            options={nowOptions}
            onChange={(id) => set({ presentPercent: Number(id) })}
          />
          {already && <p className="soft small mb-0">{already}</p>}
        </fieldset>
        <fieldset>
          <legend>How should it be?</legend>
          <div className="aims" role="radiogroup" aria-label="Thickness wanted">
            {THICKNESSES.map((t) => (
              <label key={t.id} className={bench.aim === t.id ? 'is-chosen' : ''}>
                <input
                  type="radio"
                  name="aim"
                  checked={bench.aim === t.id}
                  onChange={() => set({ aim: t.id })}
                />
                <Spoon percent={t.percent} glaze={t.id === 'glaze'} />
                <span>{t.name}</span>
              </label>
            ))}
          </div>
          <p className="soft small mb-0">
            {thicknessOf(bench.aim).name}: {thicknessOf(bench.aim).spoon}. It thickens about another third on
            the plate.
          </p>
        </fieldset>
        <div className="bench-with">
          <Form.Group className="field" controlId="thickener">
            <Form.Label>With</Form.Label>
            <Form.Select
              value={bench.thickener}
              onChange={(e) => set({ thickener: e.target.value as ThickenerId })}
            >
              {THICKENERS.map((t) => (
                <option key={t.id} value={t.id}>
                  {t.name}
                </option>
              ))}
            </Form.Select>
          </Form.Group>
          <Form.Group className="field" controlId="later">
            <Form.Label>Cream to come</Form.Label>
            <span className="unit-field">
              <Form.Control
                inputMode="numeric"
                value={String(bench.laterG)}
                onChange={(e) => set({ laterG: grams(e.target.value, 3000) })}
              />
              <span>g</span>
            </span>
          </Form.Group>
          {!plan && (
            <div className="field">
              <span>It tastes</span>
              <Segments
                name="taste"
                label="It tastes"
                value={bench.taste}
                options={TASTES}
                onChange={(taste) => set({ taste })}
              />
            </div>
          )}
        </div>
      </div>
      <div className={`bench-out ${dose && !isGood ? 'is-stale' : ''}`} aria-live="polite">
        {dose && !isGood && <p className="small mb-1">As it was with the last figure that made sense:</p>}
        {input && dose ? (
          <Answer input={input} dose={dose} bench={bench} kitchen={kitchen} rules={rules} />
        ) : (
          <p className="bench-answer bench-ask">{'ask' in measured ? measured.ask : ''}</p>
        )}
        {children?.(input && dose ? { input, dose } : null)}
      </div>
    </div>
  );
}

/** Whole grams out of what was typed, between none and `most`. */
function grams(text: string, most: number): number {
  return Math.min(most, Math.max(0, Math.round(Number(text.replace(/\D/g, ''))) || 0));
}

/** What a cook should know about a way of measuring. */
function waysSay(bench: Bench, pot: Pot, kitchen: Kitchen, spread: number): string {
  const off = spread > 0 ? ` Within about ${Math.round(spread * 100)} %.` : '';
  switch (bench.way) {
    case 'scale':
      return `pot and sauce together; ${pot.name} weighs ${formatMass(pot.emptyG)} empty.${off}`;
    case 'depth':
    case 'fingers':
      return `deep in ${pot.name}, ${pot.diameterCm} cm across.${off}`;
    case 'ladles':
      return `of ${formatVolume(kitchen.ladleMl ?? BENCH.ladleMl)} each; yours is set in Kitchen.${off}`;
    default:
      return off.trim();
  }
}
