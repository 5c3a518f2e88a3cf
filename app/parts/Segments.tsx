/** A choice of a few, side by side: radio buttons, so the arrow keys work. */
export function Segments<T extends string>({
  name,
  label,
  value,
  options,
  onChange,
}: {
  name: string;
  label: string;
  value: T | null;
  options: readonly { id: T; label: string }[];
  onChange: (value: T) => void;
}) {
  return (
    <div className="segments" role="radiogroup" aria-label={label}>
      {options.map((o) => (
        <label key={o.id}>
          <input type="radio" name={name} checked={value === o.id} onChange={() => onChange(o.id)} />
          <span>{o.label}</span>
        </label>
      ))}
    </div>
  );
}
