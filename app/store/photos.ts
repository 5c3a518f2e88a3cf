import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { db } from './db';

/** The longest side a kept photo has, px, and how well it is kept: about 150 kB. */
const LONGEST_PX = 1280;
const QUALITY = 0.78;
/** A file larger than this is not opened at all. */
const MOST_BYTES = 30_000_000;

/** Makes a photo small and keeps it with its cook. Gives a sentence when it cannot be read; then nothing is changed. */
export async function keepPhoto(cookId: string, file: File): Promise<string | null> {
  if (file.size > MOST_BYTES) return 'This picture is too large to open here.';
  try {
    const picture = await createImageBitmap(file);
    const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(picture.width * scale));
    canvas.height = Math.max(1, Math.round(picture.height * scale));
    canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();
    const image = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY));
    if (!image) return 'This picture could not be made smaller.';
    await db.photos.put({ cookId, image });
    return null;
  } catch {
    return 'This file is not a picture that can be read.';
  }
}

/** Takes the photo of a cook away; what it returns puts it back. */
export async function dropPhoto(cookId: string): Promise<() => Promise<void>> {
  const row = await db.photos.get(cookId);
  await db.photos.delete(cookId);
  return async () => {
    if (row) await db.photos.put(row);
  };
}

/** An address for the photo of a cook; null when there is none. */
export function usePhoto(cookId: string): string | null {
  const row = useLiveQuery(() => db.photos.get(cookId), [cookId]);
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    const made = row ? URL.createObjectURL(row.image) : null;
    // The address belongs to this picture: made with it and given back with it.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setUrl(made);
    return () => {
      if (made) URL.revokeObjectURL(made);
    };
  }, [row]);
  return url;
}
