import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openDump } from '../../src/data/testing/template';
import { startPostgres } from '../../src/data/testing/postgres-server.mjs';
import { demoDump } from '../../src/server/testing/demo-dump';
import { serve } from './kitchen-server.mjs';

/**
 * Puts the demo, as the tests of use cases have loaded it, into a folder that every file of journeys gets a copy of; with `ZEST_JOURNEYS=postgresql` it
 * is loaded by the program into a database of a server that is started for them.
 */
export default async function makeTemplate(): Promise<() => void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-template-'));
  process.env.ZEST_TEMPLATE = folder;
  const wanted = process.env.ZEST_JOURNEYS === 'postgresql';
  const postgres = wanted ? await startPostgres() : null;
  if (wanted && !postgres) throw new Error('PostgreSQL is not installed here.');
  if (postgres) process.env.ZEST_POSTGRES = postgres.url;
  if (postgres) await (await serve(3216, folder)).stop();
  else await (await openDump(await demoDump('load-demo'), path.join(folder, 'pg'))).close();
  return () => {
    postgres?.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
