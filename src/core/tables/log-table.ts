import { say } from '../words/say';
import { numberCell, RowReader, type Column, type ReadRow, type Row, type TableTyping } from './table';

/** Something told at the bench, as a row tells it. */
export interface LoggedRow {
  /** Wall-clock time of the kitchen, "2027-05-22T12:00". */
  when: string;
  what: string;
  order: string;
  step: string;
  people: readonly string[];
  /** Minutes that were planned, and that it took; null where it is no end of a step. */
  planned: number | null;
  took: number | null;
}

export const LOG_COLUMNS: readonly Column[] = [
  { name: 'when', about: say`By the kitchen’s clock: 2027-05-22 12:00.` },
  {
    name: 'what',
    about: say`What was told. Only lines with “finish” are brought in: they teach how long a step takes here.`,
  },
  { name: 'order', about: say`Which order.` },
  { name: 'step', about: say`What the step is called in its formula.` },
  { name: 'people', about: say`Who did it.` },
  { name: 'planned', about: say`Minutes that the formula says.` },
  { name: 'took', about: say`Minutes that it took.` },
];

export const LOG_EXAMPLES: readonly Row[] = [
  {
    ...{ when: '2026-11-02 09:40', what: 'finish', order: '', step: 'Whisk the sponge', people: '' },
    ...{ planned: '12', took: '15' },
  },
];

export const logRow = (e: LoggedRow, { decimal }: TableTyping): Row => ({
  ...{ when: e.when.replace('T', ' '), what: e.what, order: e.order, step: e.step, people: e.people.join('; ') },
  ...{ planned: numberCell(e.planned, decimal), took: numberCell(e.took, decimal) },
});

/** How long a step took, out of the record of another time or another program. */
export interface OldRecord {
  when: string;
  step: string;
  planned: number;
  took: number;
}

const LONGEST = 2880;

/** A record that a row tells; null where it tells something else. */
export function readLogRow(row: Row, { decimal }: TableTyping): ReadRow<OldRecord | null> {
  const reader = new RowReader(row, decimal);
  if (reader.text('what', 'finish').toLowerCase() !== 'finish') return { ok: true, value: null };
  const planned = reader.number('planned', null, null);
  const took = reader.number('took', null, null);
  if (planned === null && took === null && reader.problems.length === 0) return { ok: true, value: null };
  const when = reader.told('when', '', (text) => {
    const found = /^(\d{4}-\d{2}-\d{2})[ T](\d{1,2}):(\d{2})$/.exec(text);
    const at = found ? `${found[1]}T${found[2]!.padStart(2, '0')}:${found[3]}` : '';
    return Number.isNaN(Date.parse(`${at}Z`)) || at === ''
      ? { ok: false, message: say`Write it as 2027-05-22 12:00.` }
      : { ok: true, value: at };
  });
  const step = reader.text('step', '');
  if (step === '' || step.length > 120) reader.wrong('step', say`Which step?`);
  for (const [column, minutes] of [
    ['planned', planned],
    ['took', took],
  ] as const)
    if (minutes === null || !(minutes > 0 && minutes <= LONGEST))
      if (!reader.problems.some((p) => p.column === column)) reader.wrong(column, say`Minutes, above 0.`);
  if (reader.problems.length > 0) return { ok: false, problems: reader.problems };
  return { ok: true, value: { when, step, planned: planned!, took: took! } };
}
