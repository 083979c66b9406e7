import { formulaOf } from '../core/design/design';
import type { PGlite } from '@electric-sql/pglite';
import { getTableConfig } from 'drizzle-orm/pg-core';
import { batchId, kitchenIdOf, orderId } from '../core/ids/ids';
import { openClient } from './database';
import type { Db } from './db';
import type { KitchenDb } from './kitchen-db';
import { readBatches } from './repositories/batches';
import { readEdits } from './repositories/edits';
import { bodyOf, readFloor, readLoggedSince } from './repositories/events';
import { clockOf, readKitchen } from './repositories/kitchen';
import { readKitchens } from './repositories/kitchens';
import { readHandedOver, readOpenOrders } from './repositories/orders';
import { readPlan, readPlanOf } from './repositories/plans';
import * as schema from './schema';
import { DUMPED, restoreDump } from './testing/restore-dump';

/** What the folders held: rows of the version that wrote them, counted in its dump. */
const HELD = {
  0: { formulas: 27, builds: 8, orders: 14, undone: false, saved: [] as number[] },
  1: { formulas: 54, builds: 17, orders: 14, undone: true, saved: [2, 1] },
  2: { formulas: 54, builds: 17, orders: 14, undone: true, saved: [2, 1] },
  4: { formulas: 54, builds: 17, orders: 14, undone: true, saved: [2, 1] },
  6: { formulas: 54, builds: 25, orders: 99, undone: true, saved: [] as number[] },
};

describe.each(DUMPED)('what schema %d stored', (version) => {
  let client: PGlite;
  let rows: Db;
  let db: KitchenDb;
  beforeAll(async () => {
    client = await restoreDump(version);
    ({ db: rows } = await openClient(client));
    db = { kitchen: kitchenIdOf('demo')!, rows, now: () => new Date() };
  });
  afterAll(() => client.close());

  it('is one kitchen with an id for its addresses', async () => {
    expect((await readKitchens(rows)).map((k) => k.id)).toEqual(['demo']);
  });

  it('is read by its codecs: nothing is refused, and nothing is missing', async () => {
    const kitchen = (await readKitchen(db))!;
    const open = await readOpenOrders(db);
    const left = await readHandedOver(db, 100);
    const held = HELD[version];
    expect({
      formulas: kitchen.formulas.length,
      builds: kitchen.builds.length,
      orders: open.length + left.length,
    }).toEqual({ formulas: held.formulas, builds: held.builds, orders: held.orders });
    const names = new Set(kitchen.formulas.map((f) => f.id));
    for (const b of kitchen.builds) for (const p of b.body.design.parts) expect(names).toContain(formulaOf(p));
  });

  it('has no event that cannot be read by its kind', async () => {
    const events = await rows.select().from(schema.events);
    for (const e of events) if (e.kind !== 'plan edit') expect(() => bodyOf(e)).not.toThrow();
    const saved = events.filter((e) => e.kind === 'formula saved').map((e) => bodyOf(e));
    expect(saved.map((b) => (b as { saved: number }).saved)).toEqual(HELD[version].saved);
  });

  it('tells as much of the floor by owners as it does in all', async () => {
    const clock = clockOf((await readKitchen(db))!.kitchen);
    const orders = [...(await readOpenOrders(db)), ...(await readHandedOver(db, 100))];
    const owners = [...orders.map((o) => orderId(o.id)), ...(await readBatches(db)).map((b) => batchId(b.id))];
    const all = await readLoggedSince(db, 0, clock);
    expect(all.length).toBeGreaterThan(5);
    expect(await readFloor(db, owners, clock)).toEqual(all);
  });

  it('has its newest plan, and the one that an undo goes back to', async () => {
    const plan = (await readPlan(db))!;
    expect(plan.plan.steps.length).toBeGreaterThan(100);
    const { done, undone } = await readEdits(db);
    const last = done.at(-1) ?? undone.at(-1);
    expect(last !== undefined).toBe(HELD[version].undone);
    if (last) expect((await readPlanOf(db, last.before))!.plan.steps.length).toBeGreaterThan(100);
  });

  it('says what is damaged, and where', async () => {
    const spoil = async (sql: string, read: () => Promise<unknown>) => {
      await client.exec(`begin; ${sql}`);
      const message = await read().then(
        () => 'nothing was wrong',
        (error: Error) => error.message,
      );
      await client.exec('rollback');
      return message;
    };
    const formula = `update formulas set body = jsonb_set(body, '{lines,0,grams}', '"much"') where id = (select min(id) from formulas)`;
    expect(await spoil(formula, () => readKitchen(db))).toMatch(
      /^Formula “[a-z-]+” cannot be read: lines\.0\.grams: Expected number$/,
    );
    const [open] = await readOpenOrders(db);
    const newer = `update orders set answers = answers || '{"format": "zest-ladder/order-answers", "version": 9}' where id = ${open!.id}`;
    expect(await spoil(newer, () => readOpenOrders(db))).toBe(
      `What was answered for order ${open!.id} cannot be read: version: It was written by a newer program (version 9; this one reads up to 1).`,
    );
    const sung = `update events set kind = 'sung' where id = (select min(id) from events where kind = 'start')`;
    const told = () =>
      readFloor(db, [orderId(1), orderId(2), orderId(3), orderId(4), orderId(5)], { origin: '', zone: 'UTC' });
    expect(await spoil(sung, told)).toMatch(/^Event \d+ is “sung”, which this program does not know\.$/);
  });

  it('has the tables that the program knows, column by column', async () => {
    for (const table of Object.values(schema)) {
      const { name, columns, primaryKeys, indexes } = getTableConfig(table);
      const found = await client.query<{ column_name: string; data_type: string; is_nullable: string }>(
        'select column_name, data_type, is_nullable from information_schema.columns where table_name = $1',
        [name],
      );
      const wanted = columns.map((c) => ({
        column_name: c.name,
        data_type: c.getSQLType(),
        is_nullable: c.notNull ? 'NO' : 'YES',
      }));
      const byName = (a: { column_name: string }, b: { column_name: string }) =>
        a.column_name < b.column_name ? -1 : 1;
      expect([name, found.rows.sort(byName)]).toEqual([name, wanted.sort(byName)]);
      const indexed = await client.query<{ indexname: string }>(
        'select indexname from pg_indexes where tablename = $1',
        [name],
      );
      const keys = [...primaryKeys.map((k) => k.getName()), ...indexes.map((i) => i.config.name!)];
      expect(indexed.rows.map((r) => r.indexname)).toEqual(expect.arrayContaining(keys));
    }
  });
});
