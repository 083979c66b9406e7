import { groupLateness } from './cost';
import type { Group } from './model';
import type { Plan } from './plan';
import { planGroup } from './plan-group';
import type { Problem } from './problem';
import { seatedPlan, standAgain } from './seated-plan';

/** Why an order cannot be on time: a set of others none of which can be spared, or its own facts. */
export interface Blockers {
  order: string;
  /**
   * Orders that together keep it from its pickup where the plan has them: if any one of them were not there, it could be on
   * time. Empty where it could not be on time even alone.
   */
  others: string[];
  /** Could it be on time in an empty kitchen with these shifts? */
  alone: boolean;
}

/**
 * An irreducible set of blockers by the deletion filter of Chinneck (Feasibility and Infeasibility in Optimization, 2008):
 * others are taken out one by one, the farthest first, for good where the order still cannot be on time without them.
 */
export function blockersOf(problem: Problem, plan: Plan, id: string): Blockers {
  const { model, table, earlier, taste, standing } = seatedPlan(problem, plan);
  const order = model.orderIndex.get(id);
  const group = model.groups.find((g) => order !== undefined && g.orders.includes(order));
  if (!group) return { order: id, others: [], alone: false };
  const fits = () => {
    const done = planGroup(table, group, taste);
    const onTime = done && group.orders.every((o) => !table.leftOut[o]) && groupLateness(table, group) === 0;
    table.removeGroup(group);
    return onTime;
  };
  table.removeGroup(group);
  const others = model.groups.filter((g) => g !== group && standing.has(g));
  if (fits()) return { order: id, others: [], alone: true };
  const near = (g: Group) => Math.abs((problem.orders[g.orders[0]!]?.pickup ?? 0) - problem.orders[order!]!.pickup);
  const blocking = [...others].sort((a, b) => near(b) - near(a));
  for (const g of blocking) table.removeGroup(g);
  if (!fits()) return { order: id, others: [], alone: false };
  for (const g of blocking) standAgain(table, g, earlier);
  const kept: Group[] = [];
  for (const g of blocking) {
    table.removeGroup(g);
    if (!fits()) continue;
    standAgain(table, g, earlier);
    kept.push(g);
  }
  return {
    order: id,
    others: kept.flatMap((g) => g.orders.map((o) => problem.orders[o]!.id)),
    alone: true,
  };
}
