import { routeId, type OrderId } from '../../ids/ids';
import type { Choices } from '../../formula/schools';
import type { Breakdown } from '../breakdown';
import type { Work } from '../../design/work';

/** Routes that the order has decided for itself: the other choices leave the problem. */
export function fixRoutes(order: OrderId, work: Work, choices: Choices, broken: Breakdown): Breakdown {
  const fixed = new Map(
    work.routes
      .filter((r) => r.choices.some((c) => c.key === choices[r.key]))
      .map((r): [string, string] => [routeId(order, r.key), choices[r.key]!]),
  );
  if (fixed.size === 0) return broken;
  const keepFixed = <T extends { when?: { route: string; choice: string } }>(list: T[]): T[] =>
    list.flatMap((x) => {
      const choice = x.when && fixed.get(x.when.route);
      if (choice === undefined) return [x];
      if (choice !== x.when!.choice) return [];
      const bare = { ...x };
      delete bare.when;
      return [bare];
    });
  const steps = keepFixed(broken.steps);
  const left = new Set<string>(steps.map((s) => s.id));
  return {
    ...broken,
    steps,
    waits: keepFixed(broken.waits).filter((w) => left.has(w.from) && left.has(w.to)),
    holds: broken.holds.filter((h) => left.has(h.from) && left.has(h.until)),
    routes: broken.routes.filter((r) => !fixed.has(r.id)),
  };
}
