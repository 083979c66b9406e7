/**
 * Measures taps at the bench, as tablets see them: one alone, and ten at once, each of which looks at its page again whenever something
 * changed, as a browser does. Serves the built application with the demo, and writes nothing but a table.
 * Usage: npm run bench:bench [-- --taps 40] (needs a build)
 */
import { parseArgs } from 'node:util';
import { serveKitchen } from '../tests/e2e/kitchen-server.mjs';

const { values } = parseArgs({ options: { taps: { type: 'string', default: '40' } } });
const TAPS = Number(values.taps);
const TABLETS = 10;
/** As the pages do it: changes that come in a burst are looked at once. ms. */
const SETTLE = 150;

const server = await serveKitchen(3290, { ZEST_LOG: 'warn' });
const sorted = (list) => [...list].sort((a, b) => a - b);
const at = (list, share) => sorted(list)[Math.min(list.length - 1, Math.floor(share * list.length))];
const row = (what, list) =>
  console.log(
    `| ${what} | ${list.length} | ${Math.round(at(list, 0.5))} | ${Math.round(at(list, 0.95))} | ${Math.round(Math.max(...list))} |`,
  );

let keys = 0;
/** One tap; how long its answer took, ms. */
async function tap(door, body) {
  const begun = performance.now();
  const response = await fetch(`${server.url}/k/demo/api/do/${door}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'idempotency-key': `bench-${++keys}-${Date.now()}` },
    body: JSON.stringify(body),
  });
  const answer = await response.json();
  if (!answer.ok) throw new Error(`${door}: ${answer.message}`);
  return performance.now() - begun;
}

/** A tablet on somebody's page: looks at it again whenever something changed; says when there is a new plan. */
function tablet(person, onPlan = () => {}) {
  const gone = new AbortController();
  let timer;
  (async () => {
    const stream = await fetch(`${server.url}/k/demo/api/live`, { signal: gone.signal });
    for await (const part of stream.body) {
      const text = Buffer.from(part).toString();
      if (text.includes('data: planned')) onPlan();
      if (!text.includes('data:')) continue;
      clearTimeout(timer);
      timer = setTimeout(
        () =>
          fetch(`${server.url}/bench/${person}`, { headers: { rsc: '1' }, signal: gone.signal }).then(
            (r) => r.text(),
            () => undefined,
          ),
        SETTLE,
      );
    }
  })().catch(() => undefined);
  return () => {
    clearTimeout(timer);
    gone.abort();
  };
}

try {
  const page = await (await fetch(`${server.url}/bench`)).text();
  const people = [...new Set([...page.matchAll(/\/bench\/([\w-]+)/g)].map((m) => m[1]))];
  const wall = await (await fetch(`${server.url}/`)).text();
  const steps = [...new Set([...wall.matchAll(/\\?"(o\d+\.[\w.@-]+?)\\?"/g)].map((m) => m[1]))];
  // Steps that can be begun now, and are: taps are told of them in turn.
  const running = [];
  for (const step of steps) {
    if (running.length >= TABLETS) break;
    await tap('start-step', { step, person: people[running.length % people.length], sure: true }).then(
      () => running.push(step),
      () => undefined,
    );
  }
  console.log(`${people.length} people, ${running.length} steps under way.\n`);
  console.log('| what | taps | middle, ms | 95 %, ms | worst, ms |\n| --- | --- | --- | --- | --- |');

  let planned = () => {};
  const alone = tablet(people[0], () => planned());
  await new Promise((resolve) => setTimeout(resolve, 3000));
  const single = [];
  const plans = [];
  for (let i = 0; i < TAPS; i++) {
    const made = new Promise((resolve) => (planned = resolve));
    single.push(await tap('extend-step', { step: running[i % running.length], minutes: 1 }));
    const begun = performance.now();
    await made;
    plans.push(performance.now() - begun);
    await new Promise((resolve) => setTimeout(resolve, 300));
  }
  alone();
  row('one tablet: the tap is answered', single);
  row('one tablet: the plan is on the wall, after the answer', plans);

  const close = Array.from({ length: TABLETS }, (_, i) => tablet(people[i % people.length], () => planned()));
  await new Promise((resolve) => setTimeout(resolve, 1000));
  const many = [];
  const after = [];
  for (let i = 0; i < TAPS / 4; i++) {
    many.push(
      ...(await Promise.all(running.slice(0, TABLETS).map((step) => tap('extend-step', { step, minutes: 1 })))),
    );
    // The first plan may have been begun before the last tap: the last one knows them all.
    const begun = performance.now();
    let last = begun;
    planned = () => (last = performance.now());
    await new Promise((resolve) => setTimeout(resolve, 2500));
    after.push(last - begun);
  }
  row('ten tablets at once: a tap is answered', many);
  row('ten tablets at once: a plan that knows them, after the last answer', after);
  for (const one of close) one();
} finally {
  await server.stop();
}
