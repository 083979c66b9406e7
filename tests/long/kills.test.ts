import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { asc } from 'drizzle-orm';
import { seededRandom } from '../../src/core/planner/model/random';
import { openFolder, openServer } from '../../src/data/database';
import * as t from '../../src/data/schema';
import { startPostgres } from '../../src/data/testing/postgres-server.mjs';
import { serve } from '../e2e/kitchen-server.mjs';

/** Kills of the web process on each database. */
const KILLS = Number(process.env.ZEST_KILLS ?? 10);
const CLIENTS = 10;
/** Orders are dear to plan: so many are taken in all. */
const MOST_ORDERS = 6;

interface Write {
  key: string;
  door: string;
  body: object;
}

/** Ten clients who write as fast as they are answered, until the server is killed; what was confirmed, and what was not. */
class Clients {
  readonly confirmed = new Map<string, Write>();
  readonly open = new Map<string, Write>();
  private count = 0;
  private orders = 0;

  constructor(private readonly random: () => number) {}

  private next(): Write {
    const n = ++this.count;
    const key = `kill-${n}-${Math.floor(this.random() * 1e9)}`;
    if (this.orders < MOST_ORDERS && this.random() < 0.005) {
      this.orders += 1;
      const form = {
        title: `Kill ${n}`,
        customer: 'Ada',
        pickup: '2027-05-27T12:00',
        portions: 9,
        build: 'walnut-ganache',
      };
      return { key, door: 'take-order', body: { ...form, size: '[{"form":"round","diameter":240}]' } };
    }
    return { key, door: 'tick', body: { key: `line ${key}`, ticked: true } };
  }

  /** One client's work until the server does not answer any more. What it got no answer to it sends again first. */
  async work(url: string): Promise<void> {
    for (;;) {
      const [again] = this.open.values();
      const write = again ?? this.next();
      if (again) this.open.delete(again.key);
      const answer = await fetch(`${url}/k/demo/api/do/${write.door}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', 'idempotency-key': write.key },
        body: JSON.stringify(write.body),
      })
        .then(async (r) => ({ status: r.status, body: (await r.json()) as { ok: boolean; message?: string } }))
        .catch(() => null);
      if (answer?.body.ok) {
        this.confirmed.set(write.key, write);
        continue;
      }
      this.open.set(write.key, write);
      if (answer && answer.status < 500)
        throw new Error(`${answer.status} ${answer.body.message} to ${JSON.stringify(write)}`);
      return;
    }
  }
}

const postgres = await startPostgres();
if (!postgres) console.warn('PostgreSQL is not installed here: only the embedded database is killed.');
afterAll(() => postgres?.stop());

const databases: [string, string | null][] = [
  ['PGlite', null],
  ...(postgres ? [['PostgreSQL', postgres.url] as [string, string]] : []),
];

it.each(databases)(`${KILLS} kills while ten clients write lose nothing that was confirmed: %s`, async (name, url) => {
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-kills-'));
  const random = seededRandom(name.length);
  const env: Record<string, string> = { ZEST_LOG: 'fatal', ...(url ? { DATABASE_URL: url } : {}) };
  const clients = new Clients(random);
  const starts: number[] = [];
  try {
    for (let kill = 0; kill < KILLS; kill++) {
      const begun = Date.now();
      const server = await serve(3270, folder, env);
      starts.push(Date.now() - begun);
      const working = Promise.all(Array.from({ length: CLIENTS }, () => clients.work(server.url)));
      await new Promise((resolve) => setTimeout(resolve, 100 + random() * 1200));
      await server.stop('SIGKILL');
      await working;
    }
    // What got no answer is sent once more, under its key, and then everything is there once.
    const server = await serve(3270, folder, env);
    const unanswered = [...clients.open.values()];
    for (const write of unanswered) {
      const response = await fetch(`${server.url}/k/demo/api/do/${write.door}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', 'idempotency-key': write.key },
        body: JSON.stringify(write.body),
      });
      expect(await response.json()).toMatchObject({ ok: true });
      clients.confirmed.set(write.key, write);
    }
    await server.stop();

    const { db, close } = await (url ? openServer(url) : openFolder(folder));
    const keys = new Set((await db.select({ key: t.writes.key }).from(t.writes)).map((r) => r.key));
    const ticks = new Set((await db.select({ key: t.ticks.key }).from(t.ticks)).map((r) => r.key));
    const titles = (await db.select({ title: t.orders.title }).from(t.orders).orderBy(asc(t.orders.id))).map(
      (o) => o.title,
    );
    await close();
    const wanted = [...clients.confirmed.values()];
    const lost = wanted.filter(
      (w) => !keys.has(w.key) || (w.door === 'tick' && !ticks.has((w.body as { key: string }).key)),
    );
    const orders = wanted.filter((w) => w.door === 'take-order').map((w) => (w.body as { title: string }).title);
    console.log(
      `${name}: ${KILLS} kills, ${wanted.length} confirmed, ${unanswered.length} without an answer at the end, ${lost.length} lost; start ${Math.max(...starts)} ms at most`,
    );
    expect(lost).toEqual([]);
    expect(titles.filter((x) => x.startsWith('Kill ')).sort()).toEqual(orders.sort());
    expect(wanted.length).toBeGreaterThan(KILLS * 5);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
