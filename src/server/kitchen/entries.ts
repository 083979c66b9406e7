import { say } from '../../core/words/say';
import { blockProblems } from '../../core/design/block-problems';
import { nameProblems, personProblems, standingProblems } from '../../core/kitchen/entry-problems';
import type { Item } from '../../core/kitchen/item';
import type { KeptIngredient } from '../../core/kitchen/kept-ingredient';
import type { Person } from '../../core/kitchen/person';
import type { StandingWork } from '../../core/kitchen/standing-work';
import type { KeptBlock } from '../../core/design/block';
import { REGISTERS, type RegisterName, type Registers } from '../../core/stored/registers';
import { slug } from '../../core/exchange/slug';
import { starterBlocks } from '../../data/kitchens/starter';
import type { KitchenDb } from '../../data/kitchen-db';
import {
  entryBody,
  insertEntries,
  readEntry,
  updateEntry,
  type AllEntries,
  type Entry,
} from '../../data/repositories/entries';
import { appendEvents, readEvent } from '../../data/repositories/events';
import type { KitchenRows } from '../../data/repositories/kitchen';
import { commit } from '../shared/commit';
import { LOOK_AGAIN } from '../shared/door';
import { askFirst, refuse, type Kept, type Result } from '../shared/result';
import { planned } from '../plan/replan';
import { loadKitchen } from '../situation/load-kitchen';
import { laterWith } from './try-entry';

/** What is kept, and where it can be found. */
export type SavedEntry = Kept<{ id: string; version: number }>;

/** An entry to be saved: which one, null for a new one, as it was opened, and whether it is sure where others leave later by it. */
interface Wanted<R extends RegisterName> {
  id: string | null;
  version: number;
  value: Registers[R];
  sure?: boolean | undefined;
}

const NO_KITCHEN = say`There is no kitchen yet.`;
const STALE = say`Somebody else has changed this since you opened it. What you typed is still here: open it again to see theirs.`;
const GONE = say`This is not here any more.`;

/** What plans are made of; the others change amounts, labels and lists. */
export const PLANNED_WITH: readonly RegisterName[] = ['people', 'items', 'standing work', 'ingredients', 'blocks'];

/** Saves an entry of a register, new or changed. Where open orders leave later by it, it asks first. */
export async function saveEntry<R extends RegisterName>(
  db: KitchenDb,
  register: R,
  wanted: Wanted<R>,
): Promise<SavedEntry> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return refuse(NO_KITCHEN);
  const { rows } = kitchen;
  const known = wanted.id === null ? null : entryIn(rows.entries, register, wanted.id);
  // What ships is nobody's entry until a kitchen has its own version of it.
  const ships = wanted.id !== null && register === 'blocks' && starterBlocks.has(wanted.id);
  if (wanted.id !== null && !known && !ships) return refuse(GONE);
  const id = wanted.id ?? freshId(idsOf(register, rows), (wanted.value as { name: string }).name);
  const problems = problemsOf(register, wanted.value, rows, id);
  if (Object.keys(problems).length > 0) return refuse(LOOK_AGAIN, problems);
  const entry = { ...wanted.value, id, retiredAt: null, version: wanted.version + 1 } as Entry<R>;
  if (!wanted.sure) {
    const later = await laterWith(db, register, withEntry(rows.entries[register], entry));
    if (later !== null) return askFirst('sure', later);
  }
  return keep(db, register, { id, version: known ? wanted.version : 0, value: wanted.value });
}

/** Takes an entry out of use, or into use again. What it did, and where it was used, stays as it was. */
export async function retireEntry(
  db: KitchenDb,
  register: RegisterName,
  { id, version, retired, sure }: { id: string; version: number; retired: boolean; sure?: boolean | undefined },
): Promise<SavedEntry> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return refuse(NO_KITCHEN);
  const entry = entryIn(kitchen.rows.entries, register, id);
  if (!entry) return refuse(GONE);
  if (!retired) {
    const problems = problemsOf(register, entry, kitchen.rows, id);
    if (Object.keys(problems).length > 0) return refuse(Object.values(problems)[0]!);
  }
  if (!sure) {
    const after = { ...entry, retiredAt: retired ? db.now() : null } as Entry<RegisterName>;
    const later = await laterWith(db, register, withEntry(kitchen.rows.entries[register], after));
    if (later !== null) return askFirst('sure', later);
  }
  return keep(db, register, { id, version, retired });
}

/**
 * Brings an entry back to how it was before an event changed it; one that was new then is retired. Where open orders leave later by it, it
 * asks first.
 */
export async function putBack(db: KitchenDb, event: number, sure = false): Promise<SavedEntry> {
  const told = await readEvent(db, event, 'entry saved');
  const kitchen = await loadKitchen(db);
  if (!told || !kitchen) return refuse(GONE);
  const { register, entry: id, before } = told.body;
  const now = entryIn(kitchen.rows.entries, register, id);
  if (!now) return refuse(GONE);
  const read = before === null ? null : REGISTERS[register].read(before);
  if (read && !read.ok) return refuse(say`What it was then cannot be read any more.`);
  const value = read?.value;
  if (value) {
    // Its name, or its initials, may be somebody else’s by now.
    const problems = problemsOf(register, value, kitchen.rows, id);
    if (Object.keys(problems).length > 0) return refuse(Object.values(problems)[0]!);
  }
  if (!sure) {
    const after = { ...now, ...value, retiredAt: value ? null : db.now() } as Entry<RegisterName>;
    const later = await laterWith(db, register, withEntry(kitchen.rows.entries[register], after));
    if (later !== null) return askFirst('sure', later);
  }
  return keep(db, register, { id, version: now.version, ...(value ? { value } : { retired: true }) });
}

/** Writes an entry and what was told of it in one transaction, and plans again. Version 0 is new. */
async function keep<R extends RegisterName>(
  db: KitchenDb,
  register: R,
  { id, version, value, retired = false }: { id: string; version: number; value?: Registers[R]; retired?: boolean },
): Promise<SavedEntry> {
  const kept = await commit(
    db,
    async (tx): Promise<Result<{ id: string; version: number }>> => {
      const before = await readEntry(tx, register, id);
      const was = before && before.retiredAt === null ? entryBody(register, before) : null;
      if (version === 0) {
        if (before || !value) return refuse(STALE);
        await insertEntries(tx, register, [{ ...value, id }]);
      } else {
        const change = { ...(value && { value }), retiredAt: retired ? tx.now() : null };
        if (!before || !(await updateEntry(tx, register, id, version, change))) return refuse(STALE);
      }
      const after = retired ? null : entryBody(register, value ?? before!);
      const body = { register, entry: id, before: was, after };
      await appendEvents(tx, [{ at: tx.now(), kind: 'entry saved', order: null, body }]);
      return { ok: true, id, version: version + 1 };
    },
    { library: true },
  );
  if (!kept.ok || !PLANNED_WITH.includes(register)) return kept;
  return { ...kept, planned: await planned(db, say`the kitchen was changed`, { thorough: true }) };
}

/** What ships and what is the kitchen's own, which stands in the place of what ships by the same id. */
const blocksOf = ({ blocks }: KitchenRows) =>
  new Map<string, { id: string; name: string }>([...starterBlocks, ...blocks.map((b) => [b.id, b] as const)]).values();

const idsOf = (register: RegisterName, { entries }: KitchenRows): { id: string }[] => [
  ...entries[register],
  ...(register === 'blocks' ? starterBlocks.values() : []),
];

const entryIn = <R extends RegisterName>(entries: AllEntries, register: R, id: string): Entry<R> | null =>
  (entries[register] as Entry<R>[]).find((e) => e.id === id) ?? null;

/** A register with one of its entries as it would be, or with one more. */
export function withEntry<R extends RegisterName>(entries: readonly Entry<R>[], entry: Entry<R>): Entry<R>[] {
  return entries.some((e) => e.id === entry.id)
    ? entries.map((e) => (e.id === entry.id ? entry : e))
    : [...entries, entry];
}

/** What is wrong with an entry among the others of its kitchen, by field. */
export function problemsOf<R extends RegisterName>(register: R, value: Registers[R], rows: KitchenRows, id: string) {
  const others = <T extends { id: string }>(all: readonly T[]) => all.filter((e) => e.id !== id);
  switch (register) {
    case 'people':
      return personProblems(value as Person, others(rows.people));
    case 'standing work':
      return {
        ...nameProblems(value as StandingWork, others(rows.standingWork)),
        ...standingProblems(value as StandingWork, rows.people, rows.items),
      };
    case 'items':
      return nameProblems(value as Item, others(rows.items));
    case 'ingredients':
      return nameProblems(value as KeptIngredient, others(rows.ingredients));
    case 'blocks':
      return {
        ...nameProblems(value as KeptBlock, others([...blocksOf(rows)])),
        ...Object.fromEntries(blockProblems(value as KeptBlock).map((p) => [p.path, p.message])),
      };
    default:
      return nameProblems(value as { name: string }, others(rows.suppliers));
  }
}

/** An id that no entry has or had, from the name. */
export function freshId(taken: readonly { id: string }[], name: string): string {
  const stem = slug(name).slice(0, 40) || 'entry';
  let id = stem;
  for (let n = 2; taken.some((e) => e.id === id); n++) id = `${stem}-${n}`;
  return id;
}
