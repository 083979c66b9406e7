import fiveCakes from '../../../docs/planning-examples/five-cakes.json' with { type: 'json' };
import fourteenCakes from '../../../docs/planning-examples/fourteen-cakes.json' with { type: 'json' };
import twoCakes from '../../../docs/planning-examples/two-cakes.json' with { type: 'json' };
import { checkPlan } from '../plan-check/check-plan';
import { readProblem } from '../planning-format/read-problem';
import { solve } from './solve';
import type { Plan } from '../planning-format/plan';
import type { Problem } from '../planning-format/problem';
import { generateProblem } from './testing/generate';
import { seeds } from '../testing/chance';

function planAndCheck(problem: Problem, rounds: number) {
  const read = readProblem(JSON.parse(JSON.stringify(problem)));
  if (!read.ok) throw new Error(JSON.stringify(read.problems.slice(0, 3)));
  const solved = solve(read.problem, { seed: 1, rounds, stop: () => false });
  if (!solved.ok) return { solved, verdict: null };
  return { solved, verdict: checkPlan(problem, solved.plan) };
}

/**
 * Plans made-up kitchens: the checker accepts each plan, and none costs less than its bound. Facts are drawn without looking at each other, so that
 * some contradict each other and leave nothing to plan: most do not.
 */
function everyKitchen(
  first: number,
  last: number,
  rounds: number,
  kitchenOf: (seed: number) => Omit<Parameters<typeof generateProblem>[0], 'seed'>,
  look: (problem: Problem, plan: Plan) => void = () => undefined,
): void {
  const asked = seeds(first, last);
  let planned = 0;
  for (const seed of asked) {
    const problem = generateProblem({ ...kitchenOf(seed), seed });
    const { solved, verdict } = planAndCheck(problem, rounds);
    if (verdict === null || !solved.ok) continue;
    planned += 1;
    expect({ seed, errors: verdict.errors }).toEqual({ seed, errors: [] });
    expect(solved.plan.bound.cost).toBeLessThanOrEqual(verdict.cost + 1e-6);
    look(problem, solved.plan);
  }
  expect(planned).toBeGreaterThanOrEqual(0.8 * asked.length);
}

const EXAMPLES = { twoCakes, fiveCakes, fourteenCakes } as unknown as Record<string, Problem>;

describe('solve', () => {
  it.each(Object.entries(EXAMPLES))('plans the example of %s, by the checker', (_, problem) => {
    const { solved, verdict } = planAndCheck(problem, 30);
    expect(verdict?.errors).toEqual([]);
    expect(solved.ok && solved.plan.unplaced).toEqual([]);
  });

  it('makes plans that the checker accepts for made-up kitchens of 1 to 26 cakes', () => {
    everyKitchen(1, 60, 6, (seed) => ({
      cakes: 1 + ((seed * 7) % 26),
      batches: seed % 3 === 0 ? 0.4 : 0,
      facts: seed % 4 === 0,
    }));
  });

  it('improves hundreds of rounds without a rejected plan, and never falls below its bound', () => {
    everyKitchen(101, 130, 120, (seed) => ({
      cakes: 2 + (seed % 9),
      batches: seed % 3 === 0 ? 0.4 : 0,
      facts: seed % 5 === 0,
    }));
  });

  it('grants wishes and pays for choices where that costs least, by the checker', () => {
    everyKitchen(201, 230, 60, (seed) => ({
      cakes: 1 + (seed % 9),
      batches: seed % 3 === 0 ? 0.4 : 0,
      facts: seed % 5 === 0,
      wishes: true,
    }));
  });

  it('plans with paces, ovens of their own, waits that somebody attends and ovens that are off, by the checker', () => {
    const seen = { slower: 0, listed: 0, attended: 0, off: 0 };
    const kitchenOf = (seed: number) => ({
      cakes: 1 + (seed % 11),
      batches: seed % 3 === 0 ? 0.4 : 0,
      facts: seed % 4 === 0,
      wishes: seed % 2 === 0,
      ways: true,
    });
    everyKitchen(301, 340, 20, kitchenOf, (problem, plan) => {
      const free = new Map(problem.steps.filter((s) => !s.placed).map((s) => [s.id, s]));
      for (const { id, start, end } of plan.steps) {
        const step = free.get(id);
        if (step?.work === 'hands' && end - start > step.minutes.likely) seen.slower += 1;
        if (step?.oven?.choices) seen.listed += 1;
      }
      seen.attended += problem.waits.filter((w) => w.attended).length;
      seen.off += problem.waits.filter((w) => w.heat && plan.waits.some((x) => x.id === w.id)).length;
    });
    for (const [what, count] of Object.entries(seen)) expect([what, count > 10]).toEqual([what, true]);
  });

  it('takes the dearer of two ways only where it saves more than it costs', () => {
    const problem = generateProblem({ cakes: 6, seed: 12, wishes: true });
    expect(problem.routes.length).toBeGreaterThan(0);
    const taken = (cost: number) => {
      const routes = problem.routes.map((r) => ({ ...r, cost: { [r.choices[0]!]: cost } }));
      const { solved, verdict } = planAndCheck({ ...problem, routes }, 200);
      expect(verdict!.errors).toEqual([]);
      return solved.ok
        ? Object.values(solved.plan.routes).filter((c) => c === problem.routes[0]!.choices[0]).length
        : -1;
    };
    expect(taken(0)).toBeGreaterThan(0);
    expect(taken(1e5)).toBe(0);
  });

  it('proves an order late by its own shifts and waits', () => {
    const problem = generateProblem({ cakes: 1, seed: 4 });
    const early = { ...problem, orders: problem.orders.map((o) => ({ ...o, pickup: 400 })) };
    const { solved } = planAndCheck(early, 60);
    if (!solved.ok) throw new Error('no plan');
    expect(solved.plan.score.lateness).toBeGreaterThan(0);
    expect(solved.plan.bound.cost).toBeGreaterThan(0.9 * solved.plan.score.cost);
  });

  it('leaves an order out whose pin lies in the past or before its own earliest', () => {
    const problem = generateProblem({ cakes: 3, seed: 6 });
    const { solved } = planAndCheck(problem, 4);
    if (!solved.ok) throw new Error('no plan');
    const step = problem.steps.find((s) => s.name === 'Mix batter')!;
    const { start, end, people, equipment } = solved.plan.steps.find((s) => s.id === step.id)!;
    const pinned = (change: Partial<Problem>, own: object = {}) => {
      const placed = { start, end, people, equipment, state: 'pinned' as const };
      const steps = problem.steps.map((s) => (s === step ? { ...s, ...own, placed } : s));
      const again = planAndCheck({ ...problem, ...change, steps }, 4);
      expect(again.verdict?.errors).toEqual([]);
      return again.solved.ok ? again.solved.plan.unplaced.map((u) => u.order) : null;
    };
    expect(pinned({})).toEqual([]);
    expect(pinned({ now: start + 1 })).toContain(step.order);
    expect(pinned({}, { earliest: start + 1 })).toEqual([step.order]);
  });

  it('gives the same plan for the same seed and rounds', () => {
    const problem = generateProblem({ cakes: 8, seed: 3 });
    const plans = [1, 2].map(() => planAndCheck(problem, 40).solved);
    expect(plans[0]).toEqual(plans[1]);
  });

  it('falls in cost, or stays, with more rounds', () => {
    const costs = [0, 60, 600].map((rounds) => planAndCheck(EXAMPLES.fiveCakes!, rounds).verdict!.cost);
    expect(costs[1]).toBeLessThanOrEqual(costs[0]!);
    expect(costs[2]).toBeLessThan(costs[0]!);
  });
});
