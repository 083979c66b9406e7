import { applyEdit, NO_ADJUSTMENTS, type Adjustments, type MadeEdit } from './plan-edit';

/** What all edits that were made come to. */
export interface EditHistory {
  /** What is wanted after all that was done and undone. */
  adjustments: Adjustments;
  /** Edits that can be undone, the last one first to be. */
  done: MadeEdit[];
  /** Undoings that can be undone in their turn: that is the redo. A new edit ends them. */
  undone: MadeEdit[];
}

export const NO_EDITS: EditHistory = { adjustments: NO_ADJUSTMENTS, done: [], undone: [] };

/** Edits further back than this cannot be undone any more. */
const MOST_UNDOABLE = 200;

/** The history with one edit more. An undo is itself an edit that names what it undid. */
export function withEdit({ adjustments, done, undone }: EditHistory, made: MadeEdit): EditHistory {
  const after = applyEdit(adjustments, made.edit);
  if (made.undoes !== null && made.undoes === done.at(-1)?.id)
    return { adjustments: after, done: done.slice(0, -1), undone: [...undone, made] };
  if (made.undoes !== null && made.undoes === undone.at(-1)?.id)
    return { adjustments: after, done: [...done, made], undone: undone.slice(0, -1) };
  return { adjustments: after, done: [...done, made].slice(-MOST_UNDOABLE), undone: [] };
}

/** What an undo and a redo would take back now; null where there is nothing. */
export function undoable({ done, undone }: EditHistory): { undo: MadeEdit | null; redo: MadeEdit | null } {
  return { undo: done.at(-1) ?? null, redo: undone.at(-1) ?? null };
}
