import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { readPlan, type PlanRow } from '../../data/repositories/plans';
import type { Situation } from '../situation/situation';
import { replan } from './replan';
import { loadSituation } from '../situation/load-situation';

/** The newest plan with the situation that it is read against; null without a kitchen. */
export async function loadPlanned(db: KitchenDb): Promise<{ situation: Situation; plan: PlanRow } | null> {
  const situation = await loadSituation(db);
  if (!situation) return null;
  const plan = (await readPlan(db)) ?? (await replan(db, say`the first plan`)).plan;
  return plan ? { situation, plan } : null;
}
