import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  decider,
  formatTemp,
  formatTempDifference,
  minutesMore,
  SAFE_C,
  tempFrom,
  tempIn,
  type CookState,
  type Plan,
} from '../../../core/index';
import { freshId } from '../../store/dishes';
import type { OwnStepProps } from './stepProps';
import type { Tell } from './tell';

/** The thermometer: what it says, what it has to say, and what to do when it falls short. */
export function MeatStep({ plan, kitchen, state, done, tell, plugged }: OwnStepProps) {
  const [text, setText] = useState('');
  const main = decider(plan.kinds, plan.heat);
  const places = [...new Set([...(main ? [main.label] : []), ...plan.meat.map((m) => m.label)])];
  const [where, setWhere] = useState(places[0] ?? '');
  const value = Number.parseFloat(text.replace(',', '.'));
  const tempC = tempFrom(value, kitchen.units);
  const usable = Number.isFinite(tempC) && tempC > -30 && tempC < 130;
  const measured = plan.meat.find((m) => m.label === (state.coreWhere || where)) ?? main;
  const need = measured?.safeC ?? SAFE_C[kitchen.authority].poultry;
  const shown = (c: number): string => String(Math.round(tempIn(c, kitchen.units) * 10) / 10);
  const short = state.coreC !== null && state.coreC < need;
  return (
    <div className="meat-check">
      <Form.Group controlId="core" className="bench-reading">
        <Form.Label>Thickest part of a thick piece</Form.Label>
        <span className="unit-field">
          <Form.Control
            size="lg"
            inputMode="decimal"
            autoComplete="off"
            value={text}
            placeholder={String(Math.round(tempIn(need, kitchen.units)))}
            onChange={(e) => setText(e.target.value.slice(0, 6))}
          />
          <span>°{kitchen.units.temperature}</span>
        </span>
        {places.length > 1 && (
          <Form.Select
            aria-label="Measured in"
            value={where}
            style={{ width: 'auto' }}
            onChange={(e) => setWhere(e.target.value)}
          >
            {places.map((place) => (
              <option key={place}>{place}</option>
            ))}
          </Form.Select>
        )}
        <Button
          variant="outline-primary"
          disabled={!usable}
          onClick={() =>
            tell({ type: 'coreMeasured', tempC: Math.round(tempC * 10) / 10, ...(where ? { where } : {}) })
          }
        >
          Write it down
        </Button>
        {plugged.probeC !== null && (
          <Button variant="quiet" onClick={() => setText(shown(plugged.probeC ?? 0))}>
            The probe says {formatTemp(plugged.probeC, kitchen.units)}
          </Button>
        )}
      </Form.Group>
      {text && !usable && (
        <p className="severity-stop small mb-1" role="alert">
          A temperature in °{kitchen.units.temperature}, please.
        </p>
      )}
      {state.coreC !== null && (
        <p role="status" className={short ? 'severity-stop' : ''}>
          {formatTemp(state.coreC, kitchen.units)} measured
          {state.coreWhere ? ` in the ${state.coreWhere}` : ''}, {formatTemp(need, kitchen.units)} to reach.{' '}
          {short
            ? `Short by ${formatTempDifference(Math.max(1, Math.ceil(need - state.coreC)), kitchen.units)}.`
            : 'Reached, in that piece.'}
        </p>
      )}
      {short && state.coreC !== null && (
        <MoreMinutesFor plan={plan} state={state} coreC={state.coreC} tell={tell} />
      )}
      <Button className="step-done" onClick={() => done()}>
        {state.coreC === null ? `Checked another way` : short ? 'Go on all the same' : 'On with it'}
      </Button>
    </div>
  );
}

/** Short of the temperature: how many minutes more, each way, from the simulation fitted to the reading. */
function MoreMinutesFor({
  plan,
  state,
  coreC,
  tell,
}: {
  plan: Plan;
  state: CookState;
  coreC: number;
  tell: Tell;
}) {
  const more = useMemo(() => {
    const heldS =
      state.pressureAt && state.holdEndedAt ? (state.holdEndedAt - state.pressureAt) / 1000 : plan.heat.holdS;
    const minutes = Math.min(180, Math.max(0, Math.round(heldS / 60)));
    return minutesMore(plan.heating, { minutes, lead: plan.heat.lead }, coreC);
  }, [plan, state.pressureAt, state.holdEndedAt, coreC]);
  const start = (name: string, minutes: number): void =>
    tell({ type: 'timerStarted', timerId: freshId(), name, seconds: Math.max(60, Math.round(minutes * 60)) });
  const { simmerMin, pressureMin, pressureInAllMin } = more;
  return (
    <div className="meat-more">
      <p className="mb-2">
        By the reading the pieces heat as if they were {Math.round((more.thicker - 1) * 100)} % thicker than
        thought. An estimate: measure again afterwards, in the thickest piece.
      </p>
      <div className="d-flex flex-wrap gap-2 mb-2">
        {simmerMin !== null && (
          <Button variant="outline-primary" onClick={() => start('Simmer on', simmerMin)}>
            Simmer about {simmerMin} min
          </Button>
        )}
        {pressureMin !== null && pressureInAllMin !== null && (
          <Button variant="outline-primary" onClick={() => start('Second lid', pressureInAllMin)}>
            Or {Math.max(1, pressureMin)} min under pressure, {pressureInAllMin} in all
          </Button>
        )}
        {simmerMin === null && pressureMin === null && (
          <p className="severity-stop mb-0">
            An hour would not mend that: cut the pieces small, or leave it off. Was it a frozen lump?
          </p>
        )}
      </div>
    </div>
  );
}
