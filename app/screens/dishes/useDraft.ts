import { useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { MAX_PAGE_LENGTH } from '../../../core/index';
import { useSay } from '../../parts/Toasts';
import { keepDraft, readDraft, sharedDraft, type Draft } from './draft';

/** What is being written, kept at every letter; what was shared with the app takes its place, and one tap gives it back. */
export function useDraft(): {
  draft: Draft;
  change: (part: Partial<Draft>) => void;
  /** What was read takes the place of what was written; one tap gives that back. */
  takeText: (words: string, what: string) => void;
  clear: () => void;
} {
  const navigate = useNavigate();
  const say = useSay();
  const { search } = useLocation();
  const [before] = useState<Draft>(readDraft);
  const [draft, setDraft] = useState<Draft>(() => sharedDraft(search) ?? before);
  const change = (part: Partial<Draft>): void => {
    const next = { ...draft, ...part };
    setDraft(next);
    keepDraft(next);
  };
  useEffect(() => {
    const shared = sharedDraft(search);
    if (!shared) return;
    keepDraft(shared);
    // What was being written before is one tap away; a reload does not share the same again.
    if (before.text.trim())
      say('This was shared with Keen Ladle.', {
        label: 'Back to what I was writing',
        run: () => {
          setDraft(before);
          keepDraft(before);
        },
      });
    void navigate('/dishes/new', { replace: true });
  }, [search, before, say, navigate]);
  const empty = { text: '', turned: [], which: 0, name: '', plates: null } satisfies Partial<Draft>;
  const takeText = (words: string, what: string): void => {
    const before = draft;
    change({ ...empty, text: words.slice(0, MAX_PAGE_LENGTH) });
    if (before.text.trim())
      say(`${what} took the place of what was written.`, { label: 'Undo', run: () => change(before) });
  };
  const clear = (): void => {
    const before = draft;
    change(empty);
    say('Cleared.', { label: 'Undo', run: () => change(before) });
  };
  return { draft, change, takeText, clear };
}
