import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openClient, openServer } from '../../src/data/database';
import { copyRows } from '../../src/data/testing/copy-rows';
import { startPostgres } from '../../src/data/testing/postgres-server.mjs';
import { openDump } from '../../src/data/testing/template';
import { demoDump } from '../../src/server/testing/demo-dump';
import { databaseOf, serve } from './kitchen-server.mjs';

/** The demo with few open orders, which answers several times as fast; or with all of them. */
export type TemplateName = 'few' | 'whole';

const DUMPS = { few: 'few-orders', whole: 'load-demo' } as const;

/** The folder that a kitchen of journeys is a copy of. */
export function templateFolder(name: TemplateName): string {
  const folder = process.env.ZEST_TEMPLATES;
  if (!folder) throw new Error('The templates of the journeys have not been made.');
  return path.join(folder, name);
}

/**
 * Puts the demo, as the tests of use cases have loaded it, into folders that every file of journeys gets a copy of one of. With
 * `ZEST_JOURNEYS=postgresql` these are databases of a server that is started for them, and the whole demo is loaded into its own by the program.
 */
export default async function makeTemplates(): Promise<() => void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-templates-'));
  process.env.ZEST_TEMPLATES = folder;
  const wanted = process.env.ZEST_JOURNEYS === 'postgresql';
  const postgres = wanted ? await startPostgres() : null;
  if (wanted && !postgres) throw new Error('PostgreSQL is not installed here.');
  if (postgres) process.env.ZEST_POSTGRES = postgres.url;
  for (const name of ['few', 'whole'] as const) {
    const own = templateFolder(name);
    mkdirSync(own);
    if (!postgres) await (await openDump(await demoDump(DUMPS[name]), path.join(own, 'pg'))).close();
    else if (name === 'whole') await (await serve(3216, own)).stop();
    else await copyInto((await databaseOf(own))!, await demoDump(DUMPS[name]));
  }
  return () => {
    postgres?.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}

async function copyInto(url: string, dump: string): Promise<void> {
  const from = await openClient(await openDump(dump));
  const to = await openServer(url);
  await copyRows(from.db, to.db);
  await Promise.all([from.close(), to.close()]);
}
