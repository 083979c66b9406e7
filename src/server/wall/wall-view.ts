import { OVEN } from '../../core/planning-format/problem';
import { readingOf } from '../../core/plan-reading/plan-reading';
import { say } from '../../core/words/say';
import { minuteOf, timeOf, type Clock } from '../../core/time/clock';
import type { PlanRow } from '../../data/repositories/plans';
import { orderId } from '../../core/ids/ids';
import { type Situation } from '../situation/situation';
import { headlineOf, type Headline } from './headline';
import { type LadderView, ladderOf, withDeciding } from '../ladder/ladder-view';
import { type HandView, type OvenView, type StoreView, ovensOf, storesOf } from './strips-view';
import { pinchViews, type PinchView } from './pinch-view';
import { todaysLoads } from './todays-loads';

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
  /** When and of what there is no room left. */
  pinches: PinchView[];
  /** What could be undone and done again, in words. */
  edits: { undo: string | null; redo: string | null };
}

export function wallView(
  situation: Situation,
  plan: PlanRow,
  edits: WallView['edits'] = { undo: null, redo: null },
  trouble: string | null = null,
): WallView {
  const { kitchen, minute } = situation;
  const reading = readingOf(plan);
  const loads = todaysLoads(situation, plan);
  const ladders = withDeciding(
    situation.orders.filter((o) => reading.order(orderId(o.id))).map((o) => ladderOf(o.id, situation, plan)),
    plan,
  );
  return {
    plan: plan.id,
    planned: say`planned ${timeOf(minuteOf(plan.madeAt, kitchen.clock), kitchen.clock).toFormat('ccc HH:mm')}: ${plan.reason}`,
    kitchen: kitchen.rows.kitchen.name,
    clock: kitchen.clock,
    minute,
    headline: headlineOf(ladders, plan, situation, trouble),
    ladders,
    hands: kitchen.rows.people.map((p) => ({
      id: p.id,
      name: p.name,
      initials: p.initials,
      shifts: plan.problem.people.find((x) => x.id === p.id)?.shifts ?? [],
      today: loads.get(p.id) ?? null,
    })),
    ovens: ovensOf(situation, plan),
    stores: storesOf(plan),
    things: kitchen.rows.equipment
      .filter((e) => e.kind !== OVEN)
      .map(({ id, name, kind, units }) => ({ id, name, kind, units })),
    pinches: pinchViews(situation, plan),
    edits,
  };
}
