import { request as httpRequest } from 'node:http';
import path from 'node:path';
import { seededRandom } from '../../src/core/planner/model/random';
import { MALFORMED, spoilt, WELL_ASKED, WELL_MADE } from '../../src/server/testing/malformed';
import { PAGES as EVERY_PAGE } from '../../src/server/testing/pages';
import { serveKitchen } from '../e2e/kitchen-server.mjs';

const REQUESTS = 5000;
/** Nothing may take longer to be refused. ms. */
const HANGS = 60_000;

const ADDRESSES: Record<keyof typeof WELL_ASKED, (asked: Record<string, string>) => string> = {
  builds: () => '/k/demo/api/builds',
  chances: () => '/k/demo/api/chances',
  load: () => '/k/demo/api/load',
  search: () => '/k/demo/api/search',
  'composer-kitchen': () => '/k/demo/api/composer',
  'begin-from': (x) => `/k/demo/api/composer/begin?${new URLSearchParams(x)}`,
  'begin-copy': ({ id }) => `/k/demo/api/composer/copy/${id}`,
  beginnings: (x) => `/k/demo/api/composer/beginnings?${new URLSearchParams(x)}`,
  'older-orders': () => '/k/demo/api/composer/older',
  step: ({ id }) => `/k/demo/api/steps/${id}`,
  'step-move': ({ id }) => `/k/demo/api/steps/${id}/move`,
  picture: ({ id }) => `/k/demo/api/pictures/${id}`,
  'run-sheet': ({ id }) => `/k/demo/api/orders/${id}/run-sheet`,
  remedies: ({ id }) => `/k/demo/api/orders/${id}/remedies`,
  'formula-export': ({ id, ...x }) => `/k/demo/api/formulas/${id}/export?${new URLSearchParams(x)}`,
  'pull-list': (x) => `/k/demo/api/pull-list?${new URLSearchParams(x)}`,
  table: (x) => `/k/demo/api/table?${new URLSearchParams(x)}`,
  'kitchen-file': (x) => `/k/demo/api/kitchen-file?${new URLSearchParams(x)}`,
  templates: (x) => `/k/demo/api/templates?${new URLSearchParams(x)}`,
};
const PAGES = Object.values(EVERY_PAGE).flat();
/** Addresses as a careless program writes them: not encoded at all. */
const RAW = ['%ff', '%00', '%', '%zz', '..%2f..%2fetc', '%E0%A4%A', '%2e%2e/', 'a\u00e9'];

const encoded = (value: unknown) => {
  const text = typeof value === 'object' ? (JSON.stringify(value) ?? '') : String(value);
  return encodeURIComponent(text.toWellFormed()).slice(0, 2000);
};

interface Asked {
  method: string;
  path: string;
  body?: string;
}

/** As it is, without what a well-behaved client would mend. */
function send(port: number, { method, path, body }: Asked, key: string): Promise<{ status: number; ms: number }> {
  const begun = performance.now();
  return new Promise((resolve, reject) => {
    const headers = { 'content-type': 'application/json', 'idempotency-key': key };
    const asked = httpRequest({ host: '127.0.0.1', port, method, path, headers, timeout: HANGS }, (response) => {
      response.resume();
      response.on('end', () => resolve({ status: response.statusCode ?? 0, ms: performance.now() - begun }));
    });
    asked.on('timeout', () =>
      asked.destroy(new Error(`no answer within ${HANGS} ms: ${method} ${path} ${body?.slice(0, 300)}`)),
    );
    asked.on('error', reject);
    asked.end(body);
  });
}

/** What has been done so often for spoilt requests that were harmless is asked no more: to plan anew takes longer than to refuse. */
const HARMLESS = 15;

/** What passes here adds to the kitchen: more orders and formulas need more memory, as they should. */
const ADDING = ['take-order', 'save-formula'];

function* everything(random: () => number, adding: boolean, done: ReadonlyMap<string, number>): Generator<Asked> {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const seldom = (path: string) => (done.get(path) ?? 0) < HARMLESS;
  const allPosts = (Object.keys(WELL_MADE) as (keyof typeof WELL_MADE)[]).filter((d) => adding || !ADDING.includes(d));
  const allGets = Object.keys(WELL_ASKED) as (keyof typeof WELL_ASKED)[];
  for (;;) {
    const posts = allPosts.filter((d) => seldom(`/k/demo/api/do/${d}`));
    const gets = allGets.filter((g) =>
      seldom(ADDRESSES[g](WELL_ASKED[g] as Record<string, string>).replace(/\?.*/, '')),
    );
    const bad = pick(MALFORMED);
    const kind = random();
    if (kind < 0.7) {
      const door = pick(posts);
      const bodies = [...spoilt(WELL_MADE[door], bad)];
      const text = JSON.stringify(pick(bodies)) ?? '';
      // Now and then what is no JSON at all, or cut off.
      const body = random() < 0.05 ? text.slice(0, Math.floor(text.length * random())) : text;
      yield { method: 'POST', path: `/k/demo/api/do/${door}`, body };
    } else if (kind < 0.85) {
      const name = pick(gets);
      const value = random() < 0.3 ? pick(RAW) : encoded(bad);
      const asked = { ...WELL_ASKED[name], [pick([...Object.keys(WELL_ASKED[name]), 'unheardOf'])]: value };
      yield { method: pick(['GET', 'GET', 'GET', 'POST', 'PUT', 'DELETE', 'HEAD']), path: ADDRESSES[name](asked) };
    } else {
      const value = () => (random() < 0.4 ? pick(RAW) : encoded(pick(MALFORMED)));
      yield { method: pick(['GET', 'GET', 'POST']), path: pick(PAGES).replace(/#/g, value) };
    }
  }
}

/** What the server still needs once it has cleared up, MB. */
async function memory(server: Awaited<ReturnType<typeof serveKitchen>>): Promise<number> {
  const before = server.said.length;
  server.child.kill('SIGUSR2');
  for (;;) {
    const told = /needs (\d+) MB/.exec(server.said.slice(before).join(''));
    if (told) return Number(told[1]);
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
}

it(`${REQUESTS} malformed requests are refused or harmless: no 500, no hang, memory level`, async () => {
  const port = 3260;
  const server = await serveKitchen(port, {
    ZEST_LOG: 'error',
    NODE_OPTIONS: `--require ${path.resolve('tests/long/report-memory.cjs')}`,
  });
  try {
    const random = seededRandom(20261126);
    const done = new Map<string, number>();
    const adding = everything(random, true, done);
    const level = everything(random, false, done);
    const statuses: Record<number, number> = {};
    const wrong: string[] = [];
    let slowest = { ms: 0, what: '' };
    const levels: number[] = [];
    for (let n = 0; n < REQUESTS; n += 10) {
      const batch = Array.from({ length: 10 }, () => (n < REQUESTS / 2 ? adding : level).next().value as Asked);
      const answers = await Promise.all(batch.map((ask, i) => send(port, ask, `hostile-${n + i}`)));
      answers.forEach(({ status, ms }, i) => {
        const what = `${batch[i]!.method} ${batch[i]!.path.slice(0, 200)} ${batch[i]!.body?.slice(0, 300) ?? ''}`;
        statuses[status] = (statuses[status] ?? 0) + 1;
        const place = batch[i]!.path.replace(/\?.*/, '');
        if (status === 200) done.set(place, (done.get(place) ?? 0) + 1);
        if (status >= 500 || status === 0) wrong.push(`${status} ${what}`);
        if (ms > slowest.ms) slowest = { ms: Math.round(ms), what };
      });
      if (n % 500 === 490) levels.push(await memory(server));
    }
    console.log(JSON.stringify({ statuses, slowest, memoryMB: levels }));
    expect(wrong).toEqual([]);
    // Once nothing is added to the kitchen any more, it needs no more.
    expect(levels.at(-1)! - levels.at(-4)!).toBeLessThan(30);
    const page = await fetch(`${server.url}/`);
    expect(await page.text()).toContain('Abara christening');
  } finally {
    await server.stop();
  }
});
