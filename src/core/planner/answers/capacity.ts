import { groupCost } from '../table/cost';
import type { Plan } from '../../planning-format/plan';
import { placeGroup } from '../placing/place-group';
import { placeEarliest } from '../placing/place-earliest';
import type { Problem } from '../../planning-format/problem';
import { askNeighbours } from '../replanning/repair';
import { planOnTable } from '../replanning/plan-on-table';
import type { Timetable } from '../table/timetable';
import { writePlan } from '../write-plan';

/** Whether one more order fits. Minutes after the origin. */
export interface Capacity {
  order: string;
  pickup: number;
  /** How late it would be with everybody else where they are; null where it finds no place at all. */
  late: number | null;
  /** When it could leave at the earliest, with everybody else where they are; null where it finds no place. */
  earliest: number | null;
  /** What it would take from others to be less late: null where it is on time without, or nothing helps. */
  withOthers: { late: number; others: { order: string; late: number; wasLate: number }[]; cost: number } | null;
  /** The plan with it, the better of the two. */
  plan: Plan;
}

/**
 * Answers "can we take this too?" against a plan that holds all others: first in the gaps that the plan leaves, then by
 * asking neighbours to make room. The problem must hold the new order; the plan need not.
 *
 * @param stop asked between neighbours; the answer so far stands when it says true
 */
export function capacityFor(problem: Problem, old: Plan, id: string, stop: () => boolean): Capacity {
  const { model, table, earlier, policy, inPlace } = planOnTable(problem, old);
  const order = model.orderIndex.get(id)!;
  const group = model.groups.find((g) => g.orders.includes(order))!;
  table.removeGroup(group);
  for (const g of model.groups) if (g !== group && !inPlace.has(g)) placeGroup(table, g, policy);
  const earliest = placeEarliest(table, group, order, policy);
  table.removeGroup(group);
  placeGroup(table, group, policy);
  const { pickup } = problem.orders[order]!;
  const late = lateOf(table, order);
  let withOthers: Capacity['withOthers'] = null;
  if (late !== 0) {
    const others = problem.orders.flatMap((o, i) => (i === order ? [] : [{ i, id: o.id, wasLate: lateOf(table, i) }]));
    const costOfOthers = () => model.groups.reduce((sum, g) => sum + (g === group ? 0 : groupCost(table, g)), 0);
    const before = costOfOthers();
    askNeighbours(table, group, earlier, policy, stop);
    const now = lateOf(table, order);
    if (now !== null && (late === null || now < late))
      withOthers = {
        late: now,
        cost: costOfOthers() - before,
        others: others.flatMap((o) => {
          const [is, was] = [lateOf(table, o.i) ?? Infinity, o.wasLate ?? Infinity];
          return is === was ? [] : [{ order: o.id, late: is, wasLate: was }];
        }),
      };
  }
  return { order: id, pickup, late, earliest, withOthers, plan: writePlan(table, null, 0) };
}

function lateOf(table: Timetable, order: number): number | null {
  if (table.leftOut[order]) return null;
  const { collect, pickup } = table.model.problem.orders[order]!;
  const step = table.model.stepIndex.get(collect)!;
  return table.placed[step] ? table.start[step]! - pickup : null;
}
