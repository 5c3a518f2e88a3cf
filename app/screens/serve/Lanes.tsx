import type { Meal, MealTask } from '../../../core/index';

const LANES: readonly { name: string; holds: (t: MealTask) => boolean }[] = [
  { name: 'Hands', holds: (t) => t.hands && t.who === 0 },
  { name: 'More hands', holds: (t) => t.hands && t.who === 1 },
  { name: 'Pot', holds: (t) => t.side === null && !t.hands },
  { name: 'Stove', holds: (t) => t.side !== null && t.uses === 'burner' },
  { name: 'Oven', holds: (t) => t.uses === 'oven' },
  { name: 'Stands', holds: (t) => t.side !== null && !t.hands && t.uses === 'none' },
];
/** Marks on the time axis, s. */
const MARK_S = 15 * 60;
/** A block narrower than this share of the width has no room for words. */
const TELLS = 0.05;

/** Who and what is busy when: one lane for hands, pot, stove and oven. The timetable below says the same in words. */
export function Lanes({ meal, at }: { meal: Meal; at: (seconds: number) => string }) {
  const { lengthS, tasks } = meal;
  if (!tasks.length) return null;
  const marks = Array.from({ length: Math.floor(lengthS / MARK_S) + 1 }, (_, i) => lengthS - i * MARK_S);
  return (
    <div className="lanes" aria-hidden="true">
      <div className="lane lane-marks">
        <span />
        <div>
          {marks.map((s, i) => (
            <span key={s} style={{ left: `${(100 * s) / lengthS}%` }} className={i === 0 ? 'is-last' : ''}>
              {i % Math.ceil(marks.length / 7) === 0 ? at(s) : ''}
            </span>
          ))}
        </div>
      </div>
      {LANES.map((lane) => {
        const mine = tasks.filter(lane.holds);
        if (!mine.length) return null;
        const rows = stacked(mine);
        const deep = Math.max(...rows) + 1;
        return (
          <div className="lane" key={lane.name}>
            <span>{lane.name}</span>
            <div style={{ height: `${deep * 1.7}rem` }}>
              {mine.map((t, i) => {
                const share = (t.endS - t.startS) / lengthS;
                return (
                  <span
                    key={t.id}
                    className={`lane-block ${t.hands ? 'is-hands' : ''} ${t.side ? 'is-side' : ''}`}
                    style={{
                      left: `${(100 * t.startS) / lengthS}%`,
                      width: `${100 * share}%`,
                      top: `${(rows[i] ?? 0) * 1.7}rem`,
                    }}
                    title={t.name}
                  >
                    {share > TELLS ? t.name : ''}
                  </span>
                );
              })}
            </div>
          </div>
        );
      })}
    </div>
  );
}

/** The row of each task, so that tasks at the same time lie below each other. */
function stacked(tasks: readonly MealTask[]): number[] {
  const ends: number[] = [];
  return tasks.map((t) => {
    const row = ends.findIndex((end) => end <= t.startS + 1);
    const mine = row < 0 ? ends.length : row;
    ends[mine] = t.endS;
    return mine;
  });
}
