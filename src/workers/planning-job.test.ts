import { checkPlan } from '../core/plan-check/check-plan';
import { generateProblem } from '../core/planner/testing/generate';
import { slip } from '../core/planner/testing/slip';
import type { OrderId } from '../core/ids/ids';
import type { Plan } from '../core/planning-format/plan';
import type { Problem } from '../core/planning-format/problem';
import { simulate } from '../core/planner/answers/simulate';
import { withFreeMinutes } from '../core/situation/free-minutes';
import { withSlack } from '../core/situation/with-slack';
import { answerQuestion, runPlanningJob, type PlanningRequest } from './planning-job';

const problem = generateProblem({ cakes: 4, seed: 6 });
let time = 0;
/** A clock that goes on by itself, by a tenth of a second at each look. */
const clock = () => (time += 0.1);
const ask = (change: Partial<PlanningRequest> = {}) =>
  runPlanningJob({ problem, before: null, seconds: 60, rounds: 5, ...change }, clock);

function planned(change: Partial<PlanningRequest> = {}): Plan {
  const answer = ask(change);
  if (!answer.ok) throw new Error(answer.problems.map((p) => p.message).join(' '));
  return answer.plan;
}

describe('what a planning thread does', () => {
  it('plans afresh, soundly, and says how early each order could be ready', () => {
    const answer = ask();
    if (!answer.ok) throw new Error('It has a plan.');
    expect(checkPlan(problem, answer.plan).errors).toEqual([]);
    expect(answer.ready.map((r) => r.order).sort()).toEqual(problem.orders.map((o) => o.id).sort());
    expect(answer.plan.seconds).toBeGreaterThan(0);
  });

  it('keeps to an earlier plan where it can', () => {
    const plan = planned();
    const hands = plan.steps.filter((s) => s.people.length > 0);
    const later = slip(problem, plan, hands[Math.floor(hands.length / 2)]!);
    const answer = ask({ problem: later, before: { plan, waits: [] }, rounds: 0 });
    if (!answer.ok) throw new Error('It has a plan.');
    const { plan: again, given } = answer;
    expect(checkPlan(given.problem, again).errors).toEqual([]);
    const start = new Map(plan.steps.map((s) => [s.id, s.start]));
    const stayed = again.steps.filter((s) => start.get(s.id) === s.start).length;
    expect(stayed).toBeGreaterThan(again.steps.length / 2);
  });

  it('finds a changed order another place where it would be late in its own, as it does for a new one', () => {
    for (const [seed, order, earlier] of [
      [3, 'o8', 360],
      [19, 'o3', 360],
    ] as const) {
      const whole = generateProblem({ cakes: 12, seed, days: 3 });
      const plan = planned({ problem: whole, seconds: 1e6, rounds: 150 });
      expect(plan.score).toMatchObject({ unplaced: 0, lateness: 0 });
      const orders = whole.orders.map((o) => (o.id === order ? { ...o, pickup: o.pickup - earlier } : o));
      const wanted = { problem: { ...whole, orders }, before: { plan, waits: [] }, seconds: 1e6, rounds: 150 };
      expect(planned(wanted).score.lateness).toBeGreaterThan(60);
      const again = planned({ ...wanted, anew: [order as OrderId] });
      expect(again.score).toMatchObject({ unplaced: 0, lateness: 0 });
      expect(checkPlan(wanted.problem, again).errors).toEqual([]);
    }
  });

  it('shifts what is kept free to where the days need it, if it has the rounds for that', () => {
    const tight = withSlack(generateProblem({ cakes: 10, seed: 7 }), 'usual');
    const margins = { [tight.orders[0]!.id]: 1.5 };
    const hold = { tight, slack: 'usual' as const, margins, paces: {}, begins: 'early' as const };
    const wanted = { problem: withFreeMinutes(tight, margins), hold };
    const quick = ask({ ...wanted, rounds: 150 });
    expect(quick).toMatchObject({ ok: true, margins });
    const answer = ask({ ...wanted, rounds: 1500, seconds: 1e6 });
    if (!answer.ok || !quick.ok) throw new Error('It has a plan.');
    expect(answer.given.problem).toEqual(withFreeMinutes(tight, answer.margins));
    expect(checkPlan(answer.given.problem, answer.plan).errors).toEqual([]);
    const late = (plan: Plan) => simulate(tight, plan, 500, 3).orders.reduce((sum, o) => sum + 1 - o.chance, 0);
    expect(late(answer.plan)).toBeLessThan(late(quick.plan));
  });

  it('ends when its time is over, whatever rounds it has left', () => {
    const begun = time;
    planned({ seconds: 2, rounds: 1_000_000 });
    expect(time - begun).toBeLessThan(20);
  });

  it('refuses a problem that cannot be planned, with what is wrong', () => {
    const broken: Problem = {
      ...problem,
      steps: problem.steps.map((s, i) => (i === 0 ? { ...s, order: 'nobody' } : s)),
    };
    expect(ask({ problem: broken })).toMatchObject({
      ok: false,
      problems: expect.arrayContaining([expect.objectContaining({ path: 'steps[0].order' })]),
    });
  });

  it('answers what is asked of a plan', () => {
    const plan = planned();
    const [order] = problem.orders;
    const why = answerQuestion({ about: 'why', problem, plan, order: order!.id }, clock);
    expect(why).toMatchObject({ blockers: { alone: expect.any(Boolean) } });
    const chances = answerQuestion({ about: 'chances', problem, plan, runs: 50 }, clock);
    expect(chances).toMatchObject({ orders: expect.arrayContaining([expect.objectContaining({ order: order!.id })]) });
    const without: Plan = { ...plan, steps: plan.steps.filter((s) => !s.id.startsWith(`${order!.id}.`)) };
    const room = answerQuestion({ about: 'capacity', problem, old: without, order: order!.id, seconds: 60 }, clock);
    expect(room).toMatchObject({ order: order!.id, pickup: order!.pickup });
  });

  it('lives through one day where nobody wants to know the chances any more', () => {
    const plan = planned();
    const stop = new Int32Array(new SharedArrayBuffer(4));
    const chances = () => answerQuestion({ about: 'chances', problem, plan, runs: 50, stop: stop.buffer }, clock);
    expect(chances()).toMatchObject({ runs: 50 });
    stop[0] = 1;
    expect(chances()).toMatchObject({ runs: 1 });
  });
});
