import Button from 'react-bootstrap/Button';
import type { Finding, Fix, Plan } from '../../../core/index';
import { SeverityMark } from '../../parts/SeverityMark';
import { useSay } from '../../parts/Toasts';
import { rememberFood } from '../../store/ownFoods';
import type { EditDish } from './edit';

/** The judgements, worst first, each with its reason and what would mend it. */
export function Findings({
  plan,
  edit,
  onHot,
  onUndo,
}: {
  plan: Plan;
  edit: EditDish;
  onHot: (lineIds: readonly string[]) => void;
  onUndo: () => void;
}) {
  const say = useSay();
  const accepted = (fix: Fix): void => {
    edit(fix.label, fix.apply);
    say(fix.label, { label: 'Undo', run: onUndo });
  };
  const accept = (finding: Finding, index: number): void => {
    const fix = finding.fixes[index];
    if (!fix) return;
    const word = finding.asks;
    if (word && fix.likeId) {
      void rememberFood(word, fix.likeId).then((forget) => {
        if (forget)
          say(`“${word}” is now in your pantry: ${fix.label.toLowerCase()}.`, {
            label: 'Undo',
            run: () => void forget(),
          });
        else accepted(fix);
      });
      return;
    }
    accepted(fix);
  };
  if (!plan.items.length) return <p className="soft">Nothing to judge yet.</p>;
  return (
    <ul className="findings" aria-live="polite">
      {plan.findings.map((f) => (
        <li key={f.id} className={`finding finding-${f.severity}`}>
          <SeverityMark severity={f.severity} />
          <div>
            <h3>
              <button
                type="button"
                className="finding-title"
                onMouseEnter={() => onHot(f.lineIds)}
                onMouseLeave={() => onHot([])}
                onFocus={() => onHot(f.lineIds)}
                onBlur={() => onHot([])}
              >
                {f.text}
              </button>
            </h3>
            <p className="small mb-0">{f.why}</p>
            {f.fixes.length > 0 && (
              <div className="finding-fixes no-print">
                {f.fixes.map((fix, i) => (
                  <Button key={fix.id} size="sm" variant="outline-primary" onClick={() => accept(f, i)}>
                    {fix.label}
                  </Button>
                ))}
              </div>
            )}
          </div>
        </li>
      ))}
    </ul>
  );
}
