import { valueAt } from '../ids/value-at';
import type { Span } from '../time/spans';

/** Where a step is to stay. Minutes after the origin; one item for each thing that it uses, then its oven. */
export interface Pin {
  start: number;
  people: string[];
  equipment: string[];
}

/** What can be answered anew on an order while it is planned. */
export interface OrderAnswers {
  /** ISO instant; in an adjustment also a wall-clock time of the kitchen. */
  pickup: string;
  /** Roles of optional components that are left out. */
  without: string[];
  /** Schools and routes that it has decided for itself. */
  choices: Record<string, string>;
}

/** All that the lead wants of the plan. An absent key means nothing is wanted. */
export interface Adjustments {
  /** By step. */
  pin: Record<string, Pin>;
  /** The people who are to do a step, whenever it is. By step. */
  give: Record<string, string[]>;
  /** Not there, whatever the shift says. By person. */
  away: Record<string, Span[]>;
  /** There beyond their shifts. By person. */
  longer: Record<string, Span[]>;
  /** Skills that somebody lends a hand with beyond their own. By person. */
  lend: Record<string, string[]>;
  /** Not to be used. By item. */
  closed: Record<string, Span[]>;
  /** Units more than there are: a borrowed tin, a second rack. By item. */
  more: Record<string, number>;
  /** By number of the order. */
  order: Record<string, Partial<OrderAnswers>>;
}

export type AdjustmentKind = keyof Adjustments;

export const NO_ADJUSTMENTS: Adjustments = {
  ...{ pin: {}, give: {}, away: {}, longer: {} },
  ...{ lend: {}, closed: {}, more: {}, order: {} },
};

/** One thing wanted: the value that a key is to have; null for none. */
export type Adjustment = {
  [K in AdjustmentKind]: { kind: K; key: string; to: Adjustments[K][string] | null };
}[AdjustmentKind];

/**
 * One change of the adjustments, as a value: it knows what was so before, can be applied, inverted, and written as JSON.
 *
 * @example applyEdit(applyEdit(adjustments, edit), invertEdit(edit)) // the adjustments as they were
 */
export type PlanEdit =
  | {
      [K in AdjustmentKind]: {
        kind: K;
        key: string;
        from: Adjustments[K][string] | null;
        to: Adjustments[K][string] | null;
      };
    }[AdjustmentKind]
  | { kind: 'several'; edits: PlanEdit[] };

/** The edit that makes these adjustments come true, one after the other. */
export function editFor(adjustments: Adjustments, wanted: Adjustment[]): PlanEdit {
  const edits: PlanEdit[] = [];
  let now = adjustments;
  for (const adjustment of wanted) {
    const before = (now[adjustment.kind] as Record<string, object | number>)[adjustment.key] ?? null;
    const from =
      adjustment.kind === 'order' ? sameFields(adjustment.to ?? {}, before as Partial<OrderAnswers> | null) : before;
    const edit = { ...adjustment, from } as PlanEdit;
    edits.push(edit);
    now = applyEdit(now, edit);
  }
  return edits.length === 1 ? edits[0]! : { kind: 'several', edits };
}

function sameFields(to: Partial<OrderAnswers>, from: Partial<OrderAnswers> | null): Partial<OrderAnswers> {
  return Object.fromEntries(Object.keys(to).map((k) => [k, from?.[k as keyof OrderAnswers]]));
}

export function applyEdit(adjustments: Adjustments, edit: PlanEdit): Adjustments {
  if (edit.kind === 'several') return edit.edits.reduce(applyEdit, adjustments);
  const values: Record<string, unknown> = { ...adjustments[edit.kind] };
  // Answers of an order change field by field: others may have changed the rest meanwhile.
  if (edit.kind === 'order') values[edit.key] = { ...valueAt(adjustments.order, edit.key), ...edit.to };
  else if (edit.to === null) delete values[edit.key];
  else values[edit.key] = edit.to;
  return { ...adjustments, [edit.kind]: values };
}

export function invertEdit(edit: PlanEdit): PlanEdit {
  if (edit.kind === 'several') return { kind: 'several', edits: [...edit.edits].reverse().map(invertEdit) };
  return { ...edit, from: edit.to, to: edit.from } as PlanEdit;
}

/** The single changes of an edit, in their order. */
export function singleEdits(edit: PlanEdit): Exclude<PlanEdit, { kind: 'several' }>[] {
  return edit.kind === 'several' ? edit.edits.flatMap(singleEdits) : [edit];
}

/** An edit that was made, or the undoing of an earlier one; in the order of their ids. */
export interface MadeEdit {
  id: number;
  edit: PlanEdit;
  /** The edit that this one takes back, or makes again. */
  undoes: number | null;
  /** Number of the plan that was there before it. */
  before: number;
}
