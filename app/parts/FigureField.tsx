import { useState } from 'react';
import Form from 'react-bootstrap/Form';

interface Props {
  id: string;
  label: string;
  unit: string;
  value: number;
  min: number;
  max: number;
  onChange: (value: number) => void;
}

/** A figure with its unit. What is typed is kept while it is being typed; only a figure in range is written. */
export function FigureField({ id, label, unit, value, min, max, onChange }: Props) {
  const [draft, setDraft] = useState<string | null>(null);
  const shown = draft ?? String(Math.round(value * 100) / 100);
  const number = Number.parseFloat(shown.replace(',', '.'));
  const bad = !(number >= min && number <= max);
  return (
    <Form.Group className="field" controlId={id}>
      <Form.Label>{label}</Form.Label>
      <span className="unit-field">
        <Form.Control
          inputMode="decimal"
          value={shown}
          isInvalid={bad}
          aria-describedby={bad ? `${id}-bad` : undefined}
          onChange={(e) => {
            setDraft(e.target.value);
            const n = Number.parseFloat(e.target.value.replace(',', '.'));
            if (n >= min && n <= max) onChange(n);
          }}
          onBlur={() => setDraft(null)}
        />
        <span>{unit}</span>
      </span>
      {bad && (
        <span className="small severity-stop" id={`${id}-bad`} role="alert">
          Between {Math.round(min * 100) / 100} and {Math.round(max * 100) / 100} {unit}
        </span>
      )}
    </Form.Group>
  );
}
