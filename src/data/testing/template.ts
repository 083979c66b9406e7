import { PGlite } from '@electric-sql/pglite';
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';

/**
 * Databases that tests begin from, made once and opened by all. To create an embedded database takes seven seconds of a processor, to load the demo
 * into it twice as many more; to open what was dumped once takes one and a half. A dump is named by a hash of what it is made from, so that it is
 * made anew when that has changed, and only then.
 */
export interface Template {
  name: string;
  /** What it is made from: files, and folders with all that is in them but tests. */
  from: readonly string[];
}

const CACHE = path.join('node_modules', '.cache', 'zest-ladder');
/** Whoever makes one takes no longer than this; what is older was left behind by a run that was ended. ms. */
const LONGEST = 180_000;

/** An embedded database with nothing in it, not even tables. */
const EMPTY: Template = { name: 'empty', from: ['node_modules/@electric-sql/pglite/package.json'] };

/** An embedded database with nothing in it, in memory or in a folder. */
export async function emptyDatabase(where?: string): Promise<PGlite> {
  return openDump(await dumpOf(EMPTY, async (file) => keepDump(await PGlite.create('memory://'), file)), where);
}

/** The dump of a template; `make` writes it where there is none yet. */
export async function dumpOf(template: Template, make: (file: string) => Promise<void>): Promise<string> {
  const file = path.join(CACHE, `${template.name}-${hashOf(template.from)}.tar`);
  await makeOnce(file, template.name, make);
  return file;
}

/** A copy of what was kept, in memory or in a folder. */
export const openDump = (file: string, where = 'memory://'): Promise<PGlite> =>
  PGlite.create(where, { loadDataDir: new Blob([readFileSync(file)]) });

/** Writes all of a database into a file, and closes it. */
export async function keepDump(client: PGlite, file: string): Promise<void> {
  const dump = await client.dumpDataDir('none');
  await client.close();
  writeFileSync(file, Buffer.from(await dump.arrayBuffer()));
}

/** Lets a test of its own make a template (`NAME.template.ts`), in a process of its own: what it leaves in memory is nobody else's. */
export async function madeByItself(name: string, file: string): Promise<void> {
  const jest = ['--experimental-vm-modules', '--no-warnings', 'node_modules/jest/bin/jest.js'];
  const args = [...jest, '--config', 'jest.template.config.mjs', `/${name}\\.template`];
  const { status, stdout, stderr } = spawnSync(process.execPath, args, {
    env: { ...process.env, ZEST_TEMPLATE_FILE: path.resolve(file), FORCE_COLOR: '0' },
    encoding: 'utf8',
  });
  if (status !== 0) throw new Error(`A template could not be made:\n${stdout}\n${stderr}`);
}

/** One process makes it, the others wait; it is there whole or not at all. */
async function makeOnce(file: string, name: string, make: (file: string) => Promise<void>): Promise<void> {
  mkdirSync(CACHE, { recursive: true });
  const lock = `${file}.making`;
  while (!existsSync(file)) {
    if (!taken(lock)) {
      await wait(100);
      continue;
    }
    try {
      // Somebody else may have made it between the two looks.
      if (existsSync(file)) return;
      const fresh = `${file}.${process.pid}`;
      await make(fresh);
      for (const old of readdirSync(CACHE))
        if (old.startsWith(`${name}-`) && old.endsWith('.tar')) rmSync(path.join(CACHE, old), { force: true });
      renameSync(fresh, file);
    } finally {
      rmSync(lock, { recursive: true, force: true });
    }
  }
}

function taken(lock: string): boolean {
  try {
    mkdirSync(lock);
    return true;
  } catch {
    const begun = statSync(lock, { throwIfNoEntry: false })?.mtimeMs ?? 0;
    if (begun > 0 && Date.now() - begun > LONGEST) rmSync(lock, { recursive: true, force: true });
    return false;
  }
}

function hashOf(from: readonly string[]): string {
  const hash = createHash('sha1');
  for (const each of from)
    for (const file of filesOf(each)) hash.update(file).update('\0').update(readFileSync(file)).update('\0');
  return hash.digest('hex').slice(0, 16);
}

function filesOf(each: string): string[] {
  if (!statSync(each).isDirectory()) return [each];
  const all = readdirSync(each, { recursive: true, withFileTypes: true }).filter((f) => f.isFile());
  const counts = (name: string) => !/\.test\.tsx?$|\.md$/.test(name);
  return all
    .filter((f) => counts(f.name))
    .map((f) => path.join(f.parentPath, f.name))
    .sort();
}
