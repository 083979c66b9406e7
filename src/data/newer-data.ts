import { sql } from 'drizzle-orm';
import { readMigrationFiles } from 'drizzle-orm/migrator';
import type { Db } from './db';

/** Data that a newer program has written: this one could neither read all of it nor keep what it cannot read. */
export class NewerDataError extends Error {
  constructor() {
    super('It was written by a newer Zest Ladder. Start that one, or name other data; nothing in it was changed.');
  }
}

/** Throws where the newest migration that a database has had is not among those in `folder`; looks only. */
export async function refuseNewerData(db: Db, folder: string): Promise<void> {
  const has = await rowsOf<{ there: string | null }>(
    db,
    sql`select to_regclass('drizzle.__drizzle_migrations') as there`,
  );
  if (!has[0]?.there) return;
  const [last] = await rowsOf<{ at: string | number | null }>(
    db,
    sql`select max(created_at) as at from drizzle.__drizzle_migrations`,
  );
  const newest = Math.max(...readMigrationFiles({ migrationsFolder: folder }).map((m) => m.folderMillis));
  if (Number(last?.at ?? 0) > newest) throw new NewerDataError();
}

/** Rows of a question that is no table's; both drivers wrap them. */
const rowsOf = async <R>(db: Db, question: ReturnType<typeof sql>): Promise<R[]> =>
  ((await db.execute(question)) as unknown as { rows: R[] }).rows;
