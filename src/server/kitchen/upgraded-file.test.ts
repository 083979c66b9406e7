import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { PGlite } from '@electric-sql/pglite';
import { openClient } from '../../data/database';
import type { KitchenDb } from '../../data/kitchen-db';
import { DUMPED, restoreDump } from '../../data/testing/restore-dump';
import { planner, plansSettled, sendToKitchen, serveDatabase } from '../testing/demo-kitchen';

/** What is in a kitchen file but the name of the kitchen, which no two may have. */
const SECTIONS = ['people', 'items', 'ingredients', 'formulas', 'builds', 'orders', 'batches'];
const ALL = { sections: SECTIONS, replace: [] as string[] };

describe.each(DUMPED)('a kitchen that schema %d stored', (version) => {
  let client: PGlite;
  let db: KitchenDb;
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-upgraded-'));
  const files = () => import('./kitchen-file');
  beforeAll(async () => {
    client = await restoreDump(version);
    const { db: rows } = await openClient(client);
    serveDatabase(rows);
    planner.seconds = 0.05;
    const { forgetRead } = await import('../../data/cached');
    forgetRead();
    await (await import('../situation/upgrade')).upgradeKitchens(rows);
    db = await sendToKitchen('demo');
  });
  afterAll(async () => {
    await plansSettled();
    await client.close();
    rmSync(folder, { recursive: true, force: true });
  });

  it('goes out with every document brought up, and comes in again as it went', async () => {
    const { exportKitchen, importAsKitchen, kitchenFileOf } = await files();
    const { openKitchen } = await import('../shared/open-kitchen');
    const { content } = await exportKitchen(db, { as: 'json' });
    const made = await importAsKitchen(new TextEncoder().encode(content as string), null);
    if (!made.ok) throw new Error(JSON.stringify(made));
    const [copy, own] = [await kitchenFileOf((await openKitchen(made.kitchen))!), await kitchenFileOf(db)];
    expect(own.orders!.length).toBeGreaterThan(10);
    expect({ ...copy, kitchen: null }).toEqual({ ...own, kitchen: null });
    expect({ ...copy.kitchen, name: own.kitchen!.name }).toEqual(own.kitchen);
  });

  it('is backed up', async () => {
    const { backUp } = await import('./backups');
    const { lookInto } = await files();
    const night = { ...db, now: () => new Date('2027-05-21T02:30:00Z') };
    expect(await backUp(night, folder)).toBe(true);
    const looked = await lookInto(readFileSync(path.join(folder, 'demo@2027-05-21.zip')), null, null);
    expect(looked).toMatchObject({ ok: true });
  });

  it('is the same as its own file, and what comes in beside it is taken once', async () => {
    const { importInto, kitchenFileOf, lookInto } = await files();
    const file = structuredClone(await kitchenFileOf(db));
    const bytes = () => new TextEncoder().encode(JSON.stringify(file));
    const looked = await lookInto(bytes(), db, null);
    if (!looked.ok) throw new Error(JSON.stringify(looked));
    expect(looked.found.records!.filter((r) => r.is !== 'same')).toEqual([]);
    expect(await importInto(db, bytes(), ALL, null)).toMatchObject({
      ok: false,
      message: expect.stringContaining('all of it is here already'),
    });
    file.people!.push({ ...file.people![0]!, id: 'quillan' });
    expect(await importInto(db, bytes(), ALL, null)).toMatchObject({ ok: true, taken: 1 });
    expect((await kitchenFileOf(db)).orders).toEqual(file.orders);
  });
});
