import { say } from '../../core/words/say';
import Papa from 'papaparse';
import { asWrittenRow, harmlessRow } from '../../core/exchange/csv-cells';
import type { Column, Row } from '../../core/tables/table';
import { FileAnswer } from '../shared/file-answer';
import { refuse, type Result } from '../shared/result';

/** More lines than this are not brought in at once. */
const MOST_LINES = 2000;

/** A table as CSV. */
export const asCsv = (columns: readonly Column[], rows: readonly Row[]): string =>
  `${Papa.unparse(
    rows.map((r) => harmlessRow(Object.fromEntries(columns.map((c) => [c.name, r[c.name] ?? ''])))),
    { columns: columns.map((c) => c.name) },
  )}\r\n`;

/** A CSV file to be saved; its first letter tells spreadsheets that it is UTF-8. */
export const csvFile = (name: string, csv: string) =>
  new FileAnswer(`${name}.csv`, 'text/csv; charset=utf-8', `\ufeff${csv}`, 'attachment');

/** Between the names of the columns there is nothing else; in the cells lists have semicolons of their own. */
const delimiterOf = (head: string) =>
  ['\t', ';', ','].reduce((best, d) => (head.split(d).length > head.split(best).length ? d : best));

/** A row with the line of the text that it begins on. */
export interface TextRow {
  line: number;
  row: Row;
}

/** The rows of a table that was read from a file or pasted: commas, semicolons or tabs between its cells, the first line its columns. */
export function rowsOf(text: string, columns: readonly Column[]): Result<{ rows: TextRow[] }> {
  const lines: TextRow[] = [];
  const plain = text.replace(/^\ufeff/, '').trimStart();
  const table = Papa.parse<string[]>(plain, { delimiter: delimiterOf(plain.split(/\r?\n/, 1)[0]!) });
  const [head, ...body] = table.data;
  const named = (head ?? []).map((c) => c.trim().toLowerCase());
  const known = columns.map((c) => c.name);
  const unknown = named.filter((c) => c !== '' && !known.includes(c));
  if (!named.some((c) => known.includes(c)))
    return refuse(say`The first line has to name the columns: ${known.join(', ')}.`);
  if (unknown.length > 0)
    return refuse(say`No column is called “${unknown[0]!}” here. There are: ${known.join(', ')}.`);
  if (body.length > MOST_LINES) return refuse(say`At most ${MOST_LINES} lines at once.`);
  // Quoted cells may run over several lines; counted by rows this is near enough to be found.
  body.forEach((cells, i) => {
    if (cells.every((c) => c.trim() === '')) return;
    const told = named.map((c, k): [string, string] => [c, cells[k] ?? '']).filter(([c]) => c !== '');
    const row: Record<string, string> = Object.fromEntries(told);
    lines.push({ line: i + 2, row: asWrittenRow(row) });
  });
  return lines.length > 0 ? { ok: true, rows: lines } : refuse(say`There is no line below the names of the columns.`);
}
