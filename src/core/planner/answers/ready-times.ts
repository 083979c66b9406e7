import { placeSteps } from '../placing/place-steps';
import type { Plan } from '../../planning-format/plan';
import { combinations } from '../placing/routes';
import type { Problem } from '../../planning-format/problem';
import { planOnTable } from '../replanning/plan-on-table';
import type { Timetable } from '../table/timetable';

/** How early an order could be ready, and the steps that decide it. */
export interface ReadyTime {
  order: string;
  /**
   * Minute at which it could be handed over if it were begun now, all else as planned; never after the plan hands it over. Null if it cannot be
   * made.
   */
  ready: number | null;
  /** Steps of that earliest way, from the hand-over back, each bound to the next without slack. */
  chain: { step: string; start: number; end: number }[];
}

/**
 * For every order: when it could be ready at the earliest, with the others where the plan has them. The difference
 * to its pickup is what it has to spare. Forward generation from now, over each of its routes.
 *
 * @param look asked between orders: it may throw, where nobody wants to know any more
 */
export function readyTimes(problem: Problem, plan: Plan, look: () => unknown = () => null): ReadyTime[] {
  const { model, table, earlier } = planOnTable(problem, plan);
  const ready: ReadyTime[] = [];
  /** Takes an order as it stands on the table, where that is the earliest so far. */
  const take = (best: Map<number, ReadyTime>, o: number) => {
    const { id, collect } = problem.orders[o]!;
    const last = model.stepIndex.get(collect)!;
    if (!table.placed[last] || (best.get(o)?.ready ?? Infinity) <= table.start[last]!) return;
    best.set(o, { order: id, ready: table.start[last]!, chain: chainTo(table, last) });
  };
  for (const group of model.groups) {
    look();
    // A way is known already: the plan's own. To begin at once can hold up what another batch of the order needs.
    const best = new Map<number, ReadyTime>();
    for (const o of group.orders) take(best, o);
    const before = table.record(group);
    table.removeGroup(group);
    for (const choices of combinations(table, group)) {
      group.routes.forEach((r, i) => (table.choice[r] = choices[i]!));
      const done = placeSteps(table, group, { direction: 'earliest', prefer: earlier.prefer, noise: () => 0 });
      if (!done.ok) continue;
      for (const o of group.orders) take(best, o);
      table.removeGroup(group);
    }
    table.removeGroup(group, true);
    table.restore(group, before);
    for (const o of group.orders) ready.push(best.get(o) ?? { order: problem.orders[o]!.id, ready: null, chain: [] });
  }
  return ready;
}

/** Walks back from a step over the waits that have no minute to spare. */
function chainTo(table: Timetable, from: number): ReadyTime['chain'] {
  const { model } = table;
  const chain: ReadyTime['chain'] = [];
  const seen = new Set<number>();
  for (let step = from; step >= 0 && !seen.has(step);) {
    seen.add(step);
    chain.push({ step: model.problem.steps[step]!.id, start: table.start[step]!, end: table.end(step) });
    let tightest = -1;
    let least = Infinity;
    for (const i of model.steps[step]!.waitsIn) {
      const w = model.waits[i]!;
      if (!table.waitExists(w) || !table.placed[w.from]) continue;
      const spare = table.start[step]! - table.end(w.from) - w.min;
      if (spare < least) {
        least = spare;
        tightest = w.from;
      }
    }
    step = tightest;
  }
  return chain;
}
