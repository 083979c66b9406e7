import { sql } from 'drizzle-orm';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openClient, openFolder } from './database';
import { restoreDump } from './testing/restore-dump';

const LATER = sql`insert into drizzle.__drizzle_migrations (hash, created_at) values ('of a later version', 9999999999999)`;
const WORDS = 'It was written by a newer Zest Ladder. Start that one, or name other data; nothing in it was changed.';

describe('data that a newer program has written', () => {
  it('is refused in words, before anything of it is changed', async () => {
    const client = await restoreDump(4);
    await client.exec(
      `insert into drizzle.__drizzle_migrations (hash, created_at) values ('of a later version', 9999999999999)`,
    );
    const migrations = async () => (await client.query('select * from drizzle.__drizzle_migrations')).rows.length;
    const before = await migrations();
    await expect(openClient(client)).rejects.toThrow(WORDS);
    expect(await migrations()).toBe(before);
    await client.close();
  });

  it('in a folder is named by its folder, which is free again', async () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'zest-newer-'));
    const { db, close } = await openFolder(folder);
    await db.execute(LATER);
    await close();
    await expect(openFolder(folder)).rejects.toThrow(`The data folder ${folder} cannot be opened. ${WORDS}`);
    expect(readdirSync(folder)).toEqual(['pg']);
    rmSync(folder, { recursive: true });
  }, 60_000);
});
