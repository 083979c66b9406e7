import { checkPlan } from '../core/plan-check/check-plan';
import { generateProblem } from '../core/planner/testing/generate';
import { HELD } from '../core/planner/replanning/movement';
import { solve } from '../core/planner/solve';
import type { Plan } from '../core/planning-format/plan';
import { withFreeMinutes } from '../core/situation/free-minutes';
import { withSlack } from '../core/situation/with-slack';
import { simulate } from '../core/planner/answers/simulate';
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
    const found = improvement({ ...problem, now }, null, before, search)!;
    expect(checkPlan({ ...problem, now }, found.plan).errors).toEqual([]);
    expect(found.given).toMatchObject({ waits: [], pins: [] });
    expect(found.plan.score.cost).toBeLessThan(costOf(before.plan) - 5 - 0.2 * found.moved);
    expect(found.savedLate).toBe(Math.round(before.plan.score.lateness - found.plan.score.lateness));
    expect(found.ready.map((r) => r.order).sort()).toEqual(problem.orders.map((o) => o.id).sort());
    const was = new Map(before.plan.steps.map((s) => [s.id, s.start]));
    const changed = found.plan.steps.filter((s) => was.has(s.id) && was.get(s.id) !== s.start);
    expect(found.moved).toBe(changed.length);
    expect(changed.filter((s) => !(was.get(s.id)! > now + HELD))).toEqual([]);
  });
  it('finds nothing where nothing is worth it', () => {
    expect(improvement(problem, null, planned(problem, 3000), { ...search, rounds: 20 })).toBeNull();
  });
  it('makes a plan hold where the kitchen wants that, and tells how much better', () => {
    const tight = withSlack(generateProblem({ cakes: 10, seed: 7 }), 'usual');
    const hold = { tight, slack: 'usual' as const, margins: {}, paces: {}, begins: 'early' as const };
    const wanted = withFreeMinutes(tight, {});
    const before = planned(tight);
    const found = improvement(wanted, hold, before, { ...search, rounds: 1200 })!;
    const lateOf100 = (plan: Plan) =>
      10 * simulate(tight, plan, 500, 3).orders.reduce((sum, o) => sum + 1 - o.chance, 0);
    expect(found.fewerLate).toBeGreaterThan(5);
    expect(lateOf100(found.plan)).toBeLessThan(lateOf100(before.plan) - 5);
    expect(checkPlan(found.given.problem, found.plan).errors).toEqual([]);
    expect(found.given.problem).toEqual(withFreeMinutes(tight, found.margins));
    let looks = 0;
    expect(improvement(wanted, hold, before, { ...search, stopped: () => ++looks > 300 })).toBeNull();
  });
  it('gives up what it has when it is stopped, and keeps it when its time is over', () => {
    const before = planned();
    let looks = 0;
    expect(improvement(problem, null, before, { ...search, stopped: () => ++looks > 60 })).toBeNull();
    let seconds = 0;
    expect(improvement(problem, null, before, { ...search, over: () => ++seconds > 60 })).not.toBeNull();
  });
});
