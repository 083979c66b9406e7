import type { Breakdown } from '../../core/breakdown/breakdown';
import { cakeName } from '../../core/breakdown/cake';
import { grams } from '../../core/breakdown/words';
import { openSteps } from '../../core/floor/open-steps';
import type { Allergen } from '../../core/formula/formula';
import { onTheScale } from '../../core/measure/show-quantity';
import type { Clock } from '../../core/planner/calendars';
import { timeOf } from '../../core/planner/calendars';
import { span, type Form } from '../../core/shape/form';
import type { OrderRow } from '../../data/repositories/orders';
import type { PlanRow } from '../../data/repositories/plans';
import { breakDownOrder, planId, type Situation } from '../planning';
import type { LoadedKitchen } from '../kitchen';
import { longestWait } from './headline';
import { ladderOf, type LadderView } from './wall-view';

/** An order with all that is computed from it. */
export interface OrderView {
  id: number;
  version: number;
  title: string;
  customer: string;
  pickup: string;
  portions: number;
  buildName: string;
  sizeName: string;
  inscription: string;
  note: string;
  avoid: Allergen[];
  without: { role: string; label: string }[];
  state: OrderRow['state'];
  parts: PartView[];
  section: SectionView;
  allergens: { allergen: Allergen; from: string[] }[];
  cautions: string[];
  routes: { name: string; taken: string }[];
  planned: {
    clock: Clock;
    minute: number;
    ladder: LadderView;
    open: string[];
    needs: string | null;
    leftOut: string | null;
  } | null;
}

export interface PartView {
  role: string;
  label: string;
  formula: { id: string; name: string };
  amount: string;
  because: string;
  optional: boolean;
  lines: { name: string; grams: number }[];
  allergens: Allergen[];
}

/** The cake cut open, in mm, for a drawing to scale. */
export interface SectionView {
  tiers: { width: number; height: number; round: boolean; form: Form }[];
  layers: number;
  layerHeight: number;
  filling: number;
  finish: number;
  coated: boolean;
  summary: string;
}

export function orderView(
  order: OrderRow,
  kitchen: LoadedKitchen,
  situation: Situation,
  plan: PlanRow | null,
): OrderView {
  const breakdown = situation.breakdowns.get(order.id) ?? breakDownOrder(order, kitchen);
  const build = kitchen.builds.get(order.build)!;
  const { clock } = kitchen;
  const own = planId(order.id);
  const onWall = plan && order.state === 'open' && plan.problem.orders.some((o) => o.id === own);
  const placed = new Map(plan?.plan.steps.map((s) => [s.id, s]));
  return {
    id: order.id,
    version: order.version,
    title: order.title,
    customer: order.customer,
    pickup: order.pickup.toISOString(),
    portions: order.portions,
    buildName: build.name,
    sizeName: cakeName(order.tiers),
    ...{ inscription: order.inscription, note: order.note, avoid: order.avoid, state: order.state },
    without: build.components.filter((c) => order.without.includes(c.role)).map(({ role, label }) => ({ role, label })),
    parts: partsOf(breakdown, kitchen),
    section: sectionOf(breakdown, order),
    allergens: breakdown.allergens,
    cautions: [...new Set(breakdown.steps.flatMap((s) => s.caution ?? []))],
    routes: (build.routes ?? []).map((r) => ({
      name: r.name,
      taken: r.choices.find((c) => c.key === plan?.plan.routes[`${own}.${r.key}`])?.name ?? 'not planned',
    })),
    planned: onWall
      ? {
          clock,
          minute: situation.minute,
          ladder: ladderOf(order.id, situation, plan, placed),
          open: openSteps(plan.problem, plan.plan, situation.states, own).map((s) => s.name),
          needs: longestWait(plan, order.id),
          leftOut: plan.plan.unplaced.find((u) => u.order === own)?.reason ?? null,
        }
      : null,
  };
}

function partsOf(breakdown: Breakdown, kitchen: LoadedKitchen): PartView[] {
  return breakdown.components.map((c) => ({
    role: c.role,
    label: c.label,
    formula: { id: c.formula.id, name: c.formula.name },
    amount: c.amount.pieces === null ? grams(c.amount.grams) : `${c.amount.pieces} pcs`,
    because: `${grams(c.amount.grams)} = ${c.amount.because}`,
    optional: c.optional,
    lines: c.lines.map((l) => ({
      name: kitchen.library.ingredients.get(l.ingredient)?.name ?? l.ingredient,
      grams: onTheScale(l.grams),
    })),
    allergens: c.allergens.map((a) => a.allergen),
  }));
}

function sectionOf(breakdown: Breakdown, order: OrderRow): SectionView {
  const { cake } = breakdown;
  const kilos = breakdown.components.reduce((sum, c) => sum + c.amount.grams * (1 - c.formula.loss), 0) / 1000;
  return {
    tiers: cake.tiers.map(({ form, height }) => ({
      width: form.form === 'roll' ? form.diameter : span(form),
      height,
      round: form.form === 'roll',
      form,
    })),
    layers: cake.layers,
    layerHeight: cake.layerHeight,
    filling: cake.fillingThickness,
    finish: cake.finish,
    coated: breakdown.components.some((c) => ['frosting', 'cover', 'glaze'].includes(c.role)),
    summary: `${cakeName(order.tiers)} · ${cake.tiers.map((t) => `${Math.round(t.height)} mm high`).join(', ')} · gives ${cake.portions} portions · about ${kilos.toFixed(1)} kg`,
  };
}

/** "Sat 8 May, 12:30" */
export function pickupText(pickup: Date, clock: Clock): string {
  const time = timeOf(Math.round((pickup.getTime() - Date.parse(clock.origin)) / 60_000), clock);
  return time.toFormat('ccc d LLL, HH:mm');
}
