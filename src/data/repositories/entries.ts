import { and, asc, eq, sql } from 'drizzle-orm';
import { REGISTERS, type RegisterName, type Registers } from '../../core/stored/registers';
import type { Stored } from '../../core/stored/codec';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';
import { readStored } from '../stored';

/** An entry of a register, with what it is kept by. */
export type Entry<R extends RegisterName> = Registers[R] & {
  id: string;
  /** When it was retired; null while it is in use. */
  retiredAt: Date | null;
  version: number;
};

/** All entries of the registers, by register, in the order in which they are shown; those that are retired among them. */
export type AllEntries = { [R in RegisterName]: Entry<R>[] };

type Row = typeof t.entries.$inferSelect;

const of = (kitchen: KitchenDb['kitchen'], register: RegisterName, id: string) =>
  and(eq(t.entries.kitchen, kitchen), eq(t.entries.register, register), eq(t.entries.id, id));

const entryOf = <R extends RegisterName>(register: R, { id, body, retiredAt, version }: Row): Entry<R> => ({
  ...(readStored(REGISTERS[register], `“${id}” of the ${register}`, body) as Registers[R]),
  ...{ id, retiredAt, version },
});

export async function readEntries({ rows, kitchen }: KitchenDb): Promise<AllEntries> {
  const stored = await rows
    .select()
    .from(t.entries)
    .where(eq(t.entries.kitchen, kitchen))
    .orderBy(asc(t.entries.position), asc(t.entries.id));
  const own = <R extends RegisterName>(register: R) =>
    stored.filter((row) => row.register === register).map((row) => entryOf(register, row));
  return {
    people: own('people'),
    items: own('items'),
    ingredients: own('ingredients'),
    suppliers: own('suppliers'),
    'standing work': own('standing work'),
    blocks: own('blocks'),
  };
}

/** One entry as it is stored; null where there is none. */
export async function readEntry<R extends RegisterName>(
  { rows, kitchen }: KitchenDb,
  register: R,
  id: string,
): Promise<Entry<R> | null> {
  const [row] = await rows
    .select()
    .from(t.entries)
    .where(of(kitchen, register, id));
  return row ? entryOf(register, row) : null;
}

/** Adds entries at the end of their register. Their ids must not be there yet. */
export async function insertEntries<R extends RegisterName>(
  { rows, kitchen }: KitchenDb,
  register: R,
  added: readonly (Registers[R] & { id: string })[],
): Promise<void> {
  if (added.length === 0) return;
  const [last] = await rows
    .select({ next: sql<number>`coalesce(max(${t.entries.position}) + 1, 0)`.mapWith(Number) })
    .from(t.entries)
    .where(and(eq(t.entries.kitchen, kitchen), eq(t.entries.register, register)));
  await rows.insert(t.entries).values(
    added.map(({ id, ...value }, i) => ({
      ...{ kitchen, register, id, position: (last?.next ?? 0) + i },
      body: entryBody(register, value),
    })),
  );
}

/** Only what belongs to the document: what an entry is kept by stands beside it. */
export function entryBody(register: RegisterName, value: object): Stored {
  const { id, retiredAt, version, ...own } = value as Record<string, unknown>;
  void [id, retiredAt, version];
  return (REGISTERS[register].write as (value: object) => Stored)(own);
}

/** Changes an entry that is still at the version that was read; false if somebody was faster. */
export async function updateEntry<R extends RegisterName>(
  { rows, kitchen }: KitchenDb,
  register: R,
  id: string,
  version: number,
  change: { value?: Registers[R]; retiredAt?: Date | null },
): Promise<boolean> {
  const { value, retiredAt } = change;
  const changed = await rows
    .update(t.entries)
    .set({
      ...(value && { body: entryBody(register, value) }),
      ...(retiredAt !== undefined && { retiredAt }),
      version: sql`${t.entries.version} + 1`,
    })
    .where(and(of(kitchen, register, id), eq(t.entries.version, version)))
    .returning({ id: t.entries.id });
  return changed.length > 0;
}
