import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { serve } from '../e2e/kitchen-server.mjs';

const PORT = 3280;
let root: string;
let good: string;
beforeAll(async () => {
  root = mkdtempSync(path.join(tmpdir(), 'zest-ladder-folders-'));
  good = path.join(root, 'good');
  const server = await serve(PORT, good);
  await server.stop();
});
afterAll(() => rmSync(root, { recursive: true, force: true }));

/** What a server says that cannot begin, and how it ends. */
async function refusal(folder: string, env: Record<string, string> = {}): Promise<string> {
  const failed = await serve(PORT, folder, env).then(
    async (server) => {
      await server.stop();
      return null;
    },
    (error: Error) => error.message,
  );
  if (failed === null) throw new Error('it began');
  return failed;
}
let keys = 0;
const write = (url: string, key: string) =>
  fetch(`${url}/k/demo/api/do/tick`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'idempotency-key': `folders-${++keys}` },
    body: JSON.stringify({ key, ticked: true }),
  });

describe('a data folder', () => {
  it('that is damaged is named, with what to do, and nothing in it is changed', async () => {
    const folder = path.join(root, 'damaged');
    cpSync(good, folder, { recursive: true });
    const control = path.join(folder, 'pg', 'global', 'pg_control');
    truncateSync(control, 100);
    const said = await refusal(folder);
    expect(said).toContain(`The data folder ${folder} cannot be opened: it is damaged`);
    expect(said).toContain('from a backup');
    expect(said).toContain('The server ended (1)');
  });

  it('that holds something else is named too', async () => {
    const folder = path.join(root, 'other');
    cpSync(good, folder, { recursive: true });
    rmSync(path.join(folder, 'pg', 'PG_VERSION'));
    writeFileSync(path.join(folder, 'pg', 'PG_VERSION'), '9.1\n');
    expect(await refusal(folder)).toContain(`The data folder ${folder} cannot be opened`);
  });

  it('that another server has is left alone', async () => {
    const first = await serve(PORT, good);
    const said = await serve(PORT + 1, good).catch((error: Error) => error.message);
    expect(said).toContain(`The data folder ${good} is in use by another Zest Ladder`);
    expect((await write(first.url, 'still mine')).status).toBe(200);
    await first.stop();
  });

  it('is closed when the server is told to end: numbers do not jump, and no lock is left', async () => {
    const folder = path.join(root, 'closed');
    cpSync(good, folder, { recursive: true });
    const form = { customer: 'Ada', pickup: '2027-05-27T12:00', portions: 9, build: 'walnut-ganache' };
    const ids: number[] = [];
    for (const signal of ['SIGTERM', 'SIGINT', 'SIGTERM'] as const) {
      const server = await serve(PORT, folder);
      const response = await fetch(`${server.url}/k/demo/api/do/take-order`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', 'idempotency-key': `closed-${signal}-${ids.length}` },
        body: JSON.stringify({ ...form, title: `Order ${ids.length}`, size: '[{"form":"round","diameter":240}]' }),
      });
      ids.push(((await response.json()) as { id: number }).id);
      expect(await server.stop(signal)).toEqual({ code: 0, signal: null });
      expect(readdirSync(folder)).toEqual(['pg']);
    }
    expect(ids.map((id) => id - ids[0]!)).toEqual([0, 1, 2]);
  });

  it('ends within seconds though pages are open', async () => {
    const server = await serve(PORT, good);
    const stream = await fetch(`${server.url}/k/demo/api/live`);
    const begun = Date.now();
    expect(await server.stop()).toEqual({ code: 0, signal: null });
    expect(Date.now() - begun).toBeLessThan(5000);
    await stream.body?.cancel().catch(() => undefined);
  });

  it('on a full disk refuses writes in words, keeps what was confirmed, and goes on when there is room', async () => {
    const mount = path.join(root, 'small');
    const made = spawnSync('sh', ['-c', `mkdir -p ${mount} && mount -t tmpfs -o size=110m tmpfs ${mount}`], {
      encoding: 'utf8',
    });
    if (made.status !== 0) {
      console.warn(`Mounting is not allowed here: a full disk is not tried. ${made.stderr}`);
      return;
    }
    let server: Awaited<ReturnType<typeof serve>> | null = null;
    try {
      const folder = path.join(mount, 'kitchen');
      cpSync(good, folder, { recursive: true });
      server = await serve(PORT, folder);
      expect((await write(server.url, 'before')).status).toBe(200);
      const filler = path.join(mount, 'filler');
      spawnSync('sh', ['-c', `cat /dev/zero > ${filler}`]);
      const statuses = new Set<number>();
      const confirmed: string[] = [];
      let words = '';
      for (let n = 0; n < 60; n++) {
        const response = await write(server.url, `full ${n} ${'x'.repeat(150)}`);
        statuses.add(response.status);
        const answer = (await response.json()) as { ok: boolean; message?: string };
        if (answer.ok) confirmed.push(`full ${n}`);
        else words = answer.message ?? '';
        if (!answer.ok && n > 5) break;
      }
      rmSync(filler);
      console.log(`a full disk: ${confirmed.length} writes were still kept; then “${words}”`);
      expect([...statuses].filter((s) => ![200, 503, 507].includes(s))).toEqual([]);
      const after = await write(server.url, 'after').then((r) => r.status);
      expect(after).toBe(200);
    } finally {
      await server?.stop('SIGKILL');
      spawnSync('umount', ['-l', mount]);
    }
  });
});

describe('settings that cannot be read', () => {
  it.each([
    ['ZEST_CLOCK', 'yesterday', 'it must be an instant with its offset'],
    ['ZEST_LOG', 'loud', 'it is one of'],
    ['DATABASE_URL', 'mysql://x', 'must begin with postgres://'],
    ['DATABASE_URL', 'postgres://nobody@127.0.0.1:1/none', 'The database that DATABASE_URL names cannot be opened'],
  ])('%s=%s stops it at the start', async (name, value, words) => {
    const said = await refusal(path.join(root, 'never'), { [name]: value });
    expect(said).toContain(words);
    expect(said).toContain('The server ended (1)');
  });
});
