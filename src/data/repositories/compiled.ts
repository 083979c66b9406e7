import { and, eq, inArray, sql } from 'drizzle-orm';
import type { BatchId, OrderId } from '../../core/ids/ids';
import type { Codec } from '../../core/stored/codec';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';
import { readStored } from '../stored';

type Owner = OrderId | BatchId;

/** The work of one owner as it is kept, with the version of its row. */
export interface Compiled<T> {
  version: number;
  value: T;
}

/** Versions of what is kept of these owners; one of whom nothing is kept is not named. */
export async function readCompiledVersions(db: KitchenDb, owners: Owner[]): Promise<Map<Owner, number>> {
  if (owners.length === 0) return new Map();
  const { owner, version } = t.compiled;
  const rows = await db.rows
    .select({ owner, version })
    .from(t.compiled)
    .where(and(eq(t.compiled.kitchen, db.kitchen), inArray(owner, owners)));
  return new Map(rows.map((r) => [r.owner, r.version]));
}

const ofOwner = (db: KitchenDb, owner: Owner) => and(eq(t.compiled.kitchen, db.kitchen), eq(t.compiled.owner, owner));

/** What is kept of an order or a batch; null where nothing is. */
export async function readCompiled<T>(db: KitchenDb, codec: Codec<T>, owner: Owner): Promise<Compiled<T> | null> {
  const [row] = await db.rows.select().from(t.compiled).where(ofOwner(db, owner));
  return row ? { version: row.version, value: readStored(codec, `The work of ${owner}`, row.body) } : null;
}

/** Keeps the work of an order or a batch, in the place of what was kept before. */
export async function writeCompiled<T>(db: KitchenDb, codec: Codec<T>, owner: Owner, value: T): Promise<void> {
  const body = codec.write(value);
  const keptAt = db.now();
  await db.rows
    .insert(t.compiled)
    .values({ kitchen: db.kitchen, owner, body, keptAt })
    .onConflictDoUpdate({
      target: [t.compiled.kitchen, t.compiled.owner],
      set: { body, keptAt, version: sql`${t.compiled.version} + 1` },
    });
}

/** Keeps nothing of these owners any more. */
export async function forgetCompiled(db: KitchenDb, owners: Owner[]): Promise<void> {
  if (owners.length > 0)
    await db.rows.delete(t.compiled).where(and(eq(t.compiled.kitchen, db.kitchen), inArray(t.compiled.owner, owners)));
}
