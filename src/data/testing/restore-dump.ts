import type { PGlite } from '@electric-sql/pglite';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { emptyDatabase } from './template';

/** The tables of a folder as an earlier version left them, by name; `migrations` says which version. */
interface Dump {
  migrations: number;
  tables: Record<string, Record<string, unknown>[]>;
}

interface Journal {
  entries: { idx: number; when: number; tag: string }[];
}

/** Earlier versions of the schema of which there is a dump, by the number of their last migration. */
export const DUMPED = [0, 1, 2, 4, 6] as const;

function readDump(schema: number): Dump {
  const file = path.join('tests', 'fixtures', `schema-${`${schema}`.padStart(4, '0')}.json`);
  const { migrations, ...tables } = JSON.parse(readFileSync(file, 'utf8')) as { migrations: number } & Dump['tables'];
  return { migrations, tables };
}

/** What a dump can be restored into: an embedded database, or a connection to a server. */
interface Restorable {
  /** Runs statements without parameters. */
  exec: (sql: string) => Promise<unknown>;
  query: (sql: string, params: unknown[]) => Promise<unknown>;
}

/**
 * Makes an empty database one as an earlier version left it: its migrations and no later ones, with the rows of a folder that the product of
 * that version had written while its journeys were walked. Its kitchen may be given another name.
 */
export async function restoreInto(db: Restorable, schema: (typeof DUMPED)[number], name?: string): Promise<void> {
  const { migrations, tables } = readDump(schema);
  const { entries } = JSON.parse(readFileSync('drizzle/meta/_journal.json', 'utf8')) as Journal;
  await db.exec(
    'create schema drizzle; create table drizzle.__drizzle_migrations (id serial primary key, hash text not null, created_at bigint);',
  );
  for (const { tag, when } of entries.slice(0, migrations)) {
    await db.exec(readFileSync(path.join('drizzle', `${tag}.sql`), 'utf8'));
    await db.query('insert into drizzle.__drizzle_migrations (hash, created_at) values ($1, $2)', [tag, when]);
  }
  // Rows come in by the names of their tables; what they refer to may come later.
  await db.exec('set session_replication_role = replica');
  for (const [table, rows] of Object.entries(tables))
    await db.query(`insert into "${table}" select * from jsonb_populate_recordset(null::"${table}", $1)`, [
      JSON.stringify(rows),
    ]);
  if (name !== undefined) await db.query('update kitchens set name = $1', [name]);
  await db.exec('set session_replication_role = origin');
}

/** An embedded database as an earlier version left it. */
export async function restoreDump(schema: (typeof DUMPED)[number]): Promise<PGlite> {
  const client = await emptyDatabase();
  await restoreInto(client, schema);
  return client;
}
