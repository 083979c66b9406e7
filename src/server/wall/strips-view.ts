import { celsiusWith } from '../../core/planning-format/lengths';
import { OVEN } from '../../core/planning-format/problem';
import { PLACES, STORE_PLACES, type StorePlace } from '../../core/kinds/places';
import type { HandLoad } from '../../core/plan-reading/loads';
import { readingOf } from '../../core/plan-reading/plan-reading';
import type { Span } from '../../core/time/spans';
import type { PlanRow } from '../../data/repositories/plans';
import { onceAPlan } from '../plan/once-a-plan';
import { servedBy } from '../../core/situation/whose-step';
import { type Situation } from '../situation/situation';

export interface HandView {
  id: string;
  name: string;
  initials: string;
  shifts: Span[];
  /** Of today's shift, how much is work; null on a day off. Minutes. */
  today: HandLoad | null;
}

export interface OvenView {
  id: string;
  name: string;
  slots: number;
  loads: { step: string; name: string; start: number; end: number; celsius: number; units: number }[];
}

/** Shelves used against shelves there are; `used[i]` holds from `times[i]` to the next. */
export interface StoreView {
  kind: StorePlace;
  shelves: number;
  times: number[];
  used: number[];
}

export function ovensOf(situation: Situation, plan: PlanRow): OvenView[] {
  return situation.kitchen.rows.equipment
    .filter((e) => e.kind === OVEN)
    .map((e) => ({
      id: e.id,
      name: e.name,
      slots: e.units,
      loads: plan.problem.steps.flatMap((s) => {
        const at = readingOf(plan).planned(s.id);
        if (!s.oven || !at?.equipment.includes(e.id)) return [];
        const name = `${servedBy(s.id, situation)
          .map((o) => o.title)
          .join(' + ')}: ${s.name}`;
        const celsius = celsiusWith(s, at.equipment) ?? s.oven.celsius;
        return [{ step: s.id, name, start: at.start, end: at.end, celsius, units: s.oven.units }];
      }),
    }));
}

/** Cold and dry places, with how many of their shelves the plan uses over time. */
export const storesOf = onceAPlan((plan): StoreView[] => {
  const reading = readingOf(plan);
  const kinds = STORE_PLACES.filter((place) => PLACES[place].cools);
  const kindOf = new Map(plan.problem.equipment.map((e) => [e.id, e.kind]));
  return kinds.map((kind) => {
    const changes = new Map<number, number>();
    const change = (t: number, by: number) => changes.set(t, (changes.get(t) ?? 0) + by);
    for (const { wait: w, from, to } of reading.waits) {
      const item = reading.itemOfWait(w.id);
      if (!item || kindOf.get(item) !== kind || to.start <= from.end) continue;
      change(from.end, w.units);
      change(to.start, -w.units);
    }
    const times = [...changes.keys()].sort((a, b) => a - b);
    let level = 0;
    const used = times.map((t) => (level += changes.get(t)!));
    const shelves = plan.problem.equipment.filter((e) => e.kind === kind).reduce((sum, e) => sum + e.units, 0);
    return { kind, shelves, times, used };
  });
});
