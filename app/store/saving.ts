import {
  MAX_ARCHIVE_BYTES,
  type ArchivedHousehold,
  type ArchivedPhoto,
  type Calibration,
  type Compared,
  type Kitchen,
} from '../../core/index';
import { planningWorker } from '../workers/client';
import { addTo, everythingHere, replaceWith, type HouseholdHere, type PutBack } from './backup';
import { db, type PhotoRow } from './db';

/** When everything was last saved to a file, epoch ms. */
const SAVED_AT = 'savedAt';

const asPhotos = (photos: readonly ArchivedPhoto[]): PhotoRow[] =>
  photos.map(({ cookId, jpeg }) => ({
    cookId,
    image: new Blob([new Uint8Array(jpeg)], { type: 'image/jpeg' }),
  }));

async function withBytes({ photos, ...rest }: Required<HouseholdHere>): Promise<ArchivedHousehold> {
  const bytes = photos.map(async ({ cookId, image }) => ({
    cookId,
    jpeg: new Uint8Array(await image.arrayBuffer()),
  }));
  return { ...rest, photos: await Promise.all(bytes) };
}

/** Everything as the bytes of one file. */
export async function exportAll(): Promise<Uint8Array<ArrayBuffer>> {
  const bytes = await planningWorker().packed(await withBytes(await everythingHere()), Date.now());
  return new Uint8Array(bytes);
}

/** All dishes as one text that anybody can read and print, by their names. */
export async function bookOfDishes(
  kitchen: Kitchen,
  calibrations: ReadonlyMap<string, Calibration>,
): Promise<string> {
  const dishes = (await db.dishes.toArray()).sort((a, b) => a.name.localeCompare(b.name));
  return planningWorker().book('Our dishes', dishes, kitchen, calibrations);
}

/** Writes down that everything was saved to a file just now. */
export async function wasSaved(): Promise<void> {
  await db.meta.put({ key: SAVED_AT, value: Date.now() });
}

/** When everything was last saved to a file, epoch ms; null when it never was. */
export async function lastSaved(): Promise<number | null> {
  const at = (await db.meta.get(SAVED_AT))?.value;
  return typeof at === 'number' ? at : null;
}

/** Since when a dish of the household's own, or a cook of it, is in no file: epoch ms; null where all is saved or nothing is its own. */
export async function unsavedSince(): Promise<number | null> {
  const saved = (await lastSaved()) ?? 0;
  const changed = (await db.dishes.filter((d) => !d.demo && d.updatedAt > saved).toArray()).map(
    (d) => d.updatedAt,
  );
  return changed.length ? Math.min(...changed) : null;
}

/** A saved file that was opened and not taken yet: what it holds, what it would change, and the two ways to take it. */
export interface OpenedFile {
  ok: true;
  savedAt: number;
  dishes: number;
  cooks: number;
  photos: number;
  /** Events that shared an identity with another and were told apart. */
  mended: number;
  compared: Compared;
  /** Puts it in place of everything that is here. */
  replace: () => Promise<PutBack>;
  /** Joins it with what is here: nothing of either is lost. */
  join: () => Promise<PutBack>;
}

/** Opens a saved file and changes nothing. Anything wrong with it gives a sentence. */
export async function openSaved(file: Blob): Promise<OpenedFile | { ok: false; message: string }> {
  if (file.size > MAX_ARCHIVE_BYTES)
    return { ok: false, message: 'This file is larger than a kitchen’s backup can be. Nothing was changed.' };
  const here = await everythingHere();
  const read = await planningWorker().opened(
    new Uint8Array(await file.arrayBuffer()),
    here.dishes,
    here.events,
  );
  if (!read.ok) return read;
  const { backup, photos, mended, compared } = read;
  return {
    ok: true,
    savedAt: backup.savedAt,
    dishes: backup.dishes.length,
    cooks: compared.cooks.added + compared.cooks.same,
    photos: photos.length,
    mended,
    compared,
    replace: () => replaceWith({ ...backup, photos: asPhotos(photos) }),
    join: async () => {
      const now = await withBytes(await everythingHere());
      const whole = await planningWorker().joined(now, { ...backup, photos });
      return addTo({ ...whole, photos: asPhotos(whole.photos) });
    },
  };
}
