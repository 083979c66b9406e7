import { lengthOf, type Problem, type Step, type Wait } from '../planning-format/problem';

/**
 * The problem in which the minutes that are kept free between a box and its customer are there to be used: of an order that has been begun, each
 * wait for its hand-over of at most `buffer` minutes becomes as much shorter as the order would otherwise be late for, whatever is done from now
 * on. What is boxed at the last minute is ready; nobody is late who need not wait.
 */
export function withBufferUsed(problem: Problem, buffer: number): Problem {
  const begun = new Set(problem.steps.flatMap((s) => (s.placed && s.placed.state !== 'pinned' ? [s.order] : [])));
  const pickups = new Map(problem.orders.flatMap((o) => (begun.has(o.id) ? [[o.collect, o.pickup] as const] : [])));
  if (pickups.size === 0) return problem;
  const ends = soonestEnds(problem);
  let changed = false;
  const waits = problem.waits.map((w) => {
    const pickup = pickups.get(w.to);
    if (pickup === undefined || w.min <= 0 || w.min > buffer) return w;
    const left = Math.max(0, pickup - ends.get(w.from)!);
    if (left >= w.min) return w;
    changed = true;
    return { ...w, min: left };
  });
  return changed ? { ...problem, waits } : problem;
}

/** When each step ends at the soonest: as it was told, or as soon as what it waits for on every route lets it. Hands and things are free. */
function soonestEnds({ steps, waits, now }: Problem): ReadonlyMap<string, number> {
  const byId = new Map(steps.map((s) => [s.id, s]));
  const before = new Map<string, Wait[]>(steps.map((s) => [s.id, []]));
  for (const w of waits) if (!w.when && !byId.get(w.from)?.when) before.get(w.to)?.push(w);
  const ends = new Map<string, number>();
  const endOf = (step: Step): number => {
    const known = ends.get(step.id);
    if (known !== undefined) return known;
    const waited = before.get(step.id)!.map((w) => endOf(byId.get(w.from)!) + w.min);
    const end = step.placed?.end ?? Math.max(now, step.earliest ?? now, ...waited) + lengthOf(step);
    ends.set(step.id, end);
    return end;
  };
  for (const s of steps) endOf(s);
  return ends;
}
