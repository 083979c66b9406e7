import { groupCost } from './cost';
import type { Group, Model } from './model';
import { combinations, planGroup, seatFixed, type Taste } from './plan-group';
import { seededRandom, type Random } from './random';
import { Timetable, type GroupRecord, type Preference } from './timetable';

export interface SearchOptions {
  seed: number;
  /** Asked often; the search ends at the next good moment after it says true. */
  stop: () => boolean;
  /** Rounds of improvement at most. With the same seed and rounds the plan is the same. */
  rounds?: number;
  /** Told the best cost whenever it falls. */
  progress?: (cost: number) => void;
}

/** A timetable with every group in it, or the step without which no plan exists. */
export type Searched = { ok: true; table: Timetable; cost: number } | { ok: false; impossible: number };

/** The plain taste: people with the fewest skills first, so that specialists stay free; items in their order. */
export function plainPreference(model: Model): Preference {
  const skills = model.problem.people.map((p) => p.skills.length);
  return { person: (_, p) => skills[p]!, item: (_, i) => i };
}

/**
 * Builds a first plan group by group under several priority rules, keeps the best, then improves it by
 * large-neighbourhood search (Shaw 1998): a few groups are taken out and put back in another order, by other hands and
 * on other routes, and the change is kept if the plan got no dearer.
 */
export function search(model: Model, options: SearchOptions): Searched {
  const random = seededRandom(options.seed);
  const plain: Taste = { prefer: plainPreference(model), noise: () => 0, routes: () => [] };
  let best: { table: Timetable; cost: number } | null = null;
  let impossible = -1;
  for (const rule of priorityRules(model, random)) {
    const built = construct(model, rule, plain);
    if (!built.ok) impossible = built.impossible;
    else if (!best || built.cost < best.cost) {
      best = built;
      options.progress?.(best.cost);
    }
    if (best && options.stop()) break;
  }
  if (!best) return { ok: false, impossible };
  return { ok: true, ...improve(best.table, random, options) };
}

/** An empty timetable with all that is done, running or pinned in it. Orders whose pinned steps clash are left out. */
export function seatedTimetable(model: Model, prefer: Preference): { table: Timetable; impossible: number } {
  const table = new Timetable(model);
  for (const group of model.groups) {
    const [first] = combinations(table, group);
    group.routes.forEach((route, i) => (table.choice[route] = first![i]!));
    for (;;) {
      const clash = seatFixed(table, group, prefer);
      if (clash < 0) break;
      const order = model.steps[clash]!.order;
      if (order < 0) return { table, impossible: clash };
      table.leftOut[order] = 1;
      for (const s of group.steps) if (model.steps[s]!.order === order) table.remove(s);
    }
  }
  return { table, impossible: -1 };
}

function construct(model: Model, sequence: Group[], plain: Taste): Searched {
  const remaining = [...sequence];
  // A group that may not be left out and finds no place goes to the front, once each, and all begins again.
  for (let again = 0; again <= sequence.length; again++) {
    const { table, impossible } = seatedTimetable(model, plain.prefer);
    if (impossible >= 0) return { ok: false, impossible };
    const taste: Taste = { ...plain, routes: (group) => combinations(table, group) };
    const failed = remaining.findIndex((group) => !planGroup(table, group, taste));
    if (failed < 0) {
      const cost = remaining.reduce((sum, group) => sum + groupCost(table, group), 0);
      return { ok: true, table, cost };
    }
    if (failed === 0) return { ok: false, impossible: remaining[0]!.steps[0]! };
    remaining.unshift(...remaining.splice(failed, 1));
  }
  return { ok: false, impossible: remaining[0]!.steps[0]! };
}

/** Sequences in which to build: what has begun first, then by pickup, by weight, by work, and by chance. */
function priorityRules(model: Model, random: Random): Group[][] {
  const { problem } = model;
  const begun = (g: Group) => (g.steps.some((s) => model.steps[s]!.fixed > 0) ? 0 : 1);
  const pickup = (g: Group) => Math.min(...g.orders.map((o) => problem.orders[o]!.pickup), Infinity);
  const weight = (g: Group) => Math.max(...g.orders.map((o) => problem.orders[o]!.weight), 0);
  const work = (g: Group) => g.steps.reduce((sum, s) => sum + model.steps[s]!.minutes * model.steps[s]!.crew, 0);
  const by = (rank: (g: Group) => number) => {
    const ranks = new Map(model.groups.map((g) => [g, rank(g)]));
    return [...model.groups].sort(
      (a, b) => begun(a) - begun(b) || ranks.get(a)! - ranks.get(b)! || pickup(a) - pickup(b),
    );
  };
  return [
    by(pickup),
    by((g) => pickup(g) - 4 * work(g)),
    by((g) => -weight(g)),
    by((g) => -pickup(g)),
    by((g) => -work(g)),
    by(() => random()),
  ];
}

function improve(table: Timetable, random: Random, options: SearchOptions): { table: Timetable; cost: number } {
  const { model } = table;
  const { groups } = model;
  const costs = new Map(groups.map((g) => [g, groupCost(table, g)]));
  let cost = sum(costs.values());
  const plain = plainPreference(model);
  const limit = options.rounds ?? Infinity;
  for (let round = 0; round < limit && cost > 0 && !options.stop(); round++) {
    const chosen = neighbourhood(model, costs, random);
    const before = chosen.map((g) => table.record(g));
    const was = sum(chosen.map((g) => costs.get(g)!));
    const taste = noisyTaste(table, plain, random);
    // Chosen groups leave together, so that each can take another's place.
    for (const g of chosen) table.removeGroup(g);
    const shuffled = shuffle(chosen, random);
    const done = shuffled.every((g) => planGroup(table, g, taste));
    const after = done ? sum(chosen.map((g) => groupCost(table, g))) : Infinity;
    if (after <= was) {
      for (const g of chosen) costs.set(g, groupCost(table, g));
      if (after < was - 1e-9) {
        cost = sum(costs.values());
        options.progress?.(cost);
      }
    } else putBack(table, chosen, before);
  }
  return { table, cost: sum(costs.values()) };
}

/** Takes groups out, whole, and restores them to where they were recorded. */
export function putBack(table: Timetable, groups: Group[], records: GroupRecord[]): void {
  for (const g of groups) table.removeGroup(g, true);
  groups.forEach((g, i) => table.restore(g, records[i]!));
}

/** One to four groups: one drawn by its cost, the others near it in time. */
function neighbourhood(model: Model, costs: Map<Group, number>, random: Random): Group[] {
  const { groups, problem } = model;
  const centre = random() < 0.5 ? drawByCost(costs, random) : groups[Math.floor(random() * groups.length)]!;
  const count = Math.min(groups.length, 1 + Math.floor(random() * 4));
  const time = (g: Group) => (g.orders.length > 0 ? problem.orders[g.orders[0]!]!.pickup : problem.horizon);
  const others = groups
    .filter((g) => g !== centre)
    .map((g) => ({ g, far: Math.abs(time(g) - time(centre)) * (0.2 + random()) }))
    .sort((a, b) => a.far - b.far);
  return [centre, ...others.slice(0, count - 1).map((x) => x.g)];
}

function drawByCost(costs: Map<Group, number>, random: Random): Group {
  const entries = [...costs];
  let mark = random() * sum(entries.map(([, c]) => Math.sqrt(c)));
  for (const [group, c] of entries) if ((mark -= Math.sqrt(c)) <= 0) return group;
  return entries[entries.length - 1]![0];
}

function noisyTaste(table: Timetable, plain: Preference, random: Random): Taste {
  const spread = random() < 0.4 ? 0 : 10 ** (random() * 3);
  const people = random() < 0.5 ? 0 : 6;
  return {
    prefer: {
      person: (step, p) => plain.person(step, p) + people * random(),
      item: (step, i) => (random() < 0.1 ? random() * i : plain.item(step, i)),
    },
    noise: () => spread * random(),
    routes: (group) => {
      if (group.routes.length === 0) return [[]];
      const now = group.routes.map((r) => table.choice[r]!);
      if (random() < 0.6) return [now];
      const all = combinations(table, group);
      return [all[Math.floor(random() * all.length)]!];
    },
  };
}

function shuffle<T>(list: T[], random: Random): T[] {
  const shuffled = [...list];
  for (let i = shuffled.length - 1; i > 0; i--) {
    const k = Math.floor(random() * (i + 1));
    [shuffled[i], shuffled[k]] = [shuffled[k]!, shuffled[i]!];
  }
  return shuffled;
}

function sum(values: Iterable<number>): number {
  let total = 0;
  for (const v of values) total += v;
  return total;
}
