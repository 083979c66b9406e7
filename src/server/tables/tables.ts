import { say } from '../../core/words/say';
import { recipeToRows } from '../../core/exchange/recipe-csv';
import { METRIC } from '../../core/measure/show-quantity';
import { LOG_COLUMNS, LOG_EXAMPLES } from '../../core/tables/log-table';
import { ORDER_COLUMNS, ORDER_EXAMPLES } from '../../core/tables/orders-table';
import type { Column, Row, TableTyping } from '../../core/tables/table';
import type { KitchenDb } from '../../data/kitchen-db';
import { refuse } from '../shared/result';
import type { FileAnswer } from '../shared/file-answer';
import { loadKitchen, type LoadedKitchen } from '../situation/load-kitchen';
import { bringInEntries, ENTRY_TABLES, entryRows, entryTable, type EntryTableName } from './entries-in';
import { bringInLog, logRows } from './log-in';
import { bringInOrders, orderRows } from './orders-in';
import type { BroughtIn } from './report';
import { asCsv, csvFile, rowsOf } from './table-text';

export const TABLE_NAMES = ['people', 'tins', 'ingredients', 'formulas', 'orders', 'log'] as const;
export type TableName = (typeof TABLE_NAMES)[number];

/** A line of each kind; formulas are brought in through their own page, which shows what was read. */
const FORMULA_COLUMNS: readonly Column[] = [
  { name: 'kind', about: say`formula, ingredient or step; each formula begins with a line of its own.` },
  { name: 'name', about: say`What it is called.` },
  { name: 'amount', about: say`Of an ingredient how much, of a step how many minutes.` },
  { name: 'unit', about: say`g, ml, cups, pieces… of an ingredient.` },
  { name: 'celsius', about: say`The oven of a step.` },
  { name: 'text', about: say`How it is done.` },
];
const FORMULA_EXAMPLES: readonly Row[] = [
  { kind: 'formula', name: 'Plum filling', amount: '', unit: '', celsius: '', text: 'Thick enough to hold a wall.' },
  { kind: 'ingredient', name: 'Plums, stoned', amount: '900', unit: 'g', celsius: '', text: '' },
  { kind: 'ingredient', name: 'Sugar', amount: '250', unit: 'g', celsius: '', text: '' },
  { kind: 'step', name: 'Cook down', amount: '35', unit: 'min', celsius: '', text: 'Until a spoon leaves a road.' },
];

const isEntries = (name: TableName): name is EntryTableName => Object.hasOwn(ENTRY_TABLES, name);

/** What the columns of a table hold, and how it is filled in. */
function shapeOf(name: TableName): { columns: readonly Column[]; examples: readonly Row[] } {
  if (isEntries(name)) return entryTable(name).table;
  if (name === 'orders') return { columns: ORDER_COLUMNS, examples: ORDER_EXAMPLES };
  if (name === 'log') return { columns: LOG_COLUMNS, examples: LOG_EXAMPLES };
  return { columns: FORMULA_COLUMNS, examples: FORMULA_EXAMPLES };
}

const typingOf = ({ rows }: LoadedKitchen): TableTyping => {
  const { length, decimal = 'ask' } = rows.kitchen.reading ?? METRIC;
  return { length, decimal };
};

function rowsIn(db: KitchenDb, name: TableName, kitchen: LoadedKitchen): Promise<readonly Row[]> | readonly Row[] {
  if (isEntries(name)) return entryRows(name, kitchen.rows.entries, typingOf(kitchen));
  if (name === 'orders') return orderRows(db, kitchen);
  if (name === 'log') return logRows(db, kitchen, typingOf(kitchen));
  const { formulas, ingredients } = kitchen.library;
  return [...formulas.values()].flatMap((f) => recipeToRows(f, ingredients));
}

/** A table, as a page shows it. */
export interface TableView {
  name: TableName;
  columns: readonly Column[];
  rows: readonly Row[];
}

/** Null while there is no kitchen. */
export async function loadTable(db: KitchenDb, name: TableName): Promise<TableView | null> {
  const kitchen = await loadKitchen(db);
  return kitchen && { name, columns: shapeOf(name).columns, rows: await rowsIn(db, name, kitchen) };
}

/** A table as a CSV file: what is here, or a template with an example in it. */
export async function tableFile(db: KitchenDb, name: TableName, template: boolean): Promise<FileAnswer | null> {
  const { columns, examples } = shapeOf(name);
  if (template) return csvFile(`${name}-template`, asCsv(columns, examples));
  const view = await loadTable(db, name);
  return view && csvFile(name, asCsv(columns, view.rows));
}

/** Looks into a table that was read from a file, pasted or typed, line by line; or takes it, all of it or nothing. */
export async function bringInTable(
  db: KitchenDb,
  { table, text, take, sure = false }: { table: TableName; text: string; take: boolean; sure?: boolean | undefined },
): Promise<BroughtIn> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return refuse(say`There is no kitchen yet.`);
  if (table === 'formulas')
    return refuse(say`Formulas are brought in through their own page, which shows what was read.`);
  const read = rowsOf(text, shapeOf(table).columns);
  if (!read.ok) return read;
  const typing = typingOf(kitchen);
  if (isEntries(table)) return bringInEntries(db, table, read.rows, { take, sure, typing });
  if (table === 'orders') return bringInOrders(db, read.rows, { take, typing });
  return bringInLog(db, read.rows, { take, typing });
}
