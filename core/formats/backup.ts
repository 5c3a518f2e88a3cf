import { z } from 'zod';
import { CookEventSchema } from '../cook/events';
import { ReadingSchema } from '../cook/protocol';
import { DishSchema } from '../dish/dish';
import { RevisionSchema } from '../dish/revision';
import { KitchenSchema } from '../kitchen/kitchen';

/** The photo of a cook: the bytes of a JPEG picture in base64. */
const KeptPhotoSchema = z.object({
  cookId: z.string().min(1).max(80),
  jpeg: z
    .string()
    .max(4_000_000)
    .regex(/^[A-Za-z0-9+/]*={0,2}$/, 'not a picture')
    .refine((s) => s.length % 4 === 0, 'breaks off'),
});
export type KeptPhoto = z.infer<typeof KeptPhotoSchema>;

/** Sixty readings of one device in a cook, or what there is of them. */
const KeptReadingsSchema = z.object({
  cookId: z.string().min(1).max(80),
  kitchenId: z.string().max(80),
  kind: z.enum(['cooker', 'probe', 'scale']),
  chunk: z.number().int().min(0).max(100_000),
  list: z.array(ReadingSchema).max(60),
});

/** The file that holds everything of a household: one JSON object, described in docs/formats.md. */
const BackupSchema = z.object({
  format: z.literal('keen-ladle-backup'),
  version: z.literal(1),
  savedAt: z.number().int().nonnegative(),
  kitchen: KitchenSchema,
  dishes: z.array(DishSchema).max(5000),
  events: z.array(CookEventSchema).max(500000),
  revisions: z.array(RevisionSchema).max(50000).default([]),
  photos: z.array(KeptPhotoSchema).max(5000).default([]),
  readings: z.array(KeptReadingsSchema).max(50000).default([]),
});
export type Backup = z.infer<typeof BackupSchema>;

/** What a household is made of: a backup without its heading. */
export type Household = Omit<Backup, 'format' | 'version' | 'savedAt'>;

/** Largest file that is opened, bytes. */
export const MAX_BACKUP_BYTES = 40_000_000;
/** Photos take at most this much of it, characters; the newest are kept. */
const MAX_PHOTOS_CHARS = 20_000_000;

/** A file read, or why not, in a cook's words. */
export type ReadBackup =
  /** `mended` counts events that shared an identity with another and were told apart. */
  { ok: true; backup: Backup; mended: number } | { ok: false; message: string };

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
  const { events, mended } = withOwnIds(read.data.events);
  return { ok: true, backup: { ...read.data, events }, mended };
}

/**
 * Events under identities of their own: the same event twice is one, two that share an identity are told apart, so that reading a
 * file never keeps fewer cooks than it holds. What is taken back by such an identity is the first of them.
 */
function withOwnIds(events: Backup['events']): { events: Backup['events']; mended: number } {
  const seen = new Map<string, string>();
  const taken = new Set(events.map((e) => e.id));
  const out: Backup['events'] = [];
  let mended = 0;
  for (const event of events) {
    const words = JSON.stringify(event);
    const before = seen.get(event.id);
    if (before === words) continue;
    if (before === undefined) {
      seen.set(event.id, words);
      out.push(event);
      continue;
    }
    let n = 2;
    const fresh = (): string => `${event.id.slice(0, 70)}-${n}`;
    while (taken.has(fresh())) n++;
    taken.add(fresh());
    out.push({ ...event, id: fresh() });
    mended++;
  }
  return { events: out, mended };
}

/** What older files may lack. */
type Later = 'revisions' | 'photos' | 'readings';

/** Writes a backup text; reading it back gives the same household. */
export function writeBackup(
  parts: Omit<Backup, 'format' | 'version' | Later> & Partial<Pick<Backup, Later>>,
): string {
  const whole: Backup = {
    format: 'keen-ladle-backup',
    version: 1,
    revisions: [],
    readings: [],
    ...parts,
    photos: newestThatFit(parts.photos ?? []),
  };
  return JSON.stringify(whole, null, 1);
}

/** The last photos that fit into a file, in their order; the oldest come first in the list and are left out first. */
export function newestThatFit(photos: readonly KeptPhoto[], most: number = MAX_PHOTOS_CHARS): KeptPhoto[] {
  let left = most;
  let from = photos.length;
  while (from > 0 && left >= (photos[from - 1] as KeptPhoto).jpeg.length)
    left -= (photos[--from] as KeptPhoto).jpeg.length;
  return photos.slice(from);
}
