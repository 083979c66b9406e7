import { planTrouble } from '../plan/replan';
import { lastEdits } from '../steering/steering';
import { wallView, type WallView } from './wall-view';
import { loadPlanned } from '../plan/load-planned';

export async function loadWall(): Promise<WallView | null> {
  const planned = await loadPlanned();
  return planned && wallView(planned.situation, planned.plan, lastEdits(planned.situation), planTrouble());
}
