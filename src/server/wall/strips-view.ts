import { celsiusWith } from '../../core/planning-format/lengths';
import { OVEN } from '../../core/planning-format/problem';
import { PLACES, STORE_PLACES, type StorePlace } from '../../core/kinds/places';
import type { HandLoad } from '../../core/plan-reading/loads';
import { readingOf } from '../../core/plan-reading/plan-reading';
import { skillNames } from '../../core/kitchen/person';
import { takenByStandingWork } from '../../core/kitchen/standing-work';
import type { Span } from '../../core/time/spans';
import type { PlanRow } from '../../data/repositories/plans';
import { onceAPlan } from '../plan/once-a-plan';
import { servedBy } from '../../core/situation/whose-step';
import { type Situation } from '../situation/situation';

/** Standing work that has somebody, or something. */
export interface StandingView {
  name: string;
  start: number;
  end: number;
}

export interface HandView {
  id: string;
  name: string;
  initials: string;
  shifts: Span[];
  standing: StandingView[];
  /** Of today's shift, how much is work; null on a day off. Minutes. */
  today: HandLoad | null;
}

export interface OvenView {
  id: string;
  name: string;
  slots: number;
  standing: StandingView[];
  loads: { step: string; name: string; start: number; end: number; celsius: number; units: number }[];
}

/** Shelves used against shelves there are; `used[i]` holds from `times[i]` to the next. */
export interface StoreView {
  kind: StorePlace;
  shelves: number;
  times: number[];
  used: number[];
}

/** As far back as the plan looks. Minutes. */
const LOOK_BACK = 1440;

/** What standing work has over the time of a plan: by person and by thing. */
export function standingOf({ kitchen }: Situation, { problem }: PlanRow): (id: string) => StandingView[] {
  const { standingWork, team, clock } = kitchen;
  if (standingWork.length === 0) return () => [];
  const hands = team.map((p) => ({ id: p.id, hours: p, skills: skillNames(p) }));
  const taken = takenByStandingWork(standingWork, hands, clock, [problem.now - LOOK_BACK, problem.horizon]);
  return (id) =>
    [...(taken.people.get(id) ?? []), ...(taken.items.get(id) ?? [])].map(({ name, span: [start, end] }) => ({
      ...{ name, start, end },
    }));
}

export function ovensOf(situation: Situation, plan: PlanRow): OvenView[] {
  const standing = standingOf(situation, plan);
  return situation.kitchen.rows.items
    .filter((e) => e.kind === OVEN)
    .map((e) => ({
      id: e.id,
      name: e.name,
      slots: e.units,
      standing: standing(e.id),
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
