import { routeId, type OrderId } from '../../ids/ids';
import type { Choices } from '../../formula/schools';
import type { Breakdown } from '../breakdown';
import type { Build } from '../build';

/** Routes that the order has settled for itself: the other choices leave the problem. */
export function fixRoutes(order: OrderId, build: Build, choices: Choices, broken: Breakdown): Breakdown {
  const settled = new Map(
    (build.routes ?? [])
      .filter((r) => r.choices.some((c) => c.key === choices[r.key]))
      .map((r): [string, string] => [routeId(order, r.key), choices[r.key]!]),
  );
  if (settled.size === 0) return broken;
  const settle = <T extends { when?: { route: string; choice: string } }>(list: T[]): T[] =>
    list.flatMap((x) => {
      const choice = x.when && settled.get(x.when.route);
      if (choice === undefined) return [x];
      if (choice !== x.when!.choice) return [];
      const bare = { ...x };
      delete bare.when;
      return [bare];
    });
  const steps = settle(broken.steps);
  const living = new Set<string>(steps.map((s) => s.id));
  return {
    ...broken,
    steps,
    waits: settle(broken.waits).filter((w) => living.has(w.from) && living.has(w.to)),
    holds: broken.holds.filter((h) => living.has(h.from) && living.has(h.until)),
    routes: broken.routes.filter((r) => !settled.has(r.id)),
  };
}
