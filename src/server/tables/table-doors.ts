import { mixed, object, string } from 'yup';
import { asking, writing, type Door } from '../shared/door';
import { optionalText, sure } from '../shared/fields';
import { bringInTable, TABLE_NAMES, tableFile, type TableName } from './tables';

/** Larger texts are no lists of a kitchen. Letters. */
const LARGEST_TABLE = 1_000_000;

const table = mixed<TableName>()
  .oneOf([...TABLE_NAMES], 'There is no such table.')
  .required();
const text = string()
  .max(LARGEST_TABLE, 'This is too large for a table: a million letters at most.')
  .required('There is nothing in it.');
const options = { most: 3 * LARGEST_TABLE };

/** Tables that are sent: looked into, or taken. */
export const TABLE_POSTS = {
  'look-into-table': asking(object({ table, text }), (x, db) => bringInTable(db, { ...x, take: false }), options),
  'take-table': writing(object({ table, text, sure }), (x, db) => bringInTable(db, { ...x, take: true }), options),
} satisfies Record<string, Door>;

/** A table as a CSV file, or its template. */
export const TABLE_FILE = asking(
  object({ name: table, template: optionalText(5) }),
  (x, db) => tableFile(db, x.name, x.template !== undefined),
  { none: 'There is no kitchen yet.' },
);
