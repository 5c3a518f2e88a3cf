import { useEffect, useState } from 'react';
import type { Kitchen, MinutesRow, Pot } from '../../core/index';
import { startMinutes } from '../workers/client';
import { db } from './db';
import { fingerprint } from './outlookKey';

/** Another build may compute otherwise. */
declare const __BUILD__: string;

/** The table of minutes of a pot, filling row by row the first time and kept for the next. */
export function useMinutes(
  pot: Pot | undefined,
  kitchen: Kitchen | undefined,
): { rows: MinutesRow[]; isWhole: boolean } {
  const [known, setKnown] = useState<{ key: string; rows: MinutesRow[]; isWhole: boolean } | null>(null);
  const key =
    pot && kitchen
      ? fingerprint(JSON.stringify([__BUILD__, pot, kitchen.altitudeM, kitchen.roomC, kitchen.authority]))
      : '';
  useEffect(() => {
    if (!pot || !kitchen) return;
    let drop: (() => void) | undefined;
    let isCurrent = true;
    const cached = `minutes ${pot.id}`;
    const fill = async (): Promise<void> => {
      const kept = (await db.meta.get(cached))?.value as { key: string; rows: MinutesRow[] } | undefined;
      if (!isCurrent) return;
      if (kept?.key === key) return setKnown({ ...kept, isWhole: true });
      const rows: MinutesRow[] = [];
      drop = startMinutes(
        pot,
        kitchen,
        (row) => {
          rows.push(row);
          setKnown({ key, rows: [...rows], isWhole: false });
        },
        () => {
          setKnown({ key, rows: [...rows], isWhole: true });
          void db.meta.put({ key: cached, value: { key, rows } });
        },
      );
    };
    void fill();
    return () => {
      isCurrent = false;
      drop?.();
    };
    // The key says all that the table depends on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return known?.key === key ? known : { rows: [], isWhole: false };
}
