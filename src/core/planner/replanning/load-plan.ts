import { pickupsOf, type Model } from '../model/model';
import type { Group } from '../model/step-model';
import { placeSteps } from '../placing/place-steps';
import type { Plan, PlannedStep } from '../../planning-format/plan';
import { plainPreference, type Preference } from '../table/preference';
import type { Timetable } from '../table/timetable';

/** Where an earlier plan had things, by index of today's problem. Steps it did not know are null. */
export interface EarlierPlan {
  steps: (PlannedStep | null)[];
  prefer: Preference;
  /** Choice it took on a route, or −1. */
  choice: (route: number) => number;
}

/** Reads an earlier plan against today's problem, in which people, items, steps and routes may have changed. */
export function readEarlier(model: Model, plan: Plan): EarlierPlan {
  const byId = new Map(plan.steps.map((s) => [s.id, s]));
  const steps = model.problem.steps.map((s) => byId.get(s.id) ?? null);
  const plain = plainPreference(model);
  const items = (given: Plan['waits'], index: ReadonlyMap<string, number>, count: number) => {
    const of = new Int32Array(count).fill(-1);
    for (const { id, equipment } of given) {
      const [which, item] = [index.get(id), model.itemIndex.get(equipment)];
      if (which !== undefined && item !== undefined) of[which] = item;
    }
    return of;
  };
  const indexOf = (list: readonly { id: string }[]) => new Map(list.map((x, i) => [x.id, i]));
  const waits = items(plan.waits, indexOf(model.problem.waits), model.problem.waits.length);
  const holds = items(plan.holds, indexOf(model.problem.holds), model.problem.holds.length);
  const before = (list: string[] | undefined, id: string) => (list?.includes(id) ? -1000 : 0);
  return {
    steps,
    prefer: {
      person: (s, p) => plain.person(s, p) + before(steps[s]?.people, model.problem.people[p]!.id),
      item: (s, i) => plain.item(s, i) + before(steps[s]?.equipment, model.problem.equipment[i]!.id),
      // Without this, what fitted into two full fridges might not fit again: who comes first would take any of them.
      wait: (w) => waits[w] ?? -1,
      hold: (h) => holds[h] ?? -1,
      mode: (s) => (steps[s] ? modeBefore(model, s, steps[s]) : 0),
    },
    choice: (route) => {
      const { id, choices } = model.problem.routes[route]!;
      return choices.indexOf(plan.routes[id] ?? '');
    },
  };
}

/** The way of doing a step that the earlier plan had: by those people, or in that oven. The quickest where that is none any more. */
function modeBefore(model: Model, step: number, { people, equipment }: PlannedStep): number {
  const hands = people.flatMap((id) => model.personIndex.get(id) ?? []);
  const oven = model.itemIndex.get(equipment.at(-1) ?? '') ?? -1;
  const same = model.steps[step]!.modes.findIndex(({ candidates, slowest, needs }) =>
    hands.length > 0
      ? hands.every((p) => candidates.includes(p)) && hands.some((p) => slowest.includes(p))
      : needs.at(-1)?.items.includes(oven),
  );
  return Math.max(0, same);
}

/** Takes the earlier plan's choice on every route of a group that it knew. */
export function takeEarlierRoutes(table: Timetable, group: Group, earlier: EarlierPlan): void {
  for (const r of group.routes) if (earlier.choice(r) >= 0) table.choice[r] = earlier.choice(r);
}

/**
 * Puts a group exactly where the earlier plan had it, if that still obeys every rule. Returns false, with the group out
 * of the timetable, if one step of it cannot stay or is new.
 */
export function placeAsBefore(table: Timetable, group: Group, earlier: EarlierPlan): boolean {
  const was = (step: number) => earlier.steps[step]?.start;
  for (const s of group.steps)
    if (table.model.steps[s]!.fixed === 0 && table.exists(s) && was(s) === undefined) return false;
  // A pickup may have been moved since: nobody hands over before it.
  const pickups = pickupsOf(table.model, group);
  return placeSteps(table, group, {
    direction: 'earliest',
    prefer: earlier.prefer,
    noise: () => 0,
    low: (s) => Math.max(was(s) ?? -Infinity, pickups.get(s) ?? -Infinity),
    high: (s) => was(s) ?? Infinity,
  }).ok;
}
