import { say } from '../../core/words/say';
import { groupOf, type Item } from '../../core/kitchen/item';
import { ingredientsTable } from '../../core/tables/ingredients-table';
import { peopleTable } from '../../core/tables/people-table';
import { tinsTable } from '../../core/tables/tins-table';
import type { EntryTable, ReadRow, Row, TableTyping } from '../../core/tables/table';
import type { Registers } from '../../core/stored/registers';
import type { KitchenDb } from '../../data/kitchen-db';
import { entryBody, insertEntries, updateEntry, type AllEntries, type Entry } from '../../data/repositories/entries';
import { appendEvents } from '../../data/repositories/events';
import { withEntries, type KitchenRows } from '../../data/repositories/kitchen';
import { freshId, PLANNED_WITH, problemsOf, withEntry } from '../kitchen/entries';
import { laterWith } from '../kitchen/try-entry';
import { planned } from '../plan/replan';
import { askFirst, type Result } from '../shared/result';
import { loadKitchen } from '../situation/load-kitchen';
import { lookOrTake, readLines, type BroughtIn, type ReadLine } from './report';
import type { TextRow } from './table-text';

type Listed = 'people' | 'items' | 'ingredients';

interface Kind<R extends Listed> {
  register: R;
  table: EntryTable<Registers[R]>;
  /** Which entries of the register the table is of. */
  of: (entry: Registers[R]) => boolean;
}

/** Tables whose lines are entries of a register. */
export const ENTRY_TABLES = {
  people: { register: 'people', table: peopleTable, of: () => true } satisfies Kind<'people'>,
  tins: { register: 'items', table: tinsTable, of: (item: Item) => groupOf(item) === 'tins' } satisfies Kind<'items'>,
  ingredients: { register: 'ingredients', table: ingredientsTable, of: () => true } satisfies Kind<'ingredients'>,
} as const;
export type EntryTableName = keyof typeof ENTRY_TABLES;

/** The table of some name, whatever its entries are. */
export const entryTable = (name: EntryTableName) => ENTRY_TABLES[name] as unknown as Kind<Listed>;

/** Rows of what is in use. */
export function entryRows(name: EntryTableName, entries: AllEntries, typing: TableTyping): Row[] {
  const { register, table, of } = entryTable(name);
  return (entries[register] as Entry<Listed>[])
    .filter((e) => e.retiredAt === null && of(e))
    .map((e) => table.row(e, typing));
}

type Change = { id: string; before: Entry<Listed> | null; value: Registers[Listed] };

const plain = (name: string) => name.trim().toLowerCase();

/** What the lines say, one after the other: each is read among those above it. */
function readEntries(
  name: EntryTableName,
  rows: readonly TextRow[],
  kitchen: KitchenRows,
  typing: TableTyping,
): ReadLine<Change>[] {
  const { register, table, of } = entryTable(name);
  let entries = kitchen.entries[register] as Entry<Listed>[];
  const seen = new Map<string, number>();
  const named = (text: string) => entries.find((e) => of(e) && plain(e.name) === plain(text)) ?? null;
  return readLines<Change>(
    rows,
    (row) => row.name ?? '',
    ({ row, line }) => {
      const among = {
        ...typing,
        initials: name === 'people' ? entries.map((e) => (e as Entry<'people'>).initials) : [],
      };
      let before = named(row.name ?? '');
      let read = table.read(row, before, among);
      // A tin without a name is called by its measures, and may be here under those.
      if (read.ok && !before) {
        before = named(read.value.name);
        if (before) read = table.read(row, before, among);
      }
      if (!read.ok) return read;
      const { value } = read;
      const above = seen.get(plain(value.name));
      if (above !== undefined) return wrong('name', say`Line ${above} is of this name already.`);
      seen.set(plain(value.name), line);
      const id = before?.id ?? freshId(entries, value.name);
      const entry = { ...value, id, retiredAt: null, version: (before?.version ?? 0) + 1 } as Entry<Listed>;
      const problems = Object.entries(problemsOf(register, value, withEntries(kitchen, { [register]: entries }), id));
      if (problems.length > 0)
        return { ok: false, problems: problems.map(([column, message]) => ({ column, message })) };
      entries = withEntry(entries, entry);
      if (!before) return { ok: true, value: { value: { id, before, value }, is: 'new', name: value.name } };
      const [was, is] = [table.row(before, typing), table.row(value, typing)];
      const differs = table.columns.map((c) => c.name).filter((c) => was[c] !== is[c]);
      if (before.retiredAt === null && differs.length === 0)
        return { ok: true, value: { value: null, is: 'same', name: value.name } };
      const back = before.retiredAt === null ? [] : [say`in use again`];
      return {
        ok: true,
        value: {
          value: { id, before, value },
          is: 'changed',
          name: value.name,
          detail: [...back, ...differs].join(', '),
        },
      };
    },
  );
}

const wrong = (column: string, message: string): ReadRow<never> => ({ ok: false, problems: [{ column, message }] });

/** Looks into a table of entries, or takes it. Where open orders leave later by it, it asks first. */
export function bringInEntries(
  db: KitchenDb,
  name: EntryTableName,
  rows: readonly TextRow[],
  { take, sure, typing }: { take: boolean; sure: boolean; typing: TableTyping },
): Promise<BroughtIn> {
  const { register } = entryTable(name);
  return lookOrTake<Change>(db, take, {
    read: async (at) => readEntries(name, rows, (await loadKitchen(at))!.rows, typing),
    ask: async (changes) => {
      if (sure) return null;
      const { rows: now } = (await loadKitchen(db))!;
      const entries = changes.reduce(
        (list, { id, before, value }) =>
          withEntry(list, { ...value, id, retiredAt: null, version: (before?.version ?? 0) + 1 } as Entry<Listed>),
        now.entries[register] as Entry<Listed>[],
      );
      const later = await laterWith(db, register, entries);
      return later === null ? null : (askFirst('sure', later) as Extract<Result, { ok: false }>);
    },
    keep: async (tx, changes) => {
      for (const { id, before, value } of changes)
        if (before) await updateEntry(tx, register, id, before.version, { value, retiredAt: null });
        else await insertEntries(tx, register, [{ ...value, id }]);
      await appendEvents(
        tx,
        changes.map(({ id, before, value }) => ({
          ...{ at: tx.now(), kind: 'entry saved' as const, order: null },
          body: {
            ...{ register, entry: id },
            before: before && before.retiredAt === null ? entryBody(register, before) : null,
            after: entryBody(register, value),
          },
        })),
      );
    },
    nothing: say`All of this is here as it stands.`,
    library: true,
    ...(PLANNED_WITH.includes(register) && {
      plan: () => planned(db, say`the kitchen was changed`, { thorough: true }),
    }),
  });
}
