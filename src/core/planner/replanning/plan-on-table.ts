import { readEarlier, placeAsBefore, takeEarlierRoutes, type EarlierPlan } from './load-plan';
import { compile, type Model } from '../model/model';
import type { Group } from '../model/step-model';
import type { Plan } from '../../planning-format/plan';
import type { PlacingPolicy } from '../placing/place-group';
import { combinations } from '../placing/routes';
import type { Problem } from '../../planning-format/problem';
import { timetableOfFixed } from '../placing/fixed-steps';
import type { Timetable } from '../table/timetable';

/** A plan on a timetable of its own, to try things on. */
export interface PlanOnTable {
  model: Model;
  table: Timetable;
  earlier: EarlierPlan;
  /** Every route that there is, and the hands and things that the plan has. */
  policy: PlacingPolicy;
  /** Groups that are placed where the plan has them; the others are out of the timetable. */
  inPlace: Set<Group>;
}

/** Puts a plan on a timetable of a problem that may know more (or less) than the plan does. */
export function planOnTable(problem: Problem, plan: Plan): PlanOnTable {
  const model = compile(problem);
  const earlier = readEarlier(model, plan);
  const { table } = timetableOfFixed(model, earlier.prefer);
  for (const { order } of plan.unplaced) {
    const o = model.orderIndex.get(order);
    if (o === undefined) continue;
    table.leftOut[o] = 1;
    model.steps.forEach((s, i) => s.order === o && table.remove(i));
  }
  const inPlace = new Set(model.groups.filter((g) => placeWhereItWas(table, g, earlier)));
  const policy: PlacingPolicy = { prefer: earlier.prefer, noise: () => 0, routes: (g) => combinations(table, g) };
  return { model, table, earlier, policy, inPlace };
}

/** Puts a group back to where the plan has it; false, with the group out, if it cannot. */
export function placeWhereItWas(table: Timetable, group: Group, earlier: EarlierPlan): boolean {
  takeEarlierRoutes(table, group, earlier);
  return placeAsBefore(table, group, earlier);
}
