import { getTableName, is, sql } from 'drizzle-orm';
import { PgTable } from 'drizzle-orm/pg-core';
import type { Db } from '../db';
import * as schema from '../schema';

/** All rows of one database into another that has none, as they are. */
export async function copyRows(from: Db, to: Db): Promise<void> {
  const tables = Object.values(schema).filter((t) => is(t, PgTable)) as PgTable[];
  await to.transaction(async (tx) => {
    // Rows come in by the order of the schema; what they refer to may come later.
    await tx.execute(sql`set local session_replication_role = replica`);
    for (const table of tables) {
      const name = sql.identifier(getTableName(table));
      const answer = await from.execute(sql`select coalesce(jsonb_agg(t), '[]')::text as all from ${name} t`);
      const [rows] = (answer as unknown as { rows: { all: string }[] }).rows;
      await tx.execute(
        sql`insert into ${name} select * from jsonb_populate_recordset(null::${name}, ${rows!.all}::jsonb)`,
      );
    }
  });
}
