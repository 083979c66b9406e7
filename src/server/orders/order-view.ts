import { say } from '../../core/words/say';
import { pickupText } from './pickup-text';
import { stoodLines, usedLines } from '../situation/stood-words';
import type { ByProduct } from '../../core/formula/formula';
import { cakeName } from '../../core/breakdown/amounts/cake';
import { grams } from '../../core/breakdown/steps/words';
import { openSteps } from '../../core/floor/open-steps';
import type { Allergen } from '../../core/formula/formula';
import type { Clock } from '../../core/time/clock';
import type { OrderRow } from '../../data/repositories/orders';
import type { PlanRow } from '../../data/repositories/plans';
import { breakDownOrder } from '../../core/situation/break-down-orders';
import { orderId, routeId } from '../../core/ids/ids';
import { type Situation } from '../situation/situation';
import { questionsOf, type QuestionChoice } from '../builds/build-choices';
import type { LoadedKitchen } from '../situation/load-kitchen';
import { longestWait } from '../plan/longest-wait';
import { ladderOf, withDeciding, type LadderView } from '../ladder/ladder-view';
import { newerRules, type NewerRules } from './newer-rules';
import { type PartView, partsOf } from './part-view';
import { type SectionView, sectionOf } from './section-view';

const LEFT_OVER_WORDS: Record<ByProduct, string> = {
  ...{ trimmings: 'trimmings', 'run-off': 'run-off' },
  ...{ paste: say`trimmed paste`, rest: say`more than is needed` },
};

/** An order with all that is computed from it. */
export interface OrderView {
  id: number;
  version: number;
  title: string;
  customer: string;
  /** “Sat 22 May, 12:30” */
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
  } | null;
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
  const own = orderId(order.id);
  const onWall = plan && order.state === 'open' && plan.problem.orders.some((o) => o.id === own);
  return {
    id: order.id,
    version: order.version,
    title: order.title,
    customer: order.customer,
    pickup: pickupText(order.pickup, kitchen.clock),
    portions: order.portions,
    buildName: build.name,
    sizeName: cakeName(order.tiers),
    ...{ inscription: order.inscription, note: order.note, avoid: order.avoid, state: order.state },
    without: build.components.filter((c) => order.without.includes(c.role)).map(({ role, label }) => ({ role, label })),
    parts: partsOf(breakdown, kitchen, order, situation),
    section: sectionOf(breakdown, build.portion, kitchen.library.coefficients),
    allergens: breakdown.allergens,
    cautions: [...new Set(breakdown.steps.flatMap((s) => s.caution ?? []))],
    questions: questionsOf(build, kitchen).map((q) => ({
      ...q,
      own: order.choices[q.key] ?? '',
      taken: q.choices.find((c) => c.key === plan?.plan.routes[routeId(own, q.key)])?.name ?? '',
    })),
    leftOvers: breakdown.leftOvers.map((l) => {
      const label = (role: string) => breakdown.components.find((c) => c.role === role)?.label ?? role;
      const uses = l.uses.map((u) => say`${grams(u.grams)} into ${label(u.by).toLowerCase()}`);
      const all = say`${grams(l.grams)} ${LEFT_OVER_WORDS[l.kind]} of ${label(l.from)}`;
      if (uses.length === 0) return say`${all} over`;
      return `${all}: ${[...uses, ...(l.left >= 1 ? [say`${grams(l.left)} over`] : [])].join(', ')}`;
    }),
    newer: breakdown.components.flatMap((c) => {
      const newest = kitchen.rows.formulas.find((f) => f.id === c.formula.id)?.version ?? 1;
      const has = order.versions[c.formula.id] ?? newest;
      return has < newest ? [{ id: c.formula.id, name: c.formula.name, has, newest }] : [];
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
        }
      : null,
  };
}
