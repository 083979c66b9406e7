import { setTimeout as sleep } from 'node:timers/promises';
import { sql } from 'drizzle-orm';
import { openDemoKitchen, plansSettled, sendTo } from '../../src/server/testing/demo-kitchen';

const { db, close } = await openDemoKitchen();
const { loadPlanned } = await import('../../src/server/plan/load-planned');
const { cakeSteps } = await import('../../src/core/situation/whose-step');
const { readPlan, readPlanOf } = await import('../../src/data/repositories/plans');
const { checkPlan } = await import('../../src/core/plan-check/check-plan');

afterAll(async () => {
  await plansSettled();
  await close();
});

const TAPS = 200;
const MOST_MB = 2;

/** Bytes of all tables with their indexes and what they store aside, after a vacuum. */
async function size(): Promise<number> {
  await db.rows.execute(sql`vacuum`);
  const answer = await db.rows.execute(
    sql`select sum(pg_total_relation_size(c.oid))::int as bytes from pg_class c
        join pg_namespace n on n.oid = c.relnamespace where n.nspname = 'public' and c.relkind = 'r'`,
  );
  return (answer as unknown as { rows: { bytes: number }[] }).rows[0]!.bytes;
}

/** The next thing that somebody would tell: a running step is done, needs more time, or another one is begun. */
async function tap(nth: number): Promise<boolean> {
  const { situation, plan } = (await loadPlanned(db))!;
  const running = [...situation.states.values()].filter((s) => s.state === 'running');
  const checks = new Map(cakeSteps(situation).map((s) => [s.id as string, s.check]));
  const oldest = running[0];
  if (oldest && nth % 7 === 3) return (await sendTo('extend-step', { step: oldest.step, minutes: 2 })).ok;
  if (oldest && running.length > 3) {
    const check = checks.get(oldest.step);
    const answer = check
      ? { answer: { holds: true, ...(check.limit === undefined ? {} : { value: check.limit }) } }
      : {};
    return (await sendTo('finish-step', { step: oldest.step, sure: true, ...answer })).ok;
  }
  const blocked = new Set(
    plan.problem.waits.filter((w) => situation.states.get(w.from)?.state !== 'done').map((w) => w.to),
  );
  const next = [...plan.plan.steps]
    .sort((a, b) => a.start - b.start)
    .find((s) => s.people.length > 0 && !situation.states.has(s.id) && !blocked.has(s.id));
  if (next) return (await sendTo('start-step', { step: next.id, person: next.people[0]!, sure: true })).ok;
  return oldest !== undefined && (await sendTo('extend-step', { step: oldest.step, minutes: 1 })).ok;
}

/** Waits for the plan that follows a tap, without asking for one more: that would be stored too. */
async function planAfter(id: number): Promise<void> {
  while ((await readPlan(db))!.id === id) await sleep(5);
}

describe('what two hundred taps store', () => {
  it('takes little room, and every plan there was can be read', async () => {
    const before = await size();
    const first = (await readPlan(db))!;
    const remembered = [];
    for (let nth = 0; nth < TAPS; nth++) {
      const { id } = (await readPlan(db))!;
      expect([nth, await tap(nth)]).toEqual([nth, true]);
      await planAfter(id);
      if (nth % 40 === 0) remembered.push((await readPlan(db))!);
    }
    const newest = (await readPlan(db))!;
    expect(newest.id - first.id).toBeGreaterThanOrEqual(TAPS);
    const grown = (await size()) - before;
    console.log(
      `${TAPS} taps, ${newest.id - first.id} plans: ${(grown / 1e6).toFixed(2)} MB more than ${(before / 1e6).toFixed(2)} MB`,
    );
    expect(grown).toBeLessThan(MOST_MB * 1e6);
    for (const plan of remembered) {
      expect(await readPlanOf(db, plan.id)).toEqual(plan);
      expect(checkPlan(plan.problem, plan.plan)).toMatchObject({ ok: true });
    }
  });
});
