import { say } from '../words/say';
import { counted } from '../measure/counted';
import type { Breakdown } from '../breakdown/breakdown';
import type { Build } from '../breakdown/build';
import type { Allergen } from '../formula/formula';
import { SCHOOLS } from '../formula/schools';
import type { OrderForm } from '../input/order-input';
import type { Form } from '../shape/form';
import { breakDownOrder } from '../situation/break-down-orders';
import type { BreakableOrder, OpenOrder, PlanningKitchen } from '../situation/situation';
import { minuteOf, timeOf, WALL_CLOCK } from '../time/clock';
import { clashesOf, clashWords } from '../formula/allergen-clash';
import { swapProblem, versionsOf } from './parts';
import { readPickup, type PickupRule } from './pickup';
import { readTiers } from './tiers';

/** Everything that is kept of an order when it is taken or changed. */
export type OrderFields = Omit<OpenOrder, 'id' | 'weight'> & {
  customer: string;
  inscription: string;
  note: string;
};

/** An order as it was before, as far as a change asks. */
type KnownOrder = BreakableOrder & Pick<OpenOrder, 'pickup'>;

export type ReadOrder =
  { ok: true; fields: OrderFields; breakdown: Breakdown } | { ok: false; fields: Record<string, string> };

/**
 * Holds what was typed for an order against the kitchen, and breaks it down: the pickup, tins for its size, portions enough, exchanges
 * that fit, and nothing that its eaters must not get. Refused with what is wrong, field by field.
 */
export function readOrder(
  form: OrderForm,
  kitchen: PlanningKitchen,
  rule: PickupRule,
  before: KnownOrder | null,
): ReadOrder {
  const fields: Record<string, string> = {};
  const pickup = pickupOf(form, kitchen, rule, before);
  if (typeof pickup === 'string') fields.pickup = pickup;
  const build = kitchen.builds.get(form.build);
  if (!build) fields.build = say`There is no such build.`;
  const tiers = build ? readTiers(form.size, build, kitchen) : null;
  if (build && !tiers) fields.size = say`The kitchen has no tins for this size.`;
  const wrongSwap = build ? swapProblem(form.swaps, build, kitchen) : null;
  if (wrongSwap) fields.swaps = wrongSwap;
  if (!build || !tiers || wrongSwap) return { ok: false, fields };

  const draft = draftOf(form, build, tiers, before);
  const breakdown = breakDownOrder(draft, kitchen);
  if (breakdown.cake.portions < form.portions)
    fields.size = say`This gives ${counted(breakdown.cake.portions, 'portion')}: choose a larger one.`;
  const clash = clashesOf(breakdown.allergens, form.avoid as Allergen[]);
  if (clash.length > 0)
    fields.build = say`${build.name} contains ${clashWords(clash)}. Exchange that part, or choose another build.`;
  if (Object.keys(fields).length > 0 || typeof pickup === 'string') return { ok: false, fields };

  const { title, customer, portions, inscription, note } = form;
  const { without, swaps, overrides, choices } = draft;
  return {
    ok: true,
    breakdown,
    fields: {
      ...{ title, customer, pickup, portions, build: form.build, tiers, inscription, note },
      ...{ avoid: form.avoid as Allergen[], without, swaps, overrides, choices },
      versions: versionsOf(breakdown, kitchen, draft.versions),
    },
  };
}

/** The order that a form describes. What was set by hand stays as long as the build is the same. */
function draftOf(form: OrderForm, build: Build, tiers: Form[], before: KnownOrder | null): BreakableOrder {
  const same = before?.build === form.build ? before : null;
  const roles = new Set(build.components.map((c) => c.role));
  const optional = new Set(build.components.filter((c) => c.optional).map((c) => c.role));
  const questions = new Set([...SCHOOLS.map((s) => s.key), ...(build.routes ?? []).map((r) => r.key)]);
  const known = (list: Record<string, string>, keys: Set<string>) =>
    Object.fromEntries(Object.entries(list).filter(([key, value]) => keys.has(key) && value !== ''));
  return {
    id: before?.id ?? 0,
    build: form.build,
    tiers,
    inscription: form.inscription,
    without: form.without.filter((r) => optional.has(r)),
    swaps: known(form.swaps, roles),
    choices: known(form.choices, questions),
    overrides: same?.overrides ?? {},
    versions: same?.versions ?? {},
    kept: before?.kept ?? null,
  };
}

/** The instant of the pickup, or what is wrong with it. One that stays as it was may have passed meanwhile. */
function pickupOf(
  form: OrderForm,
  kitchen: PlanningKitchen,
  rule: PickupRule,
  before: KnownOrder | null,
): Date | string {
  if (before && timeOf(minuteOf(before.pickup, kitchen.clock), kitchen.clock).toFormat(WALL_CLOCK) === form.pickup)
    return before.pickup;
  const read = readPickup(form.pickup, rule);
  return read.ok ? read.pickup : read.message;
}
