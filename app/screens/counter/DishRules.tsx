import { useEffect, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  concernsDish,
  SCHOOLS,
  type Dish,
  type HouseRules,
  type Kitchen,
  type Plan,
  type SchoolForDish,
} from '../../../core/index';
import { Consequences } from '../../parts/Consequences';
import { planningWorker } from '../../workers/client';
import type { EditDish } from './edit';

/** The schools that have something to decide in this dish, each option planned for real: what it would change here. */
export function DishRules({
  dish,
  plan,
  kitchen,
  edit,
}: {
  dish: Dish;
  plan: Plan;
  kitchen: Kitchen;
  edit: EditDish;
}) {
  const worked = useWorkedOut(dish, plan, kitchen);
  const choose = (id: keyof HouseRules, option: string | undefined, label: string): void =>
    edit(label, (d) => {
      const { [id]: _was, ...rest } = d.rules;
      return { ...d, rules: option === undefined ? rest : { ...rest, [id]: option } };
    });
  return (
    <div className="dish-rules">
      <p className="soft small">
        The household’s rules hold unless this dish says otherwise. Under each choice stands what it would
        change in this dish, in this pot.
      </p>
      {SCHOOLS.filter((school) => concernsDish(school.id, plan)).map((school) => {
        const isOverridden = dish.rules[school.id] !== undefined;
        const household = kitchen.rules[school.id];
        const chosen = plan.rules[school.id];
        const changes = worked?.find((s) => s.school.id === school.id)?.options;
        return (
          <fieldset key={school.id}>
            <legend>
              {school.title}
              {isOverridden && <span className="badge-own">this dish only</span>}
            </legend>
            {school.options.map((o, i) => (
              <div key={o.id} className="dish-rule">
                <Form.Check
                  type="radio"
                  name={`dish-${school.id}`}
                  id={`dish-${school.id}-${o.id}`}
                  checked={o.id === chosen}
                  onChange={() =>
                    choose(school.id, o.id === household ? undefined : o.id, `${school.title}: ${o.label}`)
                  }
                  label={
                    <>
                      {o.label} <span className="soft small">{o.cost}</span>
                    </>
                  }
                />
                <Consequences list={changes?.[i]?.consequences.slice(0, 4) ?? []} />
              </div>
            ))}
            {isOverridden && (
              <Button
                size="sm"
                variant="bare"
                onClick={() => choose(school.id, undefined, `${school.title}: as the household does`)}
              >
                As the household does
              </Button>
            )}
          </fieldset>
        );
      })}
    </div>
  );
}

/** Every option planned for real, away from the screen; the last answer stays until the next one is there. */
function useWorkedOut(dish: Dish, plan: Plan, kitchen: Kitchen): SchoolForDish[] | undefined {
  const [worked, setWorked] = useState<SchoolForDish[]>();
  const { calibration } = plan;
  useEffect(() => {
    let isCurrent = true;
    void planningWorker()
      .schools(dish, kitchen, calibration)
      .then((answer) => isCurrent && setWorked(answer));
    return () => {
      isCurrent = false;
    };
  }, [dish, kitchen, calibration]);
  return worked;
}
