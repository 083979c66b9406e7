import type { ReportLine } from '@/core/exchange/foreign-recipe';
import type { FormulaForm } from '@/core/input/formula-input';

const KEY = 'zl-formula-draft';

/** A formula that was read from somewhere, on its way to the editor. */
export interface Draft {
  form: FormulaForm;
  report: ReportLine[];
}

/** Leaves a draft for the page of a new formula. */
export const leaveDraft = (draft: Draft): void => sessionStorage.setItem(KEY, JSON.stringify(draft));

/** The draft that was left, once; null where there is none. */
export function takeDraft(): Draft | null {
  const left = sessionStorage.getItem(KEY);
  sessionStorage.removeItem(KEY);
  return left === null ? null : (JSON.parse(left) as Draft);
}
