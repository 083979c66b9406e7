import { cutFromTooLittle } from '../breakdown/strata/cut-away';
import { say } from '../words/say';
import { counted } from '../measure/counted';
import type { Breakdown } from '../breakdown/breakdown';
import type { Design } from '../design/design';
import { formsOf } from '../design/forms-of';
import { cannotBeMade } from '../design/problems';
import { designIn } from '../design/design-in';
import { routesOf } from '../design/routes';
import type { Build } from '../design/build';
import type { Allergen } from '../formula/formula';
import { SCHOOLS } from '../formula/schools';
import type { OrderForm } from '../input/order-input';
import type { Form } from '../shape/form';
import { breakDownOrder } from '../situation/break-down-orders';
import type { BreakableOrder, OpenOrder, PlanningKitchen } from '../situation/situation';
import { minuteOf, timeOf, WALL_CLOCK } from '../time/clock';
import { clashesOf, clashWords } from '../formula/allergen-clash';
import { withDays } from './agree-by';
import { agreedIn, holdsUntilIn } from './agreed';
import type { OrderDetails } from './order-details';
import { swapProblem, versionsOf } from './parts';
import { readPickup, type PickupRule } from './pickup';
import { readTiers } from './tiers';

/** Everything that is kept of an order when it is taken or changed. */
export type OrderFields = Omit<OpenOrder, 'id' | 'weight'> & {
  customer: string;
  inscription: string;
  note: string;
  details: OrderDetails;
  /** Until when it holds its place as an enquiry; null is an order. */
  holdsUntil: Date | null;
  /** The order that it is one with. */
  together: number | null;
};

/** An order as it was before, as far as a change asks. */
type KnownOrder = BreakableOrder &
  Pick<OpenOrder, 'pickup'> &
  Partial<Pick<OrderFields, 'details' | 'holdsUntil' | 'together'>>;

export type ReadOrder =
  { ok: true; fields: OrderFields; breakdown: Breakdown } | { ok: false; fields: Record<string, string> };

/**
 * Holds what was typed for an order against the kitchen, and breaks it down: the pickup, tins for its size, portions enough, exchanges
 * that fit, and nothing that its eaters must not get. Refused with what is wrong, field by field. A `design` of its own takes the place of what the
 * build is in the chosen size; the build is what it was begun from.
 */
export function readOrder(
  form: OrderForm,
  kitchen: PlanningKitchen,
  rule: PickupRule,
  before: KnownOrder | null,
  design: Design | null = null,
): ReadOrder {
  const fields: Record<string, string> = {};
  const pickup = pickupOf(form, kitchen, rule, before);
  if (typeof pickup === 'string') fields.pickup = pickup;
  const build = kitchen.builds.get(form.build);
  if (!build) fields.build = say`There is no such build.`;
  const wrong = design ? cannotBeMade(design, kitchen.library) : [];
  if (wrong.length > 0) return { ok: false, fields: { ...fields, design: wrong.map((p) => p.message).join(' ') } };
  const tiers = design ? formsOf(design) : build ? readTiers(form.size, build, kitchen) : null;
  if (build && !tiers) fields.size = say`The kitchen has no tins for this size.`;
  const wrongSwap = build ? swapProblem(form.swaps, design ?? build.design, kitchen) : null;
  if (wrongSwap) fields.swaps = wrongSwap;
  if (!build || !tiers || wrongSwap) return { ok: false, fields };

  const draft = draftOf(form, build, tiers, kitchen, before, design);
  const breakdown = breakDownOrder(draft, kitchen);
  if (breakdown.cake.portions < form.portions)
    fields[design ? 'design' : 'size'] =
      say`This gives ${counted(breakdown.cake.portions, 'portion')}: choose a larger one.`;
  const tooLittle = design ? cutFromTooLittle(design, breakdown.cake.tiers) : [];
  if (tooLittle.length > 0) fields.design = tooLittle.map((p) => p.message).join(' ');
  const clash = clashesOf(breakdown.allergens, form.avoid as Allergen[]);
  if (clash.length > 0)
    fields[design ? 'design' : 'build'] = design
      ? say`It contains ${clashWords(clash)}. Exchange that part.`
      : say`${build.name} contains ${clashWords(clash)}. Exchange that part, or choose another build.`;
  const holdsUntil = holdsUntilIn(form, rule, pickup, before?.holdsUntil);
  if (typeof holdsUntil === 'string') fields.holdsUntil = holdsUntil;
  if (Object.keys(fields).length > 0 || typeof pickup === 'string' || typeof holdsUntil === 'string')
    return { ok: false, fields };

  const { title, customer, portions, inscription, note } = form;
  const { without, swaps, overrides, fromStore, choices } = draft;
  return {
    ok: true,
    breakdown,
    fields: {
      ...{ title, customer, pickup, portions, build: form.build, tiers, inscription, note, holdsUntil },
      details: agreedIn(form, before?.details),
      together: (form.together === undefined ? before?.together : form.together) ?? null,
      ...(draft.design && { design: before ? draft.design : withDays(draft.design, pickup, rule) }),
      ...{ avoid: form.avoid as Allergen[], without, swaps, overrides, choices },
      ...(fromStore && { fromStore }),
      versions: versionsOf(breakdown, kitchen, draft.versions),
    },
  };
}

/** The order that a form describes. What was set by hand stays as long as the build is the same, unless the form says otherwise. */
function draftOf(
  form: OrderForm,
  build: Build,
  tiers: Form[],
  kitchen: PlanningKitchen,
  before: KnownOrder | null,
  composed: Design | null,
): BreakableOrder {
  const same = before?.build === form.build ? before : null;
  const design = composed ?? designFor(build, tiers, same);
  const { parts } = composed ?? build.design;
  const roles = new Set(parts.map((c) => c.role));
  const optional = new Set(parts.filter((c) => c.optional).map((c) => c.role));
  const questions = new Set([
    ...SCHOOLS.map((s) => s.key),
    ...routesOf(composed ?? build.design, kitchen.library.blocks).map((r) => r.key),
  ]);
  const byHand = Object.entries(form.byHand ?? same?.overrides ?? {}).filter(
    ([role]) => (!composed && !form.byHand) || roles.has(role),
  );
  const known = (list: Record<string, string>, keys: Set<string>) =>
    Object.fromEntries(Object.entries(list).filter(([key, value]) => keys.has(key) && value !== ''));
  return {
    id: before?.id ?? 0,
    build: form.build,
    tiers,
    design,
    inscription: form.inscription,
    without: form.without.filter((r) => optional.has(r)),
    swaps: known(form.swaps, roles),
    choices: known(form.choices, questions),
    overrides: Object.fromEntries(byHand),
    // What has been begun goes on with what it was promised; all else is offered anew.
    ...(same?.kept && same.fromStore && { fromStore: same.fromStore }),
    versions: same?.versions ?? {},
    kept: before?.kept ?? null,
  };
}

/** An order keeps its own design while its build and its tiers are the same: what becomes of the build meanwhile does not change it. */
function designFor(build: Build, tiers: Form[], before: KnownOrder | null): Design {
  const sameTiers = before && JSON.stringify(before.tiers) === JSON.stringify(tiers);
  return (sameTiers ? before.design : undefined) ?? designIn(build, tiers);
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
