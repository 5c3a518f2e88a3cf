import { useEffect, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { formatDurationRange, formatVolume, loadPot, type Dish, type Kitchen } from '../../../core/index';
import { SeverityMark } from '../../parts/SeverityMark';
import { useCalibrations } from '../../store/live';
import { planningWorker } from '../../workers/client';
import type { PotAnswer } from '../../workers/planning';
import type { EditDish } from './edit';

/** The dish in every pot of the household, side by side: fits, liquid, time, and what must change; one tap moves it there. */
export function Pots({ dish, kitchen, edit }: { dish: Dish; kitchen: Kitchen; edit: EditDish }) {
  const calibrations = useCalibrations(kitchen);
  const [answers, setAnswers] = useState<PotAnswer[]>();
  useEffect(() => {
    if (!calibrations) return;
    let isCurrent = true;
    void planningWorker()
      .pots(dish, kitchen, calibrations)
      .then((found) => isCurrent && setAnswers(found));
    return () => {
      isCurrent = false;
    };
  }, [dish, kitchen, calibrations]);
  const here = loadPot(dish, kitchen).pot.id;
  if (!answers) return <p className="loading">Trying it in each pot…</p>;
  return (
    <ul className="pot-choices">
      {answers.map((a) => (
        <li key={a.potId} className={a.potId === here ? 'is-here' : ''}>
          <div className="pot-choice-head">
            <h3>
              {a.name} {a.potId === here && <span className="badge-own">in this one</span>}
            </h3>
            {a.potId !== here && (
              <Button
                size="sm"
                variant="outline-primary"
                onClick={() =>
                  edit(`moving it to the ${a.name}`, (d) => ({
                    ...d,
                    settings: { ...d.settings, potId: a.potId },
                  }))
                }
              >
                Move it here
              </Button>
            )}
          </div>
          <dl className="pot-figures">
            <div>
              <dt>Fill line</dt>
              <dd className={a.shareOfLimit > 1 ? 'severity-stop' : ''}>
                {Math.round(a.shareOfLimit * 100)} %
              </dd>
            </div>
            <div>
              <dt>Thin liquid</dt>
              <dd className={a.thinMl < a.needMl ? 'severity-stop' : ''}>
                {formatVolume(a.thinMl, kitchen.units)} of {formatVolume(a.needMl, kitchen.units)}
              </dd>
            </div>
            <div>
              <dt>Floor</dt>
              <dd>{Math.round(a.floorRisk * 100)} %</dd>
            </div>
            <div>
              <dt>Under the lid</dt>
              <dd>{formatDurationRange(a.lidS)}</dd>
            </div>
            <div>
              <dt>To the table</dt>
              <dd>{formatDurationRange(a.totalS)}</dd>
            </div>
            <div>
              <dt>At most</dt>
              <dd>{a.mostPlates} plates</dd>
            </div>
          </dl>
          {a.mustChange.length === 0 ? (
            <p className="small mb-0">Nothing to change.</p>
          ) : (
            <ul className="must-change small">
              {a.mustChange.map((f) => (
                <li key={f.text}>
                  <SeverityMark severity={f.severity} /> {f.text}
                  {f.fix && <span className="soft">. {f.fix} would do</span>}
                </li>
              ))}
            </ul>
          )}
        </li>
      ))}
    </ul>
  );
}
