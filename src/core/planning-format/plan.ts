/** A plan for a problem, version 1 of the open format. */
export interface Plan {
  format: 'zest-ladder/plan';
  version: 1;
  /** SHA-256 of the problem file's bytes, or null. */
  problem: string | null;
  status: 'complete' | 'late' | 'partial';
  routes: Record<string, string>;
  steps: PlannedStep[];
  waits: { id: string; equipment: string }[];
  holds: { id: string; equipment: string }[];
  unplaced: LeftOut[];
  score: Score;
  bound: { cost: number | null };
  seconds: number;
}

export interface PlannedStep {
  id: string;
  start: number;
  end: number;
  people: string[];
  /** One item for each entry of `uses`, in order, and then the oven. */
  equipment: string[];
}

/** An order that no plan could hold, and what stands in its way. */
export interface LeftOut {
  order: string;
  reason: string;
  blockers: string[];
}

interface Score {
  unplaced: number;
  lateness: number;
  ageing: number;
  ovenChanges: number;
  /** `1 000 000 × unplaced + 100 × lateness + ageing`; lower is better. */
  cost: number;
}

export const COST_OF_LEAVING_OUT = 1_000_000;
export const COST_OF_LATE_MINUTE = 100;

export function costOf(unplaced: number, lateness: number, ageing: number): number {
  return COST_OF_LEAVING_OUT * unplaced + COST_OF_LATE_MINUTE * lateness + ageing;
}
