import { lengthOf, OVEN, type Problem } from '../../planning-format/problem';
import { type Span, mergeSpans } from '../../time/spans';
import { groupSteps } from './group-steps';
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

  const steps: StepModel[] = problem.steps.map((s) => {
    const needs: Need[] = s.uses.map((u) => ({ items: items(u.kind), units: u.units, celsius: null }));
    if (s.oven) needs.push({ items: items(OVEN), units: s.oven.units, celsius: s.oven.celsius });
    const skill = s.people?.skill ?? null;
    return {
      work: s.work,
      minutes: s.placed ? s.placed.end - s.placed.start : lengthOf(s),
      earliest: s.placed ? s.placed.start : Math.max(problem.now, s.earliest ?? problem.now),
      order: s.order === null ? -1 : orderIndex.get(s.order)!,
      ...condition(s.when),
      crew: s.people?.count ?? 0,
      candidates: s.people
        ? problem.people.flatMap((p, i) => (skill === null || p.skills.includes(skill) ? [i] : []))
        : [],
      needs,
      fixed: !s.placed ? FREE : s.placed.state === 'pinned' ? PINNED : FACT,
      waitsIn: [],
      waitsOut: [],
      holds: [],
    };
  });

  const waits: WaitModel[] = problem.waits.map((w, i) => {
    const from = stepIndex.get(w.from)!;
    const to = stepIndex.get(w.to)!;
    steps[from]!.waitsOut.push(i);
    steps[to]!.waitsIn.push(i);
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
    };
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

/** Pickups of a group's orders, by the index of the hand-over step. */
export function pickupsOf(model: Model, group: Group): Map<number, number> {
  return new Map(
    group.orders.map((o) => {
      const { collect, pickup } = model.problem.orders[o]!;
      return [model.stepIndex.get(collect)!, pickup];
    }),
  );
}
