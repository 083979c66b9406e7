import { openClient } from '../../data/database';
import { emptyDatabase, keepDump, openDump } from '../../data/testing/template';
import { MORNING, orderCalled, plansSettled, sendToKitchen, serveDatabase } from './demo-kitchen';

/** Loads the demo as the program does, and keeps what that has written: what the tests of use cases begin from. */
it('the demo is loaded, and all of it is kept', async () => {
  const client = await emptyDatabase();
  const { db: rows } = await openClient(client);
  serveDatabase(rows);
  const { loadDemo } = await import('../demo/load-demo');
  const { storedOf } = await import('./copy-kitchen');
  expect(await loadDemo('UTC')).toEqual({ ok: true, kitchen: 'demo' });
  expect(await loadDemo('UTC')).toEqual({ ok: false, message: 'The demo kitchen is here already.' });
  const db = await sendToKitchen('demo');
  await plansSettled();
  expect(db.now().toISOString().slice(0, 16)).toBe(MORNING.slice(0, 16));
  expect(await orderCalled('Abara christening')).toBeGreaterThan(0);
  const stored = await storedOf(db);
  for (const table of ['entries', 'formulas', 'builds', 'orders', 'plans', 'events'])
    expect([table, stored[table]!.length > 1000]).toEqual([table, true]);
  const file = process.env.ZEST_TEMPLATE_FILE!;
  await keepDump(client, file);
  const { db: copy, close } = await openClient(await openDump(file));
  expect(await storedOf({ ...db, rows: copy })).toEqual(stored);
  await close();
});
