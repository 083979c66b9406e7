import { COST_OF_LATE_MINUTE, COST_OF_LEAVING_OUT } from './plan';
import { FACT, FREE, type Group, type Model } from './model';
import { newWindows } from './insert-group';
import { narrow } from './windows';
import { Timetable } from './timetable';
import { combinations } from './plan-group';

/**
 * A cost that no plan can fall below: for each order, the least lateness that its own chain of work and waits
 * forces when nothing else needs hands, ovens or shelves, taken over its routes; or the price of leaving it out, if
 * that is less. Shifts are not looked at, so the bound is proven but not tight; ageing is bounded by 0.
 */
export function lowerBound(model: Model): number {
  const table = new Timetable(model);
  let bound = 0;
  for (const group of model.groups) bound += groupBound(table, group);
  return bound;
}

function groupBound(table: Timetable, group: Group): number {
  const { model } = table;
  const possible = combinations(table, group);
  // A group with more routes than are listed is not bounded: a combination that was not looked at might be quicker.
  const all = group.routes.reduce((product, r) => product * model.problem.routes[r]!.choices.length, 1);
  if (possible.length < all) return 0;
  let least = Infinity;
  for (const choices of possible) {
    group.routes.forEach((r, i) => (table.choice[r] = choices[i]!));
    least = Math.min(least, combinationBound(table, group));
  }
  return least;
}

function combinationBound(table: Timetable, group: Group): number {
  const { model } = table;
  const windows = newWindows(model.steps.length);
  for (const s of group.steps) {
    const step = model.steps[s]!;
    windows.low[s] = step.earliest;
    windows.high[s] = step.fixed === FREE ? Infinity : step.earliest;
  }
  const holds = narrow(table, group, windows, (s) => model.steps[s]!.fixed !== FREE);
  let bound = 0;
  for (const o of group.orders) {
    const order = model.problem.orders[o]!;
    const collect = model.stepIndex.get(order.collect)!;
    // Lags over a step of another order fall away with that order, so only lone orders are bounded.
    if (group.orders.length > 1) continue;
    const late = COST_OF_LATE_MINUTE * order.weight * Math.max(0, windows.low[collect]! - order.pickup);
    if (holds && model.steps[collect]!.fixed !== FACT) bound += Math.min(COST_OF_LEAVING_OUT, late);
  }
  return bound;
}
