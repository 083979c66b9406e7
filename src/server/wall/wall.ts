import { database } from '../../data/database';
import { readPlan } from '../../data/repositories/plans';
import { type Situation } from '../plan/situation';
import { planTrouble, replan } from '../plan/replan';
import { loadSituation } from '../plan/load-situation';
import { lastEdits } from '../steering/steering';
import { wallView, type WallView } from './wall-view';
import type { PlanRow } from '../../data/repositories/plans';

/** The newest plan with the situation that it is read against; null without a kitchen. */
export async function loadPlanned(): Promise<{ situation: Situation; plan: PlanRow } | null> {
  const db = await database();
  const situation = await loadSituation(db);
  if (!situation) return null;
  const plan = (await readPlan(db)) ?? (await replan('the first plan')).plan;
  return plan ? { situation, plan } : null;
}

export async function loadWall(): Promise<WallView | null> {
  const planned = await loadPlanned();
  return planned && wallView(planned.situation, planned.plan, lastEdits(planned.situation), planTrouble());
}
