import type { FileProblem } from '../../core/kitchen-file/documents';
import type { Anchor } from '../../core/kitchen-file/instants';
import { broughtUp } from '../../core/kitchen-file/read';
import type { KitchenFile } from '../../core/kitchen-file/shape';
import type { KitchenDb } from '../../data/kitchen-db';
import { readContents, type Part } from '../../data/repositories/contents';
import { StoredError } from '../../data/stored';

/**
 * What is stored of a kitchen as it stands in a file: whatever wrote a document, it is at its newest version here. Throws where something stored cannot
 * be read.
 */
export async function storedFile(
  db: KitchenDb,
  parts: readonly Part[],
  anchor: Anchor | null = null,
): Promise<KitchenFile> {
  const stored = await readContents(db, parts, anchor);
  const brought = broughtUp(stored);
  if (!brought.ok) throw unwritten(db, stored, brought.problems);
  return brought.file;
}

/** A kitchen that cannot go out, with what is wrong with it: which record, as it is called there and not by its place in a file. */
export function unwritten(
  { kitchen }: Pick<KitchenDb, 'kitchen'>,
  file: KitchenFile,
  problems: readonly FileProblem[],
) {
  const [first, ...more] = problems.map(({ path, message }) => {
    const [section = '', index = ''] = path.split('.');
    const list = (file as Record<string, unknown>)[section];
    const record = Array.isArray(list) ? (list[Number(index)] as Record<string, unknown> | undefined) : undefined;
    const id = record?.id ?? record?.owner ?? record?.key;
    const where = id === undefined ? path : `${section} “${String(id)}”${path.slice(`${section}.${index}`.length)}`;
    return where === '' ? message : `${where}: ${message}`;
  });
  const others = more.length > 0 ? ` (and ${more.length} more)` : '';
  return new StoredError(`The kitchen ${kitchen} cannot be written: ${first}${others}`);
}
