import type { LadderView } from '@/server/ladder/ladder-view';
import { toneOf } from '../parts/status';

/** Something on the wall that needs a look: where it is, and the rung that it hangs on. */
export interface Problem {
  order: number;
  step: string | null;
  minute: number;
}

/** Every late or tight cake, and every rung that should have begun, the earliest first. */
export function problemsOf(ladders: LadderView[]): Problem[] {
  return ladders
    .flatMap((l): Problem[] => {
      const overdue = l.rungs.filter((r) => r.state === 'overdue');
      if (overdue.length > 0) return overdue.map((r) => ({ order: l.order, step: r.step, minute: r.start }));
      if (toneOf(l.status) === 'holds') return [];
      const rung = l.rungs.find((r) => r.step === l.decides);
      return [{ order: l.order, step: rung?.step ?? null, minute: rung?.start ?? l.pickup }];
    })
    .sort((a, b) => a.minute - b.minute);
}

/** The next of so many things, or the one before, in a round; from none (−1) the first, or the last. */
export function inTurn(at: number, steps: 1 | -1, count: number): number {
  return at < 0 && steps < 0 ? count - 1 : (at + steps + count) % count;
}

/** The next planned rung of each person, as far as it is near. */
export function nextRungs(ladders: LadderView[], minute: number): Set<string> {
  const firsts = new Map<string, { step: string; start: number }>();
  for (const ladder of ladders)
    for (const rung of ladder.rungs) {
      if (rung.state === 'done' || rung.state === 'running' || rung.start > minute + NEAR) continue;
      for (const { id } of rung.who) {
        const known = firsts.get(id);
        if (!known || rung.start < known.start) firsts.set(id, rung);
      }
    }
  return new Set([...firsts.values()].map((r) => r.step));
}

/** What begins later is nobody's next. Minutes. */
const NEAR = 16 * 60;
