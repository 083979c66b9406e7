import type { PGlite } from '@electric-sql/pglite';
import path from 'node:path';
import * as schema from './schema';
import { forgetRead } from './cached';
import { lockFolder, type FolderLock } from './folder-lock';
import type { Db } from './db';
import { NewerDataError, refuseNewerData } from './newer-data';

interface Opened {
  db: Db;
  close: () => Promise<void>;
}

const held = globalThis as unknown as { zestDatabase?: Promise<Db>; zestClose?: () => Promise<void> };

/** The database of this process, opened and migrated at first use. */
export function database(): Promise<Db> {
  held.zestDatabase ??= open()
    .then(({ db, close }) => {
      held.zestClose = close;
      return db;
    })
    .catch((error: unknown) => {
      delete held.zestDatabase;
      throw error;
    });
  return held.zestDatabase;
}

/** Closes it, as long as it takes to end what is being written; whoever asks for it afterwards is refused. */
export async function closeDatabase(): Promise<void> {
  const close = held.zestClose;
  delete held.zestClose;
  if (held.zestDatabase) held.zestDatabase = Promise.reject(new Error('The server is ending.'));
  held.zestDatabase?.catch(() => undefined);
  await close?.();
}

function open(): Promise<Opened> {
  const url = process.env.DATABASE_URL;
  if (url) return openServer(url);
  return openFolder(path.resolve(/* turbopackIgnore: true */ process.env.ZEST_DATA ?? 'data/kitchen'));
}

const migrationsFolder = () => path.join(process.cwd(), 'drizzle');

/** PGlite in a folder. Throws, in words, where the folder is in use, damaged or cannot be written to. */
export async function openFolder(folder: string): Promise<Opened> {
  const lock = await lockFolder(folder);
  try {
    return await openPglite(path.join(folder, 'pg'), lock);
  } catch (error) {
    lock.release();
    throw new Error(folderTrouble(folder, error), { cause: error });
  }
}

async function openPglite(folder: string, lock: FolderLock | null): Promise<Opened> {
  const { PGlite } = await import('@electric-sql/pglite');
  return openClient(await PGlite.create(folder), lock);
}

/** An embedded database that is there already, brought to the schema of today. */
export async function openClient(client: PGlite, lock: FolderLock | null = null): Promise<Opened> {
  const { drizzle } = await import('drizzle-orm/pglite');
  const { migrate } = await import('drizzle-orm/pglite/migrator');
  forgetRead();
  const db = drizzle(client, { schema });
  await refuseNewerData(db, migrationsFolder());
  await migrate(db, { migrationsFolder: migrationsFolder() });
  return {
    db,
    close: async () => {
      await client.close();
      lock?.release();
    },
  };
}

function folderTrouble(folder: string, error: unknown): string {
  if (error instanceof NewerDataError) return `The data folder ${folder} cannot be opened. ${error.message}`;
  const text =
    error instanceof Error ? `${error.message} ${(error as NodeJS.ErrnoException).code ?? ''}` : String(error);
  if (/ENOSPC|No space left/i.test(text))
    return `The data folder ${folder} cannot be opened: its disk is full. Make room there and start again; nothing in it was changed.`;
  if (/EACCES|EPERM|EROFS/i.test(text))
    return `The data folder ${folder} cannot be written to. Give this user the right to, or name another folder in ZEST_DATA.`;
  return (
    `The data folder ${folder} cannot be opened: it is damaged, or not one of Zest Ladder’s (${text.trim()}). ` +
    'Nothing in it was changed. Put a copy of it from a backup in its place, or name another folder in ZEST_DATA.'
  );
}

/** A PostgreSQL server. Throws, in words, where it cannot be reached. */
export async function openServer(url: string): Promise<Opened> {
  const { Pool } = await import('pg');
  const { drizzle } = await import('drizzle-orm/node-postgres');
  const { migrate } = await import('drizzle-orm/node-postgres/migrator');
  forgetRead();
  const pool = new Pool({ connectionString: url, max: 10, connectionTimeoutMillis: 10_000 });
  // A connection that breaks while nobody uses it is made anew at the next use.
  pool.on('error', () => undefined);
  const db = drizzle(pool, { schema });
  try {
    await refuseNewerData(db, migrationsFolder());
    await migrate(db, { migrationsFolder: migrationsFolder() });
  } catch (error) {
    await pool.end().catch(() => undefined);
    if (error instanceof NewerDataError)
      throw new Error(`The database that DATABASE_URL names cannot be opened. ${error.message}`, { cause: error });
    throw new Error(
      `The database that DATABASE_URL names cannot be opened: ${rootOf(error)}. Is the server running, and may this user use it?`,
      { cause: error },
    );
  }
  return { db, close: () => pool.end() };
}

function rootOf(error: unknown): string {
  if (!(error instanceof Error)) return String(error);
  return error.cause instanceof Error
    ? rootOf(error.cause)
    : error.message || ((error as { code?: string }).code ?? 'unknown');
}
