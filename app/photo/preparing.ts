import { greyOf, madeReady } from '../../core/index';

/** Print is read best from a page about so many points long. */
const LONG_SIDE = 2200;
const MOST_ENLARGED = 2;

/** A picture of a page as it is read: level, in even light, in shades of grey. */
export interface Prepared {
  picture: Blob;
  width: number;
  height: number;
  /** How far it was turned back, degrees. */
  turned: number;
}

/** Makes a photo ready to be read. Throws where the file is no picture that can be opened. */
export async function prepared(file: Blob): Promise<Prepared> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(MOST_ENLARGED, LONG_SIDE / Math.max(bitmap.width, bitmap.height));
  const width = Math.max(1, Math.round(bitmap.width * scale));
  const height = Math.max(1, Math.round(bitmap.height * scale));
  const canvas = new OffscreenCanvas(width, height);
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  if (!pen) throw new Error('no canvas');
  pen.imageSmoothingQuality = 'high';
  pen.fillStyle = '#fff';
  pen.fillRect(0, 0, width, height);
  pen.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  const image = pen.getImageData(0, 0, width, height);
  const { picture, turned } = madeReady(greyOf(width, height, image.data));
  for (let i = 0, j = 0; i < picture.data.length; i++, j += 4) {
    const shade = picture.data[i] ?? 255;
    image.data[j] = image.data[j + 1] = image.data[j + 2] = shade;
    image.data[j + 3] = 255;
  }
  pen.putImageData(image, 0, 0);
  return { picture: await canvas.convertToBlob({ type: 'image/png' }), width, height, turned };
}
