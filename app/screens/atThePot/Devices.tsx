import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  FAULT_NAMES,
  FAULTS,
  formatMass,
  formatTemp,
  loadOf,
  type Command,
  type CookState,
  type Fault,
  type Kitchen,
  type Plan,
  type Step,
} from '../../../core/index';
import { Drawer } from '../../parts/Drawer';
import { useSay } from '../../parts/Toasts';
import {
  makeKitchen,
  removeKitchen,
  setSpeed,
  tellCooker,
  useDevices,
  type PluggedNow,
} from '../../store/devices';
import type { Tell } from './tell';

const SPEEDS = [1, 10, 30, 60, 120];
const STAGES = {
  off: 'Off',
  heating: 'Heats',
  holding: 'Holds',
  'coming-down': 'Comes down',
  venting: 'Vents',
  open: 'Open',
  burn: 'Says it is burning',
  'no-power': 'No power',
} as const;
const SPLASH_ML = 150;

interface Props {
  plan: Plan;
  state: CookState;
  kitchen: Kitchen;
  now: PluggedNow;
  step: Step | null;
  tell: Tell;
}

/** The devices plugged into this cook, or the way to plug some in. */
export function Devices(props: Props) {
  const [isOpen, setOpen] = useState(false);
  const { state } = props;
  return (
    <section className="devices" aria-label="Devices">
      <h2>Devices</h2>
      {state.plugged ? (
        <Plugged {...props} />
      ) : (
        <>
          <p className="soft small mb-1">None plugged in: the cook tells by tapping.</p>
          <Button variant="quiet" size="sm" onClick={() => setOpen(true)}>
            Plug in…
          </Button>
        </>
      )}
      <Drawer title="Plug in" isOpen={isOpen} onClose={() => setOpen(false)}>
        <PlugIn {...props} onDone={() => setOpen(false)} />
      </Drawer>
    </section>
  );
}

function Plugged({ plan, state, kitchen, now, step, tell }: Props) {
  const say = useSay();
  const plugged = state.plugged;
  if (!plugged) return null;
  const { cooker } = now;
  const send = (command: Command): void => {
    void tellCooker(plugged.kitchenId, command).then((trouble) => trouble && say(trouble));
  };
  const minutes = Math.round(plan.heat.holdS / 60);
  const stage = cooker?.stage;
  const idle = stage === 'off' || stage === 'open';
  return (
    <>
      <div
        className={`device-window ${stage === 'burn' ? 'is-burning' : ''}`}
        role="status"
        aria-live="polite"
      >
        <span className="figure">{cooker ? cooker.display || '– –' : '…'}</span>
        <span className="small">
          {now.isConnected
            ? `${cooker ? STAGES[cooker.stage] : 'Waiting'}${cooker ? `, pin ${cooker.pinUp ? 'up' : 'down'}` : ''}`
            : 'Not heard: trying again. Nothing is lost.'}
        </span>
      </div>
      <dl className="device-figures">
        <div>
          <dt>Pressure</dt>
          <dd>{cooker ? `${Math.round(cooker.gaugeKPa)} kPa` : '–'}</dd>
        </div>
        <div>
          <dt>Probe</dt>
          <dd>{now.probeC === null ? '–' : formatTemp(now.probeC, kitchen.units)}</dd>
        </div>
        <div>
          <dt>Scale</dt>
          <dd>{now.grams === null ? '–' : formatMass(now.grams, kitchen.units)}</dd>
        </div>
      </dl>
      <div className="device-buttons">
        {(stage === 'holding' || stage === 'coming-down') && (
          <Button
            size="sm"
            variant={step?.kind === 'release' ? 'primary' : 'outline-primary'}
            onClick={() => send({ do: 'vent' })}
          >
            Vent
          </Button>
        )}
        {cooker?.valve === 'open' && stage === 'heating' && (
          <Button size="sm" onClick={() => send({ do: 'seal' })}>
            Close the valve
          </Button>
        )}
        {(stage === 'heating' || stage === 'holding' || stage === 'burn') && (
          <Button size="sm" variant="outline-primary" onClick={() => send({ do: 'cancel' })}>
            Cancel
          </Button>
        )}
        {idle && state.sealedAt !== null && state.pressureAt === null && (
          <>
            <Button size="sm" variant="outline-primary" onClick={() => send({ do: 'scrape' })}>
              Scrape it
            </Button>
            <Button
              size="sm"
              variant="outline-primary"
              onClick={() => send({ do: 'add-liquid', ml: SPLASH_ML })}
            >
              Pour in {SPLASH_ML} ml
            </Button>
            <Button size="sm" onClick={() => send({ do: 'start', minutes })}>
              Start again, {minutes} min
            </Button>
          </>
        )}
      </div>
      <p className="small soft mb-1">
        {plugged.name}
        {plugged.simulated ? ', simulated: the log learns nothing from it' : ''}.
      </p>
      <div className="d-flex gap-2 align-items-center">
        <Form.Select
          size="sm"
          aria-label="Speed of the clock"
          value={plugged.speed}
          onChange={(e) => {
            const speed = Number(e.target.value);
            void setSpeed(plugged.kitchenId, speed).then((trouble) => {
              if (trouble) say(trouble);
              else tell({ type: 'plugged', ...plugged, speed, wallAt: Date.now() });
            });
          }}
        >
          {[...new Set([...SPEEDS, plugged.speed])]
            .sort((a, b) => a - b)
            .map((s) => (
              <option key={s} value={s}>
                {s} ×
              </option>
            ))}
        </Form.Select>
        <Button size="sm" variant="quiet" onClick={() => tell({ type: 'unplugged', wallAt: Date.now() })}>
          Unplug
        </Button>
      </div>
    </>
  );
}

/** A simulated kitchen made for this dish, or one that stands on the server already. */
function PlugIn({ plan, tell, onDone }: Props & { onDone: () => void }) {
  const say = useSay();
  const { devices, isLoading } = useDevices();
  const [speed, setSpeed_] = useState(1);
  const [seed, setSeed] = useState(() => Math.floor(Math.random() * 1000));
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const [isBusy, setBusy] = useState(false);
  const plug = (kitchenId: string, name: string, at: number, simulated: boolean): void => {
    tell({ type: 'plugged', kitchenId, name, speed: at, simulated, wallAt: Date.now() });
    onDone();
  };
  const make = async (): Promise<void> => {
    setBusy(true);
    const name = `Kitchen no. ${seed}`;
    const made = await makeKitchen({ name, seed, speed, faults: [...faults], load: loadOf(plan) });
    setBusy(false);
    if ('message' in made) say(made.message);
    else plug(made.kitchenId, name, speed, true);
  };
  const standing = (devices ?? []).filter((d) => d.kind === 'cooker');
  return (
    <>
      <p className="small">
        A simulated cooker with a probe and a scale, loaded with this dish. Its true power, losses and filling
        are hidden and differ from the forecast, as they do in life. It never says that food is done.
      </p>
      <Form.Group controlId="sim-speed" className="mb-2">
        <Form.Label>Its clock runs</Form.Label>
        <Form.Select value={speed} onChange={(e) => setSpeed_(Number(e.target.value))}>
          {SPEEDS.map((s) => (
            <option key={s} value={s}>
              {s === 1 ? 'as ours does' : `${s} times as fast`}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      <Form.Group controlId="sim-seed" className="mb-2">
        <Form.Label>Kitchen no.</Form.Label>
        <Form.Control
          type="number"
          min={0}
          max={999999}
          value={seed}
          onChange={(e) => setSeed(Math.min(999_999, Math.max(0, Math.round(Number(e.target.value)) || 0)))}
        />
      </Form.Group>
      <fieldset className="mb-3">
        <legend className="h6">What is wrong with it</legend>
        {FAULTS.map((f) => (
          <Form.Check
            key={f}
            id={`fault-${f}`}
            label={FAULT_NAMES[f]}
            checked={faults.includes(f)}
            onChange={(e) => setFaults(e.target.checked ? [...faults, f] : faults.filter((x) => x !== f))}
          />
        ))}
      </fieldset>
      <Button disabled={isBusy || devices === null} onClick={() => void make()}>
        Plug in a simulated kitchen
      </Button>
      {!isLoading && devices === null && (
        <p className="severity-careful small mt-2" role="alert">
          The server does not answer: devices need it running. The cook goes on without them.
        </p>
      )}
      {standing.length > 0 && (
        <>
          <h3 className="h6 mt-4">Standing there already</h3>
          <ul className="list-unstyled">
            {standing.map((d) => (
              <li key={d.id} className="mb-1">
                {d.name.replace(/: cooker$/, '')} <span className="soft small">{d.speed} ×</span>{' '}
                <button
                  type="button"
                  className="link-button"
                  onClick={() => plug(d.kitchenId, d.name.replace(/: cooker$/, ''), d.speed, d.simulated)}
                >
                  plug in
                </button>{' '}
                <button
                  type="button"
                  className="link-button"
                  aria-label={`Put away ${d.name.replace(/: cooker$/, '')}`}
                  onClick={() => void removeKitchen(d.kitchenId)}
                >
                  put away
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
