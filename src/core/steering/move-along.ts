/** One step as far as moving it asks. Minutes after the origin. */
interface MovableStep {
  id: string;
  name: string;
  start: number;
  minutes: number;
  /** Done, running or pinned: it stays. */
  fixed: boolean;
  /** Not before this, whatever moves. */
  earliest: number;
}

/** The gap from the end of `from` to the start of `to` lies in `[min, max]`. */
interface MovableWait {
  from: string;
  to: string;
  min: number;
  max: number | null;
  why: string;
}

/** What hangs together with a step: everything that may have to move when it does. */
export interface Network {
  steps: MovableStep[];
  waits: MovableWait[];
  /** Nothing may end after it. */
  horizon: number;
}

export type Hindrance =
  | { kind: 'stays'; step: string; name: string }
  | { kind: 'too early'; step: string; name: string; earliest: number }
  /** A wait would be too short, or too long. */
  | { kind: 'wait'; wait: MovableWait; first: string; second: string; limit: 'min' | 'max' }
  | { kind: 'too late'; step: string; name: string };

export interface MovedAlong {
  /** Steps with another start, the moved one among them. */
  starts: Map<string, number>;
  /** What makes the move impossible; null where it can be. */
  hindrance: Hindrance | null;
}

/** More rounds than any network of a kitchen needs; what still changes by then contradicts itself. */
const MOST_ROUNDS = 60;

/**
 * Moves one step, and with it what its waits do not let stay: longest paths over the network from where everything is,
 * each step moved no farther than it must. Hands and things are not looked at: they are found when the plan is made anew.
 */
export function moveAlong(network: Network, step: string, start: number): MovedAlong {
  const byId = new Map(network.steps.map((s) => [s.id, s]));
  const starts = new Map<string, number>();
  const own = byId.get(step);
  if (!own) return { starts, hindrance: null };
  const at = (s: MovableStep) => starts.get(s.id) ?? s.start;
  const blocked = (hindrance: Hindrance): MovedAlong => ({ starts, hindrance });
  if (own.fixed) return blocked({ kind: 'stays', step, name: own.name });
  starts.set(step, start);
  if (start < own.earliest) return blocked({ kind: 'too early', step, name: own.name, earliest: own.earliest });
  if (start + own.minutes > network.horizon) return blocked({ kind: 'too late', step, name: own.name });
  const hops = hopsFrom(network, step);
  for (let round = 0; round < MOST_ROUNDS; round++) {
    let changed = false;
    for (const wait of network.waits) {
      const [from, to] = [byId.get(wait.from), byId.get(wait.to)];
      if (!from || !to || !hops.has(from.id)) continue;
      const gap = at(to) - at(from) - from.minutes;
      const short = wait.min - gap;
      const long = wait.max === null ? 0 : gap - wait.max;
      if (short <= 0 && long <= 0) continue;
      // What hangs closer to the moved step pushes what hangs farther.
      const mover = hops.get(from.id)! > hops.get(to.id)! ? from : to;
      const limit = short > 0 ? 'min' : 'max';
      if (mover.fixed) return blocked({ kind: 'wait', wait, first: from.name, second: to.name, limit });
      const by = short > 0 ? short : -long;
      const next = at(mover) + (mover === to ? by : -by);
      starts.set(mover.id, next);
      if (next < mover.earliest)
        return blocked({ kind: 'too early', step: mover.id, name: mover.name, earliest: mover.earliest });
      if (next + mover.minutes > network.horizon)
        return blocked({ kind: 'too late', step: mover.id, name: mover.name });
      changed = true;
    }
    if (!changed) return { starts, hindrance: null };
  }
  // Still changing after so many rounds: the waits on the way chase each other.
  const wait = network.waits.find((w) => w.max !== null && (w.from === step || w.to === step)) ?? network.waits[0]!;
  const [first, second] = [byId.get(wait.from)!.name, byId.get(wait.to)!.name];
  return blocked({ kind: 'wait', wait, first, second, limit: wait.max === null ? 'min' : 'max' });
}

/** How many waits lie between a step and every other that hangs on it. */
function hopsFrom(network: Network, step: string): Map<string, number> {
  const neighbours = new Map<string, string[]>();
  const join = (a: string, b: string) => neighbours.set(a, [...(neighbours.get(a) ?? []), b]);
  for (const w of network.waits) {
    join(w.from, w.to);
    join(w.to, w.from);
  }
  const hops = new Map([[step, 0]]);
  for (const id of hops.keys())
    for (const next of neighbours.get(id) ?? []) if (!hops.has(next)) hops.set(next, hops.get(id)! + 1);
  return hops;
}
