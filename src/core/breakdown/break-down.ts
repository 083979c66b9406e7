import { routeId } from '../ids/ids';
import { componentSteps } from './steps/component-steps';
import { keepingOf } from './steps/keeping';
import { feedLeftOvers, joinAllergens } from './amounts/left-overs';
import { leftOverWaits } from './steps/left-over-waits';
import { measuredWaits } from './steps/measured-waits';
import { inscribed } from './steps/inscription';
import { fixRoutes } from './steps/fixed-routes';
import { stageSteps } from './steps/stage-steps';
import type { Kitchen } from './kitchen';
import type { CakeOrder } from './cake-order';
import { componentsOf } from './amounts/components';
import type { Breakdown } from './breakdown';

/**
 * Breaks an order down: components with their amounts from the geometry, what is left over and what draws on it, their
 * steps and waits from the formulas, the stages of the build, and how they hang together. Throws if the build names a
 * formula that the kitchen has not.
 */
export function breakDown(order: CakeOrder, kitchen: Kitchen): Breakdown {
  const { inscription = '' } = order;
  const build = inscribed(order.build, inscription);
  const choices = { ...kitchen.choices, ...order.choices };
  const { cake, components } = componentsOf(order, kitchen, choices);
  const { leftOvers, drawn } = feedLeftOvers(components, kitchen.ingredients);
  const parts = components.map((c) => {
    const own = componentSteps(order.id, order.id, c, kitchen, choices);
    const kept = keepingOf(order.id, c, build, own.ends);
    return { ...own, role: c.role, kept: kept.steps, waits: [...own.waits, ...kept.waits] };
  });
  const stages = stageSteps(order.id, build, cake, components, kitchen, inscription !== '');
  return fixRoutes(order.id, build, choices, {
    cake,
    components,
    leftOvers,
    drawn,
    steps: [...stages.steps, ...parts.flatMap((p) => [...p.steps, ...p.kept])],
    waits: [
      ...stages.waits,
      ...parts.flatMap((p) => p.waits),
      ...leftOverWaits(order.id, build, components, drawn, parts),
      ...measuredWaits(order.id, build, components, parts, choices),
    ],
    holds: [...stages.holds, ...parts.flatMap((p) => p.holds)],
    routes: (build.routes ?? []).map((r) => ({ id: routeId(order.id, r.key), choices: r.choices.map((c) => c.key) })),
    allergens: joinAllergens(
      components.map((c) => c.allergens.map((a) => ({ allergen: a.allergen, from: [c.label] }))),
    ),
  });
}
