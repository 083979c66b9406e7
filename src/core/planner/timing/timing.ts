/**
 * `start(to) ≥ start(from) + least`, between two steps of a timing problem. With a `price` it may fall short, and that is what each minute
 * costs.
 */
interface TimingArc {
  from: number;
  to: number;
  least: number;
  price?: number;
}

/**
 * Steps whose sequence is given by longest and shortest waits: each starts between `low` and `high` (all whole and finite), and a
 * minute later costs its `slope`, which may be negative.
 */
export interface Timing {
  low: number[];
  high: number[];
  slope: number[];
  arcs: TimingArc[];
}

/** Costs below this are nothing. */
const TINY = 1e-9;

/**
 * The starts that cost least, and what they cost; null where no starts obey all arcs. The linear program is the dual of a
 * flow of least cost: slopes are supplies and demands, arcs carry as much as one likes, those with a price at most that, and the root
 * stands for minute 0. It is solved by successive shortest paths (Ahuja, Magnanti and Orlin, Network Flows, 1993, ch. 9).
 */
export function leastTiming({ low, high, slope, arcs }: Timing): { cost: number; starts: number[] } | null {
  const root = low.length;
  const count = 2 * root + arcs.length;
  const from = new Int32Array(count);
  const to = new Int32Array(count);
  const least = new Int32Array(count);
  const most = new Float64Array(count).fill(Infinity);
  // Arcs to the root first, then from it, then along the waits: so most paths are found in one pass.
  for (let i = 0; i < root; i++) {
    from[i] = i;
    to[i] = root;
    least[i] = -high[i]!;
    from[root + i] = root;
    to[root + i] = i;
    least[root + i] = low[i]!;
  }
  arcs.forEach((arc, k) => {
    from[2 * root + k] = arc.from;
    to[2 * root + k] = arc.to;
    least[2 * root + k] = arc.least;
    most[2 * root + k] = arc.price === undefined ? Infinity : 0;
  });
  const flow = new Float64Array(count);
  const longest = new Float64Array(root + 1);
  const by = new Int32Array(root + 1);

  const net: Net = { from, to, least, most, flow, longest, by };
  if (!reach(net, root)) return null;
  // What pushes later sends its slope out, what pushes earlier takes it in; the root takes or gives the rest.
  const excess = new Float64Array(root + 1);
  for (let i = 0; i < root; i++) {
    excess[i] = -slope[i]!;
    excess[root]! += slope[i]!;
  }
  // Where the starts that hold fall short of a priced arc, it is paid for in full at first: then no path gains in a ring.
  arcs.forEach(({ price, from: a, to: b, least: minutes }, j) => {
    if (price === undefined) return;
    const k = 2 * root + j;
    most[k] = price;
    if (longest[b]! - longest[a]! >= minutes) return;
    flow[k] = price;
    excess[a]! -= price;
    excess[b]! += price;
  });
  for (let source = 0; source <= root; source++) {
    while (excess[source]! > TINY) {
      if (!reach(net, source)) return null;
      let sink = -1;
      for (let i = 0; i <= root; i++) if (excess[i]! < -TINY && (sink < 0 || longest[i]! > longest[sink]!)) sink = i;
      if (sink < 0) break;
      let amount = Math.min(excess[source]!, -excess[sink]!);
      for (let i = sink; i !== source;) {
        const k = by[i]!;
        amount = Math.min(amount, k < 0 ? flow[~k]! : most[k]! - flow[k]!);
        i = k < 0 ? to[~k]! : from[k]!;
      }
      for (let i = sink; i !== source;) {
        const k = by[i]!;
        if (k < 0) flow[~k]! -= amount;
        else flow[k]! += amount;
        i = k < 0 ? to[~k]! : from[k]!;
      }
      excess[source]! -= amount;
      excess[sink]! += amount;
    }
  }
  if (!reach(net, root)) return null;
  let cost = 0;
  for (let i = 0; i < root; i++) cost += slope[i]! * longest[i]!;
  for (const { price, from: a, to: b, least: minutes } of arcs)
    if (price !== undefined) cost += price * Math.max(0, minutes - longest[b]! + longest[a]!);
  return { cost, starts: Array.from(longest.subarray(0, root)) };
}

/** The arcs of the flow with what flows on them, and the longest paths that were found last. */
interface Net {
  from: Int32Array;
  to: Int32Array;
  least: Int32Array;
  /** How much may flow. */
  most: Float64Array;
  flow: Float64Array;
  longest: Float64Array;
  /** The arc by which each node is reached best: k forwards, ~k backwards. */
  by: Int32Array;
}

/** Longest paths from a node in what may still flow; false on a cycle that grows. */
function reach({ from, to, least, most, flow, longest, by }: Net, source: number): boolean {
  const count = from.length;
  longest.fill(-Infinity);
  longest[source] = 0;
  for (let pass = 0; pass <= longest.length; pass++) {
    let changed = false;
    for (let k = 0; k < count; k++) {
      const a = from[k]!;
      const b = to[k]!;
      const minutes = least[k]!;
      const gain = longest[a]! + minutes - longest[b]!;
      if (gain > 0 && flow[k]! < most[k]! - TINY) {
        longest[b] = longest[a]! + minutes;
        by[b] = k;
        changed = true;
      } else if (gain < 0 && flow[k]! > TINY) {
        longest[a] = longest[b]! - minutes;
        by[a] = ~k;
        changed = true;
      }
    }
    if (!changed) return true;
  }
  return false;
}

/** A step that cannot start where it does, and the nearest starts before and after that it might have. */
export interface Cut {
  step: number;
  before: number;
  after: number;
}

/**
 * The starts of least cost to which `cutOf` has no objection: branch and bound, best first, each cut once before and once after
 * the start it forbids. Null where there are none. Without `starts` where `nodes` subproblems were not enough: the cost is then
 * one that nothing falls below. Nothing dearer than `limit` is looked at.
 */
export function branch(
  timing: Timing,
  cutOf: (starts: number[]) => Cut | null,
  nodes: number,
  limit = Infinity,
): { cost: number; starts: number[] | null } | null {
  const open: { timing: Timing; cost: number; starts: number[] }[] = [];
  const push = (next: Timing) => {
    const solved = leastTiming(next);
    if (solved && solved.cost <= limit) open.push({ timing: next, ...solved });
  };
  push(timing);
  for (let node = 0; open.length > 0; node++) {
    let best = 0;
    for (let i = 1; i < open.length; i++) if (open[i]!.cost < open[best]!.cost) best = i;
    const { timing: now, cost, starts } = open[best]!;
    const cut = cutOf(starts);
    if (!cut) return { cost, starts };
    if (node >= nodes) return { cost, starts: null };
    open.splice(best, 1);
    const { step, before, after } = cut;
    if (before >= now.low[step]!) push({ ...now, high: now.high.with(step, before) });
    if (after <= now.high[step]!) push({ ...now, low: now.low.with(step, after) });
  }
  return null;
}

/** The widest gap in a calendar that a start lies in; null where all lie where they may. */
export function widestCut(starts: number[], around: (step: number, start: number) => [number, number]): Cut | null {
  let cut: Cut | null = null;
  let widest = 0;
  starts.forEach((start, step) => {
    const [before, after] = around(step, start);
    if (after === start || after - before <= widest) return;
    widest = after - before;
    cut = { step, before, after };
  });
  return cut;
}
