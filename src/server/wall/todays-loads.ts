import type { HandLoad } from '../../core/plan-reading/loads';
import { handLoads } from '../../core/plan-reading/loads';
import type { PlanRow } from '../../data/repositories/plans';
import { type Situation } from '../situation/situation';
import { dayOf } from './load-view';

/** How much of today's shift is work, by person; nobody who is off. */
export function todaysLoads(situation: Situation, plan: PlanRow): Map<string, HandLoad> {
  const { start, end } = dayOf(situation, 0);
  const people = handLoads(plan.problem, plan.plan, [[start, end]]);
  return new Map(people.flatMap((p) => (p.spans[0]!.there > 0 ? [[p.id, p.spans[0]!]] : [])));
}
