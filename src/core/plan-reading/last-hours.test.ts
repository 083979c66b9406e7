import { twoCakes } from '../planner/testing/two-cakes';
import type { Plan } from '../planning-format/plan';
import { costOfAge, minutesOfAge } from './age';
import { shareInLastHours } from './last-hours';

/** Each cake is 60 minutes of piping and then rests: piped at these starts, handed over at those. */
const planned = (pipes: [number, number], leaves: [number, number], count = 1) => {
  const problem = twoCakes([400, 400]);
  problem.steps[0]!.people!.count = count;
  const at = (id: string, start: number, minutes: number) => ({
    ...{ id, start, end: start + minutes, people: [], equipment: [] },
  });
  const steps = ['a', 'b'].flatMap((o, i) => [at(`${o}-pipe`, pipes[i]!, 60), at(`${o}-out`, leaves[i]!, 0)]);
  return { problem, plan: { steps, routes: {}, waits: [], holds: [] } as unknown as Plan };
};

describe('hands in the last hours', () => {
  it('are a share of all minutes of hands; what lies across counts by its minutes', () => {
    expect(shareInLastHours(planned([0, 300], [400, 400]), 2)).toBe(0.5);
    expect(shareInLastHours(planned([250, 300], [400, 400]), 2)).toBe((30 + 60) / 120);
    expect(shareInLastHours(planned([0, 0], [400, 400]), 2)).toBe(0);
    expect(shareInLastHours(planned([0, 300], [400, 400], 3), 2)).toBe(60 / 240);
  });
  it('are before the cake itself leaves, when it is late too', () => {
    expect(shareInLastHours(planned([300, 300], [400, 600]), 2)).toBe(0.5);
  });
  it('are none where there is no work, or the plan leaves the cake out', () => {
    const { problem, plan } = planned([0, 300], [400, 400]);
    expect(shareInLastHours({ problem, plan: { ...plan, steps: [] } }, 2)).toBe(0);
    const without = { ...plan, steps: plan.steps.filter((s) => s.id !== 'b-out') };
    expect(shareInLastHours({ problem, plan: without }, 2)).toBe(0);
  });
});

describe('age', () => {
  it('is what parts wait beyond what they must, where that makes them older', () => {
    const { problem, plan } = planned([0, 300], [400, 400]);
    expect(minutesOfAge({ problem, plan })).toBe(400 - 60 - 30 + (400 - 360 - 30));
    const young = { ...problem, waits: problem.waits.map((w) => (w.from === 'a-pipe' ? { ...w, ageing: 0 } : w)) };
    expect(minutesOfAge({ problem: young, plan })).toBe(10);
  });
  it('costs as much as each minute harms the part', () => {
    const { problem, plan } = planned([0, 300], [400, 400]);
    const waits = problem.waits.map((w) => ({ ...w, ageing: w.from === 'a-pipe' ? 0.01 : 0.5 }));
    expect(costOfAge({ problem: { ...problem, waits }, plan })).toBeCloseTo(0.01 * 310 + 0.5 * 10, 9);
  });
});
