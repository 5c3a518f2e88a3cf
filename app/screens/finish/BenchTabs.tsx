import { lazy, Suspense, useState } from 'react';
import Form from 'react-bootstrap/Form';
import {
  adviseThickener,
  BENCH,
  eatenG,
  formatDuration,
  formatMass,
  formatSpoons,
  formatVolume,
  freeFatG,
  glazeDown,
  isWorthStirring,
  mixedWays,
  pastaStanding,
  rescue,
  RESCUES,
  RESCUE_NAMES,
  saltView,
  sugarG,
  THICKNESSES,
  thicknessOf,
  type Aim,
  type Dose,
  type DoseInput,
  type Kitchen,
  type Plan,
  type RescueId,
  type ThickenerId,
} from '../../../core/index';
import { Segments } from '../../parts/Segments';
import { adviseInput, type Bench } from './bench';

const DoseCurve = lazy(() => import('./DoseCurve'));

const TABS = [
  { id: 'order', label: 'In order' },
  { id: 'curve', label: 'Curve' },
  { id: 'with', label: 'With what' },
  { id: 'down', label: 'Boil down' },
  { id: 'salt', label: 'Salt' },
  { id: 'wrong', label: 'Went wrong' },
] as const;
type Tab = (typeof TABS)[number]['id'];

interface Props {
  input: DoseInput;
  dose: Dose;
  bench: Bench;
  onBench: (change: Partial<Bench>) => void;
  plan: Plan | undefined;
  kitchen: Kitchen;
  /** What is to be done, one thing after the other. */
  order: readonly string[];
}

/** What else can be asked about this sauce, one at a time. */
export function BenchTabs(props: Props) {
  const [tab, setTab] = useState<Tab>('order');
  return (
    <section className="bench-tabs" aria-label="More about this sauce">
      <Segments name="bench-tab" label="More about this sauce" value={tab} options={TABS} onChange={setTab} />
      {/* It scrolls by itself on a laptop, and what scrolls is reached with the keys. */}
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex */}
      <div className="bench-tab" role="group" aria-label="What is said of it" tabIndex={0}>
        {tab === 'order' && (
          <ol className="bench-order">
            {props.order.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ol>
        )}
        {tab === 'curve' && (
          <div className="bench-curve">
            <Suspense fallback={<p className="loading">Drawing…</p>}>
              <DoseCurve
                key={document.documentElement.dataset['bsTheme']}
                input={props.input}
                dose={props.dose}
              />
            </Suspense>
          </div>
        )}
        {tab === 'with' && <WithWhat {...props} />}
        {tab === 'down' && <BoilDown {...props} />}
        {tab === 'salt' && <Salt {...props} />}
        {tab === 'wrong' && <WentWrong {...props} />}
      </div>
    </section>
  );
}

const VERDICTS = { best: 'best here', fits: 'fits', careful: 'careful', never: 'not here' } as const;

function WithWhat({ input, bench, onBench, plan, kitchen }: Props) {
  const [toFreeze, setToFreeze] = useState(false);
  const advice = adviseThickener(adviseInput(input, bench, plan, kitchen, toFreeze));
  return (
    <>
      <Form.Check
        type="switch"
        id="to-freeze"
        label="Some of it will be frozen"
        checked={toFreeze}
        onChange={(e) => setToFreeze(e.target.checked)}
      />
      <ul className="advice">
        {advice.map((a) => (
          <li key={a.id} className={`advice-${a.verdict}`}>
            <div>
              <span>
                {a.id === 'reduce' ? (
                  a.name
                ) : (
                  <button
                    type="button"
                    className="link-button"
                    aria-pressed={bench.thickener === a.id}
                    onClick={() => onBench({ thickener: a.id as ThickenerId })}
                  >
                    {a.name}
                  </button>
                )}{' '}
                <span className="small advice-verdict">{VERDICTS[a.verdict]}</span>
              </span>
              <span className="figure small">
                {[
                  a.dose && (isWorthStirring(a.dose) ? formatMass(a.dose.starchG, kitchen.units) : 'nothing'),
                  a.minutes >= 1 && formatDuration(a.minutes * 60),
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </span>
            </div>
            <span className="small soft">{a.reasons.map((r) => r.text).join(' ')}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

function BoilDown({ input, bench, plan, kitchen }: Props) {
  const ways = mixedWays(input);
  const saltG = plan?.sauce.saltG ?? null;
  return (
    <>
      <table className="clock-table">
        <thead>
          <tr>
            <th scope="col">Boil down first</th>
            <th scope="col">Then {ways[0]?.dose.thickener.name}</th>
            <th scope="col">Sauce in the end</th>
            <th scope="col">{saltG === null ? 'Salt and acid' : 'Salt'}</th>
          </tr>
        </thead>
        <tbody>
          {ways.map((w) => (
            <tr key={w.minutes}>
              <th scope="row">{w.minutes === 0 ? 'not at all' : formatDuration(w.minutes * 60)}</th>
              <td>
                {isWorthStirring(w.dose)
                  ? `${formatSpoons(w.dose.starchG / w.dose.thickener.gPerMl)} (${formatMass(w.dose.starchG, kitchen.units)})`
                  : 'none'}
              </td>
              <td>{formatVolume(w.dose.finishedG, kitchen.units)}</td>
              <td>
                {saltG === null
                  ? w.saltFactor === 1
                    ? 'as it is'
                    : `× ${w.saltFactor.toFixed(1)}`
                  : `${((100 * saltG) / Math.max(1, saltMass(plan, input) - (input.sauceG - w.leftG))).toFixed(1)} %`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {bench.aim === 'glaze' && <GlazeWords plan={plan} sauceG={input.sauceG} kitchen={kitchen} />}
      <PastaWords plan={plan} input={input} kitchen={kitchen} />
    </>
  );
}

/** What the salt is spread over, g. */
function saltMass(plan: Plan | undefined, input: DoseInput): number {
  return plan ? eatenG(plan.items) : input.sauceG;
}

function GlazeWords({ plan, sauceG, kitchen }: { plan: Plan | undefined; sauceG: number; kitchen: Kitchen }) {
  const piecesG = (plan?.meat ?? []).reduce((s, m) => s + m.massG, 0) || 1000;
  const g = glazeDown(sauceG, sugarG(plan?.items ?? []), piecesG);
  return (
    <p className="small mt-2 mb-0">
      <strong>As a glaze:</strong>{' '}
      {g.moreSugarG > 5 &&
        `about ${formatMass(g.moreSugarG, kitchen.units)} of sugar, honey or fruit is missing for ${formatMass(piecesG, kitchen.units)} of pieces. `}
      Boil down about {formatDuration(g.minutes * 60)} to {formatVolume(g.leftG, kitchen.units)}: bubbles grow
      large and slow, it falls in a sheet, a spoon drawn over the floor leaves it bare for a moment. Stop
      there; by {formatDuration(g.latestMin * 60)} it colours and catches. Boiling sugar burns skin: stir, low
      heat at the end.
    </p>
  );
}

function PastaWords({
  plan,
  input,
  kitchen,
}: {
  plan: Plan | undefined;
  input: DoseInput;
  kitchen: Kitchen;
}) {
  const pastaG = (plan?.items ?? [])
    .filter((i) => i.read.food?.kind === 'pasta')
    .reduce((s, i) => s + i.massG.mid, 0);
  if (pastaG <= 0) return null;
  const s = pastaStanding(pastaG, input.sauceG, Math.max(0.5, input.aimPercent), 10);
  return (
    <p className="small mt-2 mb-0">
      <strong>The pasta goes on drinking:</strong> in ten minutes about{' '}
      {formatVolume(s.drunkG, kitchen.units)}. Aim one notch thinner, or keep{' '}
      {formatVolume(s.loosenG, kitchen.units)} hot water back and loosen it on purpose at the table.
    </p>
  );
}

function Salt({ input, plan, kitchen }: Props) {
  const isLow = kitchen.needs.includes('low-salt');
  if (!plan)
    return (
      <p className="mb-0">
        Without a dish the salt is not known: taste. In {formatVolume(input.sauceG, kitchen.units)} a pinch
        moves it by {saltView(0, input.sauceG, 4).pinchMoves.toFixed(2)} %, a quarter teaspoon by{' '}
        {saltView(0, input.sauceG, 4).quarterTspMoves.toFixed(2)} %. About 1 % is usual
        {isLow ? ', 0.6 % in this house' : ''}.
      </p>
    );
  const mass = saltMass(plan, input);
  const now = saltView(plan.sauce.saltG, mass, plan.dish.plates, isLow);
  const down = saltView(plan.sauce.saltG, mass - input.sauceG * 0.3, plan.dish.plates, isLow);
  const words = { low: 'on the low side', right: 'about right', high: 'on the salty side' }[now.verdict];
  return (
    <>
      <p className="mb-1">
        <strong className="figure">
          {now.percent.low.toFixed(1)}–{now.percent.high.toFixed(1)} %
        </strong>{' '}
        of what is eaten, {words}; {now.perPlateG.low.toFixed(1)}–{now.perPlateG.high.toFixed(1)} g a plate.
        Usual here is {now.targetPercent.toFixed(1)} %.
      </p>
      <ul className="small mb-0">
        <li>Boiled down by a third it would be {down.percent.mid.toFixed(1)} %, the plate the same.</li>
        <li>
          A pinch moves it by {now.pinchMoves.toFixed(2)} %, a quarter teaspoon of fine salt by{' '}
          {now.quarterTspMoves.toFixed(2)} %.
        </li>
        <li>
          {now.toTargetG > 0.5
            ? `Up to ${formatSpoons(now.toTargetG / 1.14)} (${formatMass(now.toTargetG, kitchen.units)}) would bring it there: half, taste, then the rest.`
            : now.toTargetG < -0.5
              ? 'No more salt; see “Went wrong” if it tastes of it.'
              : 'Nothing to add by the sum. Taste.'}
        </li>
      </ul>
    </>
  );
}

function WentWrong({ input, dose, bench, plan, kitchen }: Props) {
  const [id, setId] = useState<RescueId>('too-thick');
  const [seen, setSeen] = useState<Aim>('clinging');
  const r = rescue(
    id,
    {
      dose: input,
      stirredG: dose.starchG,
      saltG: plan
        ? (plan.sauce.saltG * input.sauceG) / Math.max(1, saltMass(plan, input))
        : input.sauceG * BENCH.saltyShare,
      fatG: plan ? freeFatG(plan.items) : input.sauceG * BENCH.fatShare,
      lowSalt: kitchen.needs.includes('low-salt'),
      noDairy: kitchen.needs.includes('no-dairy') || kitchen.allergens.includes('milk'),
      units: kitchen.units,
    },
    thicknessOf(seen).percent,
  );
  return (
    <>
      <div className="d-flex flex-wrap gap-2">
        <Form.Select
          aria-label="What went wrong"
          value={id}
          style={{ width: 'auto' }}
          onChange={(e) => setId(e.target.value as RescueId)}
        >
          {RESCUES.map((x) => (
            <option key={x} value={x}>
              {RESCUE_NAMES[x]}
            </option>
          ))}
        </Form.Select>
        {id === 'too-thick' && (
          <Form.Select
            aria-label="What the spoon shows now"
            value={seen}
            style={{ width: 'auto' }}
            onChange={(e) => setSeen(e.target.value as Aim)}
          >
            {THICKNESSES.filter((t) => t.id !== 'glaze' && t.percent > thicknessOf(bench.aim).percent).map(
              (t) => (
                <option key={t.id} value={t.id}>
                  shows {t.name}
                </option>
              ),
            )}
          </Form.Select>
        )}
      </div>
      <ol className="mt-2 mb-1">
        {r.steps.map((s) => (
          <li key={s}>{s}</li>
        ))}
      </ol>
      {r.caution && <p className="step-caution small mb-0">{r.caution}</p>}
    </>
  );
}
