import { ovenChoices } from '../../planning-format/lengths';
import { OVEN, type Problem, type Step } from '../../planning-format/problem';
import { type Span, mergeSpans } from '../../time/spans';
import { groupSteps } from './group-steps';
import { modesOf } from './step-modes';
import {
  type WaitModel,
  type HoldModel,
  type Need,
  FREE,
  FACT,
  PINNED,
  type StepModel,
  type Group,
} from './step-model';

/** A problem that was read without complaint, with every reference turned into an index. */
export interface Model {
  problem: Problem;
  steps: StepModel[];
  /** Those of the problem in its order, and then what else is asked of some of them. */
  waits: WaitModel[];
  /** The least gap of each wait, and the one that it wishes for. */
  shortest: Int32Array;
  wished: Int32Array;
  holds: HoldModel[];
  groups: Group[];
  /** Index of its group for every step. */
  groupOf: Int32Array;
  /** Spans in which at least one person is on shift, merged. */
  attended: Span[];
  stepIndex: Map<string, number>;
  personIndex: Map<string, number>;
  itemIndex: Map<string, number>;
  orderIndex: Map<string, number>;
}

const indexOf = (list: { id: string }[]) => new Map(list.map((x, i) => [x.id, i]));

/** Compiles a valid problem. Never call it with one that `readProblem` refused. */
export function compile(problem: Problem): Model {
  const stepIndex = indexOf(problem.steps);
  const personIndex = indexOf(problem.people);
  const itemIndex = indexOf(problem.equipment);
  const orderIndex = indexOf(problem.orders);
  const routeIndex = indexOf(problem.routes);
  const itemsOfKind = new Map<string, number[]>();
  problem.equipment.forEach((e, i) => itemsOfKind.set(e.kind, [...(itemsOfKind.get(e.kind) ?? []), i]));
  const items = (kind: string) => itemsOfKind.get(kind) ?? [];
  const condition = (when?: { route: string; choice: string }) => {
    const route = when ? routeIndex.get(when.route)! : -1;
    return { route, choice: when ? problem.routes[route]!.choices.indexOf(when.choice) : -1 };
  };

  /** The oven of a step: those of its list, where it has one; a placed one is in its own. */
  const ovenNeed = (s: Step, { celsius, units }: NonNullable<Step['oven']>): Need => {
    const choices = ovenChoices(s);
    const own = choices.find((c) => c.equipment === s.placed?.equipment.at(-1));
    const listed = choices.map((c) => itemIndex.get(c.equipment)!);
    return { items: choices.length > 0 ? listed : items(OVEN), units, celsius: own?.celsius ?? celsius };
  };
  const steps: StepModel[] = problem.steps.map((s) => {
    const needs: Need[] = s.uses.map((u) => ({ items: items(u.kind), units: u.units, celsius: null }));
    if (s.oven) needs.push(ovenNeed(s, s.oven));
    const skill = s.people?.skill ?? null;
    const candidates = s.people
      ? problem.people.flatMap((p, i) => (skill === null || p.skills.includes(skill) ? [i] : []))
      : [];
    return {
      work: s.work,
      earliest: s.placed ? s.placed.start : Math.max(problem.now, s.earliest ?? problem.now),
      order: s.order === null ? -1 : orderIndex.get(s.order)!,
      ...condition(s.when),
      crew: s.people?.count ?? 0,
      candidates,
      needs,
      modes: modesOf(problem, s, candidates, needs),
      fixed: !s.placed ? FREE : s.placed.state === 'pinned' ? PINNED : FACT,
      waitsIn: [],
      waitsOut: [],
      holds: [],
      lends: false,
      lentTo: [],
    };
  });

  const waits: WaitModel[] = problem.waits.map((w) => {
    const from = stepIndex.get(w.from)!;
    const to = stepIndex.get(w.to)!;
    return {
      from,
      to,
      min: w.min,
      max: w.max ?? Infinity,
      items: w.place === null ? null : items(w.place),
      units: w.units,
      ageing: w.ageing,
      wish: w.wish && w.wish.cost > 0 && w.wish.least > w.min ? w.wish : null,
      ...condition(w.when),
      past: steps[from]!.fixed === FACT && steps[to]!.fixed === FACT,
      sameAs: w.sameItemAs === undefined ? -1 : stepIndex.get(w.sameItemAs)!,
      offset: 0,
    };
  });
  problem.waits.forEach((w, i) => {
    if (w.attended) waits.push(beside(waits[i]!, [attendance(problem)], 0));
    if (w.heat)
      waits.push(
        beside(
          waits[i]!,
          waits[i]!.items!.map((item) => item + coldOven(problem)),
          coldOven(problem),
        ),
      );
  });
  waits.forEach((w, i) => {
    steps[w.from]!.waitsOut.push(i);
    steps[w.to]!.waitsIn.push(i);
    if (w.sameAs < 0) return;
    steps[w.sameAs]!.lends = true;
    if (w.sameAs !== w.from && w.sameAs !== w.to) steps[w.sameAs]!.lentTo.push(i);
  });
  const holds: HoldModel[] = problem.holds.map((h, i) => {
    const from = stepIndex.get(h.from)!;
    const until = stepIndex.get(h.until)!;
    steps[from]!.holds.push(i);
    if (until !== from) steps[until]!.holds.push(i);
    return { from, until, items: items(h.kind), units: h.units, ...condition(h.when) };
  });

  const groups = groupSteps(steps, waits, holds);
  const groupOf = new Int32Array(steps.length);
  groups.forEach((g, i) => g.steps.forEach((s) => (groupOf[s] = i)));
  return {
    problem,
    steps,
    waits,
    shortest: Int32Array.from(waits, (w) => w.min),
    wished: Int32Array.from(waits, (w) => w.wish?.least ?? w.min),
    holds,
    groups,
    groupOf,
    attended: mergeSpans(problem.people.flatMap((p) => p.shifts)),
    stepIndex,
    personIndex,
    itemIndex,
    orderIndex,
  };
}

/**
 * What is asked of a wait beside its place, as a second wait that costs nothing: it takes room in something that nobody sees, as it would on a
 * shelf. Such waits come after those of the problem.
 */
function beside(w: WaitModel, items: number[], offset: number): WaitModel {
  const sameAs = offset > 0 ? w.sameAs : -1;
  return { ...w, items, units: 1, ageing: 0, wish: null, sameAs, offset };
}

/** Index, after those of the equipment, of the item that is open while somebody is on shift. */
export const attendance = ({ equipment }: Problem): number => equipment.length;

/** An oven's index and this: the item that is open while nothing is baked in it. */
export const coldOven = ({ equipment }: Problem): number => equipment.length + 1;

/** Pickups of a group's orders, by the index of the hand-over step. */
export function pickupsOf(model: Model, group: Group): Map<number, number> {
  return new Map(
    group.orders.map((o) => {
      const { collect, pickup } = model.problem.orders[o]!;
      return [model.stepIndex.get(collect)!, pickup];
    }),
  );
}
