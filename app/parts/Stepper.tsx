import { formatNumber } from '../../core/index';

/** A number with a minus and a plus, for wet thumbs. */
export function Stepper({
  value,
  min,
  max,
  step = 1,
  unit,
  label,
  onChange,
}: {
  value: number;
  min: number;
  max: number;
  step?: number;
  unit: string;
  label: string;
  onChange: (value: number) => void;
}) {
  const set = (v: number): void => onChange(Math.min(max, Math.max(min, Math.round(v * 10) / 10)));
  return (
    <div className="stepper" role="group" aria-label={label}>
      <button
        type="button"
        aria-label={`Less: ${label}`}
        disabled={value <= min}
        onClick={() => set(value - step)}
      >
        −
      </button>
      <output aria-live="polite">
        <strong>{formatNumber(value)}</strong> {unit}
      </output>
      <button
        type="button"
        aria-label={`More: ${label}`}
        disabled={value >= max}
        onClick={() => set(value + step)}
      >
        +
      </button>
    </div>
  );
}
