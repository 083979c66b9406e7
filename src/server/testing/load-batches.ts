import type { KitchenDb } from '../../data/kitchen-db';
import { readPlan } from '../../data/repositories/plans';
import { batchesView, type BatchesView } from '../pull-list/batches';
import { loadSituation } from '../situation/load-situation';

/** What could be made together, and what already is; null without a kitchen or a plan. */
export async function loadBatches(db: KitchenDb): Promise<BatchesView | null> {
  const situation = await loadSituation(db);
  const plan = await readPlan(db);
  return situation && plan && batchesView(situation, plan);
}
