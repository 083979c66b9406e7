import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { countLoosePictures, forgetLoosePictures, insertPicture, readPicture } from '../../data/repositories/pictures';
import type { PictureForm } from '../../core/input/picture-input';
import { commit } from '../shared/commit';
import { FileAnswer } from '../shared/file-answer';
import { refuse, type Result } from '../shared/result';

/** Pictures of an order that was never taken go after so long. ms. */
const LOOSE = 3_600_000;
/** So many of them are kept at once: more than a counter ever has open, and less than fills a disk. */
const MOST_LOOSE = 60;

/** Pictures that no order has had for an hour go. */
export const forgetOldPictures = (db: KitchenDb): Promise<void> =>
  forgetLoosePictures(db, new Date(db.now().getTime() - LOOSE));

/** What kind of picture bytes are, by how they begin; null where they are none that is shown. */
function typeOf(bytes: Uint8Array): string | null {
  const begins = (...with_: number[]) => with_.every((b, i) => bytes[i] === b);
  if (begins(0xff, 0xd8, 0xff)) return 'image/jpeg';
  if (begins(0x89, 0x50, 0x4e, 0x47)) return 'image/png';
  const text = (from: number, to: number) => String.fromCharCode(...bytes.subarray(from, to));
  return text(0, 4) === 'RIFF' && text(8, 12) === 'WEBP' ? 'image/webp' : null;
}

/** Keeps a picture until an order has it. What its bytes are is told by themselves, and not by whoever sends them. */
export async function addPicture(db: KitchenDb, form: PictureForm): Promise<Result<{ id: number }>> {
  const bytes = new Uint8Array(Buffer.from(form.bytes, 'base64'));
  const type = typeOf(bytes);
  if (!type) return refuse(say`This is no picture that can be shown: JPEG, PNG or WebP.`);
  return commit(
    db,
    async (tx): Promise<Result<{ id: number }>> => {
      const { words, width, height } = form;
      await forgetOldPictures(tx);
      if ((await countLoosePictures(tx)) >= MOST_LOOSE)
        return refuse(
          say`${MOST_LOOSE} pictures are of no order yet: take the orders that they are for, or wait an hour until they are gone.`,
        );
      const id = await insertPicture(tx, { order: null, words, type, width, height, bytes, addedAt: db.now() });
      return { ok: true, id };
    },
    { quiet: true },
  );
}

/** One picture as a file to show. */
export async function pictureFile(db: KitchenDb, id: number): Promise<FileAnswer | null> {
  const found = await readPicture(db, id);
  return found && new FileAnswer(`picture-${id}`, found.type, found.bytes, 'inline');
}
