import type { PGlite } from '@electric-sql/pglite';
import { kitchenIdOf } from '../../core/ids/ids';
import { openClient } from '../database';
import type { KitchenDb } from '../kitchen-db';
import { restoreDump } from '../testing/restore-dump';
import { insertPlan, readPlan, readPlanOf, thinPlans, type PlanRow } from './plans';

let client: PGlite;
let db: KitchenDb;
beforeAll(async () => {
  client = await restoreDump(2);
  const { db: rows } = await openClient(client);
  db = { kitchen: kitchenIdOf('demo')!, rows, now: () => new Date() };
});
afterAll(() => client.close());

/** The plan with another start of a step, a step less, an order more that is left out. */
function changed({ id, ...plan }: PlanRow, madeAt: string, by: number): Omit<PlanRow, 'id'> {
  const [first, second, ...rest] = plan.plan.steps;
  return {
    ...{ ...plan, previous: id, madeAt: new Date(madeAt), reason: `moved by ${by}` },
    plan: {
      ...plan.plan,
      steps: by % 2 ? [{ ...second!, start: second!.start + by }, ...rest] : [first!, second!, ...rest],
      unplaced: [{ order: `o${by}`, reason: 'no oven', blockers: [] }],
    },
    problem: { ...plan.problem, now: plan.problem.now + by },
    stood: [`wait ${by}`],
  };
}

describe('plans', () => {
  it('are whole where they are the newest or the last of a day of the kitchen, and all can be read', async () => {
    await client.exec(`update kitchens set zone = 'America/New_York'`);
    const made: PlanRow[] = [(await readPlan(db))!];
    // By the kitchen's clock the day changes between the third and the fourth, and once more before the last.
    const times = ['21T20:00', '21T23:30', '22T03:30', '22T04:30', '22T12:00', '22T13:00', '23T12:00'];
    for (const [i, time] of times.entries()) {
      made.push((await insertPlan(db, changed(made.at(-1)!, `2027-05-${time}:00Z`, i + 1)))!);
      // Once it was forgotten, or the program ended before it: the next time makes good for it.
      if (i !== 1) await thinPlans(db, made.at(-1)!.id);
    }
    const { rows } = await client.query<{ id: number; whole: boolean; different: boolean }>(
      'select id, body is not null as whole, difference is not null as different from plans where id > $1 order by id',
      [made[0]!.id],
    );
    expect(rows.map((r) => r.whole)).toEqual([false, false, true, false, false, true, true]);
    expect(rows.map((r) => r.different)).toEqual(rows.map((r) => !r.whole));
    for (const plan of made) expect(await readPlanOf(db, plan.id)).toEqual(plan);
    expect(await readPlan(db)).toEqual(made.at(-1));
  });

  it('two do not follow the same one, and a number that there is not is none', async () => {
    const newest = (await readPlan(db))!;
    const first = await insertPlan(db, changed(newest, '2027-05-24T10:00:00Z', 40));
    expect(first?.previous).toBe(newest.id);
    expect(await insertPlan(db, changed(newest, '2027-05-24T10:00:00Z', 41))).toBeNull();
    expect((await readPlan(db))!.reason).toBe('moved by 40');
    expect(await readPlanOf(db, 999_999)).toBeNull();
  });

  it('of another kitchen are not these', async () => {
    const other: KitchenDb = { ...db, kitchen: kitchenIdOf('other')! };
    expect(await readPlan(other)).toBeNull();
    expect(await readPlanOf(other, (await readPlan(db))!.id)).toBeNull();
  });
});
