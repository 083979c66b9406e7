import type { KitchenDb } from '../../data/kitchen-db';
import { planTrouble } from '../plan/replan';
import { lastEdits } from '../steering/steering';
import { wallView, type WallView } from './wall-view';
import { loadPlanned } from '../plan/load-planned';

export async function loadWall(db: KitchenDb): Promise<WallView | null> {
  const planned = await loadPlanned(db);
  return planned && wallView(planned.situation, planned.plan, lastEdits(planned.situation), planTrouble(db));
}
