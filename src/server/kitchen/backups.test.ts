import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { eq } from 'drizzle-orm';
import { openKitchenOfFew } from '../testing/demo-kitchen';
import type { KitchenDb } from '../../data/kitchen-db';

let db: KitchenDb;
let close: () => Promise<void>;
const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-backups-'));

beforeAll(async () => {
  ({ db, close } = await openKitchenOfFew());
  process.env.ZEST_BACKUPS = folder;
}, 240_000);
afterAll(async () => {
  delete process.env.ZEST_BACKUPS;
  rmSync(folder, { recursive: true, force: true });
  await close();
});

const on = (time: string): KitchenDb => ({ ...db, now: () => new Date(time) });

describe('nightly backups', () => {
  it('are written once a day, from two in the morning on, readable by their owner only, and come in again', async () => {
    const { backUp, backupAge } = await import('./backups');
    const { lookInto } = await import('./kitchen-file');
    expect(backupAge(db)).toMatchObject({ old: true, text: expect.stringContaining('No backup yet') });
    expect(await backUp(on('2027-05-21T01:30:00Z'), folder)).toBe(false);
    expect(await backUp(on('2027-05-21T02:30:00Z'), folder)).toBe(true);
    expect(await backUp(on('2027-05-21T22:00:00Z'), folder)).toBe(false);
    expect(readdirSync(folder)).toEqual(['demo@2027-05-21.zip']);
    const file = path.join(folder, 'demo@2027-05-21.zip');
    expect(statSync(file).mode & 0o077).toBe(0);
    expect(await lookInto(readFileSync(file), null, null)).toMatchObject({
      ok: true,
      found: { name: 'Quillfennel Bakehouse' },
    });
    expect(backupAge(on('2027-05-21T23:00:00Z')).text).toContain('today');
    expect(backupAge(on('2027-05-22T23:00:00Z'))).toMatchObject({
      old: false,
      text: expect.stringContaining('yesterday'),
    });
    expect(backupAge(on('2027-05-26T23:00:00Z'))).toMatchObject({
      old: true,
      text: expect.stringContaining('5 days ago'),
    });
  }, 60_000);

  it('are kept for fourteen nights; those of other kitchens, and other files, are left alone', async () => {
    const { backUp } = await import('./backups');
    for (let day = 1; day <= 15; day++)
      writeFileSync(path.join(folder, `demo@2027-04-${`${day}`.padStart(2, '0')}.zip`), '');
    writeFileSync(path.join(folder, 'demo-2@2027-01-01.zip'), '');
    writeFileSync(path.join(folder, 'notes.txt'), '');
    await backUp(on('2027-05-22T03:00:00Z'), folder);
    const left = readdirSync(folder).sort();
    expect(left.filter((f) => f.startsWith('demo@'))).toHaveLength(14);
    expect(left).toContain('demo-2@2027-01-01.zip');
    expect(left).toContain('notes.txt');
    expect(left).not.toContain('demo@2027-04-03.zip');
    expect(left).toContain('demo@2027-05-22.zip');
  }, 60_000);

  it('that fail say so on the wall and on their page, with the reason, until one is written', async () => {
    const { backUpOrSay, backupView } = await import('./backups');
    const { loadWall } = await import('../wall/wall');
    const taken = path.join(folder, 'notes.txt');
    expect((await loadWall(db))!.backup).toBeNull();
    const failed = 'The last backup failed: Its folder cannot be made: a file is in its place.';
    await backUpOrSay(on('2027-05-23T03:00:00Z'), path.join(taken, 'backups'));
    expect(backupView(on('2027-05-23T03:00:00Z'))).toMatchObject({ trouble: failed });
    expect((await loadWall(db))!.backup).toBe(failed);
    // What is stored and cannot be read is named.
    const { builds } = await import('../../data/schema');
    const [first] = await db.rows.select().from(builds);
    const only = eq(builds.id, first!.id);
    await db.rows
      .update(builds)
      .set({ body: { ...first!.body, design: 'none' } })
      .where(only);
    await backUpOrSay(on('2027-05-23T03:00:00Z'), folder);
    expect(backupView(db).trouble).toContain(first!.id);
    await db.rows.update(builds).set({ body: first!.body }).where(only);
    await backUpOrSay(on('2027-05-23T03:00:00Z'), folder);
    expect([backupView(db).trouble, (await loadWall(db))!.backup]).toEqual([null, null]);
  }, 60_000);

  it('are switched off by a setting', async () => {
    const { backupAge } = await import('./backups');
    process.env.ZEST_BACKUPS = '0';
    expect(backupAge(db).text).toBe('Nightly backups are switched off.');
    process.env.ZEST_BACKUPS = folder;
  });
});
