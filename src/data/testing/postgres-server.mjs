import { spawnSync } from 'node:child_process';
import { chownSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';

const HOME = '/usr/lib/postgresql';

/** Where this machine's PostgreSQL has its programs; null where none is installed. */
function postgresPrograms() {
  const versions = existsSync(HOME) ? readdirSync(HOME).sort((a, b) => Number(b) - Number(a)) : [];
  return versions.map((v) => path.join(HOME, v, 'bin')).find((bin) => existsSync(path.join(bin, 'initdb'))) ?? null;
}

/**
 * Starts a PostgreSQL server on loopback, in a folder of its own, for one test. It does not run as root, so root starts it as the user
 * that Debian's package makes. Null where it is not installed; throws, with what PostgreSQL said, where it does not start.
 */
export async function startPostgres() {
  const bin = postgresPrograms();
  if (!bin) return null;
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-postgres-'));
  const root = process.getuid?.() === 0;
  const run = (/** @type {string} */ command, /** @type {string[]} */ args) => {
    const [program, all] = root
      ? ['runuser', ['-u', 'postgres', '--', path.join(bin, command), ...args]]
      : [path.join(bin, command), args];
    const done = spawnSync(program, all, { cwd: folder, encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] });
    if (done.status !== 0) throw new Error(`${command}: ${done.stderr || done.stdout || done.error}`);
  };
  if (root) {
    const id = (/** @type {string} */ flag) => Number(spawnSync('id', [flag, 'postgres'], { encoding: 'utf8' }).stdout);
    chownSync(folder, id('-u'), id('-g'));
  }
  const port = await freePort();
  const data = path.join(folder, 'data');
  run('initdb', ['-D', data, '-U', 'zest', '--auth=trust', '-E', 'UTF8', '--no-sync']);
  const options = `-p ${port} -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c fsync=off`;
  run('pg_ctl', ['-D', data, '-w', '-l', path.join(folder, 'log'), '-o', options, 'start']);
  return {
    url: `postgres://zest@127.0.0.1:${port}/postgres`,
    stop: () => {
      run('pg_ctl', ['-D', data, '-w', '-m', 'immediate', 'stop']);
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** @returns {Promise<number>} */
function freePort() {
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.once('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const { port } = /** @type {import('node:net').AddressInfo} */ (server.address());
      server.close(() => resolve(port));
    });
  });
}
