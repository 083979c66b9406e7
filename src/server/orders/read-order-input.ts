import type { Breakdown } from '../../core/breakdown/breakdown';
import { canReplace } from '../../core/breakdown/amounts/components';
import type { Build } from '../../core/breakdown/build';
import { SCHOOLS } from '../../core/formula/schools';
import type { OrderForm } from '../../core/input/order-input';
import { clashesOf, clashWords } from '../../core/order/allergen-clash';
import { readPickup } from '../../core/order/pickup';
import { minuteOf, timeOf } from '../../core/time/clock';
import { formName, type Form } from '../../core/shape/form';
import type { OrderFields, OrderRow } from '../../data/repositories/orders';
import type { LoadedKitchen } from '../situation/load-kitchen';
import { pickupRule } from '../situation/pickup-rule';
import { breakDownOrder } from '../../core/situation/break-down-orders';
import { type BreakableOrder } from '../../core/situation/situation';
import { refuse, type Result } from '../shared/result';
import { LOOK_AGAIN } from '../shared/door';
import { formsFor } from '../builds/sizes';

const WALL_CLOCK = "yyyy-MM-dd'T'HH:mm";

export type ReadForm = { ok: true; fields: OrderFields; breakdown: Breakdown } | Extract<Result, { ok: false }>;

/** Checks what was typed for an order against the kitchen, and breaks it down. */
export function readOrderForm(form: OrderForm, kitchen: LoadedKitchen, before: OrderRow | null): ReadForm {
  const fields: Record<string, string> = {};
  const pickup = pickupOf(form, kitchen, before);
  if (typeof pickup === 'string') fields.pickup = pickup;
  const build = kitchen.builds.get(form.build);
  if (!build) fields.build = 'There is no such build.';
  const tiers = build ? readTiers(form.size, form.build, kitchen) : null;
  if (build && !tiers) fields.size = 'The kitchen has no tins for this size.';
  const wrongSwap = build ? swapProblem(form.swaps, build, kitchen) : null;
  if (wrongSwap) fields.swaps = wrongSwap;
  if (!build || !tiers || wrongSwap) return refuse(LOOK_AGAIN, fields);

  const draft = draftOf(form, build, tiers, kitchen, before);
  const breakdown = breakDownOrder(draft, kitchen);
  if (breakdown.cake.portions < form.portions)
    fields.size = `This gives ${breakdown.cake.portions} portions: choose a larger one.`;
  const clash = clashesOf(breakdown.allergens, form.avoid as OrderFields['avoid']);
  if (clash.length > 0)
    fields.avoid = `${build.name} contains ${clashWords(clash)}. Exchange that part, or choose another build.`;
  if (Object.keys(fields).length > 0 || typeof pickup === 'string') return refuse(LOOK_AGAIN, fields);

  const { title, customer, portions, inscription, note } = form;
  const { without, swaps, overrides, choices } = draft;
  return {
    ok: true,
    breakdown,
    fields: {
      ...{ title, customer, pickup, portions, build: form.build, tiers, inscription, note },
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

/** The instant of the pickup, or what is wrong with it. One that stays as it was may have passed meanwhile. */
function pickupOf(form: OrderForm, kitchen: LoadedKitchen, before: OrderRow | null): Date | string {
  if (before && timeOf(minuteOf(before.pickup, kitchen.clock), kitchen.clock).toFormat(WALL_CLOCK) === form.pickup)
    return before.pickup;
  const read = readPickup(form.pickup, pickupRule(kitchen));
  return read.ok ? read.pickup : read.message;
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
