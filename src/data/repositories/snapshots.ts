import { and, eq } from 'drizzle-orm';
import type { Codec } from '../../core/stored/codec';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';
import { readStored } from '../stored';

/** A history up to one of its events. */
export interface Snapshot<T> {
  upTo: number;
  value: T;
}

/** The last snapshot of a history; `start`, before all events, where there is none. */
export async function readSnapshot<T>(db: KitchenDb, codec: Codec<T>, start: T): Promise<Snapshot<T>> {
  const own = and(eq(t.snapshots.kitchen, db.kitchen), eq(t.snapshots.of, codec.format));
  const [row] = await db.rows.select().from(t.snapshots).where(own);
  return row
    ? { upTo: row.upTo, value: readStored(codec, `The snapshot ${codec.format}`, row.body) }
    : { upTo: 0, value: start };
}

/** Puts a snapshot in the place of the one before. */
export async function writeSnapshot<T>(db: KitchenDb, codec: Codec<T>, { upTo, value }: Snapshot<T>): Promise<void> {
  const body = codec.write(value);
  await db.rows
    .insert(t.snapshots)
    .values({ kitchen: db.kitchen, of: codec.format, upTo, body })
    .onConflictDoUpdate({ target: [t.snapshots.kitchen, t.snapshots.of], set: { upTo, body } });
}
