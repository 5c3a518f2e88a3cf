import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useNavigate, useParams } from 'react-router';
import { boilingC, airKPa, CUTS, formatTemp, MINUTES_SIZES, SAFE_C } from '../../../core/index';
import { useKitchen } from '../../store/live';
import { useMinutes } from '../../store/minutes';
import { Segments } from '../../parts/Segments';
import { useTitle } from '../../parts/title';

const STATES = [
  { id: 'fresh', label: 'In pieces' },
  { id: 'cubes', label: 'In cubes' },
  { id: 'frozen', label: 'Frozen, loose' },
] as const;
const DASHES = {
  fresh: 'A dash: minced meat has no thickness of its own; see the dish.',
  cubes: 'A dash: nobody cubes it. Cubes of poultry are vented at once, so they stay a little longer.',
  frozen: 'A dash: too thick to be predicted frozen. Lumps, joints and whole birds are thawed first.',
} as const;
const RELEASES = { quick: 'vent', ten: '10, then vent', natural: 'natural' } as const;

/** The household's own table of minutes: every cut by thickness, computed for one pot where it stands. */
export default function Minutes() {
  useTitle('Minutes under pressure');
  const { potId = '' } = useParams();
  const navigate = useNavigate();
  const kitchen = useKitchen();
  const pot = kitchen?.pots.find((p) => p.id === potId) ?? kitchen?.pots.find((p) => p.id === kitchen.potId);
  const { rows, isWhole } = useMinutes(pot, kitchen);
  const [words, setWords] = useState('');
  const [state, setState] = useState<'fresh' | 'cubes' | 'frozen'>('fresh');
  const shown = useMemo(
    () => rows.filter((r) => r.name.toLowerCase().includes(words.trim().toLowerCase())),
    [rows, words],
  );
  if (!kitchen || !pot) return <p className="loading">Looking for the pot…</p>;
  const altitudeM = pot.altitudeM ?? kitchen.altitudeM;
  const boils = boilingC(airKPa(altitudeM));
  return (
    <div className="page minutes">
      <div className="page-head">
        <div>
          <h1>Minutes under pressure</h1>
          <p className="soft mb-0">
            One kilo in hot thin sauce in the {pot.name}, {altitudeM} m up, where water boils at{' '}
            {formatTemp(boils, kitchen.units)}. Computed, not copied; the thermometer decides (
            {SAFE_C[kitchen.authority].name}: poultry{' '}
            {formatTemp(SAFE_C[kitchen.authority].poultry, kitchen.units)}, ground{' '}
            {formatTemp(SAFE_C[kitchen.authority].ground, kitchen.units)}, whole cuts{' '}
            {formatTemp(SAFE_C[kitchen.authority].whole, kitchen.units)}), and your pot’s manual comes first.
          </p>
        </div>
        <div className="d-flex gap-2 no-print">
          <Button variant="quiet" onClick={() => print()}>
            Print
          </Button>
        </div>
      </div>
      <div className="minutes-knobs no-print">
        <Form.Select
          aria-label="Pot"
          value={pot.id}
          onChange={(e) => void navigate(`/minutes/${e.target.value}`, { replace: true })}
        >
          {kitchen.pots.map((p) => (
            <option key={p.id} value={p.id}>
              {p.name}
            </option>
          ))}
        </Form.Select>
        <Form.Control
          type="search"
          aria-label="Find a cut"
          placeholder="Find a cut"
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
        <Segments
          name="minutes-state"
          label="How it goes in"
          value={state}
          options={STATES}
          onChange={setState}
        />
        <span className="small soft" aria-live="polite">
          {isWhole ? `${rows.length} cuts` : `Computing: ${rows.length} of ${CUTS.length}…`}
        </span>
      </div>
      <div className="minutes-scroll">
        <table className="clock-table minutes-table">
          <thead>
            <tr>
              <th scope="col">Cut</th>
              <th scope="col" className="is-wide">
                Release
              </th>
              {MINUTES_SIZES.map((mm) => (
                <th scope="col" key={mm}>
                  {mm} mm
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map((row) => (
              <tr key={row.cutId}>
                <th scope="row">
                  {row.name}{' '}
                  <span className="soft small">
                    usually {row.usualMm} mm
                    <span className="is-narrow">; {RELEASES[row.release]}</span>
                  </span>
                </th>
                <td className="is-wide">{RELEASES[row.release]}</td>
                {row[state].map((min, i) => (
                  <td key={MINUTES_SIZES[i]}>{min ?? '–'}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {isWhole && shown.length === 0 && <p className="soft mt-3">No cut of that name.</p>}
      {isWhole && <p className="small soft mt-2">{DASHES[state]}</p>}
    </div>
  );
}
