import crc32 from 'crc-32';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { z } from 'zod';
import { MAX_ARCHIVE_BYTES } from './limits';
import { MAX_BACKUP_BYTES, readBackup, writeBackup, type Backup, type Household } from './backup';

/** The photo of a cook as it lies in an archive: the bytes of a JPEG picture. */
export interface ArchivedPhoto {
  cookId: string;
  jpeg: Uint8Array;
}

/** A household with its photos as bytes: what an archive holds. */
export type ArchivedHousehold = Omit<Household, 'photos'> & { photos: readonly ArchivedPhoto[] };

/** The most an archive may unpack to, bytes: a few hundred photos and years of cooks. */
const MAX_UNPACKED_BYTES = 400_000_000;
/** Most files in one: five thousand photos, the kitchen and the list. */
const MAX_FILES = 5_010;

const KITCHEN = 'kitchen.json';
const LIST = 'contents.json';
const PHOTOS = 'photos/';

/** What lies in an archive, each with its length and its sum (CRC-32, unsigned), so that damage is seen when it is read. */
const ContentsSchema = z.object({
  format: z.literal('keen-ladle-archive'),
  version: z.literal(1),
  files: z
    .array(
      z.object({
        name: z.string().min(1).max(80),
        bytes: z.number().int().nonnegative(),
        crc32: z.number().int().nonnegative(),
        cookId: z.string().min(1).max(80).optional(),
      }),
    )
    .max(MAX_FILES),
});

const sumOf = (bytes: Uint8Array): number => crc32.buf(bytes) >>> 0;

/** True of bytes that begin as a zip file does. */
export const isArchive = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

/**
 * Everything of a household as a zip file: `kitchen.json` as in docs/formats.md, each photo beside it as a JPEG file, and
 * `contents.json` with the length and the sum of each.
 */
export function writeArchive(household: ArchivedHousehold, savedAt: number): Uint8Array {
  const { photos, ...rest } = household;
  const kitchen = strToU8(writeBackup({ ...rest, savedAt }));
  const pictures = photos.slice(0, MAX_FILES - 10).map((photo, i) => ({
    ...photo,
    name: `${PHOTOS}${String(i + 1).padStart(4, '0')}.jpg`,
  }));
  const contents: z.infer<typeof ContentsSchema> = {
    format: 'keen-ladle-archive',
    version: 1,
    files: [
      { name: KITCHEN, bytes: kitchen.length, crc32: sumOf(kitchen) },
      ...pictures.map(({ name, jpeg, cookId }) => ({
        name,
        bytes: jpeg.length,
        crc32: sumOf(jpeg),
        cookId,
      })),
    ],
  };
  return zipSync({
    [LIST]: strToU8(JSON.stringify(contents, null, 1)),
    [KITCHEN]: kitchen,
    // A picture is packed already.
    ...Object.fromEntries(pictures.map(({ name, jpeg }) => [name, [jpeg, { level: 0 }] as const])),
  });
}

/** An archive read, or why not, in a cook's words. */
export type ReadArchive =
  | { ok: true; backup: Omit<Backup, 'photos'>; photos: ArchivedPhoto[]; mended: number }
  | { ok: false; message: string };

const UNCHANGED = 'Nothing was changed.';
const refuse = (why: string): ReadArchive => ({ ok: false, message: `${why} ${UNCHANGED}` });

/** Reads an archive, or the one text that older versions saved. Never throws; `toBytes` turns base64 into bytes. */
export function readSaved(bytes: Uint8Array, toBytes: (base64: string) => Uint8Array): ReadArchive {
  if (isArchive(bytes)) return readArchive(bytes);
  if (bytes.length > MAX_BACKUP_BYTES) return refuse('This file is larger than a kitchen’s backup can be.');
  const read = readBackup(strFromU8(bytes));
  if (!read.ok) return read;
  const { photos, ...backup } = read.backup;
  return {
    ok: true,
    backup,
    photos: photos.map(({ cookId, jpeg }) => ({ cookId, jpeg: toBytes(jpeg) })),
    mended: read.mended,
  };
}

/** Reads an archive. Never throws: what is damaged, too large or of another kind is refused in a sentence, and nothing is changed. */
export function readArchive(bytes: Uint8Array): ReadArchive {
  if (bytes.length > MAX_ARCHIVE_BYTES) return refuse('This file is larger than a kitchen’s backup can be.');
  const files = unpacked(bytes);
  if (typeof files === 'string') return refuse(files);
  const list = files[LIST];
  const kitchen = files[KITCHEN];
  if (!list || !kitchen) return refuse('This is not a Keen Ladle backup.');
  const contents = ContentsSchema.safeParse(parsed(list));
  if (!contents.success)
    return refuse('This backup was made by a newer version, or is damaged. Update first.');
  for (const { name, bytes: length, crc32: sum } of contents.data.files) {
    const file = files[name];
    if (!file || file.length !== length || sumOf(file) !== sum)
      return refuse(
        `This backup is damaged: ${name === KITCHEN ? 'the kitchen' : 'a photo'} in it does not match its sum.`,
      );
  }
  const read = readBackup(strFromU8(kitchen));
  if (!read.ok) return read;
  const photos = contents.data.files.flatMap(({ name, cookId }) => {
    const jpeg = files[name];
    return cookId !== undefined && name.startsWith(PHOTOS) && jpeg ? [{ cookId, jpeg }] : [];
  });
  const { photos: _inside, ...backup } = read.backup;
  return { ok: true, backup, photos, mended: read.mended };
}

function parsed(bytes: Uint8Array): unknown {
  try {
    return JSON.parse(strFromU8(bytes));
  } catch {
    return null;
  }
}

/** The files of a zip, or a sentence where it cannot be unpacked or would be too large. */
function unpacked(bytes: Uint8Array): Record<string, Uint8Array | undefined> | string {
  let total = 0;
  let count = 0;
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        total += originalSize;
        count++;
        return isOurs(name) && total <= MAX_UNPACKED_BYTES && count <= MAX_FILES;
      },
    });
    return total > MAX_UNPACKED_BYTES || count > MAX_FILES
      ? 'This file unpacks to more than a kitchen’s backup can be.'
      : files;
  } catch {
    return 'This file is damaged: it breaks off or cannot be unpacked.';
  }
}

const isOurs = (name: string): boolean =>
  name === LIST || name === KITCHEN || /^photos\/\d{4}\.jpg$/.test(name);
