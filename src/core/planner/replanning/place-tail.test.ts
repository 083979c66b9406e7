import { solve } from '../solve';
import { generateProblem } from '../testing/generate';
import { placeTail, tailsOf } from './place-tail';
import { planOnTable } from './plan-on-table';

/** The largest group of a made-up kitchen, on a timetable by its plan. */
function largest(seed: number) {
  const problem = generateProblem({ cakes: 4, seed });
  const solved = solve(problem, { seed: 1, rounds: 30, stop: () => false });
  if (!solved.ok) throw new Error('no plan');
  const on = planOnTable(problem, solved.plan);
  const [group] = [...on.model.groups].sort((a, b) => b.steps.length - a.steps.length);
  return { ...on, group: group! };
}

describe('the end of an order, placed anew', () => {
  it.each([1, 2, 3, 4])('kitchen %i: what begins before stays where it was', (seed) => {
    const { table, earlier, group, model } = largest(seed);
    const tails = tailsOf(table, group, earlier);
    expect(tails).toEqual([...tails].sort((a, b) => b - a));
    const from = tails[Math.floor(tails.length / 2)]!;
    for (const direction of ['latest', 'earliest'] as const) {
      table.removeGroup(group);
      expect(placeTail(table, group, earlier, from, direction)).toBe(true);
      const head = group.steps.filter(
        (s) => table.placed[s] && earlier.steps[s]!.start < from && model.steps[s]!.work !== 'collect',
      );
      expect(head.length).toBeGreaterThan(1);
      for (const s of head) expect(table.start[s]).toBe(earlier.steps[s]!.start);
      // Nobody hands over before the pickup.
      for (const o of group.orders) {
        const { collect, pickup } = model.problem.orders[o]!;
        if (!table.leftOut[o]) expect(table.start[model.stepIndex.get(collect)!]).toBeGreaterThanOrEqual(pickup);
      }
    }
  });
  it('moves the last rungs to the left if they may be early', () => {
    const { table, earlier, group } = largest(2);
    const [last] = tailsOf(table, group, earlier);
    const step = group.steps.find((s) => earlier.steps[s]?.start === last)!;
    table.removeGroup(group);
    expect(placeTail(table, group, earlier, last!, 'earliest')).toBe(true);
    expect(table.start[step]).toBeLessThanOrEqual(last!);
  });
  it('leaves the group out where its head cannot be where it was', () => {
    const { table, earlier, group } = largest(3);
    const moved = { ...earlier, steps: earlier.steps.map((s) => s && { ...s, start: -100 }) };
    table.removeGroup(group);
    expect(placeTail(table, group, moved, 10_000, 'latest')).toBe(false);
    expect(group.steps.some((s) => table.placed[s])).toBe(false);
  });
});
