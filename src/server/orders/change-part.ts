import { isAmount } from '../../core/input/grams-by-role';
import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import type { Route } from '../../core/design/block';
import { routesOf } from '../../core/design/routes';
import { SCHOOLS } from '../../core/formula/schools';
import { adjustOrder, type OrderAdjustment } from './orders';
import { type Kept, refuse } from '../shared/result';
import { breakDownOrder, designOfOrder } from '../../core/situation/break-down-orders';
import { swapProblem, versionsOf } from '../../core/order/parts';

/** One change to how an order is made. */
export type PartChange =
  /** Another formula for a role; null goes back to the build's own. */
  | { kind: 'formula'; role: string; formula: string | null }
  /** Grams set by hand; null goes back to what is computed. */
  | { kind: 'amount'; role: string; grams: number | null }
  /** A school or route decided for this order; null follows the kitchen or the planner. */
  | { kind: 'choice'; key: string; choice: string | null }
  /** Takes the newest version of every formula. */
  | { kind: 'newest formulas' };

/** Changes one part of an order. */
export function changePart(db: KitchenDb, id: number, version: number, change: PartChange): Promise<Kept> {
  return adjustOrder(db, id, version, (order, { kitchen }) => {
    const design = designOfOrder(order, kitchen);
    if (!design) return refuse(say`Its build is not there any more.`);
    const fields: OrderAdjustment = {};
    if ((change.kind === 'formula' || change.kind === 'amount') && !design.parts.some((c) => c.role === change.role))
      return refuse(say`There is no such part in this cake.`);
    switch (change.kind) {
      case 'formula': {
        fields.swaps = withKey(order.swaps, change.role, change.formula);
        const wrong = swapProblem(fields.swaps, design, kitchen);
        if (wrong) return refuse(wrong);
        break;
      }
      case 'amount':
        if (change.grams !== null && !isAmount(change.grams)) return refuse(say`Grams above 0, at most 200 kg.`);
        fields.overrides = withKey(order.overrides, change.role, change.grams);
        break;
      case 'choice': {
        const known = choicesFor(change.key, routesOf(design, kitchen.library.blocks));
        if (!known) return refuse(say`There is no such question for this cake.`);
        if (change.choice !== null && !known.includes(change.choice)) return refuse(say`There is no such answer.`);
        fields.choices = withKey(order.choices, change.key, change.choice);
        break;
      }
      case 'newest formulas':
        fields.versions = {};
    }
    const changed = { ...order, ...fields };
    return { ...fields, versions: versionsOf(breakDownOrder(changed, kitchen), kitchen, changed.versions) };
  });
}

/** The answers to a school or to a route of a build; null where there is no such question. */
function choicesFor(key: string, routes: readonly Route[]): string[] | null {
  const question = SCHOOLS.find((s) => s.key === key) ?? routes.find((r) => r.key === key);
  return question ? question.choices.map((c) => c.key) : null;
}

function withKey<T>(record: Record<string, T>, key: string, value: T | null): Record<string, T> {
  const changed = { ...record };
  if (value === null) delete changed[key];
  else changed[key] = value;
  return changed;
}
