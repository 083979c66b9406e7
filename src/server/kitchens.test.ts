import { sql } from 'drizzle-orm';
import type { KitchenDb } from '../data/kitchen-db';
import { openKitchenOfFew, planner, plansSettled, sendTo } from './testing/demo-kitchen';
import { WELL_MADE } from './testing/malformed';

const { db: demo, close } = await openKitchenOfFew();
const { copyKitchen, storedOf } = await import('./testing/copy-kitchen');
const { loadKitchens, homeKitchen } = await import('./kitchen/kitchen-list');
const { loadPlanned } = await import('./plan/load-planned');
const { planTrouble, replan } = await import('./plan/replan');
const { onlyKitchen, openKitchen } = await import('./shared/open-kitchen');
const { GETS, HOUSE_POSTS, POSTS } = await import('./doors');
const { answerGet, answerHousePosts, answerPosts } = await import('./shared/http');
type PostName = keyof typeof POSTS;

let ours: KitchenDb;
let keys = 0;
const posted = (body: string, more: Record<string, string> = {}) =>
  new Request('http://127.0.0.1/api/do/x', {
    ...{ method: 'POST', body },
    headers: {
      ...{ host: '127.0.0.1', 'content-type': 'application/json', 'idempotency-key': `kitchens-${++keys}`, ...more },
    },
  });
const tickIn = (kitchen: string, line: string) =>
  answerPosts(POSTS)(posted(JSON.stringify({ key: line, ticked: true })), {
    params: Promise.resolve({ kitchen, door: 'tick' }),
  });
const atHouse = async (door: string, body: object, more = {}) => {
  const answer = await answerHousePosts(HOUSE_POSTS, POSTS)(posted(JSON.stringify(body), more), {
    params: Promise.resolve({ door }),
  });
  return { status: answer.status, ...((await answer.json()) as { ok: boolean; message?: string }) };
};
/** What a page that was opened before kitchens had addresses sends, while there was one kitchen only. */
let fromBefore: Awaited<ReturnType<typeof atHouse>>;
beforeAll(async () => {
  expect((await onlyKitchen())?.kitchen).toBe('demo');
  fromBefore = await atHouse('tick', { key: 'told before', ticked: true });
  // A training day: its clock shows the morning before.
  const clock = { at: '2027-05-20T09:40:00Z', shows: '2027-05-19T09:40:00Z' };
  ours = await copyKitchen(demo, 'ours', { name: 'Ours', clock });
});
afterAll(async () => {
  await plansSettled();
  await replan(ours, 'a test waits for it');
  await close();
});

describe('several kitchens in one database', () => {
  it('are opened by their ids, and by nothing else', async () => {
    expect((await openKitchen('ours'))?.kitchen).toBe('ours');
    for (const id of ['theirs', '', 'OURS', 'ours/..', '-', '__proto__', null])
      expect(await openKitchen(id)).toBeNull();
    expect(await onlyKitchen()).toBeNull();
  });

  it('are reached by their own addresses; those of before lead to the only one there is, as long as there is one', async () => {
    expect(fromBefore).toMatchObject({ status: 200, ok: true });
    const refused = {
      status: 404,
      ok: false,
      message: 'There is no such kitchen, or more than one: open the page again.',
    };
    expect(await atHouse('tick', { key: 'told now', ticked: true })).toEqual(refused);
    expect((await tickIn('ours', 'a line')).status).toBe(200);
    expect((await tickIn('nobodys', 'a line')).status).toBe(404);
    expect((await tickIn('OURS', 'a line')).status).toBe(404);
    const asked = (kitchen: string) =>
      answerGet('builds', GETS.builds)(new Request('http://127.0.0.1/api/builds'), {
        params: Promise.resolve({ kitchen }),
      });
    expect([(await asked('ours')).status, (await asked('nobodys')).status]).toEqual([200, 404]);
  });

  it('doors of the whole database ask nothing of a kitchen, and refuse whoever may not send', async () => {
    expect(await atHouse('load-demo', {})).toEqual({
      ...{ status: 422, ok: false, message: 'The demo kitchen is here already.' },
    });
    expect((await atHouse('load-demo', {}, { origin: 'http://elsewhere.example' })).status).toBe(403);
    expect((await atHouse('load-demo', {}, { 'content-type': 'text/plain' })).status).toBe(415);
    expect((await atHouse('nowhere', {})).status).toBe(404);
    expect((await atHouse('constructor', {})).status).toBe(404);
  });

  it('are listed, each with its own clock, and the one used last is home', async () => {
    const lines = await loadKitchens();
    expect(lines.map((k) => [k.id, k.name, k.time.slice(0, -6), k.people])).toEqual([
      ['demo', 'Quillfennel Bakehouse', 'Thursday 20 May,', 7],
      ['ours', 'Ours', 'Wednesday 19 May,', 7],
    ]);
    expect([await homeKitchen('ours'), await homeKitchen('gone'), await homeKitchen(undefined)]).toEqual([
      'ours',
      'demo',
      'demo',
    ]);
  });

  it('go by their own clocks', async () => {
    const minutes = await Promise.all([demo, ours].map(async (db) => (await loadPlanned(db))!.situation.minute));
    expect(minutes[0]! - minutes[1]!).toBe(24 * 60);
    await sendTo('tick', { key: 'a line of ours', ticked: true }, 'ticked-in-ours', ours);
    const ticked = await ours.rows.execute(sql`select ticked_at from ticks where key = 'a line of ours'`);
    const [row] = (ticked as unknown as { rows: { ticked_at: string }[] }).rows;
    expect(new Date(row!.ticked_at).toISOString()).toContain('2027-05-19T09:4');
  });

  it('know nothing of what is sent to another, whatever it is', async () => {
    await plansSettled();
    const before = await storedOf(demo);
    const done: string[] = [];
    for (const name of Object.keys(WELL_MADE) as PostName[]) {
      if (!POSTS[name].writes) continue;
      const answer = await sendTo(name, WELL_MADE[name], undefined, ours);
      if (answer.ok) done.push(name);
    }
    await replan(ours, 'a test waits for it');
    expect(done).toEqual(expect.arrayContaining(['steer', 'take-order', 'save-formula', 'save-kitchen', 'tick']));
    expect(await storedOf(demo)).toEqual(before);
  });

  it('may use the same key, each for its own', async () => {
    const tick = (db: KitchenDb) => sendTo('tick', { key: `a line of ${db.kitchen}`, ticked: true }, 'same-key', db);
    expect([await tick(demo), await tick(ours)].map((a) => a.ok)).toEqual([true, true]);
  });

  it('plan beside each other: the trouble of one is not the other’s', async () => {
    planner.fails = 'the planner of ours fell over';
    planner.failsIn = 'ours';
    const [failed, made] = await Promise.all([replan(ours, 'to fail'), replan(demo, 'to be made')]);
    planner.failsIn = planner.fails = null;
    expect(failed.failed).toBe('the planner of ours fell over');
    expect(made.plan).not.toBeNull();
    expect([planTrouble(ours), planTrouble(demo)]).toEqual(['the planner of ours fell over', null]);
    expect((await replan(ours, 'again')).failed).toBeNull();
    expect(planTrouble(ours)).toBeNull();
  });

  it('take no trial over that was made in another', async () => {
    const { tryAdjustments } = await import('./steering/trials');
    const tried = await tryAdjustments(demo, [{ kind: 'more', key: 'mixer-1', to: 2 }]);
    if (!tried.ok) throw new Error(tried.message);
    expect((await sendTo('take-over', { trial: tried.trial.id }, undefined, ours)).ok).toBe(false);
    expect(await sendTo('take-over', { trial: tried.trial.id }, undefined, demo)).toMatchObject({ ok: true });
  });
});

it('of kitchens there are only so many: the next is refused in words, made or brought in', async () => {
  const place = { zone: 'UTC', country: 'metric', decimal: 'point', weight: 'g', temperature: 'C', length: 'cm' };
  const made = async (name: string) => atHouse('new-kitchen', { name, ...place });
  const here = (await loadKitchens()).length;
  for (let n = here; n < 50; n++) expect(await made(`Number ${n}`)).toMatchObject({ status: 200, ok: true });
  const refused = { ok: false, message: expect.stringContaining('There are 50 kitchens here already') };
  expect(await made('One more')).toMatchObject(refused);
  const { exportKitchen, importAsKitchen } = await import('./kitchen/kitchen-file');
  const { content } = await exportKitchen(ours, { as: 'json' });
  expect(await importAsKitchen(new TextEncoder().encode(content as string), null)).toMatchObject(refused);
});
