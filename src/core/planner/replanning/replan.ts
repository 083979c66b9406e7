import { groupCost, groupLateness, type GroupCost } from '../table/cost';
import { askNeighbours, hopes, placeNear, policyOf, repair, type RepairOptions } from './repair';
import { placeTail, tailsOf } from './place-tail';
import { Movement } from './movement';
import { pushedPlan } from './pushed-plan';
import { readEarlier, type EarlierPlan } from './load-plan';
import { compile, type Model } from '../model/model';
import { sum } from '../model/random';
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
  /** Asked in the place of `stop` while it is searched on, where nothing is later by the repair: who tells something waits less then. */
  enough?: (() => boolean) | undefined;
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
  const repaired = repairedPlan(model, old, earlier, options);
  if (repaired) {
    const { table, costOf, movement } = repaired;
    const stop = options.enough && !isLaterThan(table, old) ? options.enough : options.stop;
    const promised = new Map(model.groups.map((g) => [g, groupLateness(table, g)]));
    const aim: Aim = {
      costOf: (t, g) => costOf(t, g) + HARM * COST_OF_LATE_MINUTE * Math.max(0, groupLateness(t, g) - promised.get(g)!),
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
    const { table: found } = improve(table, earlier.prefer, seededRandom(options.seed), { ...options, stop }, aim);
    if (options.rounds !== 0) letLateOnesAsk(found, earlier, aim.costOf, options.stop);
    return { ok: true, ...written(found) };
  }
  const fresh = search(model, { ...options, rounds: options.rounds ?? 200 });
  if (!fresh.ok)
    return { ok: false, problems: [{ path: `steps[${fresh.impossible}]`, message: 'This step has no place.' }] };
  return { ok: true, ...written(fresh.table) };
}

/** What is late and due within so many minutes does not wait for what has hours to spare. */
const DUE_SOON = 1440;
/** For less nobody is asked. In the cost of a plan. */
const WORTH_ASKING = 5 * COST_OF_LATE_MINUTE;

/** Whoever is late after all and is due soon asks the neighbours once more, the latest first. */
function letLateOnesAsk(table: Timetable, earlier: EarlierPlan, costOf: GroupCost, stop: () => boolean): void {
  const { model } = table;
  const due = (g: Group) => Math.min(...g.orders.map((o) => model.problem.orders[o]!.pickup), Infinity);
  const policy = policyOf(table, earlier);
  const late = model.groups.filter((g) => groupLateness(table, g) > 0 && due(g) <= model.problem.now + DUE_SOON);
  late.sort((a, b) => groupLateness(table, b) - groupLateness(table, a));
  for (const group of late) {
    if (stop()) return;
    if (hopes(table, group)) askNeighbours(table, group, earlier, policy, stop, costOf, WORTH_ASKING);
  }
}

interface Repaired {
  table: Timetable;
  movement: Movement;
  /** What a group costs, and what it costs that it departs from the earlier plan. */
  costOf: GroupCost;
}

/**
 * The earlier plan repaired; and where orders are later by that, the plan pushed on as it would go by itself and repaired, if that is cheaper. Null where
 * neither has a place for everything that cannot be left out.
 */
function repairedPlan(model: Model, old: Plan, earlier: EarlierPlan, options: ReplanOptions): Repaired | null {
  const movement = new Movement(model, earlier, options.freely);
  const costOf: GroupCost = (t, g) => groupCost(t, g) + movement.of(t, g);
  const repairOf = (plan: EarlierPlan) => {
    const { table, impossible } = timetableOfFixed(model, plan.prefer);
    return impossible < 0 && repair(table, plan, costOf, options) ? table : null;
  };
  const costs = (table: Timetable) => sum(model.groups.map((g) => costOf(table, g)));
  let best = repairOf(earlier);
  if (!best || isLaterThan(best, old)) {
    const pushed = options.stop() ? null : pushedPlan(model.problem, old);
    const other = pushed && repairOf(readEarlier(model, pushed));
    if (other && (!best || costs(other) < costs(best))) best = other;
  }
  return best && { table: best, movement, costOf };
}

/** Is an order later than the earlier plan had it, or left out, and could it be earlier? What ran over at the end of a cake nobody makes good. */
function isLaterThan(table: Timetable, old: Plan): boolean {
  const { model } = table;
  const was = new Map(old.steps.map((s) => [s.id, s.start]));
  const isLater = (order: number) => {
    const { collect, pickup } = model.problem.orders[order]!;
    const before = was.get(collect);
    if (before === undefined) return false;
    return table.leftOut[order] || table.start[model.stepIndex.get(collect)!]! > Math.max(before, pickup);
  };
  return model.groups.some((g) => g.orders.some(isLater) && hopes(table, g));
}
