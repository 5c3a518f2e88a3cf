import { useState } from 'react';
import { Link, useParams } from 'react-router';
import {
  BINDING,
  type Dish,
  type DoseInput,
  type Kitchen,
  NO_CALIBRATION,
  type Plan,
  potFor,
  stepsWithSauce,
  sayTemps,
} from '../../../core/index';
import { editDish } from '../../store/dishes';
import { rememberSpoon } from '../../store/household';
import { useCalibrations, useDish, useKitchen, usePlan } from '../../store/live';
import { benchFor } from './bench';
import { isWorth } from './Answer';
import { BenchTabs } from './BenchTabs';
import { SauceBench } from './SauceBench';
import { SpoonShows } from './SpoonShows';
import { useTitle } from '../../parts/title';

/** The sauce bench on its own: for any pot of thin sauce, or for one dish. */
export default function Finish() {
  const { dishId } = useParams();
  const kitchen = useKitchen();
  const dish = useDish(dishId ?? '');
  useTitle(dish ? `${dish.name}: finish` : 'Finish');
  const plan = usePlan(dishId ? dish : null, kitchen);
  const calibrations = useCalibrations(kitchen);
  if (!kitchen || !calibrations || (dishId && dish === undefined))
    return <p className="loading">One moment…</p>;
  if (dishId && dish === null)
    return (
      <div className="page page-narrow">
        <h1>This dish is not on the shelf</h1>
        <p className="mt-3">
          The bench works without one: <Link to="/finish">any pot of sauce</Link>.
        </p>
      </div>
    );
  if (dishId && !plan) return <p className="loading">One moment…</p>;
  const pot = plan?.pot ?? potFor({ settings: { potId: kitchen.potId } as Dish['settings'] }, kitchen);
  return (
    <OnBench
      key={dishId ?? 'any'}
      kitchen={kitchen}
      dish={dish ?? undefined}
      plan={plan}
      starchFactor={(calibrations.get(pot.id) ?? NO_CALIBRATION).starchFactor}
    />
  );
}

function OnBench({
  kitchen,
  dish,
  plan,
  starchFactor,
}: {
  kitchen: Kitchen;
  dish: Dish | undefined;
  plan: Plan | undefined;
  starchFactor: number;
}) {
  const rules = plan?.rules ?? kitchen.rules;
  const [bench, setBench] = useState(() => benchFor(plan, rules, dish));
  const [potId, setPotId] = useState(plan?.pot.id ?? kitchen.potId);
  const pot = plan?.pot ?? kitchen.pots.find((p) => p.id === potId) ?? kitchen.pots[0];
  if (!pot) return null;
  return (
    <div className="page">
      <div className="page-head">
        <div>
          <h1>How much starch?</h1>
          <p className="soft mb-0">
            {dish ? (
              <>
                The finish of <Link to={`/dish/${dish.id}`}>{dish.name}</Link>
              </>
            ) : (
              'The lid is off, the pieces are out, and the sauce is thin by design.'
            )}
          </p>
        </div>
        {!plan && kitchen.pots.length > 1 && (
          <label className="field">
            <span>Pot</span>
            <select className="form-select" value={potId} onChange={(e) => setPotId(e.target.value)}>
              {kitchen.pots.map((p) => (
                <option key={p.id} value={p.id}>
                  {p.name}
                </option>
              ))}
            </select>
          </label>
        )}
      </div>
      <SauceBench
        bench={bench}
        onBench={(next) => {
          setBench(next);
          if (dish && next.aim !== bench.aim)
            void editDish(dish.id, 'the thickness of the sauce', (d) => ({
              ...d,
              settings: { ...d.settings, aim: next.aim },
            }));
        }}
        pot={pot}
        plan={plan}
        kitchen={kitchen}
        rules={rules}
        starchFactor={starchFactor}
      >
        {(answer) =>
          answer && (
            <>
              {isWorth(answer.dose) && (
                <SpoonShows
                  key={`${answer.input.aimPercent}-${answer.input.sauceG}-${answer.input.thickener}`}
                  input={answer.input}
                  dose={answer.dose}
                  kitchen={kitchen}
                  onSeen={(seen, promised, again) => void rememberSpoon(seen, promised, again)}
                />
              )}
              <BenchTabs
                input={answer.input}
                dose={answer.dose}
                bench={bench}
                onBench={(change) => setBench((b) => ({ ...b, ...change }))}
                plan={plan}
                kitchen={kitchen}
              />
              <Order
                lines={
                  plan
                    ? finishSteps(plan, kitchen, answer.input).map((s) => `${s.title}. ${s.text} ${s.look}`)
                    : BINDING[answer.dose.thickener.how].order.map((line) => sayTemps(line, kitchen.units))
                }
              />
            </>
          )
        }
      </SauceBench>
    </div>
  );
}

/** What is left to do in this dish, sized for the sauce on the bench. */
function finishSteps(plan: Plan, kitchen: Kitchen, input: DoseInput): Plan['steps'] {
  return stepsWithSauce(plan, kitchen, input.sauceG, input.presentPercent, input.thickener).filter(
    (s) => ['thicken', 'dairy', 'finish'].includes(s.phase) && !['measure', 'serve'].includes(s.id),
  );
}

function Order({ lines }: { lines: readonly string[] }) {
  return (
    <details className="bench-order">
      <summary>In this order</summary>
      <ol>
        {lines.map((l) => (
          <li key={l}>{l}</li>
        ))}
      </ol>
    </details>
  );
}
