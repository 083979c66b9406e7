import { OVEN, type Problem, type Work } from '../../planning-format/problem';
import { type Span, mergeSpans } from '../../time/spans';

/** A wait between two steps, by index. `items` is null on the open bench. */
export interface WaitModel {
  from: number;
  to: number;
  min: number;
  /** Infinity where the problem says null. */
  max: number;
  items: number[] | null;
  units: number;
  ageing: number;
  route: number;
  choice: number;
  /** Both ends are done or running: nothing to obey any more. */
  past: boolean;
}

export interface HoldModel {
  from: number;
  until: number;
  items: number[];
  units: number;
  route: number;
  choice: number;
}

/** One entry of a step's `uses`, or its oven (then with a temperature). */
interface Need {
  items: number[];
  units: number;
  celsius: number | null;
}

export const FREE = 0;

export const FACT = 1;

const PINNED = 2;

export interface StepModel {
  work: Work;
  minutes: number;
  /** Not before now, and not before its own earliest; for a placed one its start. */
  earliest: number;
  order: number;
  route: number;
  choice: number;
  crew: number;
  /** People who could do it, by index. */
  candidates: number[];
  needs: Need[];
  fixed: typeof FREE | typeof FACT | typeof PINNED;
  /** Indices into `waits` and `holds`. */
  waitsIn: number[];
  waitsOut: number[];
  holds: number[];
}

/** Steps that hang together, by order, wait, hold or route: they are planned as one. */
export interface Group {
  steps: number[];
  waits: number[];
  holds: number[];
  orders: number[];
  routes: number[];
}

/** A problem that was read without complaint, with every reference turned into an index. */
export interface Model {
  problem: Problem;
  steps: StepModel[];
  waits: WaitModel[];
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
      minutes: s.placed ? s.placed.end - s.placed.start : s.minutes.likely,
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

function groupSteps(steps: StepModel[], waits: WaitModel[], holds: HoldModel[]): Group[] {
  const parent = steps.map((_, i) => i);
  const find = (i: number): number => {
    while (parent[i] !== i) {
      parent[i] = parent[parent[i]!]!;
      i = parent[i]!;
    }
    return i;
  };
  const join = (a: number, b: number) => {
    parent[find(a)] = find(b);
  };
  const firstOf = new Map<string, number>();
  const joinBy = (key: string, step: number) => {
    const first = firstOf.get(key);
    if (first === undefined) firstOf.set(key, step);
    else join(first, step);
  };
  steps.forEach((s, i) => {
    if (s.order >= 0) joinBy(`order ${s.order}`, i);
    if (s.route >= 0) joinBy(`route ${s.route}`, i);
  });
  for (const w of waits) {
    join(w.from, w.to);
    if (w.route >= 0) joinBy(`route ${w.route}`, w.from);
  }
  for (const h of holds) {
    join(h.from, h.until);
    if (h.route >= 0) joinBy(`route ${h.route}`, h.from);
  }

  const groups = new Map<number, Group>();
  const groupOf = (step: number) => {
    const root = find(step);
    let group = groups.get(root);
    if (!group) groups.set(root, (group = { steps: [], waits: [], holds: [], orders: [], routes: [] }));
    return group;
  };
  const addOnce = (list: number[], value: number) => {
    if (value >= 0 && !list.includes(value)) list.push(value);
  };
  steps.forEach((s, i) => {
    const group = groupOf(i);
    group.steps.push(i);
    addOnce(group.orders, s.order);
    addOnce(group.routes, s.route);
  });
  waits.forEach((w, i) => {
    const group = groupOf(w.from);
    group.waits.push(i);
    addOnce(group.routes, w.route);
  });
  holds.forEach((h, i) => {
    const group = groupOf(h.from);
    group.holds.push(i);
    addOnce(group.routes, h.route);
  });
  const depths = depthsOf(steps, waits);
  for (const g of groups.values()) g.waits.sort((a, b) => depths[waits[a]!.from]! - depths[waits[b]!.from]!);
  return [...groups.values()];
}

/** The most waits on any way to a step: its place in the order of the network. Waits have no cycles. */
function depthsOf(steps: StepModel[], waits: WaitModel[]): Int32Array {
  const depths = new Int32Array(steps.length);
  const open = Int32Array.from(steps, (s) => s.waitsIn.length);
  const ready = steps.flatMap((_, i) => (open[i] === 0 ? [i] : []));
  for (let step = ready.pop(); step !== undefined; step = ready.pop())
    for (const i of steps[step]!.waitsOut) {
      const { to } = waits[i]!;
      depths[to] = Math.max(depths[to]!, depths[step]! + 1);
      if (--open[to]! === 0) ready.push(to);
    }
  return depths;
}
