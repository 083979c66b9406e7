import { routeId } from '../ids/ids';
import { componentSteps, stepsTaking } from './steps/component-steps';
import { keepingOf, stagesTaking } from './steps/keeping';
import { feedLeftOvers, joinAllergens } from './amounts/left-overs';
import { leftOverWaits } from './steps/left-over-waits';
import { measuredWaits } from './steps/measured-waits';
import { inscribed } from './steps/inscription';
import { fixRoutes } from './steps/fixed-routes';
import { stageSteps } from './steps/stage-steps';
import type { Kitchen } from './kitchen';
import type { CakeOrder } from './cake-order';
import { componentsOf } from './amounts/components';
import { partsTaking } from './amounts/component';
import type { Breakdown } from './breakdown';

/**
 * Breaks an order down: its design is compiled to uses of parts and stages of work; the parts become components with their amounts from the
 * geometry, what is left over and what draws on it, their steps and waits from the formulas; and the stages hang them together. Throws if the
 * design names a formula or a block that the kitchen has not.
 */
export function breakDown(order: CakeOrder, kitchen: Kitchen): Breakdown {
  const { inscription = '' } = order;
  const choices = { ...kitchen.choices, ...order.choices };
  const { work: designed, cake, components } = componentsOf(order, kitchen, choices);
  const work = inscribed(designed, inscription);
  const { leftOvers, drawn } = feedLeftOvers(components, kitchen.ingredients);
  const made = new Map(components.map((c) => [c.role, componentSteps(order.id, order.id, c, kitchen, choices)]));
  const parts = components.map((c) => {
    const own = made.get(c.role)!;
    const into = components.filter((x) => partsTaking(c).includes(x.role));
    const takers = [
      ...into.flatMap((x) => stepsTaking(c.role, x, made.get(x.role)!)),
      ...stagesTaking(order.id, c.role, work),
    ];
    const kept = keepingOf(order.id, c, takers, own.ends);
    return { ...own, role: c.role, kept: kept.steps, waits: [...own.waits, ...kept.waits] };
  });
  const stages = stageSteps(order.id, work, cake, components, kitchen, inscription !== '');
  return fixRoutes(order.id, work, choices, {
    cake,
    components,
    leftOvers,
    drawn,
    steps: [...stages.steps, ...parts.flatMap((p) => [...p.steps, ...p.kept])],
    waits: [
      ...stages.waits,
      ...parts.flatMap((p) => p.waits),
      ...leftOverWaits(order.id, work, components, drawn, parts),
      ...measuredWaits(order.id, work, components, parts, choices),
    ],
    holds: [...stages.holds, ...parts.flatMap((p) => p.holds)],
    routes: work.routes.map((r) => ({ id: routeId(order.id, r.key), choices: r.choices.map((c) => c.key) })),
    allergens: joinAllergens(
      components.map((c) => c.allergens.map((a) => ({ allergen: a.allergen, from: [c.label] }))),
    ),
  });
}
