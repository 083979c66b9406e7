import pg from 'pg';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { emptyDatabase } from '../../src/data/testing/template';
import { restoreInto } from '../../src/data/testing/restore-dump';
import { databaseOf } from '../e2e/kitchen-server.mjs';

/** A folder, or on a server a database, with a kitchen of this name that an earlier version of the program left. */
export async function ownKitchen(name: string): Promise<{ folder: string; remove: () => void }> {
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-own-'));
  const url = await databaseOf(folder);
  if (url === null) {
    const client = await emptyDatabase(path.join(folder, 'pg'));
    await restoreInto(client, 2, name);
    await client.close();
  } else {
    const client = new pg.Client(url);
    await client.connect();
    const query = (sql: string, params?: unknown[]) => client.query(sql, params);
    await restoreInto({ exec: query, query }, 2, name);
    await client.end();
  }
  return { folder, remove: () => rmSync(folder, { recursive: true, force: true }) };
}
