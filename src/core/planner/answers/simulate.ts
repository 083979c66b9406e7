import { minutesAt } from '../../time/minutes';
import { readingOf } from '../../plan-reading/plan-reading';
import { paceAt } from '../../records/pace';
import type { Plan, PlannedStep } from '../../planning-format/plan';
import type { Problem } from '../../planning-format/problem';

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
}

/** What must be over before a step may begin, as arrays: arcs of step i lie in [first[i], first[i + 1]). */
interface Network {
  /** Steps in an order in which every arc comes from before. */
  ids: string[];
  first: Int32Array;
  from: Int32Array;
  lag: Float64Array;
  /** Before this no day begins it. */
  release: Float64Array;
  /** Where the quantiles of a step's duration begin in `quantiles`. */
  table: Int32Array;
  quantiles: Float64Array;
}

/** Durations are drawn from so many equally likely quantiles of their distribution: a power of two. */
const QUANTILES = 512;

/**
 * Lives through the plan many times with durations drawn from low, likely and high (triangular), or from how long such steps took
 * before, keeping its order: an earliest-start policy (Igelmund and Radermacher, Networks 13, 1983). A step begins as soon as its waits, its hands and its
 * things let it, also before the plan says, but not before the shift in which it is planned, and not so early that a longest
 * wait after it could not hold even if all goes as is likely. Shelves and the ends of shifts are not looked at, so the chance
 * is of the work being done in time, by working on if need be. What is done or running takes the time that the problem gives
 * it. The same seed gives the same days.
 */
export function simulate(
  problem: Problem,
  plan: Plan,
  runs: number,
  seed: number,
  { grace = 0, paces = {} }: SimulateOptions = {},
): Simulation {
  const network = networkOf(problem, plan, paces);
  const index = new Map(network.ids.map((id, i) => [id, i]));
  const dice = { state: (seed * 2654435761) | 0 || 1 };
  const placed = problem.orders.flatMap((o) => {
    const collect = index.get(o.collect);
    return collect === undefined ? [] : [{ order: o, collect }];
  });
  const count = network.ids.length;
  const start = new Float64Array(count);
  const end = new Float64Array(count);
  /** The arc that held each step back, or −1 where only its release did. */
  const cause = new Int32Array(count);
  const late = new Int32Array(placed.length);
  const decided = placed.map(() => new Int32Array(count));
  const saved = placed.map(() => new Int32Array(count));
  for (let run = 0; run < runs; run++) {
    live(network, dice, start, end, cause);
    placed.forEach(({ order, collect }, i) => {
      const over = start[collect]! - order.pickup - grace;
      if (over <= 1e-9) return;
      late[i]!++;
      for (let s = collect; cause[s]! >= 0; s = network.from[cause[s]!]!) {
        const before = network.from[cause[s]!]!;
        decided[i]![before]!++;
        if (over <= SLACK) saved[i]![s]!++;
      }
    });
  }
  return {
    runs,
    orders: placed.map(({ order }, i) => {
      const ranked = (counts: Int32Array) =>
        [...counts.keys()]
          .filter((s) => counts[s]! > 0)
          .sort((a, b) => counts[b]! - counts[a]!)
          .map((s) => ({ step: network.ids[s]!, share: counts[s]! / Math.max(1, late[i]!) }));
      return {
        order: order.id,
        chance: 1 - late[i]! / runs,
        deciding: ranked(decided[i]!).slice(0, NAMED),
        helps: ranked(saved[i]!)[0] ?? null,
      };
    }),
  };
}

function live(n: Network, dice: { state: number }, start: Float64Array, end: Float64Array, cause: Int32Array): void {
  const { first, from, lag, release, table, quantiles } = n;
  let { state } = dice;
  for (let s = 0; s < start.length; s++) {
    let at = release[s]!;
    let by = -1;
    for (let a = first[s]!, last = first[s + 1]!; a < last; a++) {
      const earliest = end[from[a]!]! + lag[a]!;
      if (earliest > at + 1e-9) {
        at = earliest;
        by = a;
      }
    }
    start[s] = at;
    cause[s] = by;
    // Marsaglia's xorshift of 32 bits (2003), here in place: it is asked millions of times.
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    end[s] = at + quantiles[table[s]! + (state >>> 23)]!;
  }
  dice.state = state;
}

/** Arcs of the waits that exist, and of the plan's order on every pair of hands and every item of which a step takes all. */
function networkOf(problem: Problem, plan: Plan, paces: Record<string, number[]>): Network {
  const reading = readingOf({ problem, plan });
  const sorted = [...plan.steps].sort((a, b) => a.start - b.start || a.end - b.end);
  const position = new Map(sorted.map((s, i) => [s.id, i]));
  const arcs = sorted.map(() => new Map<number, number>());
  const arc = (from: number, to: number, lag: number) => {
    // Steps that share a minute keep the order of the list; an arc back would have no meaning.
    if (from >= to) return;
    arcs[to]!.set(from, Math.max(arcs[to]!.get(from) ?? -Infinity, lag));
  };
  for (const { wait } of reading.waits) arc(position.get(wait.from)!, position.get(wait.to)!, wait.min);
  const units = new Map(problem.equipment.map((e) => [e.id, e.units]));
  const last = new Map<string, number[]>();
  sorted.forEach((s, i) => {
    const known = reading.step(s.id)!;
    if (known.work === 'hands')
      for (const p of s.people) {
        for (const before of last.get(`p ${p}`) ?? []) arc(before, i, 0);
        last.set(`p ${p}`, [i]);
      }
    s.equipment.forEach((e, k) => {
      const wanted = known.uses[k]?.units ?? known.oven?.units ?? 1;
      if (wanted < (units.get(e) ?? 1) && !known.oven) return;
      // Loads of one oven follow on those that were out before they went in.
      const key = `e ${e}`;
      const earlier = last.get(key) ?? [];
      for (const before of earlier) if (sorted[before]!.end <= s.start) arc(before, i, 0);
      last.set(key, known.oven ? [...earlier.filter((b) => sorted[b]!.end > s.start), i] : [i]);
    });
  });
  const total = arcs.reduce((sum, a) => sum + a.size, 0);
  const network: Network = {
    ids: sorted.map((s) => s.id),
    first: new Int32Array(sorted.length + 1),
    from: new Int32Array(total),
    lag: new Float64Array(total),
    release: releases(problem, plan, sorted, arcs),
    table: new Int32Array(sorted.length),
    quantiles: new Float64Array(0),
  };
  const tables = new Map<string, number>();
  const quantiles: number[] = [];
  let at = 0;
  sorted.forEach((s, i) => {
    network.first[i] = at;
    for (const [from, lag] of arcs[i]!) {
      network.from[at] = from;
      network.lag[at++] = lag;
    }
    const { placed, minutes, name } = reading.step(s.id)!;
    const fixed = placed && placed.state !== 'pinned' ? placed.end - placed.start : null;
    const [low, likely, high] = fixed === null ? [minutes.low, minutes.likely, minutes.high] : [fixed, fixed, fixed];
    const pace = fixed === null ? paces[name] : undefined;
    const key = pace ? `${likely} ${name}` : `${low} ${likely} ${high}`;
    if (!tables.has(key)) {
      tables.set(key, quantiles.length);
      for (let q = 0; q < QUANTILES; q++) {
        const u = (q + 0.5) / QUANTILES;
        quantiles.push(pace ? likely * paceAt(pace, u) : minutesAt({ low, likely, high }, u));
      }
    }
    network.table[i] = tables.get(key)!;
  });
  network.first[sorted.length] = at;
  return { ...network, quantiles: Float64Array.from(quantiles) };
}

/** Passes until releases change no more; more than any chain of longest waits needs. */
const MOST_PASSES = 50;

/**
 * How early each step may begin if all before it takes as long as is likely: the plan shifted to the left within its shifts,
 * in its order, and back to the right where a longest wait would break. The plan itself obeys all this, so no release lies
 * after its planned start, or after now where that is past.
 */
function releases(problem: Problem, plan: Plan, sorted: PlannedStep[], arcs: Map<number, number>[]): Float64Array {
  const reading = readingOf({ problem, plan });
  const shifts = new Map(problem.people.map((p) => [p.id, p.shifts]));
  const position = new Map(sorted.map((s, i) => [s.id, i]));
  const orders = new Map(problem.orders.map((o) => [o.collect, o.pickup]));
  const release = Float64Array.from(sorted, (s) => {
    const step = reading.step(s.id)!;
    if (step.placed) return s.start;
    const pickup = orders.get(s.id);
    if (pickup !== undefined) return pickup;
    const begins = s.people.map((p) => shifts.get(p)?.find(([a, b]) => s.start >= a && s.start < b)?.[0] ?? s.start);
    return Math.max(problem.now, Math.min(s.start, Math.max(step.earliest ?? problem.now, ...begins)));
  });
  const limits = reading.waits.flatMap(({ wait: { from, to, max } }) =>
    max === null ? [] : [{ from: position.get(from)!, to: position.get(to)!, max }],
  );
  const minutes = (i: number) => sorted[i]!.end - sorted[i]!.start;
  for (let pass = 0, changed = true; changed && pass < MOST_PASSES; pass++) {
    changed = false;
    const raise = (i: number, to: number) => {
      const at = Math.min(to, Math.max(sorted[i]!.start, problem.now));
      if (at <= release[i]!) return;
      release[i] = at;
      changed = true;
    };
    for (let i = 0; i < sorted.length; i++)
      for (const [from, lag] of arcs[i]!) raise(i, release[from]! + minutes(from) + lag);
    for (const { from, to, max } of limits) raise(from, release[to]! - max - minutes(from));
  }
  return release;
}
