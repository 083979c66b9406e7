import { DateTime } from 'luxon';
import { ValidationError } from 'yup';
import { canReplace, type Breakdown } from '../core/breakdown/breakdown';
import type { Build } from '../core/breakdown/build';
import { SCHOOLS } from '../core/formula/schools';
import { orderForm, type OrderForm } from '../core/formats/order-form';
import { formName, type Form } from '../core/shape/form';
import type { OrderFields, OrderRow } from '../data/repositories/orders';
import { now } from './clock';
import type { LoadedKitchen } from './kitchen';
import { breakDownOrder, type BreakableOrder } from './planning';
import { refuse, type Result } from './result';
import { formsFor } from './sizes';

export type ReadForm = { ok: true; fields: OrderFields; breakdown: Breakdown } | Extract<Result, { ok: false }>;

const LOOK_AGAIN = 'Some fields need another look.';

/** Checks what was typed for an order, by the shared schema and against the kitchen, and breaks it down. */
export async function readOrderForm(
  input: unknown,
  kitchen: LoadedKitchen,
  before: OrderRow | null,
): Promise<ReadForm> {
  let form: OrderForm;
  try {
    form = await orderForm.validate(input, { abortEarly: false });
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const fields = Object.fromEntries(error.inner.map((e) => [(e.path ?? '').split('[')[0]!, e.message]));
    return refuse(LOOK_AGAIN, fields) as ReadForm;
  }
  const fields: Record<string, string> = {};
  const pickup = DateTime.fromISO(form.pickup, { zone: kitchen.clock.zone });
  const wrongPickup = pickupProblem(pickup, before);
  if (wrongPickup) fields.pickup = wrongPickup;
  const build = kitchen.builds.get(form.build);
  if (!build) fields.build = 'There is no such build.';
  const tiers = build ? readTiers(form.size, form.build, kitchen) : null;
  if (build && !tiers) fields.size = 'The kitchen has no tins for this size.';
  const wrongSwap = build ? swapProblem(form.swaps, build, kitchen) : null;
  if (wrongSwap) fields.swaps = wrongSwap;
  if (!build || !tiers || wrongSwap) return refuse(LOOK_AGAIN, fields) as ReadForm;

  const draft = draftOf(form, build, tiers, kitchen, before);
  const breakdown = breakDownOrder(draft, kitchen);
  if (breakdown.cake.portions < form.portions)
    fields.size = `This gives ${breakdown.cake.portions} portions: choose a larger one.`;
  const clash = breakdown.allergens.filter((a) => form.avoid.includes(a.allergen));
  if (clash.length > 0)
    fields.avoid = `${build.name} contains ${clash.map((a) => `${a.allergen} (${a.from.join(', ')})`).join('; ')}. Exchange that part, or choose another build.`;
  if (Object.keys(fields).length > 0) return refuse(LOOK_AGAIN, fields) as ReadForm;

  const { title, customer, portions, inscription, note } = form;
  const { without, swaps, overrides, choices } = draft;
  return {
    ok: true,
    breakdown,
    fields: {
      ...{ title, customer, pickup: pickup.toJSDate(), portions, build: form.build, tiers, inscription, note },
      ...{ avoid: form.avoid as OrderFields['avoid'], without, swaps, overrides, choices },
      versions: versionsOf(breakdown, kitchen, draft.versions),
    },
  };
}

/** Versions of all formulas of a cake: those it was planned with before, else the newest. */
export function versionsOf(
  breakdown: Breakdown,
  kitchen: LoadedKitchen,
  kept: Record<string, number> = {},
): Record<string, number> {
  const newest = new Map(kitchen.rows.formulas.map((f) => [f.id, f.version]));
  return Object.fromEntries(
    breakdown.components.map((c) => [c.formula.id, kept[c.formula.id] ?? newest.get(c.formula.id) ?? 1]),
  );
}

/** The order that a form describes. What was set by hand stays as long as the build is the same. */
function draftOf(
  form: OrderForm,
  build: Build,
  tiers: Form[],
  kitchen: LoadedKitchen,
  before: OrderRow | null,
): BreakableOrder {
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
    without: form.without.filter((r) => optional.has(r)),
    swaps: known(form.swaps, roles),
    choices: known(form.choices, questions),
    overrides: same?.overrides ?? {},
    versions: same?.versions ?? {},
  };
}

function pickupProblem(pickup: DateTime, before: OrderRow | null): string | null {
  if (!pickup.isValid) return 'This time does not exist.';
  if (pickup.toJSDate() <= now() && pickup.toMillis() !== before?.pickup.getTime()) return 'This time has passed.';
  if (pickup.diff(DateTime.fromJSDate(now()), 'days').days > 120) return 'At most 120 days ahead.';
  return null;
}

/** Is every exchange of one formula for another of the same purpose? */
export function swapProblem(swaps: Record<string, string>, build: Build, kitchen: LoadedKitchen): string | null {
  for (const component of build.components) {
    const by = swaps[component.role];
    if (!by || by === component.formula) continue;
    const [now, other] = [component.formula, by].map((id) => kitchen.library.formulas.get(id));
    if (!other) return `There is no formula “${by}”.`;
    if (now && !canReplace(now, other)) return `${other.name} cannot stand in for ${component.label.toLowerCase()}.`;
  }
  return null;
}

/** The tiers that the form named, if the kitchen can make each of them and the build as many. */
function readTiers(size: string, build: string, kitchen: LoadedKitchen): Form[] | null {
  const known = new Map(formsFor(build, kitchen).map((f) => [formName(f), f]));
  try {
    const named = (JSON.parse(size) as Form[]).map((f) => known.get(formName(f)));
    const most = kitchen.builds.get(build)?.mostTiers ?? 0;
    if (named.length === 0 || named.length > most || named.some((f) => f === undefined)) return null;
    return named as Form[];
  } catch {
    return null;
  }
}
