import { useMemo } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { schoolsFor, type Dish, type HouseRules, type Kitchen, type Plan } from '../../../core/index';
import { Consequences } from '../../parts/Consequences';
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
  const schools = useMemo(
    () => schoolsFor(dish, kitchen, plan, { calibration: plan.calibration }),
    [dish, kitchen, plan],
  );
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
      {schools.map(({ school, options, isOverridden, household }) => (
        <fieldset key={school.id}>
          <legend>
            {school.title}
            {isOverridden && <span className="badge-own">this dish only</span>}
          </legend>
          {options.map((o) => (
            <div key={o.id} className="dish-rule">
              <Form.Check
                type="radio"
                name={`dish-${school.id}`}
                id={`dish-${school.id}-${o.id}`}
                checked={o.isChosen}
                onChange={() =>
                  choose(school.id, o.id === household ? undefined : o.id, `${school.title}: ${o.label}`)
                }
                label={
                  <>
                    {o.label} <span className="soft small">{o.cost}</span>
                  </>
                }
              />
              <Consequences list={o.consequences.slice(0, 4)} />
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
      ))}
    </div>
  );
}
