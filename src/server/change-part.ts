import { database } from '../data/database';
import { readOrder, type OrderFields } from '../data/repositories/orders';
import { loadKitchen } from './kitchen';
import { adjustOrder } from './orders';
import { breakDownOrder } from './planning';
import { swapProblem, versionsOf } from './read-order-form';
import { refuse, type Result } from './result';

/** One change to how an order is made. */
export type PartChange =
  /** Another formula for a role; null goes back to the build's own. */
  | { kind: 'formula'; role: string; formula: string | null }
  /** Grams set by hand; null goes back to what is computed. */
  | { kind: 'amount'; role: string; grams: number | null }
  /** A school or route settled for this order; null follows the kitchen or the planner. */
  | { kind: 'choice'; key: string; choice: string | null }
  /** Takes the newest version of every formula. */
  | { kind: 'newest formulas' };

/** More than this is a slip of the finger. g. */
const MOST_GRAMS = 200_000;

/** Changes one part of an order; what would bring something that its eaters must not get is refused, with what it is. */
export async function changePart(id: number, version: number, change: PartChange): Promise<Result> {
  const db = await database();
  const kitchen = await loadKitchen(db);
  const order = await readOrder(db, id);
  if (!kitchen || !order || order.state !== 'open') return refuse('This order is not open any more.');
  const build = kitchen.builds.get(order.build);
  if (!build) return refuse('Its build is not there any more.');
  const fields: Partial<Pick<OrderFields, 'swaps' | 'overrides' | 'choices' | 'versions'>> = {};
  switch (change.kind) {
    case 'formula': {
      fields.swaps = withKey(order.swaps, change.role, change.formula);
      const wrong = swapProblem(fields.swaps, build, kitchen);
      if (wrong) return refuse(wrong);
      break;
    }
    case 'amount':
      if (change.grams !== null && !(change.grams > 0 && change.grams <= MOST_GRAMS))
        return refuse('Grams above 0, at most 200 kg.');
      fields.overrides = withKey(order.overrides, change.role, change.grams);
      break;
    case 'choice':
      fields.choices = withKey(order.choices, change.key, change.choice);
      break;
    case 'newest formulas':
      fields.versions = {};
  }
  const changed = { ...order, ...fields };
  const breakdown = breakDownOrder(changed, kitchen);
  const clash = breakdown.allergens.filter((a) => order.avoid.includes(a.allergen));
  if (clash.length > 0)
    return refuse(
      `That would bring ${clash.map((a) => `${a.allergen} (${a.from.join(', ')})`).join('; ')}, which the eaters must not get.`,
    );
  return adjustOrder(id, version, { ...fields, versions: versionsOf(breakdown, kitchen, changed.versions) });
}

function withKey<T>(record: Record<string, T>, key: string, value: T | null): Record<string, T> {
  const changed = { ...record };
  if (value === null) delete changed[key];
  else changed[key] = value;
  return changed;
}
