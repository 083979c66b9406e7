import { solve } from '../planner/solve';
import { generateProblem } from '../planner/testing/generate';
import type { Placed, Problem } from '../planning-format/problem';
import { begunButLeftOut, withoutLongestWaits, withoutPins } from './give-way';

const problem = generateProblem({ cakes: 3, seed: 2 });
const [first, second] = problem.orders;
const placed = (state: 'done' | 'pinned'): Placed => ({ start: 0, end: 5, people: [], equipment: [], state });
const with_ = (order: string, state: 'done' | 'pinned'): Problem => {
  const step = problem.steps.find((s) => s.order === order && problem.waits.some((w) => w.from === s.id && w.max))!;
  return { ...problem, steps: problem.steps.map((s) => (s === step ? { ...s, placed: placed(state) } : s)) };
};

describe('what gives way so that there is a plan', () => {
  it('is asked only of orders that were begun and have fallen out', () => {
    const solved = solve(problem, { seed: 1, rounds: 0, stop: () => false });
    if (!solved.ok) throw new Error('It has a plan.');
    const out = { ...solved.plan, unplaced: [first!, second!].map((o) => ({ order: o.id, reason: '', blockers: [] })) };
    expect(begunButLeftOut(with_(first!.id, 'done'), out)).toEqual(new Set([first!.id]));
    expect(begunButLeftOut(problem, out)).toEqual(new Set());
  });

  it('pins first, and only those of the orders named', () => {
    const pinned = with_(first!.id, 'pinned');
    expect(withoutPins(pinned, (o) => o === second!.id)).toEqual({ problem: pinned, pins: [] });
    const freed = withoutPins(pinned, (o) => o === first!.id);
    expect(freed.pins).toHaveLength(1);
    expect(freed.problem.steps.every((s) => s.placed === undefined)).toBe(true);
  });

  it('then the longest waits after what was done; facts stay', () => {
    const done = with_(first!.id, 'done');
    const { problem: lifted, waits } = withoutLongestWaits(done, new Set([first!.id]));
    expect(waits.length).toBeGreaterThan(0);
    expect(lifted.waits.filter((w) => waits.includes(w.id)).map((w) => w.max)).toEqual(waits.map(() => null));
    expect(lifted.waits.filter((w) => !waits.includes(w.id))).toEqual(
      problem.waits.filter((w) => !waits.includes(w.id)),
    );
    expect(lifted.steps).toEqual(done.steps);
  });
});
