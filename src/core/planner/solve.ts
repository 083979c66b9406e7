import { compile } from './model/model';
import type { Plan } from '../planning-format/plan';
import type { Problem } from '../planning-format/problem';
import { search } from './search/search';
import type { SearchOptions } from './model/search-options';
import { writePlan } from './write-plan';
import type { Complaint } from '../planning-format/complaint';

export type Solved = { ok: true; plan: Plan } | { ok: false; problems: Complaint[] };

export interface SolveOptions extends SearchOptions {
  /** SHA-256 of the problem file's bytes, to name it in the plan. */
  digest?: string | null;
  /** Seconds spent so far, asked once at the end. */
  seconds?: () => number;
}

/**
 * Plans a problem that `readProblem` accepted. The plan obeys every rule of the format; orders that have no place
 * are left out whole. Fails only where a step that belongs to no order, or a pinned one, cannot be placed at all.
 */
export function solve(problem: Problem, options: SolveOptions): Solved {
  const model = compile(problem);
  const searched = search(model, options);
  if (!searched.ok) {
    const step = problem.steps[searched.impossible];
    return {
      ok: false,
      problems: [
        {
          path: `steps[${searched.impossible}]`,
          message: `“${step?.name ?? 'a step'}” serves several orders and cannot be placed with what is fixed around it.`,
        },
      ],
    };
  }
  return { ok: true, plan: writePlan(searched.table, options.digest ?? null, options.seconds?.() ?? 0) };
}
