import { OVEN } from '../../core/planning-format/problem';
import { readingOf } from '../../core/plan-reading/plan-reading';
import { say } from '../../core/words/say';
import { minuteOf, timeOf, type Clock } from '../../core/time/clock';
import type { PlanRow } from '../../data/repositories/plans';
import { orderId } from '../../core/ids/ids';
import { type Situation } from '../situation/situation';
import { toAgree, type ToAgree } from '../../core/order/to-agree';
import { dayText } from '../../core/time/day-text';
import { headlineOf, type Headline } from './headline';
import { type LadderView, ladderOf, withDeciding } from '../ladder/ladder-view';
import { type HandView, type OvenView, type StoreView, ovensOf, standingOf, storesOf } from './strips-view';
import { pinchViews, type PinchView } from './pinch-view';
import { todaysLoads } from './todays-loads';

/** Something that is to be agreed, its day in words. */
type AgreedSoon = Pick<ToAgree, 'order' | 'title' | 'what' | 'over'> & { by: string };

/** So many days ahead the wall asks for what is to be agreed. */
const DAYS_AHEAD = 7;

/** All times are minutes after the clock's origin. */
export interface WallView {
  /** Number of the plan that is shown. */
  plan: number;
  /** When it was made, and why. */
  planned: string;
  kitchen: string;
  clock: Clock;
  minute: number;
  headline: Headline;
  ladders: LadderView[];
  hands: HandView[];
  ovens: OvenView[];
  stores: StoreView[];
  /** Things that steps use and hold, the ovens apart: to filter by, and for their load. */
  things: { id: string; name: string; kind: string; units: number }[];
  /** What customers have yet to decide within the next days, or should have. */
  toAgree: AgreedSoon[];
  /** When and of what there is no room left. */
  pinches: PinchView[];
  /** What could be undone and done again, in words. */
  edits: { undo: string | null; redo: string | null };
  /** That the last backup failed, and why. */
  backup: string | null;
}

/** What the wall says beside the plan itself. */
interface Beside {
  edits: WallView['edits'];
  /** Why the newest plan could not be made. */
  trouble: string | null;
  backup: string | null;
}

export function wallView(
  situation: Situation,
  plan: PlanRow,
  { edits, trouble, backup }: Beside = { edits: { undo: null, redo: null }, trouble: null, backup: null },
): WallView {
  const { kitchen, minute } = situation;
  const reading = readingOf(plan);
  const loads = todaysLoads(situation, plan);
  const ladders = withDeciding(
    situation.orders.filter((o) => reading.order(orderId(o.id))).map((o) => ladderOf(o.id, situation, plan)),
    plan,
  );
  const standing = standingOf(situation, plan);
  const today = timeOf(minute, kitchen.clock);
  const soon = toAgree(situation.orders, today.toISODate()!, today.plus({ days: DAYS_AHEAD }).toISODate()!);
  return {
    plan: plan.id,
    planned: say`planned ${timeOf(minuteOf(plan.madeAt, kitchen.clock), kitchen.clock).toFormat('ccc HH:mm')}: ${plan.reason}`,
    kitchen: kitchen.rows.kitchen.name,
    clock: kitchen.clock,
    minute,
    headline: headlineOf(ladders, plan, situation, { trouble, toAgree: soon }),
    ladders,
    hands: kitchen.rows.people.map((p) => ({
      standing: standing(p.id),
      id: p.id,
      name: p.name,
      initials: p.initials,
      shifts: plan.problem.people.find((x) => x.id === p.id)?.shifts ?? [],
      today: loads.get(p.id) ?? null,
    })),
    ovens: ovensOf(situation, plan),
    stores: storesOf(plan),
    things: kitchen.rows.items
      .filter((e) => e.kind !== OVEN)
      .map(({ id, name, kind, units }) => ({ id, name, kind, units })),
    toAgree: soon.map(({ order, title, what, by, over }) => ({ order, title, what, by: dayText(by), over })),
    pinches: pinchViews(situation, plan),
    edits,
    backup,
  };
}
