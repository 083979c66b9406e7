import { eq, max } from 'drizzle-orm';
import type { KitchenDb } from '../kitchen-db';
import type * as t from '../schema';

type Numbered = typeof t.orders | typeof t.pictures | typeof t.batches | typeof t.events;

/**
 * The number after the last one that a kitchen has in a table: rows are numbered within their kitchen, so that a kitchen can go to another
 * database as it is. Nobody else may be writing to the kitchen: the write holds its counts.
 */
export async function nextId(db: KitchenDb, table: Numbered): Promise<number> {
  const [row] = await db.rows
    .select({ last: max(table.id) })
    .from(table)
    .where(eq(table.kitchen, db.kitchen));
  return (row?.last ?? 0) + 1;
}
