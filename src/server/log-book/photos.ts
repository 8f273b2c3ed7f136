import sharp from 'sharp';
import { MOST_PHOTO_BYTES } from '@/core/log/vocabulary';
import type { PhotoToKeep } from '@/db/queries/log-photos';
import { refuse } from '../problem';

/** What a picture may be, by what it is and not by what it is called. */
const FORMATS: readonly (string | undefined)[] = ['jpeg', 'png', 'webp'];
/** A picture says it in so many pixels across; what is larger is made smaller. */
const MOST_ACROSS_PX = 1600;
/** More pixels than any camera has would fill the memory when they are unpacked. */
const MOST_PIXELS = 60_000_000;
const QUALITY = 78;

/**
 * A picture as it is kept: turned upright, made small, written anew, so that nothing is left of where and with what it was taken.
 * @throws Refusal 422 for what is no picture, too large, or too many pixels
 */
async function picture(base64: string, place: number): Promise<PhotoToKeep> {
  const path = ['photos', place];
  const bytes = Buffer.from(base64, 'base64');
  if (bytes.byteLength > MOST_PHOTO_BYTES)
    throw refuse(422, 'photo-too-large', { most: MOST_PHOTO_BYTES }, path);
  try {
    const read = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
    const { format } = await read.metadata();
    if (!FORMATS.includes(format)) throw new Error('not a picture that is kept');
    const { data, info } = await read
      .rotate()
      .resize({
        width: MOST_ACROSS_PX,
        height: MOST_ACROSS_PX,
        fit: 'inside',
        withoutEnlargement: true,
      })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
    return { jpeg: data, widthPx: info.width, heightPx: info.height };
  } catch {
    throw refuse(422, 'photo-unreadable', {}, path);
  }
}

/** Pictures as they are kept, one after the other: unpacked, each takes much memory. @throws Refusal 422 */
export async function pictures(sent: readonly string[]): Promise<PhotoToKeep[]> {
  const kept: PhotoToKeep[] = [];
  for (const [place, base64] of sent.entries()) kept.push(await picture(base64, place));
  return kept;
}
