import { cakeCalled } from '../../core/compose/cake-called';
import { madeAlike } from '../../core/formula/made-alike';
import { valueAt } from '../../core/ids/value-at';
import { say } from '../../core/words/say';
import { shownTiers } from '../../core/breakdown/strata/cut-away';
import type { CuttingFigures } from '../../core/shape/cutting-scheme';
import type { Form } from '../../core/shape/form';
import type { PortionKind } from '../../core/shape/portions';
import type { KitchenDb } from '../../data/kitchen-db';
import { agreedView, type AgreedView } from './agreed-view';
import { costText, notInTime } from './buying';
import { pickupText } from './pickup-text';
import { contactLines } from '../situation/contact-words';
import { readingLines } from '../situation/reading-words';
import { stoodLines, usedLines } from '../situation/stood-words';
import type { ByProduct } from '../../core/formula/formula';
import { cakeName } from '../../core/breakdown/amounts/cake';
import { grams } from '../../core/breakdown/steps/words';
import { openSteps } from '../../core/floor/open-steps';
import type { Allergen } from '../../core/formula/formula';
import type { Clock } from '../../core/time/clock';
import type { OrderRow } from '../../data/repositories/orders';
import type { PlanRow } from '../../data/repositories/plans';
import { breakDownOrder, designOfOrder } from '../../core/situation/break-down-orders';
import { orderId, routeId } from '../../core/ids/ids';
import { type Situation } from '../situation/situation';
import { questionsOf, type QuestionChoice } from '../../core/compose/questions';
import type { LoadedKitchen } from '../situation/load-kitchen';
import { longestWait } from '../plan/longest-wait';
import { ladderOf, withDeciding, type LadderView } from '../ladder/ladder-view';
import { newerRules, type NewerRules } from './newer-rules';
import { type PartView, partsOf } from './part-view';
import { type TierParts, tierPartsOf } from './tier-parts-view';
import { type SectionView, sectionOf } from './section-view';

const LEFT_OVER_WORDS: Record<ByProduct, string> = {
  ...{ trimmings: 'trimmings', 'run-off': 'run-off' },
  ...{ paste: say`trimmed paste`, rest: say`more than is needed` },
};

/** An order with all that is computed from it. */
export interface OrderView {
  id: number;
  agreed: AgreedView;
  /** Its pieces as they are cut for its kind of portions. */
  cut: { pieces: { form: Form; height: number }[]; kind: PortionKind; figures: CuttingFigures; sliceWidth: number };
  version: number;
  title: string;
  customer: string;
  /** “Sat 22 May, 12:30” */
  pickup: string;
  portions: number;
  /** As its build, or after what is in it where nothing of that is left. */
  called: string;
  sizeName: string;
  inscription: string;
  note: string;
  avoid: Allergen[];
  without: { role: string; label: string }[];
  state: OrderRow['state'];
  parts: PartView[];
  section: SectionView;
  /** Its parts by tier, where it has several pieces. */
  tierParts: TierParts[];
  allergens: { allergen: Allergen; from: string[] }[];
  /** Where what its eaters must not get comes near it by shared things, as the plan stands. */
  contacts: string[];
  cautions: string[];
  /** What its ingredients cost, in words; null where no prices are known. */
  cost: string | null;
  /** Schools and routes that matter for it, with the order's own answer ('' follows the kitchen or the planner). */
  questions: (QuestionChoice & { own: string; taken: string })[];
  /** What is left over of its parts, and where it goes. */
  leftOvers: string[];
  /** Formulas of which there is a newer version than the one it was planned with. */
  newer: { id: string; name: string; has: number; newest: number }[];
  /** What today’s figures and rules would change; null where it has not been begun. */
  newerRules: NewerRules | null;
  planned: {
    /** Number of the plan. */
    plan: number;
    clock: Clock;
    minute: number;
    ladder: LadderView;
    open: string[];
    needs: string | null;
    leftOut: string | null;
    /** What of it stands longer than it may. */
    stood: { step: string; text: string }[];
    /** What had stood too long and was used all the same, with when and why. */
    usedAnyway: string[];
    /** What was read at the bench, and whether it had gone too far. */
    readings: { text: string; tooFar: boolean }[];
    /** What it needs that no supplier brings in time. */
    notInTime: string[];
  } | null;
}

export async function orderView(
  db: KitchenDb,
  order: OrderRow,
  kitchen: LoadedKitchen,
  situation: Situation,
  plan: PlanRow | null,
): Promise<OrderView> {
  const breakdown = situation.breakdowns.get(order.id) ?? breakDownOrder(order, kitchen);
  const design = designOfOrder(order, kitchen)!;
  const { clock } = kitchen;
  const own = orderId(order.id);
  const onWall = plan && order.state === 'open' && plan.problem.orders.some((o) => o.id === own);
  const { coefficients } = kitchen.library;
  return {
    id: order.id,
    agreed: await agreedView(db, order, design, breakdown, situation),
    cut: {
      pieces: shownTiers(breakdown.cake.tiers).map(({ form, height }) => ({ form, height })),
      ...{ kind: design.portion, figures: coefficients.cutting, sliceWidth: coefficients.portions.sliceWidth },
    },
    version: order.version,
    title: order.title,
    customer: order.customer,
    pickup: pickupText(order.pickup, kitchen.clock),
    portions: order.portions,
    called: cakeCalled(design, kitchen.builds.get(order.build)),
    sizeName: cakeName(order.tiers),
    ...{ inscription: order.inscription, note: order.note, avoid: order.avoid, state: order.state },
    without: design.parts.filter((c) => order.without.includes(c.role)).map(({ role, label }) => ({ role, label })),
    parts: partsOf(breakdown, kitchen, order, situation),
    section: sectionOf(breakdown, design, kitchen.library),
    tierParts: tierPartsOf(breakdown),
    allergens: breakdown.allergens,
    contacts: onWall ? contactLines(order, situation, plan.plan.steps).map((c) => c.text) : [],
    cautions: [...new Set(breakdown.steps.flatMap((s) => s.caution ?? []))],
    questions: questionsOf(design, kitchen.library).map((q) => ({
      ...q,
      own: valueAt(order.choices, q.key) ?? '',
      taken: q.choices.find((c) => c.key === plan?.plan.routes[routeId(own, q.key)])?.name ?? '',
    })),
    cost: costText(breakdown, kitchen),
    leftOvers: breakdown.leftOvers.map((l) => {
      const label = (role: string) => breakdown.components.find((c) => c.role === role)?.label ?? role;
      const uses = l.uses.map((u) => say`${grams(u.grams)} into ${label(u.by).toLowerCase()}`);
      const all = say`${grams(l.grams)} ${LEFT_OVER_WORDS[l.kind]} of ${label(l.from)}`;
      if (uses.length === 0) return say`${all} over`;
      return `${all}: ${[...uses, ...(l.left >= 1 ? [say`${grams(l.left)} over`] : [])].join(', ')}`;
    }),
    newer: [...new Map(breakdown.components.map((c) => [c.formula.id, c.formula])).values()].flatMap((formula) => {
      const newest = kitchen.rows.formulas.find((f) => f.id === formula.id);
      const has = newest && (valueAt(order.versions, formula.id) ?? newest.version);
      // A version that only took it out of use is made like the one before.
      if (!newest || has === undefined || has >= newest.version || madeAlike(formula, newest.body)) return [];
      return [{ id: formula.id, name: formula.name, has, newest: newest.version }];
    }),
    newerRules: order.state === 'open' ? newerRules(order, situation) : null,
    planned: onWall
      ? {
          plan: plan.id,
          clock,
          minute: situation.minute,
          ladder: withDeciding([ladderOf(order.id, situation, plan)], plan)[0]!,
          open: openSteps(plan.problem, plan.plan, situation.states, own).map((s) => s.name),
          needs: longestWait(plan, order.id),
          leftOut: plan.plan.unplaced.find((u) => u.order === own)?.reason ?? null,
          stood: stoodLines(situation, plan).flatMap((s) =>
            s.orders.includes(order.id) ? { step: s.to, text: s.text } : [],
          ),
          usedAnyway: usedLines(order.id, situation),
          readings: readingLines(situation)
            .filter((r) => r.orders.some((o) => o.id === order.id))
            .map(({ text, tooFar }) => ({ text, tooFar })),
          notInTime: notInTime(order.id, situation, plan),
        }
      : null,
  };
}
