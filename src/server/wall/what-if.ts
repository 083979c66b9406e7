import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import type { Comparison } from '../../core/plan-reading/compare-plans';
import type { Adjustment } from '../../core/steering/plan-edit';
import { readPlan } from '../../data/repositories/plans';
import { refuse, type Result } from '../shared/result';
import { draftOf, type CapacityQuestion } from '../orders/capacity';
import { loadSituation } from '../situation/load-situation';
import { wallView, type WallView } from './wall-view';
import { tryOn } from '../steering/trials';

/** A trial as a page shows it: the wall of the copy, and what it changes. */
export interface TrialView {
  id: string;
  label: string;
  wall: WallView;
  comparison: Comparison;
  /** People by id, for the words of the comparison. */
  names: Record<string, string>;
}

/** Supposes things, and perhaps one order more, on a copy. */
export async function tryWhatIf(
  db: KitchenDb,
  wanted: Adjustment[],
  order: CapacityQuestion | null = null,
): Promise<Result<{ trial: TrialView }>> {
  const situation = await loadSituation(db);
  const base = await readPlan(db);
  if (!situation || !base) return refuse(say`There is no plan yet.`);
  const drafted = order && draftOf(db, order, situation);
  if (drafted && !drafted.ok) return drafted;
  const tried = await tryOn(
    db,
    situation,
    base,
    wanted,
    { seconds: 2, rounds: 200, thorough: true },
    drafted?.draft ?? null,
  );
  if (!tried.ok) return tried;
  const { id, label, comparison, situation: copy, plan } = tried.trial;
  const names = Object.fromEntries(copy.kitchen.rows.people.map((p) => [p.id, p.name]));
  return { ok: true, trial: { id, label, comparison, wall: wallView(copy, plan), names } };
}
