import { valueAt } from '../../ids/value-at';
import { minutesAt } from '../../time/minutes';
import { ovenChoices } from '../../planning-format/lengths';
import type { Plan } from '../../planning-format/plan';
import type { Problem } from '../../planning-format/problem';
import { paceAt } from '../../records/pace';
import { courseOf, type Course } from '../dispatch/course';
import { Days } from '../dispatch/day';
import { beginnings, type Habit } from '../dispatch/earliest-times';

export interface Simulation {
  runs: number;
  orders: SimulatedOrder[];
}

interface SimulatedOrder {
  order: string;
  /** Share of the runs in which it was ready for its pickup. */
  chance: number;
  /** Steps that decided it in the runs in which it was late, with the share of those runs; the most frequent first. */
  deciding: { step: string; share: number }[];
  /** Where so many minutes more of slack before a step would have saved most of the late runs; null where none was late. */
  helps: { step: string; share: number } | null;
}

/** Steps that are named for an order. */
const NAMED = 5;
/** Slack whose worth is asked. Minutes. */
const SLACK = 10;

export interface SimulateOptions {
  /** Minutes after its pickup at which an order still counts as ready. */
  grace?: number;
  /** By the name of a step, how long it took before as parts of its likely minutes, sorted (see `records/pace`). */
  paces?: Record<string, number[]>;
  /** Does the kitchen begin things as soon as it can, or when the wall says? */
  begins?: Habit;
  /** Asked after each day; with what has been lived by then it has to do. */
  stop?: () => boolean;
}

/** Durations are drawn from so many equally likely quantiles of their distribution: a power of two. */
const QUANTILES = 512;

/**
 * Lives through the plan many times by the rules of `docs/days.md`, with durations drawn from low, likely and high (triangular), or from how long
 * such steps took before. Nothing is planned anew in those days. The same seed gives the same days.
 */
export function simulate(
  problem: Problem,
  plan: Plan,
  runs: number,
  seed: number,
  { grace = 0, paces = {}, begins = 'early', stop = () => false }: SimulateOptions = {},
): Simulation {
  const course = courseOf(problem, plan);
  const { steps } = course;
  const index = new Map(steps.map((s, i) => [s.id, i]));
  const days = new Days(course, beginnings(course, begins));
  const durations = durationsOf(course, plan, paces);
  const dice = { state: (seed * 2654435761) | 0 || 1 };
  const placed = problem.orders.flatMap((o) => {
    const collect = index.get(o.collect);
    return collect === undefined ? [] : [{ order: o, collect }];
  });
  const lasts = new Float64Array(steps.length);
  const late = new Int32Array(placed.length);
  const decided = placed.map(() => new Int32Array(steps.length));
  const saved = placed.map(() => new Int32Array(steps.length));
  let lived = 0;
  for (; lived < runs && (lived === 0 || !stop()); lived++) {
    draw(durations, dice, lasts);
    days.live(lasts);
    placed.forEach(({ order, collect }, i) => {
      const over = days.began[collect]! - order.pickup - grace;
      if (over <= 0) return;
      late[i]!++;
      for (let s = collect; days.cause[s]! >= 0; s = days.cause[s]!) {
        decided[i]![days.cause[s]!]!++;
        if (over <= SLACK) saved[i]![s]!++;
      }
    });
  }
  return {
    runs: lived,
    orders: placed.map(({ order }, i) => {
      const ranked = (counts: Int32Array) =>
        [...counts.keys()]
          .filter((s) => counts[s]! > 0)
          .sort((a, b) => counts[b]! - counts[a]!)
          .map((s) => ({ step: steps[s]!.id, share: counts[s]! / Math.max(1, late[i]!) }));
      return {
        order: order.id,
        chance: 1 - late[i]! / lived,
        deciding: ranked(decided[i]!).slice(0, NAMED),
        helps: ranked(saved[i]!)[0] ?? null,
      };
    }),
  };
}

/** Where the quantiles of each step's duration begin in one long list. */
interface Durations {
  table: Int32Array;
  quantiles: Float64Array;
}

/** Minutes at the usual pace; steps that last alike share their quantiles. */
function durationsOf({ problem, steps }: Course, plan: Plan, paces: Record<string, number[]>): Durations {
  const known = new Map(problem.steps.map((s) => [s.id, s]));
  const ovens = new Map(plan.steps.map((s) => [s.id, s.equipment.at(-1)]));
  const table = new Int32Array(steps.length);
  const tables = new Map<string, number>();
  const quantiles: number[] = [];
  steps.forEach(({ id }, i) => {
    const step = known.get(id)!;
    const { low, likely, high } = ovenChoices(step).find((c) => c.equipment === ovens.get(id))?.minutes ?? step.minutes;
    const pace = valueAt(paces, step.name);
    const key = pace ? `${likely} ${step.name}` : `${low} ${likely} ${high}`;
    if (!tables.has(key)) {
      tables.set(key, quantiles.length);
      for (let q = 0; q < QUANTILES; q++) {
        const u = (q + 0.5) / QUANTILES;
        quantiles.push(pace ? likely * paceAt(pace, u) : minutesAt({ low, likely, high }, u));
      }
    }
    table[i] = tables.get(key)!;
  });
  return { table, quantiles: Float64Array.from(quantiles) };
}

/** Draws a duration for each step, by the xorshift of Marsaglia (J. Stat. Software 8, 2003). */
function draw({ table, quantiles }: Durations, dice: { state: number }, into: Float64Array): void {
  let { state } = dice;
  for (let i = 0; i < into.length; i++) {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    into[i] = quantiles[table[i]! + (state >>> 23)]!;
  }
  dice.state = state;
}
