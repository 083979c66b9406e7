import { say, term } from '../../core/words/say';
import { PLACES, STORE_PLACES } from '../../core/kinds/places';
import { pinchesOf, type Full } from '../../core/plan-reading/pinches';
import type { PlanRow } from '../../data/repositories/plans';
import { onceAPlan } from '../plan/once-a-plan';
import { namesOf } from '../situation/names';
import { type Situation } from '../situation/situation';

/** Hours in which there is no room left, and of what. Minutes after the clock's origin. */
export interface PinchView {
  start: number;
  end: number;
  /** "hands to decorate" */
  what: string;
  /** As short as may be: "decorate" */
  short: string;
  kind: Full['kind'];
  /** The fullest hour, as a share. */
  share: number;
  people: string[];
  items: string[];
}

const SHELVES = STORE_PLACES.filter((place) => PLACES[place].cools);

const pinchesIn = onceAPlan((plan) => {
  const { now, orders } = plan.problem;
  return pinchesOf(plan, [now, Math.max(now, ...orders.map((o) => o.pickup))], SHELVES);
});

/** Where it pinches from now to the end of the plan, the earliest first. */
export function pinchViews(situation: Situation, plan: PlanRow): PinchView[] {
  const names = namesOf(situation);
  const what = (full: Full) => {
    switch (full.kind) {
      case 'hands':
        return say`hands to ${full.skills.map((s) => term(s)).join(', ')}`;
      case 'oven':
        return names.item(full.item);
      case 'shelves':
        return say`${term(full.place)} shelves`;
    }
  };
  const short = (full: Full) => {
    if (full.kind === 'oven') return names.item(full.item);
    return full.kind === 'hands' ? full.skills.map((s) => term(s)).join(', ') : term(full.place);
  };
  return pinchesIn(plan)
    .filter((p) => p.end > situation.minute)
    .map(({ full, ...pinch }) => ({ ...pinch, what: what(full), short: short(full), kind: full.kind }))
    .sort((a, b) => a.start - b.start || b.share - a.share);
}
