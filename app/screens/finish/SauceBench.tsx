import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import {
  doseFor,
  formatDuration,
  formatMass,
  formatSpoons,
  formatVolume,
  nearestThickness,
  reduceTo,
  secondDose,
  THICKENERS,
  THICKNESSES,
  thicknessOf,
  type Aim,
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
import { doseInput, sauceOnBench, WAYS, type Bench, type Way } from './bench';

interface Props {
  bench: Bench;
  onBench: (bench: Bench) => void;
  pot: Pot;
  plan: Plan | undefined;
  kitchen: Kitchen;
  rules: HouseRules;
  starchFactor: number;
  /** Shown below the answer: what to do with it. */
  children?: (answer: { input: DoseInput; dose: Dose } | null) => React.ReactNode;
}

const UNIT: Record<Way, string> = { jug: 'ml', scale: 'g', depth: 'mm', forecast: '' };
const NOW_SHOWN = THICKNESSES.filter((t) => ['brothy', 'light', 'coating'].includes(t.id));

/** The sauce bench: how much, how thin, how it should be, with what; and the answer, large. */
export function SauceBench({ bench, onBench, pot, plan, kitchen, rules, starchFactor, children }: Props) {
  const set = (change: Partial<Bench>): void => onBench({ ...bench, ...change });
  const measured = sauceOnBench(bench, pot, plan);
  const input = 'sauceG' in measured ? doseInput(bench, measured.sauceG, rules, plan, starchFactor) : null;
  const dose = input && doseFor(input);
  const ways = WAYS.filter((w) =>
    w.id === 'forecast' ? plan : w.id === 'scale' ? kitchen.tools.scale : true,
  );
  const counted = plan ? Math.round(plan.sauce.input.presentPercent * 20) / 20 : null;
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
              <Form.Label className="visually-hidden">
                {WAYS.find((w) => w.id === bench.way)?.label}
              </Form.Label>
              <span className="unit-field">
                <Form.Control
                  size="lg"
                  inputMode="decimal"
                  autoComplete="off"
                  value={bench.reading}
                  placeholder={
                    bench.way === 'scale'
                      ? String(Math.round(pot.emptyG + 800))
                      : bench.way === 'depth'
                        ? '22'
                        : '750'
                  }
                  onChange={(e) => set({ reading: e.target.value.slice(0, 8) })}
                />
                <span>{UNIT[bench.way]}</span>
              </span>
              <span className="soft small">
                {bench.way === 'scale' &&
                  `pot and sauce together; ${pot.name} weighs ${formatMass(pot.emptyG)} empty`}
                {bench.way === 'depth' && `in ${pot.name}, ${pot.diameterCm} cm across, pieces out`}
              </span>
            </Form.Group>
          )}
          {bench.way === 'forecast' && plan && (
            <p className="small mb-0">
              The plan expects {formatVolume(plan.liquid.sauceAfterG.low, kitchen.units)} to{' '}
              {formatVolume(plan.liquid.sauceAfterG.high, kitchen.units)}. Measured is better.
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
            <Form.Label>Cream or the like to come</Form.Label>
            <span className="unit-field">
              <Form.Control
                inputMode="numeric"
                value={String(bench.laterG)}
                onChange={(e) =>
                  set({
                    laterG: Math.min(
                      3000,
                      Math.max(0, Math.round(Number(e.target.value.replace(/\D/g, ''))) || 0),
                    ),
                  })
                }
              />
              <span>g</span>
            </span>
          </Form.Group>
        </div>
      </div>
      <div className="bench-out" aria-live="polite">
        {input && dose && 'sauceG' in measured ? (
          <Answer input={input} dose={dose} bench={bench} kitchen={kitchen} rules={rules} />
        ) : (
          <p className="bench-answer bench-ask">{'ask' in measured ? measured.ask : ''}</p>
        )}
        {children?.(input && dose ? { input, dose } : null)}
      </div>
    </div>
  );
}

function Answer({
  input,
  dose,
  bench,
  kitchen,
  rules,
}: {
  input: DoseInput;
  dose: Dose;
  bench: Bench;
  kitchen: Kitchen;
  rules: HouseRules;
}) {
  const t = dose.thickener;
  const reduced = reduceTo(input.sauceG, Math.max(0.05, input.presentPercent), input.aimPercent);
  if (dose.loosenG > 0)
    return (
      <>
        <p className="bench-answer bench-big">
          <strong className="figure">{formatVolume(dose.loosenG, kitchen.units)}</strong> stock, to loosen it
        </p>
        <p>It is thicker than {thicknessOf(bench.aim).name} already: nothing to add.</p>
      </>
    );
  if (dose.starchG < 0.4)
    return (
      <>
        <p className="bench-answer bench-big">
          <strong className="figure">Nothing</strong>
        </p>
        <p>
          {formatVolume(input.sauceG, kitchen.units)} of sauce is {thicknessOf(bench.aim).name} as it is.
        </p>
      </>
    );
  return (
    <>
      <div className="bench-answer">
        <DoseLines dose={dose} rules={rules} />
      </div>
      <div className="bench-notes">
        <p className="mb-1">
          brings {formatVolume(input.sauceG, kitchen.units)} to{' '}
          {dose.capped
            ? `${dose.resultThickness.name}, no further: more ${t.name} turns unpleasant`
            : thicknessOf(bench.aim).name}
          .
          <span className="soft">
            {' '}
            Likely between {formatMass(dose.rangeG.low)} and {formatMass(dose.rangeG.high)}: start with this,
            look, then decide.
          </span>
        </p>
        <p className="soft small mb-0">
          {t.note}
          {t.gluten && ' Contains gluten.'}
          {reduced &&
            reduced.minutes > 1 &&
            reduced.minutes < 45 &&
            ` Or boil it down about ${formatDuration(reduced.minutes * 60)}; salt and sharpness rise by ${Math.round((reduced.saltFactor - 1) * 100)} %.`}
        </p>
      </div>
    </>
  );
}

/** The dose in spoons and grams, and the cold liquid it is stirred into. */
export function DoseLines({ dose, rules }: { dose: Dose; rules: HouseRules }) {
  return (
    <>
      <p className="bench-big" data-testid="dose">
        <strong className="figure">{formatSpoons(dose.starchG / dose.thickener.gPerMl)}</strong>{' '}
        {dose.thickener.name} <span className="bench-grams">{formatMass(dose.starchG)}</span>
      </p>
      {dose.waterG > 0 && (
        <p className="bench-second">
          into <strong className="figure">{formatSpoons(dose.waterG)}</strong>{' '}
          {rules.slurryWater === 'stock' ? 'cold stock' : 'cold water'}{' '}
          <span className="bench-grams">{formatMass(dose.waterG)}</span>
        </p>
      )}
    </>
  );
}

/** After the boil: tap what the spoon shows, get the second dose or the splash that loosens it. */
export function SpoonShows({
  input,
  dose,
  kitchen,
  onSecond,
}: {
  input: DoseInput;
  dose: Dose;
  kitchen: Kitchen;
  onSecond?: (starchG: number, waterG: number) => void;
}) {
  const [seen, setSeen] = useState<Aim | null>(null);
  const options = THICKNESSES.filter((t) => t.id !== 'glaze').map((t) => ({ id: t.id, label: t.name }));
  const second = seen ? secondDose(input, dose.starchG, thicknessOf(seen).percent) : null;
  return (
    <fieldset className="spoon-shows">
      <legend>It has boiled: what does the spoon show?</legend>
      <Segments name="seen" label="What the spoon shows" value={seen} options={options} onChange={setSeen} />
      {second && (
        <p className="mt-2 mb-0" role="status">
          {second.starchG > 0.4 ? (
            <>
              Another <strong>{formatSpoons(second.starchG / dose.thickener.gPerMl)}</strong>{' '}
              {dose.thickener.name} ({formatMass(second.starchG)})
              {second.waterG > 0 && <> in {formatSpoons(second.waterG)} cold water</>}, and boil again.{' '}
              {onSecond && (
                <button
                  type="button"
                  className="btn btn-bare btn-sm"
                  onClick={() => onSecond(second.starchG, second.waterG)}
                >
                  Stirred in
                </button>
              )}
            </>
          ) : second.loosenG > 0 ? (
            <>Loosen it with about {formatVolume(second.loosenG, kitchen.units)} stock or water.</>
          ) : (
            <>That is it. Leave it alone.</>
          )}
        </p>
      )}
    </fieldset>
  );
}
