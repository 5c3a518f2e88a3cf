/** Our own mark: a ladle, half full. */
export function Mark() {
  return (
    <svg viewBox="0 0 32 32" aria-hidden="true">
      <path d="M25 3 19.5 19" fill="none" stroke="var(--accent)" strokeWidth="3" strokeLinecap="round" />
      <path d="M4 17h17a8.5 8.5 0 0 1-17 0z" fill="var(--accent)" />
      <path
        d="M7 20.5c3 1.6 8 1.6 11 0"
        fill="none"
        stroke="var(--enamel)"
        strokeWidth="1.6"
        strokeLinecap="round"
      />
    </svg>
  );
}
