import path from 'node:path';
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import * as schema from './schema';
import { lockFolder } from './folder-lock';

/** One type for PGlite and for a PostgreSQL server. */
export type Db = PgDatabase<PgQueryResultHKT, typeof schema>;

const held = globalThis as unknown as { zestDatabase?: Promise<Db> };

/** The database of this process, opened and migrated at first use. */
export function database(): Promise<Db> {
  held.zestDatabase ??= open().catch((error: unknown) => {
    held.zestDatabase = undefined;
    throw error;
  });
  return held.zestDatabase;
}

function open(): Promise<Db> {
  const url = process.env.DATABASE_URL;
  if (url) return openServer(url);
  return openFolder(path.resolve(/* turbopackIgnore: true */ process.env.ZEST_DATA ?? 'data/kitchen'));
}

const migrationsFolder = () => path.join(process.cwd(), 'drizzle');

/** PGlite in a folder; `memory://` for tests. */
export async function openFolder(folder: string): Promise<Db> {
  const { PGlite } = await import('@electric-sql/pglite');
  const { drizzle } = await import('drizzle-orm/pglite');
  const { migrate } = await import('drizzle-orm/pglite/migrator');
  const inMemory = folder.startsWith('memory://');
  if (!inMemory) lockFolder(folder);
  const client = await PGlite.create(inMemory ? folder : path.join(folder, 'pg'));
  const db = drizzle(client, { schema });
  await migrate(db, { migrationsFolder: migrationsFolder() });
  return db;
}

async function openServer(url: string): Promise<Db> {
  const { Pool } = await import('pg');
  const { drizzle } = await import('drizzle-orm/node-postgres');
  const { migrate } = await import('drizzle-orm/node-postgres/migrator');
  const db = drizzle(new Pool({ connectionString: url }), { schema });
  await migrate(db, { migrationsFolder: migrationsFolder() });
  return db;
}
