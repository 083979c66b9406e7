import { BestPlan, putBack } from './best-plan';
import { groupBounds } from '../bounds/bound';
import { groupLateness } from '../table/cost';
import { AFRESH, type Aim } from './aim';
import type { Group } from '../model/step-model';
import { drawByExcess, neighbourhood, rivals } from './neighbourhoods';
import { shuffle, sum, type Random } from '../model/random';
import { noisyPreference, placeAgain, type Least } from './place-again';
import { moveSteps, stepsToMove } from './move-steps';
import { COST_OF_LATE_MINUTE } from '../../planning-format/plan';
import type { SearchOptions } from '../model/search-options';
import type { Timetable } from '../table/timetable';
import type { Preference } from '../table/preference';

/** Share of the rounds that move single steps instead of whole groups. */
const STEP_ROUNDS = 0.3;
/** Share of the rounds around a group drawn by what it costs above its bound; the others take any. */
const EXCESS_FIRST = 0.5;
const EXCESS_FIRST_LATE = 0.8;
/** Cycles without a better plan before the search is shaken out of it; at least this share of the groups is placed anew then. */
const QUIET_CYCLES = 1;
const LEAST_SHAKEN = 0.2;
/** How much dearer a change may be at the beginning of a cycle, in parts of what a group's age costs; drawn for each. */
const TOLERANCES = [0, 0.03, 0.1, 0.3, 0.8];

/**
 * Large-neighbourhood search with threshold accepting (Dueck and Scheuer 1990): a change may cost a little, less and less
 * over a cycle, and each cycle begins anew from the best plan. Rounds count, not seconds, so that the same seed and the same
 * number of rounds give the same plan; the best plan is at hand whenever the search is stopped.
 */
export function improve(
  table: Timetable,
  plain: Preference,
  random: Random,
  options: SearchOptions,
  aim: Aim = AFRESH,
): { table: Timetable; cost: number } {
  const { model } = table;
  const { costOf } = aim;
  const { groups } = model;
  const costs = new Map(groups.map((g) => [g, costOf(table, g)]));
  const best = new BestPlan(table, costs, costOf);
  const least = new Map(groupBounds(model).map((b, i) => [groups[i]!, b]));
  const bound = sum(least.values());
  const cycle = 30 + 25 * groups.length;
  const limit = options.rounds ?? Infinity;
  // What cycles begin anew from: the best plan, or one shaken out of it when it has not become better for long.
  let anchor = best;
  let quiet = 0;
  const shaken = () => {
    best.restoreAll(table, costs);
    shake(table, costs, plain, random, least, aim);
    quiet = 0;
    return new BestPlan(table, costs, costOf);
  };
  const anyTolerance = () => TOLERANCES[Math.floor(random() * TOLERANCES.length)]!;
  if (options.begins === 'shaken') anchor = shaken();
  let { cost } = anchor;
  let tolerance = options.begins ? anyTolerance() : 0;
  for (let round = 0; round < limit && best.cost > bound + 1e-9 && !options.stop(); round++) {
    const at = round % cycle;
    if (at === 0 && round > 0) {
      quiet += 1;
      if (quiet > QUIET_CYCLES) anchor = shaken();
      cost = anchor.goBack(table, costs);
      tolerance = anyTolerance();
    }
    const threshold = tolerance * ageingPerGroup(anchor.cost, groups.length) * Math.max(0, 1 - (1.3 * at) / cycle);
    const step = random() < STEP_ROUNDS;
    // A gap of a late minute or more: those that are late matter most.
    const byExcess = cost - bound > COST_OF_LATE_MINUTE ? EXCESS_FIRST_LATE : EXCESS_FIRST;
    const centre =
      random() < byExcess ? drawByExcess(costs, least, random) : groups[Math.floor(random() * groups.length)]!;
    const steps = step ? stepsToMove(table, centre, random) : [];
    const touched = step
      ? [...new Set(steps.map((s) => model.groupOf[s]!))].map((g) => groups[g]!)
      : random() < (groupLateness(table, centre) > 0 ? 0.7 : 0.3)
        ? rivals(table, centre, random)
        : neighbourhood(model, centre, random);
    if (touched.length === 0) continue;
    const before = touched.map((g) => table.record(g));
    const was = sum(touched.map((g) => costs.get(g)!));
    const done = step
      ? moveSteps(table, steps, touched, noisyPreference(model, plain, random), random, aim)
      : placeAgain(table, touched, plain, random, was + threshold, least, aim);
    const after = done ? sum(touched.map((g) => costOf(table, g))) : Infinity;
    if (after > was + threshold) {
      putBack(table, touched, before);
      continue;
    }
    for (const g of touched) costs.set(g, costOf(table, g));
    cost += after - was;
    anchor.touch(touched);
    if (cost >= anchor.cost - 1e-9) continue;
    anchor.keep(table, cost);
    quiet = 0;
    if (cost >= best.cost - 1e-9 && anchor !== best) continue;
    best.takeOver(anchor);
    options.progress?.(cost);
  }
  best.restoreAll(table, costs);
  return { table, cost: sum(costs.values()) };
}

/** Places some groups anew by chance, whatever it costs. Leaves all as it was where they find no place. */
function shake(
  table: Timetable,
  costs: Map<Group, number>,
  plain: Preference,
  random: Random,
  least: Least,
  aim: Aim,
): void {
  const { groups } = table.model;
  const chosen = shuffle(groups, random).slice(
    0,
    Math.max(1, Math.ceil((LEAST_SHAKEN + (1 - LEAST_SHAKEN) * random()) * groups.length)),
  );
  const before = chosen.map((g) => table.record(g));
  if (!placeAgain(table, chosen, plain, random, Infinity, least, aim)) putBack(table, chosen, before);
  for (const g of chosen) costs.set(g, aim.costOf(table, g));
}

/** Lateness costs by hundreds: what is below is age. */
function ageingPerGroup(cost: number, groups: number): number {
  return Math.min(cost, 100 * groups) / Math.max(1, groups);
}
