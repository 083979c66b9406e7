import { groupCost } from '../table/cost';
import type { Random } from '../model/random';
import type { SearchOptions } from '../model/search-options';
import type { Shop } from './shop';
import { ShopSearch } from './shop-search';
import type { Timetable } from '../table/timetable';
import type { Preference } from '../table/preference';

/** Moves that count as one round. */
const MOVES = 200;

/**
 * Improves a plan that is a job shop by its own search, and writes the result back through the timetable, which accepts only
 * what obeys the rules. `bound` is a proven least cost.
 */
export function improveShop(
  table: Timetable,
  shop: Shop,
  prefer: Preference,
  random: Random,
  bound: number,
  options: SearchOptions,
): { table: Timetable; cost: number } {
  const [group] = table.model.groups;
  const first = groupCost(table, group!);
  const search = new ShopSearch(
    shop,
    shop.steps.map((s) => table.start[s]!),
    random,
  );
  const weight = table.model.problem.orders[0]!.weight;
  const costOf = (length: number) => 100 * weight * Math.max(0, length - shop.pickup);
  const limit = options.rounds ?? Infinity;
  for (let round = 0; round < limit && costOf(search.best.length) > bound + 1e-9 && !options.stop(); round++)
    if (search.run(MOVES)) options.progress?.(Math.min(first, costOf(search.best.length)));
  if (costOf(search.best.length) >= first) return { table, cost: first };
  const before = table.record(group!);
  table.removeGroup(group!);
  const { starts } = search.best;
  const sequence = [...shop.steps.keys()].sort((a, b) => starts[a]! - starts[b]!);
  const last = shop.steps.length - 1;
  const placed = sequence.every((i) =>
    table.place(shop.steps[i]!, i === last ? Math.max(shop.pickup, starts[i]!) : starts[i]!, prefer),
  );
  if (!placed) {
    table.removeGroup(group!);
    table.restore(group!, before);
  }
  return { table, cost: groupCost(table, group!) };
}
