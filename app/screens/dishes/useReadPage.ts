import { useEffect, useMemo, useState } from 'react';
import { pantryFor, readPage, type Kitchen, type PartKind, type ReadPage } from '../../../core/index';
import { startPage } from '../../workers/client';

/** A text longer than this is read in the worker, so that typing in it goes on, letters. */
const LONG_TEXT = 20_000;

/** A page being read. */
interface Reading {
  page: ReadPage;
  /** Share of a long page that is read so far; null when all of it is, or none is being read. */
  share: number | null;
  /** Leaves off reading this text; what is typed next is read again. */
  stop: () => void;
  isStopped: boolean;
}

/** Tells a text apart while it is written: at once where it is short, in the worker where it is long. */
export function useReadPage(
  text: string,
  ownFoods: Kitchen['ownFoods'],
  turned: ReadonlyMap<number, PartKind>,
): Reading {
  const pantry = pantryFor({ ownFoods });
  const isLong = text.length > LONG_TEXT;
  const short = useMemo(
    () => (isLong ? null : readPage(text, pantry, turned)),
    [isLong, text, pantry, turned],
  );
  // A new text, or a line that was turned, is a new map of what was turned: it names the reading.
  const [long, setLong] = useState<{ of: object; page: ReadPage } | null>(null);
  const [told, setTold] = useState<{ of: object; share: number } | null>(null);
  const [stopped, setStopped] = useState<object | null>(null);
  const isStopped = isLong && stopped === turned;
  useEffect(() => {
    if (!isLong || isStopped) return undefined;
    return startPage(
      { text, ownFoods, turned },
      (share) => setTold({ of: turned, share }),
      (page) => setLong({ of: turned, page }),
    );
  }, [isLong, isStopped, text, ownFoods, turned]);
  const empty = useMemo(() => readPage('', pantry), [pantry]);
  const isDone = !isLong || long?.of === turned;
  return {
    page: short ?? long?.page ?? empty,
    share: isDone || isStopped ? null : told?.of === turned ? told.share : 0,
    stop: () => setStopped(turned),
    isStopped: isStopped && !isDone,
  };
}
