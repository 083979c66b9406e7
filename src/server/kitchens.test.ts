import { sql } from 'drizzle-orm';
import type { KitchenDb } from '../data/kitchen-db';
import { openDemoKitchen, planner, plansSettled, sendTo } from './testing/demo-kitchen';
import { WELL_MADE } from './testing/malformed';

const { db: demo, close } = await openDemoKitchen('kitchens');
const { copyKitchen, storedOf } = await import('./testing/copy-kitchen');
const { loadKitchens, homeKitchen } = await import('./kitchen/kitchen-list');
const { loadPlanned } = await import('./plan/load-planned');
const { planTrouble, replan } = await import('./plan/replan');
const { onlyKitchen, openKitchen } = await import('./shared/open-kitchen');
const { POSTS } = await import('./doors');
type PostName = keyof typeof POSTS;

let ours: KitchenDb;
beforeAll(async () => {
  expect((await onlyKitchen())?.kitchen).toBe('demo');
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

  it('are listed, each with its own clock, and the one used last is home', async () => {
    const lines = await loadKitchens();
    expect(lines.map((k) => [k.id, k.name, k.time.slice(0, -6), k.people])).toEqual([
      ['demo', 'The Copper Whisk', 'Thursday 20 May,', 7],
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
    expect((await sendTo('take-over', { trial: tried.trial.id }, undefined, demo)).ok).toBe(true);
  });
});
