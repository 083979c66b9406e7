import { and, asc, eq, isNotNull } from 'drizzle-orm';
import type { KitchenId } from '../../core/ids/ids';
import { instantOf, writeInstant, type Anchor } from '../../core/kitchen-file/instants';
import { REGISTER_OF, REGISTER_SECTIONS, type RegisterSection } from '../../core/kitchen-file/documents';
import { KITCHEN_FORMAT, KITCHEN_VERSION, type KitchenFile } from '../../core/kitchen-file/shape';
import type { Db } from '../db';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';

/** Parts of a kitchen that can be taken out by themselves. */
export const PARTS = ['kitchen', 'library', 'orders'] as const;
export type Part = (typeof PARTS)[number];

/** Registers that go with formulas and builds. */
const LIBRARY: readonly RegisterSection[] = ['ingredients', 'suppliers', 'blocks'];

/** So many rows are written at once. */
const AT_ONCE = 500;

/**
 * Everything of a kitchen, or parts of it, as it stands in a file; documents are as they were stored, of whatever version. Plans that are kept
 * as differences are left out: the newest, and the last of each day, are whole.
 *
 * @param anchor times are written as days after it; null writes instants
 */
export async function readContents(db: KitchenDb, parts: readonly Part[], anchor: Anchor | null): Promise<KitchenFile> {
  const { rows, kitchen } = db;
  const has = (part: Part) => parts.includes(part);
  const at = (instant: Date) => writeInstant(instant, anchor);
  const [row] = await rows.select().from(t.kitchens).where(eq(t.kitchens.id, kitchen));
  if (!row) throw new Error(`There is no kitchen ${kitchen}.`);
  const file: KitchenFile = {
    ...{ format: KITCHEN_FORMAT, version: KITCHEN_VERSION, anchor: anchor?.date ?? null },
    kitchen: has('kitchen')
      ? {
          ...{ name: row.name, zone: row.zone, origin: at(row.origin), reading: row.reading, figures: row.figures },
          ...{ opening: row.opening, setUp: row.setUp },
        }
      : null,
  };
  const stored = await rows
    .select()
    .from(t.entries)
    .where(eq(t.entries.kitchen, kitchen))
    .orderBy(asc(t.entries.position), asc(t.entries.id));
  for (const section of REGISTER_SECTIONS) {
    if (!has(LIBRARY.includes(section) ? 'library' : 'kitchen')) continue;
    file[section] = stored
      .filter((e) => e.register === REGISTER_OF[section])
      .map(({ id, retiredAt, body }) => ({ id, ...(retiredAt && { retired: at(retiredAt) }), body }));
  }
  if (has('library')) {
    const versions = await rows.select().from(t.formulaVersions).where(eq(t.formulaVersions.kitchen, kitchen));
    const formulas = await rows
      .select()
      .from(t.formulas)
      .where(eq(t.formulas.kitchen, kitchen))
      .orderBy(asc(t.formulas.id));
    file.formulas = formulas.map(({ id, version, body }) => {
      const kept = versions.filter((v) => v.formula === id).sort((a, b) => b.version - a.version);
      // A formula of before versions were kept has none yet.
      const own = kept.some((v) => v.version === version)
        ? []
        : [{ version, savedAt: at(row.createdAt), note: '', body }];
      return {
        id,
        versions: [
          ...own,
          ...kept.map((v) => ({ version: v.version, savedAt: at(v.savedAt), note: v.note, body: v.body })),
        ],
      };
    });
    const builds = await rows.select().from(t.builds).where(eq(t.builds.kitchen, kitchen)).orderBy(asc(t.builds.id));
    file.builds = builds.map(({ id, version, body }) => ({ id, version, body }));
  }
  if (has('orders')) await readOrders(db, file, at);
  return file;
}

/** A row without whose it is: a file is of one kitchen. */
function own<R extends { kitchen: KitchenId }>({ kitchen, ...row }: R): Omit<R, 'kitchen'> {
  void kitchen;
  return row;
}

async function readOrders(
  { rows, kitchen }: KitchenDb,
  file: KitchenFile,
  at: (instant: Date) => string,
): Promise<void> {
  const orders = await rows.select().from(t.orders).where(eq(t.orders.kitchen, kitchen)).orderBy(asc(t.orders.id));
  file.orders = orders.map(own).map(({ pickup, handedOverAt, createdAt, details, holdsUntil, together, ...o }) => ({
    ...o,
    ...(details && { details }),
    ...(holdsUntil && { holdsUntil: at(holdsUntil) }),
    ...(together && { together }),
    ...{ pickup: at(pickup), handedOverAt: handedOverAt && at(handedOverAt), createdAt: at(createdAt) },
  }));
  const pictures = await rows
    .select()
    .from(t.pictures)
    .where(and(eq(t.pictures.kitchen, kitchen), isNotNull(t.pictures.order)))
    .orderBy(asc(t.pictures.id));
  file.pictures = pictures.map(own).map(({ order, type, bytes, addedAt, ...p }) => ({
    ...p,
    ...{ order: order!, type: type as 'image/jpeg', addedAt: at(addedAt) },
    bytes: Buffer.from(bytes).toString('base64'),
  }));
  const batches = await rows.select().from(t.batches).where(eq(t.batches.kitchen, kitchen)).orderBy(asc(t.batches.id));
  file.batches = batches.map(own).map(({ madeAt, ...b }) => ({ ...b, madeAt: at(madeAt) }));
  const events = await rows.select().from(t.events).where(eq(t.events.kitchen, kitchen)).orderBy(asc(t.events.id));
  file.events = events.map(own).map(({ at: told, by, ...e }) => ({ ...e, ...(by !== null && { by }), at: at(told) }));
  const work = await rows
    .select()
    .from(t.compiled)
    .where(eq(t.compiled.kitchen, kitchen))
    .orderBy(asc(t.compiled.owner));
  file.work = work.map(own).map(({ keptAt, ...w }) => ({ ...w, keptAt: at(keptAt) }));
  const plans = await rows
    .select()
    .from(t.plans)
    .where(and(eq(t.plans.kitchen, kitchen), isNotNull(t.plans.body)))
    .orderBy(asc(t.plans.id));
  file.plans = plans.map(({ id, previous, madeAt, reason, body }) => ({
    id,
    previous,
    madeAt: at(madeAt),
    reason,
    body: body!,
  }));
  const ticks = await rows.select().from(t.ticks).where(eq(t.ticks.kitchen, kitchen)).orderBy(asc(t.ticks.key));
  file.ticks = ticks.map(({ key, tickedAt }) => ({ key, tickedAt: at(tickedAt) }));
  const series = await rows
    .select()
    .from(t.probeSeries)
    .where(eq(t.probeSeries.kitchen, kitchen))
    .orderBy(asc(t.probeSeries.id));
  file.probeSeries = series.map(own).map(({ takenAt, ...s }) => ({ ...s, takenAt: at(takenAt) }));
}

/** Writes what a file has into a kitchen where nothing of it is yet. The file must have been read (`readKitchenFile`). */
export async function insertContents(
  { rows, kitchen }: KitchenDb,
  file: KitchenFile,
  anchor: Anchor | null,
): Promise<void> {
  const at = (text: string) => instantOf(text, anchor)!;
  const write = async <R extends object>(table: Parameters<Db['insert']>[0], list: R[]) => {
    for (let i = 0; i < list.length; i += AT_ONCE) await rows.insert(table).values(list.slice(i, i + AT_ONCE) as never);
  };
  for (const section of REGISTER_SECTIONS)
    await write(
      t.entries,
      (file[section] ?? []).map(({ id, retired, body }, position) => ({
        ...{ kitchen, register: REGISTER_OF[section], id, position, body },
        retiredAt: retired === undefined ? null : at(retired),
      })),
    );
  const named = (body: object) => (body as { name: string }).name;
  await write(
    t.formulas,
    (file.formulas ?? []).map(({ id, versions: [newest] }) => ({
      ...{ kitchen, id, name: named(newest!.body), version: newest!.version, body: newest!.body },
    })),
  );
  await write(
    t.formulaVersions,
    (file.formulas ?? []).flatMap(({ id, versions }) =>
      versions.map((v) => ({
        kitchen,
        formula: id,
        version: v.version,
        body: v.body,
        note: v.note,
        savedAt: at(v.savedAt),
      })),
    ),
  );
  await write(
    t.builds,
    (file.builds ?? []).map((b) => ({ kitchen, ...b, name: named(b.body) })),
  );
  await write(
    t.orders,
    (file.orders ?? []).map((o) => ({
      ...{ kitchen, ...o, pickup: at(o.pickup), createdAt: at(o.createdAt) },
      handedOverAt: o.handedOverAt === null ? null : at(o.handedOverAt),
      holdsUntil: o.holdsUntil ? at(o.holdsUntil) : null,
    })),
  );
  await write(
    t.pictures,
    (file.pictures ?? []).map((p) => ({
      ...{ kitchen, ...p, addedAt: at(p.addedAt) },
      bytes: new Uint8Array(Buffer.from(p.bytes, 'base64')),
    })),
  );
  await write(
    t.batches,
    (file.batches ?? []).map((b) => ({ kitchen, ...b, madeAt: at(b.madeAt) })),
  );
  await write(
    t.events,
    (file.events ?? []).map((e) => ({ kitchen, ...e, at: at(e.at) })),
  );
  await write(
    t.compiled,
    (file.work ?? []).map((w) => ({ kitchen, ...w, keptAt: at(w.keptAt) })),
  );
  await write(
    t.plans,
    (file.plans ?? []).map((p) => ({ kitchen, ...p, madeAt: at(p.madeAt) })),
  );
  await write(
    t.ticks,
    (file.ticks ?? []).map((x) => ({ kitchen, ...x, tickedAt: at(x.tickedAt) })),
  );
  await write(
    t.probeSeries,
    (file.probeSeries ?? []).map((s) => ({ kitchen, ...s, takenAt: at(s.takenAt) })),
  );
}

/** The kitchen itself, as a new row. */
export function kitchenRow(
  id: KitchenId,
  name: string,
  file: KitchenFile,
  anchor: Anchor | null,
  createdAt: Date,
): typeof t.kitchens.$inferInsert {
  const { zone, origin, reading, figures, opening, setUp } = file.kitchen!;
  return {
    ...{ id, name, zone, reading, figures, opening, setUp, createdAt },
    origin: instantOf(origin, anchor)!,
  };
}
