import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import { formatVolume, heightMm, type Pot, type Kitchen } from '../../../core/index';
import { FigureField } from '../../parts/FigureField';

/** One pot: its figures, every one the household's to correct. */
export function PotCard({
  pot,
  units,
  isUsual,
  isOnly,
  onUsual,
  onChange,
  onRemove,
}: {
  pot: Pot;
  units: Kitchen['units'];
  isUsual: boolean;
  isOnly: boolean;
  onUsual: () => void;
  onChange: (pot: Pot) => void;
  onRemove: () => void;
}) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState(pot.name);
  const figure = (
    key: 'litres' | 'diameterCm' | 'minThinMl' | 'heaterW' | 'lossWPerK' | 'metalJPerK' | 'emptyG',
    label: string,
    unit: string,
    min: number,
    max: number,
  ) => (
    <FigureField
      id={`${pot.id}-${key}`}
      label={label}
      unit={unit}
      value={pot[key]}
      min={min}
      max={max}
      onChange={(v) => onChange({ ...pot, [key]: v })}
    />
  );
  return (
    <li className="pot-card">
      <div className="pot-card-head">
        <div>
          <strong>{pot.name}</strong> {isUsual && <span className="small soft">the usual one</span>}
          <div className="small soft">
            {pot.kind}, {pot.diameterCm} cm across, needs {formatVolume(pot.minThinMl, units)} thin liquid,{' '}
            {Math.round(heightMm(pot))} mm deep
            {pot.altitudeM !== null && `, at ${pot.altitudeM} m`}
          </div>
        </div>
        <div className="d-flex flex-wrap gap-2">
          <Link className="btn btn-quiet btn-sm" to={`/minutes/${pot.id}`}>
            Minutes
          </Link>
          {!isUsual && (
            <Button size="sm" variant="quiet" onClick={onUsual}>
              Make it the usual one
            </Button>
          )}
          <Button size="sm" variant="quiet" aria-expanded={open} onClick={() => setOpen((o) => !o)}>
            {open ? 'Close' : 'Figures'}
          </Button>
        </div>
      </div>
      {open && (
        <div className="kitchen-grid mt-3">
          <Form.Group className="field" controlId={`${pot.id}-name`}>
            <Form.Label>Name</Form.Label>
            <Form.Control
              value={name}
              maxLength={60}
              onChange={(e) => setName(e.target.value)}
              onBlur={() => name.trim() && onChange({ ...pot, name: name.trim() })}
            />
          </Form.Group>
          {figure('litres', 'Holds', 'l', 1, 30)}
          {figure('diameterCm', 'Inside diameter', 'cm', 10, 50)}
          {figure('minThinMl', 'Least thin liquid, by its manual', 'ml', 50, 2000)}
          {figure('heaterW', 'Heat into the pot', 'W', 200, 5000)}
          {figure('lossWPerK', 'Loses, sealed', 'W/K', 0.1, 15)}
          {figure('metalJPerK', 'Its own metal holds', 'J/K', 100, 5000)}
          {figure('emptyG', 'Inner pot weighs, empty', 'g', 0, 10000)}
          <FigureField
            id={`${pot.id}-high`}
            label="High pressure, over the air"
            unit="kPa"
            value={(pot.highKPa[0] + pot.highKPa[1]) / 2}
            min={15}
            max={145}
            onChange={(v) => onChange({ ...pot, highKPa: [v - 5, v + 5] })}
          />
          <FigureField
            id={`${pot.id}-low`}
            label="Low pressure, over the air"
            unit="kPa"
            value={(pot.lowKPa[0] + pot.lowKPa[1]) / 2}
            min={10}
            max={145}
            onChange={(v) => onChange({ ...pot, lowKPa: [v - 5, v + 5] })}
          />
          <Form.Group className="field" controlId={`${pot.id}-kind`}>
            <Form.Label>Kind</Form.Label>
            <Form.Select
              value={pot.kind}
              onChange={(e) => onChange({ ...pot, kind: e.target.value as Pot['kind'] })}
            >
              <option value="electric">electric</option>
              <option value="stovetop">stovetop</option>
            </Form.Select>
          </Form.Group>
          <div className="field">
            <Form.Check
              type="switch"
              id={`${pot.id}-whistles`}
              label="Whistles"
              checked={pot.whistleMin !== null}
              onChange={(e) => onChange({ ...pot, whistleMin: e.target.checked ? 4 : null })}
            />
            {pot.whistleMin !== null && (
              <FigureField
                id={`${pot.id}-whistle`}
                label="One whistle every"
                unit="min"
                value={pot.whistleMin}
                min={0.5}
                max={15}
                onChange={(whistleMin) => onChange({ ...pot, whistleMin })}
              />
            )}
          </div>
          <FigureField
            id={`${pot.id}-fill`}
            label="Maximum fill"
            unit="%"
            value={pot.maxFill * 100}
            min={20}
            max={90}
            onChange={(v) => onChange({ ...pot, maxFill: v / 100 })}
          />
          <FigureField
            id={`${pot.id}-foam`}
            label="Maximum when it foams"
            unit="%"
            value={pot.foamFill * 100}
            min={20}
            max={90}
            onChange={(v) => onChange({ ...pot, foamFill: v / 100 })}
          />
          <Form.Group className="field" controlId={`${pot.id}-liner`}>
            <Form.Label>Liner</Form.Label>
            <Form.Select
              value={pot.liner}
              onChange={(e) => onChange({ ...pot, liner: e.target.value as Pot['liner'] })}
            >
              <option value="steel">steel</option>
              <option value="non-stick">non-stick</option>
            </Form.Select>
          </Form.Group>
          <div className="field">
            <Form.Check
              type="switch"
              id={`${pot.id}-away`}
              label="Stands somewhere else"
              checked={pot.altitudeM !== null}
              onChange={(e) => onChange({ ...pot, altitudeM: e.target.checked ? 0 : null })}
            />
            {pot.altitudeM !== null && (
              <FigureField
                id={`${pot.id}-alt`}
                label="Height there"
                unit="m"
                value={pot.altitudeM}
                min={-400}
                max={5500}
                onChange={(altitudeM) => onChange({ ...pot, altitudeM })}
              />
            )}
          </div>
          {!isOnly && (
            <div className="field align-self-end">
              <Button size="sm" variant="quiet" onClick={onRemove}>
                Remove this pot
              </Button>
            </div>
          )}
        </div>
      )}
    </li>
  );
}
