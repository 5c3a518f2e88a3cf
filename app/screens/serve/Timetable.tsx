import { formatDuration, type Meal, type MealWish } from '../../../core/index';

/** The meal as a list by the clock, each task with what it wants; ticked ones are left out of what is planned. */
export function Timetable({
  meal,
  at,
  wish,
  ticked,
  onTick,
  doneBefore,
}: {
  meal: Meal;
  at: (seconds: number) => string;
  wish: MealWish;
  ticked: ReadonlySet<string>;
  onTick: (id: string) => void;
  doneBefore: Meal['yesterday'];
}) {
  return (
    <>
      {doneBefore.length > 0 && (
        <section className="serve-before" aria-label="The day before">
          <h2 className="h6">{wish.yesterday ? 'Done the day before' : 'Could be done the day before'}</h2>
          <ul>
            {doneBefore.map((t) => (
              <li key={`${t.side ?? ''}${t.name}`}>
                {t.side ? `${t.side}: ` : ''}
                {t.name} <span className="soft">({formatDuration(t.minutes * 60)})</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <ol className="timetable">
        {meal.tasks.map((t) => (
          <li key={t.id} className={t.side ? 'is-side' : ''}>
            <time>{at(t.startS)}</time>
            <div>
              <span>
                {t.side && <span className="soft">{t.side}: </span>}
                {t.name}
              </span>{' '}
              <span className="small soft">
                {formatDuration(t.endS - t.startS)}
                {t.hands
                  ? wish.hands === 2
                    ? `, ${t.who === 0 ? 'first' : 'second'} pair of hands`
                    : ''
                  : ', hands free'}
                {t.uses === 'burner' ? ', on the stove' : t.uses === 'oven' ? ', in the oven' : ''}
              </span>
              {t.waitsS >= 60 && (
                <div className="small severity-careful">
                  Stands {formatDuration(t.waitsS)} longer than it likes. {t.note}
                </div>
              )}
            </div>
            <button
              type="button"
              className="link-button small no-print"
              aria-label={`Done already: ${t.name}`}
              onClick={() => onTick(t.id)}
            >
              done
            </button>
          </li>
        ))}
        <li className="is-table">
          <time>{at(meal.lengthS)}</time>
          <strong>Table</strong>
        </li>
      </ol>
      {ticked.size > 0 && (
        <p className="small no-print">
          {ticked.size} done already and left out.{' '}
          <button type="button" className="link-button" onClick={() => ticked.forEach(onTick)}>
            Put them back
          </button>
        </p>
      )}
    </>
  );
}
