import { useRef, useState, type ReactNode } from 'react';
import Dropdown from 'react-bootstrap/Dropdown';

/** A menu behind one word. The tap that opens it never closes it, however late the page gets round to listening. */
export function Menu({ label, children }: { label: string; children: ReactNode }) {
  const [isOpen, setOpen] = useState(false);
  const openedBy = useRef<number | null>(null);
  return (
    <Dropdown
      show={isOpen}
      onToggle={(next, { originalEvent, source }) => {
        const at = (originalEvent as Event | undefined)?.timeStamp ?? null;
        if (next) openedBy.current = at;
        else if (source === 'rootClose' && at !== null && at === openedBy.current) return;
        setOpen(next);
      }}
    >
      <Dropdown.Toggle variant="quiet" size="sm">
        {label}
      </Dropdown.Toggle>
      <Dropdown.Menu>{children}</Dropdown.Menu>
    </Dropdown>
  );
}
