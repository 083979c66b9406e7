import { isAhead } from '../ids/ids';
import { checkPlan } from '../plan-check/check-plan';
import { solve } from '../planner/solve';
import { generateProblem } from '../planner/testing/generate';
import { twoCakes } from '../planner/testing/two-cakes';
import { readProblem } from '../planning-format/read-problem';
import type { Problem, Wait } from '../planning-format/problem';
import { WORK_AHEAD, withWorkAhead, workAheadOf } from './work-ahead';

const wishes = (problem: Problem) => problem.waits.filter(isAhead);
const chain = (rest: Partial<Wait>): Problem => {
  const problem = twoCakes([300, 900]);
  Object.assign(problem.waits[0]!, rest);
  return problem;
};

describe('work that had rather not lie in the last hours', () => {
  it('is none where a kitchen takes it as it comes, or has no such hours', () => {
    const problem = generateProblem({ cakes: 3, seed: 2 });
    expect(withWorkAhead(problem, 'fresh', 6)).toBe(problem);
    expect(withWorkAhead(problem, 'most', 0)).toBe(problem);
  });
  it('has a wish to its hand-over, dearer by the minute the more hands it wants', () => {
    const [piped] = wishes(withWorkAhead(chain({}), 'some', 2));
    expect(piped).toMatchObject({ from: 'a-pipe', to: 'a-out', min: 0, max: null, ageing: 0, place: null });
    // 60 minutes of one pair of hands, at a thousandth each; with two pairs twice that, with a planned time by that.
    expect(piped!.wish).toEqual({ least: 120, cost: 60 * 0.001 });
    const double = chain({});
    double.steps[0]!.people!.count = 2;
    double.steps[0]!.minutes.planned = 70;
    expect(wishes(withWorkAhead(double, 'some', 2))[0]!.wish!.cost).toBeCloseTo(0.14, 12);
    expect(wishes(withWorkAhead(double, 'most', 2))[0]!.wish!.cost).toBeCloseTo(0.42, 12);
  });
  it('is only what keeps as long: along all waits to the hand-over', () => {
    const from = (problem: Problem, hours: number) => wishes(withWorkAhead(problem, 'most', hours)).map((w) => w.from);
    expect(from(chain({ max: 120 }), 2)).toEqual(['a-pipe', 'b-pipe']);
    expect(from(chain({ max: 119 }), 2)).toEqual(['b-pipe']);
    // What comes before it may lie as much earlier as it lasts, and as may lie between.
    const two = chain({ max: 60 });
    two.steps.push({ ...two.steps[0]!, id: 'a-ice' });
    two.waits.push({ ...two.waits[0]!, id: 'a-ice>a-pipe', from: 'a-ice', to: 'a-pipe', max: 30 });
    expect(from(two, 2.5)).toEqual(['a-ice', 'b-pipe']);
    expect(from(two, 2.51)).toEqual(['b-pipe']);
  });
  it('is no oven, no machine, and nothing that is placed already; on one route only it counts only there', () => {
    const placed = chain({});
    placed.steps[0]!.placed = { start: 0, end: 60, people: ['ada'], equipment: [], state: 'running' };
    expect(wishes(withWorkAhead(placed, 'most', 2)).map((w) => w.from)).toEqual(['b-pipe']);
    const oven = chain({});
    Object.assign(oven.steps[0]!, { work: 'machine', people: null });
    expect(wishes(withWorkAhead(oven, 'most', 2)).map((w) => w.from)).toEqual(['b-pipe']);
    const routed = chain({});
    routed.routes.push({ id: 'lace', choices: ['with', 'without'] });
    routed.steps[0]!.when = { route: 'lace', choice: 'with' };
    expect(wishes(withWorkAhead(routed, 'most', 2))[0]!.when).toEqual({ route: 'lace', choice: 'with' });
  });
  it('of a batch is for the first of its cakes', () => {
    const problem = generateProblem({ cakes: 6, seed: 3, batches: 1 });
    const shared = problem.steps.filter((s) => s.order === null && s.work === 'hands');
    const ahead = wishes(withWorkAhead(problem, 'most', 1));
    expect(shared.length).toBeGreaterThan(0);
    const pickups = new Map(problem.orders.map((o) => [o.collect, o.pickup]));
    for (const s of shared) {
      const own = ahead.filter((w) => w.from === s.id);
      expect(own.length).toBeLessThanOrEqual(1);
      const served = problem.waits.filter((w) => w.from === s.id).map((w) => problem.steps.find((x) => x.id === w.to)!);
      const first = Math.min(...served.map((x) => problem.orders.find((o) => o.id === x.order)!.pickup));
      if (own[0]) expect(pickups.get(own[0].to)).toBe(first);
    }
  });
  it('lies earlier in the plan, and both the reader and the checker know it', () => {
    const problem = generateProblem({ cakes: 5, seed: 7 });
    const lastHours = (of: Problem) => {
      const read = readProblem(JSON.parse(JSON.stringify(of)));
      const solved = solve(of, { seed: 1, rounds: 60, stop: () => false });
      if (!read.ok || !solved.ok) throw new Error('no plan');
      expect(checkPlan(of, solved.plan).errors).toEqual([]);
      const at = new Map(solved.plan.steps.map((s) => [s.id, s]));
      const left = new Map(problem.orders.map((o) => [o.id, at.get(o.collect)!.start]));
      return problem.steps.filter((s) => s.work === 'hands' && at.get(s.id)!.end > left.get(s.order!)! - 360).length;
    };
    const [fresh, some, most] = (['fresh', 'some', 'most'] as const).map((w) =>
      lastHours(withWorkAhead(problem, w, 6)),
    );
    expect(some).toBeLessThan(fresh!);
    expect(most).toBeLessThanOrEqual(some!);
  });
});

describe('what a kitchen has chosen', () => {
  it('is as it comes until it says something else', () => {
    expect(workAheadOf({})).toBe('fresh');
    expect(workAheadOf({ 'work-ahead': 'all' })).toBe('fresh');
    expect(WORK_AHEAD.choices.map((c) => workAheadOf({ 'work-ahead': c.key }))).toEqual(['fresh', 'some', 'most']);
  });
});
