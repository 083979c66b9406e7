import type { KitchenId } from '../../core/ids/ids';
import { movedTo } from '../../core/kitchen-file/move-days';
import type { KitchenFile } from '../../core/kitchen-file/shape';
import type { Db } from '../../data/db';
import { insertContents, kitchenRow } from '../../data/repositories/contents';
import { insertKitchen } from '../../data/repositories/kitchens';

interface AsKitchen {
  kitchen: KitchenId;
  name: string;
  /** The day that relative times count from; null is the file’s own. */
  date: string | null;
  now: () => Date;
}

/**
 * Writes a file that has been read as a kitchen of its own, all of it or nothing; nothing is planned. False where there is a kitchen of this
 * id already, also of two who try at once.
 */
export function insertFile(rows: Db, file: KitchenFile, { kitchen, name, date, now }: AsKitchen): Promise<boolean> {
  const from = date ?? file.anchor;
  const anchor = from === null ? null : { date: from, zone: file.kitchen!.zone };
  const moved = from === null ? file : movedTo(file, from);
  return rows.transaction(async (tx) => {
    if (!(await insertKitchen(tx as Db, kitchenRow(kitchen, name, moved, anchor, now())))) return false;
    await insertContents({ kitchen, rows: tx as Db, now }, moved, anchor);
    return true;
  });
}
