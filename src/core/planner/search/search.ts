import { lowerBound } from '../bounds/bound';
import { groupCost } from '../table/cost';
import { improve } from './improve';
import { improveShop } from '../shop/improve-shop';
import type { Group, Model } from '../model/model';
import { combinations, planGroup, seatFixed, type Taste } from '../placing/place-group';
import { plantBestRoute } from '../placing/place-cheapest';
import { seededRandom, type Random } from './random';
import { shopOf } from '../shop/shop';
import { Timetable, type Preference } from '../table/timetable';

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
  const rules = priorityRules(model, random);
  // A plan at once, by planting late; then the same rules with every group planted where it costs least.
  for (const plant of [planGroup, plantBestRoute])
    for (const rule of rules) {
      if (best && options.stop()) break;
      const built = construct(model, rule, plain, plant);
      if (!built.ok) impossible = built.impossible;
      else if (!best || built.cost < best.cost) {
        best = built;
        options.progress?.(best.cost);
      }
    }
  if (!best) return { ok: false, impossible };
  const shop = shopOf(model);
  if (shop) return { ok: true, ...improveShop(best.table, shop, plain.prefer, random, lowerBound(model), options) };
  return { ok: true, ...improve(best.table, plain.prefer, random, options) };
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

function construct(model: Model, sequence: Group[], plain: Taste, plant: typeof planGroup): Searched {
  const remaining = [...sequence];
  // A group that may not be left out and finds no place goes to the front, once each, and all begins again.
  for (let again = 0; again <= sequence.length; again++) {
    const { table, impossible } = seatedTimetable(model, plain.prefer);
    if (impossible >= 0) return { ok: false, impossible };
    const taste: Taste = { ...plain, routes: (group) => combinations(table, group) };
    const failed = remaining.findIndex((group) => !plant(table, group, taste));
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
