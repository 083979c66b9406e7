import { checkPlan } from '../core/plan-check/check-plan';
import { generateProblem } from '../core/planner/testing/generate';
import { HELD } from '../core/planner/replanning/movement';
import { solve } from '../core/planner/solve';
import type { Plan } from '../core/planning-format/plan';
import { improvement } from './improvement';

/** A kitchen with wishes, and the plan that was made before it had any. */
const problem = generateProblem({ cakes: 8, seed: 4, wishes: true });
const planned = (of = generateProblem({ cakes: 8, seed: 4 }), rounds = 0) => {
  const solved = solve(of, { seed: 1, rounds, stop: () => false });
  if (!solved.ok) throw new Error('no plan');
  return { plan: solved.plan, waits: [] };
};
const costOf = (plan: Plan) => checkPlan(problem, { ...plan, bound: { cost: null } }).cost;
const never = () => false;
const search = { seed: 2, rounds: 400, stopped: never, over: never };

describe('searching on behind', () => {
  it('finds a plan that is worth its moves, sound, and with what begins soon where it was', () => {
    const before = planned();
    const now = [...before.plan.steps].sort((a, b) => a.start - b.start)[0]!.start - 10;
    const found = improvement({ ...problem, now }, before, search)!;
    expect(checkPlan({ ...problem, now }, found.plan).errors).toEqual([]);
    expect(found.given).toMatchObject({ waits: [], pins: [] });
    expect(found.plan.score.cost).toBeLessThan(costOf(before.plan) - 5 - 0.2 * found.moved);
    expect(found.savedLate).toBe(Math.round(before.plan.score.lateness - found.plan.score.lateness));
    expect(found.ready.map((r) => r.order).sort()).toEqual(problem.orders.map((o) => o.id).sort());
    const was = new Map(before.plan.steps.map((s) => [s.id, s.start]));
    const changed = found.plan.steps.filter((s) => was.has(s.id) && was.get(s.id) !== s.start);
    expect(found.moved).toBe(changed.length);
    expect(changed.every((s) => was.get(s.id)! > now + HELD)).toBe(true);
  });
  it('finds nothing where nothing is worth it', () => {
    expect(improvement(problem, planned(problem, 3000), { ...search, rounds: 20 })).toBeNull();
  });
  it('gives up what it has when it is stopped, and keeps it when its time is over', () => {
    const before = planned();
    let looks = 0;
    expect(improvement(problem, before, { ...search, stopped: () => ++looks > 60 })).toBeNull();
    let seconds = 0;
    expect(improvement(problem, before, { ...search, over: () => ++seconds > 60 })).not.toBeNull();
  });
});
