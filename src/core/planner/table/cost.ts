import { COST_OF_LATE_MINUTE, COST_OF_LEAVING_OUT } from '../../planning-format/plan';
import type { Group } from '../model/step-model';
import type { Timetable } from './timetable';

/** What one group adds to what a search makes small. */
export type GroupCost = (table: Timetable, group: Group) => number;

/** What one group adds to the plan's cost as it is placed now. The plan's cost is the sum over its groups. */
export function groupCost(table: Timetable, group: Group): number {
  return (
    COST_OF_LEAVING_OUT * group.orders.filter((o) => table.leftOut[o]).length +
    COST_OF_LATE_MINUTE * groupLateness(table, group) +
    groupAgeing(table, group)
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

/** Cost of all minutes that parts wait beyond their shortest wait. */
export function groupAgeing(table: Timetable, group: Group): number {
  let ageing = 0;
  for (const i of group.waits) {
    const w = table.model.waits[i]!;
    if (w.ageing === 0 || !table.waitExists(w) || !table.placed[w.from] || !table.placed[w.to]) continue;
    ageing += w.ageing * Math.max(0, table.start[w.to]! - table.end(w.from) - w.min);
  }
  return ageing;
}
