import { say } from '../../core/words/say';
import type { CellProblem, ReadRow } from '../../core/tables/table';
import type { KitchenDb } from '../../data/kitchen-db';
import { commit } from '../shared/commit';
import { refuse, type Kept, type Result } from '../shared/result';
import type { TextRow } from './table-text';

/** What comes of a line of a table. */
export interface LineReport {
  line: number;
  /** What it is about. */
  name: string;
  is: 'new' | 'changed' | 'same' | 'left out' | 'wrong';
  /** Columns that change, why it is left out, or what is wrong where. */
  detail: string;
}

/** What came of a table: a report by line, and how many of them were taken; 0 where it was only looked into. */
export type BroughtIn = Kept<{ lines: LineReport[]; taken: number }>;

/** A line that was read, with what it is to become. */
export interface ReadLine<T> {
  report: LineReport;
  /** Null where nothing is to be taken of it. */
  value: T | null;
}

const wrongLine = <T>({ line }: TextRow, name: string, problems: readonly CellProblem[]): ReadLine<T> => ({
  value: null,
  report: { line, name, is: 'wrong', detail: problems.map((p) => `${p.column}: ${p.message}`).join(' ') },
});

/** Reads each line; what cannot be read is told, and the others go on. */
export function readLines<T>(
  rows: readonly TextRow[],
  nameOf: (row: TextRow['row']) => string,
  read: (row: TextRow) => ReadRow<{ value: T | null; is: LineReport['is']; name?: string; detail?: string }>,
): ReadLine<T>[] {
  return rows.map((row) => {
    const found = read(row);
    if (!found.ok) return wrongLine<T>(row, nameOf(row.row), found.problems);
    const { value, is, name = nameOf(row.row), detail = '' } = found.value;
    return { value, report: { line: row.line, name, is, detail } };
  });
}

/** A line of which nothing is taken, and why. */
export const leftOut = (detail: string) => ({
  ok: true as const,
  value: { value: null, is: 'left out' as const, detail },
});

/** Nothing of a table is taken unless every line of it can be read. */
function refuseWrong(lines: readonly ReadLine<unknown>[]): Extract<Result, { ok: false }> | null {
  const wrong = lines.filter((l) => l.report.is === 'wrong');
  if (wrong.length === 0) return null;
  const fields = Object.fromEntries(wrong.map((l) => [String(l.report.line), l.report.detail]));
  return refuse(say`Some lines cannot be read: nothing was taken yet.`, fields) as Extract<Result, { ok: false }>;
}

interface Taking<T> {
  /** Reads the lines among what is there. */
  read: (db: KitchenDb) => Promise<ReadLine<T>[]>;
  /** Writes down what they say, in the same transaction. */
  keep: (tx: KitchenDb, values: T[]) => Promise<void>;
  /** What is said where no line says anything new. */
  nothing: string;
  /** Asks before it is done; null where there is nothing to ask. */
  ask?: (values: T[]) => Promise<Extract<Result, { ok: false }> | null>;
  /** It changes what changes seldom. */
  library?: boolean;
  /** Plans again once they are kept; says whether that came to something. */
  plan?: (taken: number) => Promise<boolean>;
}

/** Looks into a table, or takes it: all its lines or none, by what is there when they are written down. */
export async function lookOrTake<T>(db: KitchenDb, take: boolean, taking: Taking<T>): Promise<BroughtIn> {
  const values = (lines: readonly ReadLine<T>[]) => lines.flatMap((l) => (l.value === null ? [] : [l.value]));
  const tried = await taking.read(db);
  const lines = tried.map((l) => l.report);
  if (!take) return { ok: true, lines, taken: 0 };
  const wrong = refuseWrong(tried);
  if (wrong) return wrong;
  if (values(tried).length === 0) return refuse(taking.nothing);
  const asked = await taking.ask?.(values(tried));
  if (asked) return asked;
  const kept = await commit(
    db,
    async (tx): Promise<Result<{ taken: number }>> => {
      // Somebody may have changed the list since it was tried.
      const read = await taking.read(tx);
      const refused = refuseWrong(read);
      if (refused) return refused;
      await taking.keep(tx, values(read));
      return { ok: true, taken: values(read).length };
    },
    { library: taking.library ?? false },
  );
  if (!kept.ok) return kept;
  const planned = await taking.plan?.(kept.taken);
  return { ok: true, lines, taken: kept.taken, ...(planned !== undefined && { planned }) };
}
