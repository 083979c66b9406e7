import { say } from '../../core/words/say';
import { durationText } from '../../core/time/duration-text';
import { timeOf } from '../../core/time/clock';
import { explainOrder } from '../../core/planner/answers/explain-order';
import type { PlanRow } from '../../data/repositories/plans';
import { clashWords } from '../../core/formula/allergen-clash';
import { clashes } from '../../core/order/cake-clashes';
import { orderId } from '../../core/ids/ids';
import type { ToAgree } from '../../core/order/to-agree';
import { dayText } from '../../core/time/day-text';
import { type Situation } from '../situation/situation';
import { readingLines, type ReadingLine } from '../situation/reading-words';
import { stoodLines } from '../situation/stood-words';
import { shortWhy } from '../plan/link-words';
import type { LadderView } from '../ladder/ladder-view';
import { overdueWords } from './overdue-words';

/** The sentence above the wall: what to fix first, and the tap that fixes it. */
export interface Headline {
  tone: 'holds' | 'tight' | 'misses';
  text: string;
  /** An order to open, perhaps with what would help it, or with the step that what stood too long is used for; or planning again. */
  fix: { label: string; order: number; help: boolean; useAnyway?: string } | { label: string; replan: true } | null;
  counts: { holds: number; tight: number; misses: number };
}

export function headlineOf(
  ladders: LadderView[],
  plan: PlanRow,
  situation: Situation,
  { trouble, toAgree }: { trouble: string | null; toAgree: readonly ToAgree[] },
): Headline {
  const { clock } = situation.kitchen;
  const by = (state: string) => ladders.filter((l) => l.status.state === state);
  const misses = by('misses');
  const tight = by('tight');
  const counts = { misses: misses.length, tight: tight.length, holds: ladders.length - misses.length - tight.length };
  const [clash] = clashes(situation);
  if (clash) {
    const [id, list] = clash;
    const title = situation.orders.find((o) => o.id === id)!.title;
    const text = say`${title} contains what its eaters must not get: ${clashWords(list)}.`;
    return { tone: 'misses', text, fix: { label: say`Open it`, order: id, help: false }, counts };
  }
  if (trouble !== null) {
    const text = say`Planning failed: this plan does not know what was told last. ${trouble}`;
    return { tone: 'misses', text, fix: { label: say`Plan again`, replan: true }, counts };
  }
  const [stood] = stoodLines(situation, plan);
  if (stood) {
    const fix =
      stood.orders[0] === undefined
        ? null
        : { label: say`Open it`, order: stood.orders[0], help: false, useAnyway: stood.to };
    return { tone: 'misses', text: say`${stood.text}. Look at it before it goes on.`, fix, counts };
  }
  const tooFar = notYetUsed(plan, situation);
  const read = tooFar && readingHeadline(tooFar, counts);
  if (read && situation.minute - tooFar.minute <= NEWS) return read;
  const overdue = ladders.flatMap((l) =>
    l.rungs
      .filter((r) => r.state === 'overdue')
      .map(({ name, start }) => ({ name, start, order: l.order, title: l.title, pickup: l.pickup })),
  );
  if (overdue.length > 0) {
    const { text } = overdueWords(overdue, situation.minute, clock);
    return { tone: 'tight', text, fix: { label: say`Re-plan from now`, replan: true }, counts };
  }
  // What is due first: a late cake of today is not hidden behind a later one of tomorrow.
  const [worst, ...others] = [...misses].sort((a, b) => a.pickup - b.pickup);
  if (worst) {
    const today = timeOf(situation.minute, clock).endOf('day');
    const soon = others.filter((l) => timeOf(l.pickup, clock) <= today).map((l) => l.title);
    const also = soon.length > 0 ? ` ${say`Late today too: ${soon.join(', ')}.`}` : '';
    const text = `${missWords(worst, plan, situation)}${also}`;
    return { tone: 'misses', text, fix: { label: say`See what would help`, order: worst.order, help: true }, counts };
  }
  if (read) return read;
  const late = toAgree.find((u) => u.over);
  if (late) {
    const text = say`${late.title}: “${late.what}” should have been agreed by ${dayText(late.by)}. Ask the customer.`;
    return { tone: 'tight', text, fix: { label: say`Open it`, order: late.order, help: false }, counts };
  }
  const [tightest] = [...tight].sort((a, b) => a.pickup - b.pickup);
  if (tightest) {
    const { status, title, order } = tightest;
    const spare = status.state === 'tight' && status.spare !== null ? durationText(status.spare) : 'nothing';
    return {
      tone: 'tight',
      text: say`${title} has ${spare} to spare: let nothing slip there.`,
      fix: { label: say`Open it`, order, help: false },
      counts,
    };
  }
  const text =
    ladders.length > 0
      ? say`Everything will be ready.`
      : say`Nothing is on the wall yet: the ladder of the first order will stand here.`;
  return { tone: 'holds', text, fix: null, counts };
}

/** What was read so lately is told before all that is late; after that it has been seen, and does not stand in front of it. Minutes. */
const NEWS = 30;

function readingHeadline({ orders, text }: ReadingLine, counts: Headline['counts']): Headline {
  const [order] = orders;
  return {
    tone: 'tight',
    text: say`${orders.map((o) => o.title).join(' + ')}: ${text}`,
    fix: order ? { label: say`Open it`, order: order.id, help: false } : null,
    counts,
  };
}

/** What was read too far and is used all the same, as long as nothing that comes after it has begun: then it can still be made anew. */
function notYetUsed(plan: PlanRow, situation: Situation): ReadingLine | undefined {
  const next = (step: string) => plan.problem.waits.filter((w) => w.from === step).map((w) => w.to as string);
  return readingLines(situation).findLast((r) => r.tooFar && !next(r.step).some((to) => situation.states.has(to)));
}

/** By how much an order misses its pickup and why, of the plan as it stands. */
function missWords({ title, order, status }: LadderView, plan: PlanRow, situation: Situation): string {
  const { late, reason } = status.state === 'misses' ? status : { late: 0, reason: null };
  if (plan.plan.unplaced.some((u) => u.order === orderId(order)))
    return say`${title} has no place in the plan. ${reason ?? ''}`;
  const why = reason ?? shortWhy(explainOrder(plan.problem, plan.plan, orderId(order)) ?? [], situation);
  return say`${title} misses its pickup by ${durationText(late)}${why ? `: ${why}` : ''}.`;
}
