import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { startPostgres } from '../../src/data/testing/postgres-server.mjs';
import { serve } from './kitchen-server.mjs';

/**
 * Loads the demo once, into a folder that every file of journeys gets a copy of; with `ZEST_JOURNEYS=postgresql` into a database of a server that
 * is started for them.
 */
export default async function makeTemplate(): Promise<() => void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-template-'));
  process.env.ZEST_TEMPLATE = folder;
  const wanted = process.env.ZEST_JOURNEYS === 'postgresql';
  const postgres = wanted ? await startPostgres() : null;
  if (wanted && !postgres) throw new Error('PostgreSQL is not installed here.');
  if (postgres) process.env.ZEST_POSTGRES = postgres.url;
  const server = await serve(3216, folder);
  await server.stop();
  return () => {
    postgres?.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
