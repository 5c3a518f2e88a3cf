import { z } from 'zod';
import { CookEventSchema } from '../cook/events';
import { DishSchema } from '../dish/dish';
import { RevisionSchema } from '../dish/revision';
import { KitchenSchema } from '../plan/kitchen';

/** The file that holds everything of a household: one JSON object, described in docs/formats.md. */
export const BackupSchema = z.object({
  format: z.literal('keen-ladle-backup'),
  version: z.literal(1),
  savedAt: z.number().int().nonnegative(),
  kitchen: KitchenSchema,
  dishes: z.array(DishSchema).max(5000),
  events: z.array(CookEventSchema).max(500000),
  revisions: z.array(RevisionSchema).max(50000).default([]),
});
export type Backup = z.infer<typeof BackupSchema>;

/** Largest file that is opened, bytes. */
export const MAX_BACKUP_BYTES = 40_000_000;

/** A file read, or why not, in a cook's words. */
export type ReadBackup = { ok: true; backup: Backup } | { ok: false; message: string };

/** Checks a backup text. Never throws; a refusal says what is wrong and that nothing was changed. */
export function readBackup(text: string): ReadBackup {
  const unchanged = 'Nothing was changed.';
  if (text.length > MAX_BACKUP_BYTES)
    return { ok: false, message: `This file is larger than a kitchen’s backup can be. ${unchanged}` };
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return {
      ok: false,
      message: `This file is damaged or is not a backup: it breaks off or holds something else. ${unchanged}`,
    };
  }
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(data);
  if (!head.success || head.data.format !== 'keen-ladle-backup')
    return { ok: false, message: `This is not a Keen Ladle backup. ${unchanged}` };
  if (head.data.version !== 1)
    return {
      ok: false,
      message: `This backup was made by a newer version (${head.data.version}). Update first. ${unchanged}`,
    };
  const read = BackupSchema.safeParse(data);
  if (!read.success) {
    const where = read.error.issues[0]?.path.slice(0, 4).join(' › ') || 'the start';
    return { ok: false, message: `Part of this backup does not read (at ${where}). ${unchanged}` };
  }
  const ids = new Set(read.data.dishes.map((d) => d.id));
  if (ids.size !== read.data.dishes.length)
    return { ok: false, message: `Two dishes in this backup share one identity. ${unchanged}` };
  return { ok: true, backup: read.data };
}

/** Writes a backup text; reading it back gives the same household. */
export function writeBackup(
  parts: Omit<Backup, 'format' | 'version' | 'revisions'> & Partial<Pick<Backup, 'revisions'>>,
): string {
  return JSON.stringify(
    { format: 'keen-ladle-backup', version: 1, revisions: [], ...parts } satisfies Backup,
    null,
    1,
  );
}
