import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import pg from 'pg';

/** The morning on which all journeys take place: the demo is loaded, and pictures taken, at this moment. */
const MORNING = '2027-05-20T09:40:00Z';

/** How long a server may take to answer its first question. ms. */
const PATIENCE = 90_000;

/**
 * Serves the built application on loopback, with the demo, loaded anew, in a folder of its own that is gone when the server is. `env` is added to
 * its environment.
 *
 * @param {number} port
 * @param {Record<string, string>} env
 */
export async function serveKitchen(port, env = {}) {
  const folder = nowhere();
  const server = await serve(port, folder, env);
  return { ...server, stop: async () => (await server.stop(), rmSync(folder, { recursive: true, force: true })) };
}

/**
 * Serves the built application on loopback from one process that goes from kitchen to kitchen: each is a copy of a template in a folder of
 * its own, which is gone when the server moves on.
 *
 * @param {number} port
 * @param {string} template
 */
export async function serveKitchens(port, template) {
  let folder = copyOf(template);
  const env = settings(folder, await databaseOf(folder, template));
  const server = run(port, [path.join(import.meta.dirname, 'moving-server.mjs'), `${port}`], env);
  const forget = () => rmSync(folder, { recursive: true, force: true });
  const there = () => {
    const said = new Promise((resolve, reject) =>
      server.child.once('message', (word) => (word === 'there' ? resolve(word) : reject(new Error(`${word}`)))),
    );
    return Promise.race([said, server.early]).then(server.answers);
  };
  await there();
  return {
    url: server.url,
    /** @param {string} template */
    moveTo: async (template) => {
      const next = copyOf(template);
      const arrived = there();
      server.child.send({ folder: next, database: await databaseOf(next, template) });
      await arrived;
      forget();
      folder = next;
    },
    stop: async () => {
      await server.stop();
      forget();
    },
  };
}

const nowhere = () => mkdtempSync(path.join(tmpdir(), 'zest-ladder-'));

/** @param {string} template */
function copyOf(template) {
  const folder = nowhere();
  cpSync(template, folder, { recursive: true });
  return folder;
}

/**
 * The address of the database that stands for a folder where the journeys are walked on a PostgreSQL server (`ZEST_POSTGRES` names it), made
 * where it is not there yet, perhaps as a copy of another folder's; null where kitchens are kept in folders.
 *
 * @param {string} folder
 * @param {string | null} template
 * @returns {Promise<string | null>}
 */
export async function databaseOf(folder, template = null) {
  const server = process.env.ZEST_POSTGRES;
  if (!server) return null;
  const named = (of) => `zest_${createHash('sha1').update(of).digest('hex').slice(0, 16)}`;
  const client = new pg.Client(server);
  await client.connect();
  try {
    const { rowCount } = await client.query('select 1 from pg_database where datname = $1', [named(folder)]);
    if (rowCount === 0)
      await client.query(`create database ${named(folder)}${template ? ` template ${named(template)}` : ''}`);
  } finally {
    await client.end();
  }
  return server.replace(/[^/]*$/, named(folder));
}

/**
 * Serves a folder that stays.
 *
 * @param {number} port
 * @param {string} folder
 * @param {Record<string, string>} env
 */
export async function serve(port, folder, env = {}) {
  const url = `http://127.0.0.1:${port}`;
  const stranger = await fetch(url, { signal: AbortSignal.timeout(5000) }).then(
    () => true,
    (error) => error.name === 'TimeoutError',
  );
  if (stranger) throw new Error(`Something else answers on port ${port}.`);
  const next = ['node_modules/next/dist/bin/next', 'start', '-p', `${port}`, '-H', '127.0.0.1'];
  const server = run(port, next, { ...settings(folder, await databaseOf(folder)), ...env });
  await Promise.race([server.answers(), server.early]).catch((error) => {
    server.child.kill('SIGKILL');
    throw error;
  });
  const { child, said, ended, stop } = server;
  return { url, child, said, ended, stop };
}

/**
 * @param {string} folder
 * @param {string | null} database
 */
const settings = (folder, database) => ({
  ZEST_CLOCK: MORNING,
  TZ: 'UTC',
  ZEST_DATA: folder,
  ZEST_DEMO: '1',
  ...(database ? { DATABASE_URL: database } : {}),
  NEXT_TELEMETRY_DISABLED: '1',
  NEXT_MANUAL_SIG_HANDLE: 'true',
  // A plan that changes by itself would change under a test.
  ZEST_IMPROVE: '0',
});

/**
 * @param {number} port
 * @param {string[]} args
 * @param {Record<string, string>} env
 */
function run(port, args, env) {
  const url = `http://127.0.0.1:${port}`;
  /** @type {string[]} */
  const said = [];
  const child = spawn(process.execPath, args, {
    stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
    env: { ...process.env, NODE_ENV: 'production', ...env },
  });
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => said.push(text.toString()));
  const ended = new Promise((resolve) => child.on('exit', (code, signal) => resolve({ code, signal })));
  const early = ended.then(({ code, signal }) => {
    throw new Error(`The server ended (${code ?? signal}).\n${said.join('')}`);
  });
  early.catch(() => undefined);
  const answers = async () => {
    for (const until = Date.now() + PATIENCE; Date.now() < until;) {
      const kitchens = await fetch(`${url}/kitchens`, { signal: AbortSignal.timeout(5000) }).then(
        (r) => r.ok,
        () => false,
      );
      if (kitchens) {
        // The doors are loaded at their first use: a test is not to begin with waiting for that. Not every server has the demo.
        await fetch(`${url}/k/demo/api/builds`, { signal: AbortSignal.timeout(20_000) }).catch(() => null);
        return;
      }
      await new Promise((resolve) => setTimeout(resolve, 150));
    }
    throw new Error(`The server did not answer.\n${said.join('')}`);
  };
  return {
    url,
    child,
    said,
    ended,
    early,
    answers,
    /** @param {NodeJS.Signals} signal */
    stop: async (signal = 'SIGTERM') => {
      child.kill(signal);
      return ended;
    },
  };
}
