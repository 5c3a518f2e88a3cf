import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  compareCook,
  VERDICTS,
  type CookState,
  type ToldTimes,
  type Verdict,
  formatTemp,
  SAFE_C,
  type Kitchen,
} from '../../../core/index';
import { FigureField } from '../../parts/FigureField';
import { clock } from '../../parts/now';
import { Photo } from '../../parts/Photo';
import { Segments } from '../../parts/Segments';
import type { Tell } from './tell';

const ASKED = [
  ['meat', 'The meat', { under: 'under', right: 'just right', over: 'over' }],
  ['sauce', 'The sauce', { thin: 'too thin', right: 'just right', thick: 'too thick' }],
  ['salt', 'The salt', { low: 'too little', right: 'just right', high: 'too much' }],
] as const;

const STRETCHES = [
  ['comeUpS', 'comeUp', 'Came up in'],
  ['holdS', 'hold', 'Under pressure'],
  ['releaseS', 'release', 'Came down in'],
] as const;
const NOT_TOLD: ToldTimes = { comeUpS: null, holdS: null, releaseS: null };

/** How was it? Three taps and a note; what the log learns from. */
export function VerdictForm({
  state,
  kitchen,
  tell,
  onDone,
}: {
  state: CookState;
  kitchen: Kitchen;
  tell: Tell;
  onDone: () => void;
}) {
  const [verdict, setVerdict] = useState<Verdict>(
    state.verdict ?? { meat: null, sauce: null, salt: null, note: '' },
  );
  const compared = compareCook(state);
  return (
    <article className="step" aria-labelledby="verdict-title">
      <h2 id="verdict-title">How was it?</h2>
      <p className="step-text">Three taps. The log learns from them, and next time’s forecast with it.</p>
      {ASKED.map(([key, label, words]) => (
        <fieldset key={key} className="verdict">
          <legend>{label}</legend>
          <Segments
            name={key}
            label={label}
            value={verdict[key]}
            options={VERDICTS[key].map((id) => ({
              id: id as string,
              label: (words as Record<string, string>)[id] ?? id,
            }))}
            onChange={(id) => setVerdict((v) => ({ ...v, [key]: id }) as Verdict)}
          />
        </fieldset>
      ))}
      {compared && (
        <fieldset className="verdict">
          <legend>How long it really took</legend>
          <p className="soft small mb-2">
            As your taps say. Correct what was tapped late: the forecast learns from these.
          </p>
          <div className="verdict-times">
            {STRETCHES.map(([key, stretch, label]) => (
              <FigureField
                key={key}
                id={key}
                label={label}
                unit="min"
                min={0}
                max={1440}
                value={
                  Math.round(
                    (verdict.times?.[key] ?? compared[stretch].actualS ?? compared[stretch].forecastS) / 6,
                  ) / 10
                }
                onChange={(min) =>
                  setVerdict((v) => ({ ...v, times: { ...(v.times ?? NOT_TOLD), [key]: min * 60 } }))
                }
              />
            ))}
          </div>
        </fieldset>
      )}
      <Form.Group className="field" controlId="note">
        <Form.Label>A note for next time</Form.Label>
        <Form.Control
          as="textarea"
          rows={3}
          maxLength={2000}
          value={verdict.note}
          placeholder="could have fitted twice as much"
          onChange={(e) => setVerdict((v) => ({ ...v, note: e.target.value }))}
        />
      </Form.Group>
      <Photo cookId={state.cookId} name={state.dish?.name ?? 'The dish'} />
      <p className="step-caution mt-3">
        Leftovers: into the refrigerator
        {state.servedAt === null ? ' within 2 hours' : ` by ${clock(state.servedAt + 2 * 3600_000)}`},
        shallow; reheat to {formatTemp(SAFE_C.us.poultry, kitchen.units)} all through; eat within 3–4 days.
      </p>
      <div className="step-buttons">
        <Button
          className="step-done"
          onClick={() => {
            tell({ type: 'verdict', ...verdict }, { type: 'finished' });
            onDone();
          }}
        >
          Into the logbook
        </Button>
      </div>
    </article>
  );
}
