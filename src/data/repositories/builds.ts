import { and, eq } from 'drizzle-orm';
import type { Build } from '../../core/design/build';
import { buildCodec } from '../../core/stored/build';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';

/** Saves builds that are not there yet. */
export async function insertBuilds({ kitchen, rows }: KitchenDb, builds: readonly Build[]): Promise<void> {
  if (builds.length === 0) return;
  await rows
    .insert(t.builds)
    .values(builds.map((b) => ({ kitchen, id: b.id, name: b.name, body: buildCodec.write(b) })));
}

/** The next version of a build that is there; false where somebody else has saved one since this version was read. */
export async function updateBuild({ kitchen, rows }: KitchenDb, build: Build, version: number): Promise<boolean> {
  const saved = await rows
    .update(t.builds)
    .set({ name: build.name, body: buildCodec.write(build), version: version + 1 })
    .where(and(eq(t.builds.kitchen, kitchen), eq(t.builds.id, build.id), eq(t.builds.version, version)))
    .returning({ id: t.builds.id });
  return saved.length > 0;
}
