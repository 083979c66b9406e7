import type { Breakdown } from '../../core/breakdown/breakdown';
import { cakeName } from '../../core/breakdown/cake';
import { grams } from '../../core/breakdown/words';
import { openSteps } from '../../core/floor/open-steps';
import type { Allergen } from '../../core/formula/formula';
import { onTheScale } from '../../core/measure/show-quantity';
import type { Clock } from '../../core/time/calendars';
import { timeOf } from '../../core/time/calendars';
import { span, type Form } from '../../core/shape/form';
import type { OrderRow } from '../../data/repositories/orders';
import type { PlanRow } from '../../data/repositories/plans';
import { breakDownOrder, planId, type Situation } from '../plan/planning';
import { othersFor, questionsOf, type QuestionChoice } from '../builds/build-choices';
import type { LoadedKitchen } from '../kitchen/kitchen';
import { longestWait } from '../wall/headline';
import { ladderOf, type LadderView } from '../wall/wall-view';

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
  /** Schools and routes that matter for it, with the order's own answer ('' follows the kitchen or the planner). */
  questions: (QuestionChoice & { own: string; taken: string })[];
  /** What is left over of its parts, and where it goes. */
  leftOvers: string[];
  /** Formulas of which there is a newer version than the one it was planned with. */
  newer: { id: string; name: string; has: number; newest: number }[];
  planned: {
    /** Number of the plan. */
    plan: number;
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
  grams: number;
  /** What the geometry says, where somebody has set another amount by hand. */
  computed: number | null;
  because: string;
  /** What of it is for what; the portions add up to the amount. */
  portions: { use: string; grams: number; leftOver: boolean }[];
  /** "180 g of it from the trimmings of Walnut sponge" */
  drawn: string[];
  optional: boolean;
  lines: { name: string; grams: number }[];
  allergens: Allergen[];
  /** What could take its place; the build's own formula among them. */
  others: { id: string; name: string; allergens: Allergen[] }[];
  /** Set to another formula than the build's. */
  exchanged: boolean;
  /** It is made in one batch with these orders. */
  batchWith: string[];
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
    parts: partsOf(breakdown, kitchen, order, situation),
    section: sectionOf(breakdown, order),
    allergens: breakdown.allergens,
    cautions: [...new Set(breakdown.steps.flatMap((s) => s.caution ?? []))],
    questions: questionsOf(build, kitchen).map((q) => ({
      ...q,
      own: order.choices[q.key] ?? '',
      taken: q.choices.find((c) => c.key === plan?.plan.routes[`${own}.${q.key}`])?.name ?? '',
    })),
    leftOvers: breakdown.leftOvers.map((l) => {
      const label = (role: string) => breakdown.components.find((c) => c.role === role)?.label ?? role;
      const uses = l.uses.map((u) => `${grams(u.grams)} into ${label(u.by).toLowerCase()}`);
      const rest = l.left >= 1 ? [`${grams(l.left)} over`] : [];
      return `${grams(l.grams)} ${l.kind} of ${label(l.from)}: ${[...uses, ...rest].join(', ')}`;
    }),
    newer: breakdown.components.flatMap((c) => {
      const newest = kitchen.rows.formulas.find((f) => f.id === c.formula.id)?.version ?? 1;
      const has = order.versions[c.formula.id] ?? newest;
      return has < newest ? [{ id: c.formula.id, name: c.formula.name, has, newest }] : [];
    }),
    planned: onWall
      ? {
          plan: plan.id,
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

export function partsOf(
  breakdown: Breakdown,
  kitchen: LoadedKitchen,
  order: Pick<OrderRow, 'id' | 'build' | 'swaps'>,
  situation: Pick<Situation, 'batches' | 'orders'> = { batches: [], orders: [] },
): PartView[] {
  const build = kitchen.builds.get(order.build)!;
  return breakdown.components.map((c) => {
    const own = build.components.find((x) => x.role === c.role)!;
    const batch = situation.batches.find((b) => b.members.some((m) => m.order === order.id && m.role === c.role));
    const label = (role: string) => breakdown.components.find((x) => x.role === role)?.label ?? role;
    return {
      role: c.role,
      label: c.label,
      formula: { id: c.formula.id, name: c.formula.name },
      amount: c.amount.pieces === null ? grams(c.amount.grams) : `${c.amount.pieces} pcs`,
      grams: c.amount.grams,
      computed: c.amount.computed,
      because: `${grams(c.amount.computed ?? c.amount.grams)} = ${c.amount.because}`,
      portions: c.amount.portions.map((p) => ({ use: p.use, grams: p.grams, leftOver: p.leftOver !== undefined })),
      drawn: breakdown.drawn
        .filter((d) => d.role === c.role)
        .flatMap((d) => [
          ...d.from.map((f) => `${grams(f.grams)} of it is left over from ${label(f.role).toLowerCase()}`),
          ...(d.short >= 1 ? [`${grams(d.short)} must come from the crumb box or be made`] : []),
        ]),
      optional: c.optional,
      lines: c.lines.map((l) => ({
        name: kitchen.library.ingredients.get(l.ingredient)?.name ?? l.ingredient,
        grams: onTheScale(l.grams),
      })),
      allergens: c.allergens.map((a) => a.allergen),
      others: othersFor(own, kitchen),
      exchanged: order.swaps[c.role] !== undefined && order.swaps[c.role] !== own.formula,
      batchWith: (batch?.members ?? [])
        .filter((m) => m.order !== order.id)
        .flatMap((m) => situation.orders.find((o) => o.id === m.order)?.title ?? []),
    };
  });
}

export function sectionOf(breakdown: Breakdown, order: Pick<OrderRow, 'tiers'>): SectionView {
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
