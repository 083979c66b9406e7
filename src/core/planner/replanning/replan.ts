import { groupCost, groupLateness, type GroupCost } from '../table/cost';
import { placeNear, repair, type RepairOptions } from './repair';
import { placeTail, tailsOf } from './place-tail';
import { Movement } from './movement';
import { readEarlier } from './load-plan';
import { compile } from '../model/model';
import type { Group } from '../model/step-model';
import { combinations } from '../placing/routes';
import { placeAllAnew } from './place-anew';
import { seededRandom } from '../model/random';
import { COST_OF_LATE_MINUTE, type Plan } from '../../planning-format/plan';
import type { Problem } from '../../planning-format/problem';
import { movedRungs } from '../../plan-reading/moved-rungs';
import type { Aim } from '../search/aim';
import { improve } from '../search/improve';
import { search } from '../search/search';
import { timetableOfFixed } from '../placing/fixed-steps';
import type { Solved, SolveOptions } from '../solve';
import type { Timetable } from '../table/timetable';
import { writePlan } from '../write-plan';

export interface ReplanOptions extends SolveOptions, RepairOptions {
  /** What lies far ahead moves without a price, as where the kitchen itself has changed; what lies near keeps its own. */
  freely?: boolean;
}

/** A plan, and how many rungs begin at another time than in the one before. */
export type Replanned = { ok: true; plan: Plan; moved: number } | Exclude<Solved, { ok: true }>;

/**
 * A minute by which an order would be later than what happened makes it, so that another is earlier, counts so many times more: nobody
 * understands why a cake that had nothing to do with it is late now.
 */
const HARM = 9;

/**
 * Plans again around what has happened: repairs the earlier plan, moving only what must move, and then searches for a better one under a
 * price for every rung that moves (`movement.ts`). With no rounds it is the repair alone.
 */
export function replan(problem: Problem, old: Plan, options: ReplanOptions): Replanned {
  const model = compile(problem);
  const earlier = readEarlier(model, old);
  const written = (t: Timetable) => {
    const plan = writePlan(t, options.digest ?? null, options.seconds?.() ?? 0);
    return { plan, moved: movedRungs(problem, old, plan) };
  };
  const { table, impossible } = timetableOfFixed(model, earlier.prefer);
  const movement = new Movement(table, earlier, options.freely);
  const repaired: GroupCost = (t, g) => groupCost(t, g) + movement.of(t, g);
  if (impossible < 0 && repair(table, earlier, repaired, options)) {
    const promised = new Map(model.groups.map((g) => [g, groupLateness(table, g)]));
    const aim: Aim = {
      costOf: (t, g) =>
        repaired(t, g) + HARM * COST_OF_LATE_MINUTE * Math.max(0, groupLateness(t, g) - promised.get(g)!),
      home: (step) => movement.home(step),
      ...(options.freely
        ? { placeNear: null, placeTail: null }
        : {
            placeNear: (t, g) => placeNear(t, g, earlier),
            placeTail: (t, g, random) => {
              const tails = tailsOf(t, g, earlier);
              const from = tails[Math.floor(random() * tails.length)];
              return from !== undefined && placeTail(t, g, earlier, from, random() < 0.7 ? 'latest' : 'earliest');
            },
          }),
    };
    if (options.freely) {
      const policy = { prefer: earlier.prefer, noise: () => 0, routes: (g: Group) => combinations(table, g) };
      placeAllAnew(table, policy, aim.costOf, options.stop);
    }
    improve(table, earlier.prefer, seededRandom(options.seed), options, aim);
    return { ok: true, ...written(table) };
  }
  const fresh = search(model, { ...options, rounds: options.rounds ?? 200 });
  if (!fresh.ok)
    return { ok: false, problems: [{ path: `steps[${fresh.impossible}]`, message: 'This step has no place.' }] };
  return { ok: true, ...written(fresh.table) };
}
