import { asBuild } from '../../core/compose/as-build';
import { freeKey } from '../../core/compose/edits/only-used';
import type { Build } from '../../core/design/build';
import { faultsOf } from '../../core/design/problems';
import { slug } from '../../core/exchange/slug';
import type { BuildForm } from '../../core/input/build-input';
import { buildCodec } from '../../core/stored/build';
import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { insertBuilds, updateBuild } from '../../data/repositories/builds';
import { appendEvents, readEvent } from '../../data/repositories/events';
import { commit } from '../shared/commit';
import { LOOK_AGAIN } from '../shared/door';
import { refuse, type Result } from '../shared/result';
import { loadKitchen, type LoadedKitchen } from '../situation/load-kitchen';
import { keepDesigns } from './keep-designs';
import { readDesign } from './read-design';

/** A build that was saved: the version it has by it. */
type SavedBuild = Result<{ id: string; version: number }>;

/** Which build is saved: none for a new one, and the version that was opened. */
interface Which {
  id: string | null;
  version: number;
}

const NO_KITCHEN = say`There is no kitchen yet.`;
const GONE = say`This build is not here any more.`;
const STALE = say`Somebody else has changed this build since you opened it. What you composed is still here: open it again to see theirs.`;
const SAME_NAME = say`There is a build of this name.`;

/** Keeps a composed cake as a build to begin from, new or changed. Orders that began from it stay as they are. */
export function saveBuild(db: KitchenDb, which: Which, { design: sent, ...said }: BuildForm): Promise<SavedBuild> {
  return commit(
    db,
    async (tx): Promise<SavedBuild> => {
      const kitchen = await loadKitchen(tx);
      if (!kitchen) return refuse(NO_KITCHEN);
      if (which.id !== null && !kitchen.builds.has(which.id)) return refuse(GONE);
      const design = readDesign(sent);
      if (typeof design === 'string') return refuse(LOOK_AGAIN, { design });
      const faults = faultsOf(design, kitchen.library);
      if (faults.length > 0) return refuse(LOOK_AGAIN, { design: faults.map((f) => f.message).join(' ') });
      if (hasName(said.name, which.id, kitchen)) return refuse(LOOK_AGAIN, { name: SAME_NAME });
      const made = asBuild(design, said);
      if (!made.ok) return refuse(LOOK_AGAIN, made.fields);
      if (which.id !== null) return change(tx, { id: which.id, ...made.build }, which.version, kitchen);
      const id = freeKey(slug(said.name) || 'build', [...kitchen.builds.keys()]);
      await insertBuilds(tx, [{ id, ...made.build }]);
      await appendEvents(tx, [{ at: db.now(), kind: 'build saved', order: null, body: { build: id, saved: 1 } }]);
      return { ok: true, id, version: 1 };
    },
    { library: true },
  );
}

/** Takes a build out of use, or into use again. */
export function retireBuild(
  db: KitchenDb,
  { id, version, retired }: { id: string; version: number; retired: boolean },
): Promise<SavedBuild> {
  return commit(
    db,
    async (tx): Promise<SavedBuild> => {
      const kitchen = await loadKitchen(tx);
      const build = kitchen?.builds.get(id);
      if (!kitchen || !build) return refuse(GONE);
      const { retired: before, ...kept } = build;
      void before;
      if (!retired && hasName(build.name, id, kitchen)) return refuse(SAME_NAME);
      return change(tx, retired ? { ...kept, retired } : kept, version, kitchen);
    },
    { library: true },
  );
}

/** Brings a build back to how it was before an event changed it; one that was new then is taken out of use. Null where the event is none of a build. */
export async function putBackBuild(db: KitchenDb, event: number): Promise<SavedBuild | null> {
  const told = await readEvent(db, event, 'build saved');
  if (!told) return null;
  return commit(
    db,
    async (tx): Promise<SavedBuild> => {
      const kitchen = await loadKitchen(tx);
      const { build: id, before } = told.body;
      const row = kitchen?.rows.builds.find((b) => b.id === id);
      if (!kitchen || !row) return refuse(GONE);
      const read = before ? buildCodec.read(before) : null;
      if (read && !read.ok) return refuse(say`What it was then cannot be read any more.`);
      const was: Build = read ? read.value : { ...row.body, retired: true };
      if (!was.retired && hasName(was.name, id, kitchen)) return refuse(SAME_NAME);
      const faults = faultsOf(was.design, kitchen.library);
      if (faults.length > 0) return refuse(faults.map((f) => f.message).join(' '));
      return change(tx, was, row.version, kitchen);
    },
    { library: true },
  );
}

/** The next version of a build, and what was told of it. */
async function change(tx: KitchenDb, build: Build, version: number, kitchen: LoadedKitchen): Promise<SavedBuild> {
  const before = kitchen.builds.get(build.id)!;
  await keepDesigns(tx, before);
  if (!(await updateBuild(tx, build, version))) return refuse(STALE);
  const body = { build: build.id, saved: version + 1, before: buildCodec.write(before) };
  await appendEvents(tx, [{ at: tx.now(), kind: 'build saved', order: null, body }]);
  return { ok: true, id: build.id, version: version + 1 };
}

const hasName = (name: string, id: string | null, { builds }: LoadedKitchen) =>
  [...builds.values()].some((b) => b.id !== id && !b.retired && b.name.toLowerCase() === name.toLowerCase());
