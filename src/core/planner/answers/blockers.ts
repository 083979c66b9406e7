import { groupLateness } from '../table/cost';
import type { Group } from '../model/step-model';
import type { Plan } from '../../planning-format/plan';
import { placeGroup } from '../placing/place-group';
import { placeCheapestRoute } from '../placing/place-cheapest';
import type { Problem } from '../../planning-format/problem';
import { planOnTable, placeWhereItWas } from '../replanning/plan-on-table';

/** Why an order cannot be on time: a set of others none of which can be spared, or its own facts. */
export interface Blockers {
  order: string;
  /**
   * Orders that keep it from its pickup by themselves, where the plan has them, whatever becomes of the others: none of them is
   * one too many. Empty where it could not be on time even alone.
   */
  others: string[];
  /** Could it be on time in an empty kitchen with these shifts? */
  alone: boolean;
  /** Was every smaller set tried? */
  least: boolean;
}

/** Pairs of others that are tried, at most. */
const MOST_PAIRS = 250;

/**
 * A smallest set of blockers, as far as the planner can tell. An irreducible one is found by the deletion filter of Chinneck
 * (Feasibility and Infeasibility in Optimization, 2008): others are taken out one by one, the farthest first, for good where the
 * order still cannot be on time without them. Then single others, and pairs if there are not too many, are tried by themselves.
 */
export function blockersOf(problem: Problem, plan: Plan, id: string): Blockers {
  const { model, table, earlier, policy, inPlace } = planOnTable(problem, plan);
  const order = model.orderIndex.get(id);
  const group = model.groups.find((g) => order !== undefined && g.orders.includes(order));
  if (!group) return { order: id, others: [], alone: false, least: true };
  const fits = () =>
    [placeGroup, placeCheapestRoute].some((placeIt) => {
      const done = placeIt(table, group, policy);
      const onTime = done && group.orders.every((o) => !table.leftOut[o]) && groupLateness(table, group) === 0;
      table.removeGroup(group);
      return onTime;
    });
  table.removeGroup(group);
  const others = model.groups.filter((g) => g !== group && inPlace.has(g));
  if (fits()) return { order: id, others: [], alone: true, least: true };
  const near = (g: Group) => Math.abs((problem.orders[g.orders[0]!]?.pickup ?? 0) - problem.orders[order!]!.pickup);
  const farFirst = [...others].sort((a, b) => near(b) - near(a));
  for (const g of farFirst) table.removeGroup(g);
  if (!fits()) return { order: id, others: [], alone: false, least: true };
  for (const g of farFirst) placeWhereItWas(table, g, earlier);
  const kept: Group[] = [];
  for (const g of farFirst) {
    table.removeGroup(g);
    if (!fits()) continue;
    placeWhereItWas(table, g, earlier);
    kept.push(g);
  }
  for (const g of kept) table.removeGroup(g);
  /** Do these alone keep it from its pickup? */
  const block = (few: Group[]) => {
    for (const g of few) placeWhereItWas(table, g, earlier);
    const blocked = !fits();
    for (const g of few) table.removeGroup(g);
    return blocked;
  };
  const nearFirst = farFirst.reverse();
  const fewer = smaller(kept.length, nearFirst, block);
  return {
    order: id,
    others: (fewer ?? kept).flatMap((g) => g.orders.map((o) => problem.orders[o]!.id)),
    alone: true,
    least: fewer !== null || kept.length <= 2 || (kept.length === 3 && pairs(nearFirst.length) <= MOST_PAIRS),
  };
}

const pairs = (count: number) => (count * (count - 1)) / 2;

/** A set of one, or of two, that blocks by itself; null where none was found that is smaller than `size`. */
function smaller(size: number, others: Group[], block: (few: Group[]) => boolean): Group[] | null {
  if (size <= 1) return null;
  for (const g of others) if (block([g])) return [g];
  if (size <= 2 || pairs(others.length) > MOST_PAIRS) return null;
  for (let i = 0; i < others.length; i++)
    for (let k = 0; k < i; k++) if (block([others[k]!, others[i]!])) return [others[k]!, others[i]!];
  return null;
}
