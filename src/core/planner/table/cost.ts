import { COST_OF_LATE_MINUTE, COST_OF_LEAVING_OUT } from '../../planning-format/plan';
import type { Group, WaitModel } from '../model/step-model';
import { costOfChoice } from '../../planning-format/problem';
import type { Timetable } from './timetable';

/** What one group adds to what a search makes small. */
export type GroupCost = (table: Timetable, group: Group) => number;

/** What one group adds to the plan's cost as it is placed now. The plan's cost is the sum over its groups. */
export function groupCost(table: Timetable, group: Group): number {
  return (
    COST_OF_LEAVING_OUT * group.orders.filter((o) => table.leftOut[o]).length +
    COST_OF_LATE_MINUTE * groupLateness(table, group) +
    groupAgeing(table, group) +
    costOfChoices(table, group)
  );
}

/** Weighted minutes by which the group's orders leave after their pickups. */
export function groupLateness(table: Timetable, group: Group): number {
  const { model } = table;
  let lateness = 0;
  for (const o of group.orders) {
    if (table.leftOut[o]) continue;
    const order = model.problem.orders[o]!;
    const collect = model.stepIndex.get(order.collect)!;
    lateness += order.weight * Math.max(0, table.start[collect]! - order.pickup);
  }
  return lateness;
}

/** What the choices cost that the group's routes take. */
export function costOfChoices({ model, choice }: Timetable, group: Group): number {
  let cost = 0;
  for (const r of group.routes) {
    const route = model.problem.routes[r]!;
    cost += costOfChoice(route, route.choices[choice[r]!]!);
  }
  return cost;
}

/** What a gap costs: its minutes beyond the shortest wait, and those by which it falls short of a wish. */
export function costOfGap({ min, ageing, wish }: WaitModel, gap: number): number {
  return ageing * Math.max(0, gap - min) + (wish ? wish.cost * Math.max(0, wish.least - gap) : 0);
}

/** Cost of all minutes that parts wait beyond their shortest wait, or short of a wish. */
export function groupAgeing(table: Timetable, group: Group): number {
  let ageing = 0;
  for (const i of group.waits) {
    const w = table.model.waits[i]!;
    if ((w.ageing === 0 && !w.wish) || !table.waitExists(w) || !table.placed[w.from] || !table.placed[w.to]) continue;
    ageing += costOfGap(w, table.start[w.to]! - table.end(w.from));
  }
  return ageing;
}
