import type { KitchenDb } from '../../data/kitchen-db';
import { backupTrouble } from '../kitchen/backups';
import { planTrouble } from '../plan/replan';
import { lastEdits } from '../steering/steering';
import { wallView, type WallView } from './wall-view';
import { loadPlanned } from '../plan/load-planned';

export async function loadWall(db: KitchenDb): Promise<WallView | null> {
  const planned = await loadPlanned(db);
  if (!planned) return null;
  const { situation, plan } = planned;
  return wallView(situation, plan, {
    edits: lastEdits(situation),
    trouble: planTrouble(db),
    backup: backupTrouble(db),
  });
}
