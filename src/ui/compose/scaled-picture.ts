import Compressor from 'compressorjs';
import { say } from '@/core/words/say';
import type { PictureForm } from '@/core/input/picture-input';

/** What a customer may bring. Bytes. */
const LARGEST = 5 * 1024 * 1024;
/** Longer sides show nothing more on a bench. px */
const LONGEST = 1600;
export const PICTURE_TYPES = 'image/jpeg,image/png,image/webp';

/** A picture scaled down in the browser, ready to be sent; or why it cannot be. */
export async function scaledPicture(
  file: File,
): Promise<{ ok: true; picture: PictureForm } | { ok: false; message: string }> {
  if (!PICTURE_TYPES.split(',').includes(file.type))
    return { ok: false, message: say`${file.name} is no picture that can be shown: JPEG, PNG or WebP.` };
  if (file.size > LARGEST) return { ok: false, message: say`${file.name} is larger than 5 MB.` };
  try {
    const blob = await new Promise<Blob>((resolve, reject) => {
      new Compressor(file, {
        ...{ maxWidth: LONGEST, maxHeight: LONGEST, quality: 0.82, mimeType: 'image/jpeg', convertSize: 0 },
        success: resolve,
        error: reject,
      });
    });
    const { width, height } = await createImageBitmap(blob);
    const words = file.name.replace(/\.[^.]*$/, '').slice(0, 80);
    return { ok: true, picture: { words, width, height, bytes: await base64Of(blob) } };
  } catch {
    return { ok: false, message: say`${file.name} could not be read as a picture.` };
  }
}

function base64Of(blob: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve((reader.result as string).split(',')[1] ?? '');
    reader.onerror = () => reject(reader.error ?? new Error('unread'));
    reader.readAsDataURL(blob);
  });
}
