import type { PGlite } from '@electric-sql/pglite';
import { openClient } from '../../data/database';
import type { Db } from '../../data/db';
import type { KitchenDb } from '../../data/kitchen-db';
import { DUMPED, restoreDump } from '../../data/testing/restore-dump';
import { sendTo, sendToKitchen, serveDatabase } from '../testing/demo-kitchen';

/** A step of an order with two tiers, as it was called before ids said their tiers. */
const NUMBERED = 'o6.layers.bake.1';
const clients: PGlite[] = [];
const databases = new Map<number, Db>();
const numbered = (version: number) => version < 4;
for (const version of DUMPED) {
  const client = await restoreDump(version);
  // Of several steps of one kind each had its number, the first one too.
  if (numbered(version))
    await client.query(
      `insert into events (id, at, kind, order_id, body)
     select max(id) + 1, max(at), 'start', 6, $1 from events`,
      [JSON.stringify({ step: NUMBERED, people: ['ines'], equipment: [] })],
    );
  clients.push(client);
  databases.set(version, (await openClient(client)).db);
}
serveDatabase(databases.get(0)!);
const { forgetRead } = await import('../../data/cached');
const { cakeSteps } = await import('../../core/situation/whose-step');
const { readUpgrades } = await import('../../data/repositories/kitchens');
const { readPlan } = await import('../../data/repositories/plans');
const { ownerOf } = await import('../../core/ids/ids');
const { checkPlan } = await import('../../core/plan-check/check-plan');
const { replan } = await import('../plan/replan');
const { loadSituation } = await import('./load-situation');
const { upgradeKitchens } = await import('./upgrade');

afterAll(() => Promise.all(clients.map((c) => c.close())));

describe.each(DUMPED)('a kitchen of schema %d', (version) => {
  let db: KitchenDb;
  const situation = async () => (await loadSituation(db))!;
  beforeAll(async () => {
    const rows = databases.get(version)!;
    (globalThis as unknown as { zestDatabase: Promise<Db> }).zestDatabase = Promise.resolve(rows);
    delete (globalThis as unknown as { zestKept?: unknown }).zestKept;
    forgetRead();
    await upgradeKitchens(rows);
    db = await sendToKitchen('demo');
  });

  it('is brought up once', async () => {
    expect(await readUpgrades(db)).toBe(1);
    const { orders } = await situation();
    await upgradeKitchens(db.rows);
    expect((await situation()).orders.map((o) => o.kept)).toEqual(orders.map((o) => o.kept));
  });

  it('keeps the work of all that has been begun, and every told step and pin finds its own', async () => {
    const { orders, states, adjustments, ...more } = await situation();
    const known = new Map(cakeSteps({ ...more }).map((s) => [s.id as string, s.name]));
    const told = [...states.keys(), ...Object.keys(adjustments.pin), ...Object.keys(adjustments.give)];
    const open = new Set(orders.map((o) => `o${o.id}`));
    const own = told.filter((s) => open.has(ownerOf(s)));
    expect(own.length).toBeGreaterThan(0);
    expect(own.includes(NUMBERED)).toBe(numbered(version));
    if (numbered(version)) expect(known.get(NUMBERED)).toMatch(/^Bake/);
    expect(own.filter((s) => !known.has(s))).toEqual([]);
    const begun = new Set(own.map(ownerOf));
    for (const o of orders) expect([o.id, o.kept !== null]).toEqual([o.id, begun.has(`o${o.id}` as never)]);
  });

  it('has the steps of its newest plan, by the names that they had', async () => {
    const plan = (await readPlan(db))!;
    const now = await situation();
    const known = new Map(cakeSteps(now).map((s) => [s.id as string, s.name]));
    const begun = new Set(now.orders.filter((o) => o.kept).map((o) => `o${o.id}`));
    const planned = plan.problem.steps.filter((s) => begun.has(ownerOf(s.id)));
    expect(planned.length).toBeGreaterThan(10);
    for (const s of planned) expect([s.id, known.get(s.id)]).toEqual([s.id, s.name]);
  });

  it('is planned anew, and is worked in as any other', async () => {
    const made = await replan(db, 'a test opened it');
    expect(made.failed).toBeNull();
    const plan = made.plan!;
    expect(checkPlan(plan.problem, plan.plan)).toMatchObject({ ok: true });
    const { states } = await situation();
    const running = [...states.values()].find((s) => s.state === 'running');
    if (version > 0) expect(running).toBeDefined();
    if (running) expect(await sendTo('extend-step', { step: running.step, minutes: 5 })).toMatchObject({ ok: true });
    const undone = await sendTo('undo', {});
    expect(undone.ok).toBe((await situation()).edits.undone.length > 0);
  });
});
