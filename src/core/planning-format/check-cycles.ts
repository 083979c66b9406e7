import type { Complaints } from './complaints';
import type { Problem, When } from './problem';

/**
 * Complains of a ring of waits, in which every step comes after itself. Waits of different choices of one route never
 * meet, so a ring that needs both is none.
 */
export function checkCycles(c: Complaints, problem: Problem): void {
  const out = new Map<string, { to: string; when: When[]; wait: number }[]>();
  const conditions = new Map(problem.steps.map((s) => [s.id, s.when]));
  problem.waits.forEach((w, wait) => {
    const when = [w.when, conditions.get(w.from), conditions.get(w.to)].filter((x): x is When => Boolean(x));
    out.set(w.from, [...(out.get(w.from) ?? []), { to: w.to, when, wait }]);
  });

  // Steps without a way in cannot be in a ring, nor can what only they lead to: peel them off first.
  const ways = new Map(problem.steps.map((s) => [s.id, 0]));
  for (const w of problem.waits) ways.set(w.to, ways.get(w.to)! + 1);
  const peel = problem.steps.filter((s) => ways.get(s.id) === 0).map((s) => s.id);
  while (peel.length > 0) {
    const step = peel.pop()!;
    ways.delete(step);
    for (const { to } of out.get(step) ?? []) {
      const left = ways.get(to)! - 1;
      ways.set(to, left);
      if (left === 0) peel.push(to);
    }
  }
  const names = new Map(problem.steps.map((s) => [s.id, s.name]));
  for (const first of ways.keys()) {
    const ring = findRing(first, out, ways);
    if (!ring) continue;
    const around = ring.steps.map((s) => `“${names.get(s)}”`).join(' → ');
    c.say(
      `waits[${ring.wait}]`,
      `These steps wait for each other in a ring: ${around} → “${names.get(ring.steps[0]!)}”.`,
    );
    return;
  }
}

/** Depth-first from one step back to itself, over waits whose conditions agree. */
function findRing(
  first: string,
  out: Map<string, { to: string; when: When[]; wait: number }[]>,
  left: Map<string, number>,
): { steps: string[]; wait: number } | null {
  // Without conditions a step that led nowhere once leads nowhere again; with them it may, so effort is bounded.
  let effort = 20_000;
  const walk = (step: string, path: string[], taken: Map<string, string>): { steps: string[]; wait: number } | null => {
    for (const { to, when, wait } of out.get(step) ?? []) {
      if (!left.has(to) || effort-- <= 0) continue;
      if (when.some((w) => taken.has(w.route) && taken.get(w.route) !== w.choice)) continue;
      if (to === first) return { steps: path, wait };
      if (path.includes(to)) continue;
      const more = when.length > 0 ? new Map([...taken, ...when.map((w) => [w.route, w.choice] as const)]) : taken;
      const ring = walk(to, [...path, to], more);
      if (ring) return ring;
    }
    return null;
  };
  return walk(first, [first], new Map());
}
