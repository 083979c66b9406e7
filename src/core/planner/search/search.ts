import { lowerBound } from '../bounds/bound';
import { groupCost } from '../table/cost';
import { improve } from './improve';
import { improveShop } from '../shop/improve-shop';
import type { Model } from '../model/model';
import type { Group } from '../model/step-model';
import { placeGroup, type PlacingPolicy } from '../placing/place-group';
import { combinations } from '../placing/routes';
import { placeCheapestRoute } from '../placing/place-cheapest';
import { seededRandom, type Random } from '../model/random';
import { shopOf } from '../shop/shop';
import { Timetable } from '../table/timetable';
import { plainPreference } from '../table/preference';
import type { SearchOptions } from '../model/search-options';
import { timetableOfFixed } from '../placing/fixed-steps';

/** A timetable with every group in it, or the step without which no plan exists. */
export type Searched = { ok: true; table: Timetable; cost: number } | { ok: false; impossible: number };

/**
 * Builds a first plan group by group under several priority rules, keeps the best, then improves it by
 * large-neighbourhood search (Shaw 1998): a few groups are taken out and put back in another order, by other hands and
 * on other routes, and the change is kept if the plan got no dearer.
 */
export function search(model: Model, options: SearchOptions): Searched {
  const random = seededRandom(options.seed);
  const plain: PlacingPolicy = { prefer: plainPreference(model), noise: () => 0, routes: () => [] };
  let best: { table: Timetable; cost: number } | null = null;
  let impossible = -1;
  const rules = priorityRules(model, random);
  // A plan at once, by placing late; then the same rules with every group placed where it costs least.
  for (const placeIt of [placeGroup, placeCheapestRoute])
    for (const rule of rules) {
      if (best && options.stop()) break;
      const built = construct(model, rule, plain, placeIt);
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

function construct(model: Model, sequence: Group[], plain: PlacingPolicy, placeIt: typeof placeGroup): Searched {
  const remaining = [...sequence];
  // A group that may not be left out and finds no place goes to the front, once each, and all begins again.
  for (let again = 0; again <= sequence.length; again++) {
    const { table, impossible } = timetableOfFixed(model, plain.prefer);
    if (impossible >= 0) return { ok: false, impossible };
    const policy: PlacingPolicy = { ...plain, routes: (group) => combinations(table, group) };
    const failed = remaining.findIndex((group) => !placeIt(table, group, policy));
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
  const work = (g: Group) =>
    g.steps.reduce((sum, s) => sum + model.steps[s]!.modes[0]!.minutes * model.steps[s]!.crew, 0);
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
