import { celsiusWith, changeover } from '../planning-format/lengths';
import { readingOf, type PlanReading } from './plan-reading';
import type { Plan, PlannedStep } from '../planning-format/plan';
import { OVEN, type Problem, type Step, type Wait } from '../planning-format/problem';

/** A fact that keeps a step from lying a minute later (or earlier). Minutes after the origin. */
export type Reason =
  | { kind: 'fact'; state: 'done' | 'running' | 'pinned' }
  | { kind: 'shortest wait'; wait: Wait; step: Step; at: number }
  | { kind: 'longest wait'; wait: Wait; step: Step; at: number }
  /** So many minutes had rather lie between the two. */
  | { kind: 'kept apart'; least: number; step: Step; at: number }
  | { kind: 'pickup'; at: number }
  | { kind: 'made ahead'; least: number; step: Step; at: number }
  | { kind: 'hands taken'; person: string; step: Step; at: number }
  | { kind: 'off shift'; person: string; at: number }
  | { kind: 'equipment taken'; item: string; step: Step; at: number }
  | { kind: 'now' };

export interface WhyHere {
  /** What keeps it from lying later. */
  notLater: Reason[];
  /** What keeps it from lying earlier. */
  notEarlier: Reason[];
}

/**
 * Why a step lies where it lies: everything in the plan that would break if it moved by a single minute, later or
 * earlier, with the people and items that it has. Returns null for a step that the plan does not hold.
 */
export function whyHere(problem: Problem, plan: Plan, id: string): WhyHere | null {
  const reading = readingOf({ problem, plan });
  const step = reading.step(id);
  const own = reading.planned(id);
  if (!step || !own) return null;
  if (step.placed) {
    const fact: Reason = { kind: 'fact', state: step.placed.state };
    return { notLater: [fact], notEarlier: [fact] };
  }
  const why: WhyHere = { notLater: [], notEarlier: [] };
  if (step.work === 'collect') {
    const order = reading.order(step.order!)!;
    if (own.start === order.pickup) why.notEarlier.push({ kind: 'pickup', at: order.pickup });
  }
  waitReasons(reading, own, why);
  const ahead = reading.ahead.get(id);
  if (ahead && ahead.to.start - own.end >= ahead.wait.wish!.least)
    why.notLater.push({
      ...{ kind: 'made ahead', least: ahead.wait.wish!.least },
      ...{ step: reading.step(ahead.to.id)!, at: ahead.to.start },
    });
  handReasons(reading, own, why);
  equipmentReasons(reading, own, why);
  if (own.start <= problem.now) why.notEarlier.push({ kind: 'now' });
  return why;
}

function waitReasons(reading: PlanReading, own: PlannedStep, why: WhyHere): void {
  for (const { wait, from, to } of reading.waits) {
    if (from !== own && to !== own) continue;
    const leads = from === own;
    const other = leads ? to : from;
    const gap = leads ? other.start - own.end : own.start - other.end;
    const reason = { wait, step: reading.step(other.id)!, at: leads ? other.start : other.end };
    if (gap <= wait.min) (leads ? why.notLater : why.notEarlier).push({ kind: 'shortest wait', ...reason });
    if (leads && wait.wish && gap > wait.min && gap === wait.wish.least)
      why.notLater.push({ kind: 'kept apart', least: gap, step: reason.step, at: reason.at });
    if (wait.max !== null && gap >= wait.max)
      (leads ? why.notEarlier : why.notLater).push({ kind: 'longest wait', ...reason });
  }
}

function handReasons(reading: PlanReading, own: PlannedStep, why: WhyHere): void {
  for (const person of own.people) {
    for (const other of reading.plan.steps) {
      if (other.id === own.id || !other.people.includes(person)) continue;
      if (other.start === own.end)
        why.notLater.push({ kind: 'hands taken', person, step: reading.step(other.id)!, at: other.start });
      if (other.end === own.start)
        why.notEarlier.push({ kind: 'hands taken', person, step: reading.step(other.id)!, at: other.end });
    }
    for (const [start, end] of reading.problem.people.find((p) => p.id === person)?.shifts ?? []) {
      if (end === own.end) why.notLater.push({ kind: 'off shift', person, at: end });
      if (start === own.start) why.notEarlier.push({ kind: 'off shift', person, at: start });
    }
  }
}

function equipmentReasons(reading: PlanReading, own: PlannedStep, why: WhyHere): void {
  const celsius = ({ id, equipment: items }: PlannedStep) => celsiusWith(reading.step(id)!, items);
  const equipment = new Map(reading.problem.equipment.map((e) => [e.id, e]));
  for (const item of new Set(own.equipment)) {
    const machine = equipment.get(item);
    if (!machine) continue;
    for (const other of reading.plan.steps) {
      if (other.id === own.id || !other.equipment.includes(item)) continue;
      const [first, second] = other.start < own.start ? [other, own] : [own, other];
      if (second.start - first.end !== between(machine, celsius(first), celsius(second))) continue;
      if (second === other)
        why.notLater.push({ kind: 'equipment taken', item, step: reading.step(other.id)!, at: other.start });
      else why.notEarlier.push({ kind: 'equipment taken', item, step: reading.step(other.id)!, at: other.end });
    }
  }
}

/** Minutes that must lie between two users of an item: an oven has to change its temperature. */
function between(item: Problem['equipment'][number], first: number | null, second: number | null): number {
  return first === null || second === null || item.kind !== OVEN ? 0 : changeover(item, first, second);
}
