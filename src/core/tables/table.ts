import { say } from '../words/say';
import { ValidationError, type AnySchema } from 'yup';
import { readNumber, type Decimal } from '../measure/parse-number';

/** Cells by the name of their column. A column that is not there is left out. */
export type Row = Readonly<Partial<Record<string, string>>>;

export interface Column {
  name: string;
  /** What stands in it, in words. */
  about: string;
}

export interface CellProblem {
  column: string;
  message: string;
}

export type ReadRow<T> = { ok: true; value: T } | { ok: false; problems: CellProblem[] };

/** How the kitchen writes what a table says in numbers and lengths. */
export interface TableTyping {
  length: 'cm' | 'in';
  decimal: Decimal;
}

/** What a row is read among. */
interface RowsAmong extends TableTyping {
  /** Initials that people have. */
  initials: readonly string[];
}

/** A list of the kitchen as a table: `Entry` is what is kept. */
export interface EntryTable<Entry> {
  columns: readonly Column[];
  /** Rows that show how it is filled in. */
  examples: readonly Row[];
  row: (entry: Entry, typing: TableTyping) => Row;
  /** The entry that a row says; `before` is the one of the same name that is there, and keeps what the row does not say. */
  read: (row: Row, before: Entry | null, among: RowsAmong) => ReadRow<Entry>;
}

/** What a cell says: null where its column is not there, so that nothing is changed by it. */
const cell = (row: Row, column: string): string | null => row[column]?.trim() ?? null;

/** Collects what is wrong with a row while its cells are read one by one. */
export class RowReader {
  readonly problems: CellProblem[] = [];

  constructor(
    private readonly row: Row,
    private readonly decimal: Decimal,
  ) {}

  wrong(column: string, message: string): void {
    this.problems.push({ column, message });
  }

  text(column: string, before: string): string {
    return cell(this.row, column) ?? before;
  }

  /** A number; `empty` is what an empty cell says. */
  number<E extends number | null>(column: string, before: number | E, empty: E): number | E {
    const text = cell(this.row, column);
    if (text === null) return before;
    if (text === '') return empty;
    const negative = /^[-−]/.test(text);
    const read = readNumber(text.replace(/^[-−]/, ''), this.decimal);
    if (read.is === 'number') return negative ? -read.value : read.value;
    this.wrong(
      column,
      read.is === 'either'
        ? say`“${text}” can be read in two ways: write ${read.values.join(say` or `)}.`
        : say`“${text}” is no number.`,
    );
    return before;
  }

  flag(column: string, before: boolean): boolean {
    const text = cell(this.row, column)?.toLowerCase();
    if (text === undefined) return before;
    if (['yes', 'y', 'x', 'true', '1'].includes(text)) return true;
    if (!['no', 'n', 'false', '0', '', '-'].includes(text)) this.wrong(column, say`“${text}”: write yes or no.`);
    return false;
  }

  list(column: string, before: readonly string[]): string[] {
    const text = cell(this.row, column);
    return text === null ? [...before] : readList(text);
  }

  /** Anything that has words of its own. */
  told<T>(
    column: string,
    before: T,
    read: (text: string) => { ok: true; value: T } | { ok: false; message: string },
  ): T {
    const text = cell(this.row, column);
    if (text === null) return before;
    const told = read(text);
    if (told.ok) return told.value;
    this.wrong(column, told.message);
    return before;
  }

  /** The form as its schema reads it; what is wrong stands at the column that its field comes from. */
  form<S extends AnySchema>(
    schema: S,
    form: unknown,
    columnOf: (path: string) => string,
  ): ReadRow<ReturnType<S['validateSync']>> {
    if (this.problems.length > 0) return { ok: false, problems: this.problems };
    try {
      return {
        ok: true,
        value: schema.validateSync(form, { abortEarly: false, disableStackTrace: true }) as ReturnType<
          S['validateSync']
        >,
      };
    } catch (error) {
      if (!(error instanceof ValidationError)) throw error;
      const inner = error.inner.length > 0 ? error.inner : [error];
      return {
        ok: false,
        problems: inner.map((e) => ({ column: columnOf(e.path ?? ''), message: e.message })),
      };
    }
  }
}

/** A number as a cell, so that `readNumber` gives it back. */
export function numberCell(value: number | null, decimal: Decimal): string {
  if (value === null) return '';
  const text = String(Number(value.toFixed(6)));
  const own = decimal === 'comma' ? text.replace('.', ',') : text;
  // “1.125” might be a thousand and more: one digit more, and it is not.
  return /^-?[1-9]\d{0,2}[.,]\d{3}$/.test(own) ? `${own}0` : own;
}

export const flagCell = (value: boolean): string => (value ? 'yes' : 'no');

/** Words with semicolons between; one that has a separator in it stands in quotes. */
export const listCell = (words: readonly string[]): string =>
  words.map((w) => (/[;,"]/.test(w) ? `"${w.replaceAll('"', '""')}"` : w)).join('; ');

/** Words with semicolons or commas between. */
export function readList(text: string): string[] {
  const found = text.matchAll(/\s*(?:"((?:[^"]|"")*)"|([^;,]*))\s*(?:[;,]|$)/g);
  return [...found]
    .map((m) => (m[1] === undefined ? (m[2] ?? '').trim() : m[1].replaceAll('""', '"')))
    .filter((w) => w !== '');
}
