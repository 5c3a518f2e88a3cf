import Form from 'react-bootstrap/Form';
import { ALLERGENS, ALLERGEN_NAMES, NEEDS, NEED_FIGURES, type Kitchen } from '../../../core/index';
import type { ChangeKitchen } from './change';

/** Who eats here: what they need and what they must not have. Every dish is judged against it. */
export function People({ kitchen, change }: { kitchen: Kitchen; change: ChangeKitchen }) {
  const toggled = <T,>(list: readonly T[], it: T, on: boolean): T[] =>
    on ? [...list, it] : list.filter((x) => x !== it);
  return (
    <section id="people">
      <h2>Who eats here</h2>
      <p className="soft">
        Every dish is judged against this, and offers what to use instead. For an allergy the label decides,
        always: the pantry knows what is usual, not what is in your cupboard.
      </p>
      <fieldset className="people">
        <legend className="visually-hidden">Needs</legend>
        {NEEDS.map((need) => {
          const figures = NEED_FIGURES[need];
          return (
            <Form.Check
              key={need}
              type="switch"
              id={`need-${need}`}
              label={
                <>
                  {figures.title}{' '}
                  <span className="soft small">
                    {figures.perPlateG ? `at most about ${figures.perPlateG} g a plate` : ''}
                  </span>
                </>
              }
              checked={kitchen.needs.includes(need)}
              onChange={(e) => change({ needs: toggled(kitchen.needs, need, e.target.checked) })}
            />
          );
        })}
      </fieldset>
      <fieldset className="people allergens">
        <legend>Somebody here must not have</legend>
        {ALLERGENS.map((a) => (
          <Form.Check
            key={a}
            type="checkbox"
            id={`allergen-${a}`}
            label={ALLERGEN_NAMES[a]}
            checked={kitchen.allergens.includes(a)}
            onChange={(e) => change({ allergens: toggled(kitchen.allergens, a, e.target.checked) })}
          />
        ))}
      </fieldset>
    </section>
  );
}
