import { createContext, useCallback, useContext, useMemo, useRef, useState, type ReactNode } from 'react';
import Button from 'react-bootstrap/Button';

interface Note {
  id: number;
  text: string;
  action?: { label: string; run: () => void };
}
type Say = (text: string, action?: Note['action']) => void;

const SayContext = createContext<Say>(() => undefined);

/** Says a short sentence at the edge of the screen, with an optional way back. */
export function useSay(): Say {
  return useContext(SayContext);
}

const SHOWN_MS = 7000;

/** Holds the notes. They are a polite live region: a screen reader hears them, and nothing jumps. */
export function Toasts({ children }: { children: ReactNode }) {
  const [notes, setNotes] = useState<Note[]>([]);
  const next = useRef(0);
  const drop = useCallback((id: number) => setNotes((all) => all.filter((n) => n.id !== id)), []);
  const say = useCallback<Say>(
    (text, action) => {
      const id = next.current++;
      setNotes((all) => [...all.slice(-2), { id, text, ...(action ? { action } : {}) }]);
      setTimeout(() => drop(id), SHOWN_MS);
    },
    [drop],
  );
  const value = useMemo(() => say, [say]);
  return (
    <SayContext.Provider value={value}>
      {children}
      <div className="toast-stack" role="status" aria-live="polite">
        {notes.map((n) => (
          <div className="toast-note" key={n.id}>
            <span>{n.text}</span>
            {n.action && (
              <Button
                variant="bare"
                size="sm"
                onClick={() => {
                  n.action?.run();
                  drop(n.id);
                }}
              >
                {n.action.label}
              </Button>
            )}
          </div>
        ))}
      </div>
    </SayContext.Provider>
  );
}
