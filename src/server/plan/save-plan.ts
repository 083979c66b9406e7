import type { KitchenDb } from '../../data/kitchen-db';
import { insertPlan, type PlanRow } from '../../data/repositories/plans';
import { tellChanged } from '../shared/live';

/** Saves a plan after the one that it was made from, and tells open pages. Null where somebody else has saved one after that already. */
export async function savePlan(db: KitchenDb, plan: Omit<PlanRow, 'id'>): Promise<PlanRow | null> {
  const saved = await insertPlan(db, plan);
  if (saved) tellChanged(db.kitchen, 'planned');
  return saved;
}
