import type { WaitModel, HoldModel, StepModel, Group } from './step-model';

export function groupSteps(steps: StepModel[], waits: WaitModel[], holds: HoldModel[]): Group[] {
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
    if (w.sameAs >= 0) join(w.from, w.sameAs);
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
    if (!group) groups.set(root, (group = { steps: [], waits: [], holds: [], orders: [], routes: [], wishes: false }));
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
    if (w.wish) group.wishes = true;
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
