import { groupBounds } from './bound';
import { groupCost } from './cost';
import type { Group, Model } from './model';
import { polish } from './polish';
import { reseat, stepsToReseat } from './reseat';
import { insertGroup } from './insert-group';
import { combinations, planGroup, seatFixed, takeRoutes, type Taste } from './plan-group';
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

/** Share of the rounds that move single steps instead of whole groups. */
const STEP_ROUNDS = 0.3;

/**
 * Large-neighbourhood search with threshold accepting (Dueck and Scheuer 1990): a change may cost a little, less and less
 * over a cycle, and each cycle begins anew from the best plan. Rounds count, not seconds, so that the same seed and the same
 * number of rounds give the same plan; the best plan is at hand whenever the search is stopped.
 */
function improve(table: Timetable, random: Random, options: SearchOptions): { table: Timetable; cost: number } {
  const { model } = table;
  const { groups } = model;
  const costs = new Map(groups.map((g) => [g, groupCost(table, g)]));
  const best = new BestPlan(table, costs);
  const plain = plainPreference(model);
  const least = new Map(groupBounds(model).map((b, i) => [groups[i]!, b]));
  const bound = sum(least.values());
  const cycle = 300 + 25 * groups.length;
  const limit = options.rounds ?? Infinity;
  let cost = best.cost;
  let tolerance = 0;
  for (let round = 0; round < limit && best.cost > bound + 1e-9 && !options.stop(); round++) {
    const at = round % cycle;
    if (at === 0 && round > 0) {
      cost = best.goBack(table, costs);
      tolerance = TOLERANCES[Math.floor(random() * TOLERANCES.length)]!;
    }
    const threshold = tolerance * ageingPerGroup(best.cost, groups.length) * Math.max(0, 1 - (1.3 * at) / cycle);
    const step = random() < STEP_ROUNDS;
    const centre = random() < 0.5 ? drawByExcess(costs, least, random) : groups[Math.floor(random() * groups.length)]!;
    const steps = step ? stepsToReseat(table, centre, random) : [];
    const touched = step
      ? [...new Set(steps.map((s) => model.groupOf[s]!))].map((g) => groups[g]!)
      : neighbourhood(model, centre, random);
    if (touched.length === 0) continue;
    const before = touched.map((g) => table.record(g));
    const was = sum(touched.map((g) => costs.get(g)!));
    const done = step
      ? reseat(table, steps, touched, noisyPreference(plain, random), random)
      : replant(table, touched, plain, random);
    const after = done ? sum(touched.map((g) => groupCost(table, g))) : Infinity;
    if (after > was + threshold) {
      putBack(table, touched, before);
      continue;
    }
    for (const g of touched) costs.set(g, groupCost(table, g));
    cost += after - was;
    best.touch(touched);
    if (cost < best.cost - 1e-9) {
      best.keep(table, cost);
      options.progress?.(cost);
    }
  }
  best.goBack(table, costs);
  return { table, cost: sum(costs.values()) };
}

/** How much dearer a change may be at the beginning of a cycle, in parts of what a group's age costs; drawn for each. */
const TOLERANCES = [0, 0.03, 0.1, 0.3, 0.8];

/** Lateness costs by hundreds: what is below is age. */
function ageingPerGroup(cost: number, groups: number): number {
  return Math.min(cost, 100 * groups) / Math.max(1, groups);
}

/** The best plan so far, as records of the groups; only what changed since is written again. */
class BestPlan {
  cost: number;
  private readonly records: Map<Group, GroupRecord>;
  private readonly changed = new Set<Group>();

  constructor(table: Timetable, costs: Map<Group, number>) {
    this.cost = sum(costs.values());
    this.records = new Map(table.model.groups.map((g) => [g, table.record(g)]));
  }

  touch(groups: Group[]): void {
    for (const g of groups) this.changed.add(g);
  }

  keep(table: Timetable, cost: number): void {
    for (const g of this.changed) this.records.set(g, table.record(g));
    this.changed.clear();
    this.cost = cost;
  }

  /** Puts the timetable back to the best plan; returns its cost. */
  goBack(table: Timetable, costs: Map<Group, number>): number {
    const groups = [...this.changed];
    putBack(
      table,
      groups,
      groups.map((g) => this.records.get(g)!),
    );
    for (const g of groups) costs.set(g, groupCost(table, g));
    this.changed.clear();
    return this.cost;
  }
}

/** Share of the groups that are planted forwards from some hour before their pickup, and how long before at most. */
const FORWARD = 0.4;
const MOST_AHEAD = 3 * 1440;

/** Plants a group as early as it can be from a drawn hour on, with its hand-overs on time; polishing makes it young again. */
function plantForward(table: Timetable, group: Group, taste: Taste, random: Random): boolean {
  const { problem, stepIndex } = table.model;
  for (const o of group.orders) table.leftOut[o] = 0;
  const routes = taste.routes(group);
  const choices = routes[Math.floor(random() * routes.length)]!;
  if (!takeRoutes(table, group, choices, taste.prefer)) return false;
  const pickups = new Map(
    group.orders.map((o) => [stepIndex.get(problem.orders[o]!.collect)!, problem.orders[o]!.pickup]),
  );
  const from = Math.min(...pickups.values()) - Math.floor(random() * MOST_AHEAD);
  return insertGroup(table, group, {
    direction: 'earliest',
    prefer: taste.prefer,
    noise: taste.noise,
    low: (s) => pickups.get(s) ?? from,
    high: (s) => pickups.get(s) ?? Infinity,
  }).ok;
}

/** Takes whole groups out, so that each can take another's place, and plans them in another order. */
function replant(table: Timetable, chosen: Group[], plain: Preference, random: Random): boolean {
  const taste = noisyTaste(table, plain, random);
  for (const g of chosen) table.removeGroup(g);
  const plant = (g: Group) =>
    (random() < FORWARD && plantForward(table, g, taste, random)) || planGroup(table, g, taste);
  // The one in the centre first, as often as not: the others make room for it.
  const [centre, ...others] = chosen;
  const sequence = random() < 0.5 ? [centre!, ...shuffle(others, random)] : shuffle(chosen, random);
  if (!sequence.every(plant)) return false;
  for (const g of chosen) polish(table, g, plain);
  return true;
}

/** Takes groups out, whole, and restores them to where they were recorded. */
export function putBack(table: Timetable, groups: Group[], records: GroupRecord[]): void {
  for (const g of groups) table.removeGroup(g, true);
  groups.forEach((g, i) => table.restore(g, records[i]!));
}

/** One to four groups: the one in the centre, the others near it in time. */
function neighbourhood(model: Model, centre: Group, random: Random): Group[] {
  const { groups, problem } = model;
  const count = Math.min(groups.length, 1 + Math.floor(random() * 4));
  const time = (g: Group) => (g.orders.length > 0 ? problem.orders[g.orders[0]!]!.pickup : problem.horizon);
  const others = groups
    .filter((g) => g !== centre)
    .map((g) => ({ g, far: Math.abs(time(g) - time(centre)) * (0.2 + random()) }))
    .sort((a, b) => a.far - b.far);
  return [centre, ...others.slice(0, count - 1).map((x) => x.g)];
}

/** A group, the likelier the more it costs above what it must. */
function drawByExcess(costs: Map<Group, number>, least: Map<Group, number>, random: Random): Group {
  const entries = [...costs].map(([g, c]) => [g, Math.sqrt(Math.max(0, c - least.get(g)!))] as const);
  let mark = random() * sum(entries.map(([, e]) => e));
  for (const [group, e] of entries) if ((mark -= e) <= 0) return group;
  return entries[entries.length - 1]![0];
}

function noisyPreference(plain: Preference, random: Random): Preference {
  const people = random() < 0.5 ? 0 : 6;
  return {
    person: (step, p) => plain.person(step, p) + people * random(),
    item: (step, i) => (random() < 0.1 ? random() * i : plain.item(step, i)),
  };
}

function noisyTaste(table: Timetable, plain: Preference, random: Random): Taste {
  const spread = random() < 0.4 ? 0 : 10 ** (random() * 3);
  return {
    prefer: noisyPreference(plain, random),
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
