import { Link, useParams } from 'react-router';
import { stepsWithSauce, type DoseInput, type Kitchen, type Plan } from '../../../core/index';
import { useTitle } from '../../parts/title';
import { useDish, useKitchen } from '../../store/live';
import { usePlan } from '../../store/plans';
import { OnBench } from './OnBench';

/** The sauce bench for one dish, with what is left to do in it. */
export default function FinishOfDish() {
  const { dishId = '' } = useParams();
  const kitchen = useKitchen();
  const dish = useDish(dishId);
  useTitle(dish ? `${dish.name}: finish` : 'Finish');
  const plan = usePlan(dish, kitchen);
  if (dish === null)
    return (
      <div className="page page-narrow">
        <h1>This dish is not on the shelf</h1>
        <p className="mt-3">
          The bench works without one: <Link to="/finish">any pot of sauce</Link>.
        </p>
      </div>
    );
  if (!kitchen || !dish || !plan) return <p className="loading">One moment…</p>;
  return (
    <OnBench
      key={dishId}
      kitchen={kitchen}
      dish={dish}
      plan={plan}
      starchFactor={plan.calibration.starchFactor}
      stepsFor={(sauce) => finishSteps(plan, kitchen, sauce).map((s) => `${s.title}. ${s.text} ${s.look}`)}
    />
  );
}

/** What is left to do in this dish, sized for the sauce on the bench. */
function finishSteps(plan: Plan, kitchen: Kitchen, input: DoseInput): Plan['steps'] {
  return stepsWithSauce(plan, kitchen, input.sauceG, input.presentPercent, input.thickener).filter(
    (s) => ['thicken', 'dairy', 'finish'].includes(s.phase) && !['measure', 'serve'].includes(s.id),
  );
}
