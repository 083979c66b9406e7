import { Breaches, type Breach } from './breaches';
import { checkCrews } from './crews';
import type { GivenProblem } from './documents';
import { ageingOf, checkGaps, gapsOf } from './gaps';
import { checkCapacity, usesOf } from './items';
import { checkOvens, ovenChangesIn } from './ovens';
import { checkPlacements } from './placements';
import { readPlan } from './read-plan';
import { Reading } from './reading';

/** What the checker says of a plan; the numbers are its own, reckoned anew. */
export interface Verdict {
  ok: boolean;
  errors: Breach[];
  unplaced: number;
  /** Weighted late minutes. */
  lateness: number;
  ageing: number;
  ovenChanges: number;
  cost: number;
}

const NO_PLAN = { unplaced: 0, lateness: 0, ageing: 0, ovenChanges: 0, cost: 0 };

/**
 * Checks a plan against its problem by the text of `docs/planning-format.md`. Never throws, whatever the plan is; the problem must
 * be one that the format's reader accepts.
 */
export function checkPlan(problem: GivenProblem, value: unknown): Verdict {
  const breaches = new Breaches();
  const plan = readPlan(value, breaches);
  if (!plan) return { ok: false, errors: breaches.list, ...NO_PLAN };
  const reading = new Reading(problem, plan);
  checkPlacements(reading, breaches);
  const gaps = gapsOf(reading);
  checkGaps(gaps, reading, breaches);
  checkCrews(reading, breaches);
  const uses = usesOf(reading, gaps, breaches);
  checkCapacity(uses, reading, breaches);
  checkOvens(uses, gaps, reading, breaches);

  const lateness = checkHandOvers(reading, breaches);
  const unplaced = reading.leftOut.size;
  const chosen = (problem.routes ?? []).reduce((sum, r) => sum + (r.cost?.[plan.routes[r.id] ?? ''] ?? 0), 0);
  const ageing = ageingOf(gaps) + chosen;
  const own = { unplaced, lateness, ageing, ovenChanges: ovenChangesIn(uses) };
  const cost = 1_000_000 * unplaced + 100 * lateness + ageing;
  const near = (a: number, b: number) => Math.abs(a - b) <= 1e-6 * Math.max(1, Math.abs(b));
  for (const [key, is] of Object.entries({ ...own, cost }))
    if (!near(plan.score[key as keyof typeof plan.score], is))
      breaches.say('score', `${key} says ${plan.score[key as keyof typeof plan.score]}, and is ${is}`);
  if (plan.bound !== null && plan.bound > cost + 1e-6)
    breaches.say('bound', `${plan.bound} lies above the cost, ${cost}`);
  const status = unplaced > 0 ? 'partial' : lateness > 0 ? 'late' : 'complete';
  if (plan.status !== status) breaches.say('status', `says ${plan.status}, and is ${status}`);
  return { ok: breaches.list.length === 0, errors: breaches.list, ...own, cost };
}

/** Rule 7: no order leaves before its pickup. Returns the weighted late minutes. */
function checkHandOvers(reading: Reading, breaches: Breaches): number {
  let lateness = 0;
  for (const order of reading.problem.orders) {
    if (reading.leftOut.has(order.id)) continue;
    const handOver = reading.at.get(order.collect);
    if (!handOver) {
      breaches.say(7, `order ${order.id} is never handed over`);
      continue;
    }
    if (handOver.start < order.pickup && !reading.isFact(order.collect))
      breaches.say(7, `order ${order.id} is handed over at ${handOver.start}, before its pickup at ${order.pickup}`);
    lateness += order.weight * Math.max(0, handOver.start - order.pickup);
  }
  return lateness;
}
