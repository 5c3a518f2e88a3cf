import { useState } from 'react';
import { Link } from 'react-router';
import {
  BINDING,
  isWorthStirring,
  type Dish,
  type DoseInput,
  type Kitchen,
  type Plan,
  sayTemps,
} from '../../../core/index';
import { editDish } from '../../store/dishes';
import { rememberSpoon } from '../../store/household';
import { benchFor } from './bench';
import { BenchTabs } from './BenchTabs';
import { SauceBench } from './SauceBench';
import { SpoonShows } from './SpoonShows';

/** The bench with its pot, its answer, and the order of what is to be done. */
export function OnBench({
  kitchen,
  dish,
  plan,
  starchFactor,
  stepsFor,
}: {
  kitchen: Kitchen;
  dish?: Dish;
  plan?: Plan;
  starchFactor: number;
  /** What is left to do in the dish, for a sauce as it is on the bench. */
  stepsFor?: (sauce: DoseInput) => string[];
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
              {isWorthStirring(answer.dose) && (
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
                order={
                  stepsFor?.(answer.input) ??
                  BINDING[answer.dose.thickener.how].order.map((line) => sayTemps(line, kitchen.units))
                }
              />
            </>
          )
        }
      </SauceBench>
    </div>
  );
}
