import type { KitchenDb } from '../../data/kitchen-db';
import { moveView, type MoveView } from './move-view';
import { stepView, type StepView } from './step-view';
import { loadPlanned } from '../plan/load-planned';

/** One step of the newest plan; null where it is not in it. */
export async function loadStep(db: KitchenDb, id: string): Promise<StepView | null> {
  const planned = await loadPlanned(db);
  return planned && stepView(id, planned.situation, planned.plan);
}

/** What moving a step of the newest plan asks. */
export async function loadMove(db: KitchenDb, id: string): Promise<MoveView | null> {
  const planned = await loadPlanned(db);
  return planned && moveView(id, planned.situation, planned.plan);
}
