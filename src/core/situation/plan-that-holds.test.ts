import { checkPlan } from '../plan-check/check-plan';
import { missingWishes } from '../plan-reading/missing-wishes';
import { simulate } from '../planner/answers/simulate';
import { replan } from '../planner/replanning/replan';
import { solve } from '../planner/solve';
import { generateProblem } from '../planner/testing/generate';
import type { Plan } from '../planning-format/plan';
import type { Problem } from '../planning-format/problem';
import { planThatHolds, type Holding } from './plan-that-holds';
import { planToHold } from './plan-to-hold';
import { withSlack } from './with-slack';

const stop = () => false;
const tight = withSlack(generateProblem({ cakes: 10, seed: 7 }), 'usual');
const holding: Holding = { slack: 'usual', margins: {}, paces: {}, begins: 'early' };
const lap = (problem: Problem, from: Plan | null, n: number) =>
  from
    ? replan(problem, from, { seed: 1 + n, rounds: 60, freely: true, stop })
    : solve(problem, { seed: 1, rounds: 60, stop });
const known = new Map<number, ReturnType<typeof planAnew>>();
/** What nothing else is said of is planned once for all tests. */
function planned(laps: number, how?: Partial<Holding>): ReturnType<typeof planAnew> {
  const made = how ? planAnew(laps, how) : (known.get(laps) ?? planAnew(laps));
  if (!how) known.set(laps, made);
  return made;
}
const planAnew = (laps: number, how: Partial<Holding> = {}) => {
  const made = planThatHolds(tight, { ...holding, ...how }, lap, (n) => n <= laps);
  if (!made.ok) throw new Error('no plan');
  return made;
};
const lateShare = (ready: Map<string, number>) => [...ready.values()].reduce((sum, r) => sum + 1 - r, 0);

describe('a plan that holds', () => {
  it('is sound, of the problem that it says, and worth what it costs and what is late in its days', () => {
    const made = planned(3);
    expect(checkPlan(made.problem, made.plan).errors).toEqual([]);
    const days = simulate(made.problem, made.plan, 250, 1);
    expect([...made.ready]).toEqual(tight.orders.map((o) => [o.id, days.orders.find((d) => d.order === o.id)!.chance]));
    const bare = made.plan.score.cost - missingWishes(made) + missingWishes({ ...made, problem: tight });
    const late = tight.orders.reduce((sum, o) => sum + o.weight * (1 - made.ready.get(o.id)!), 0);
    expect(made.cost).toBeCloseTo(bare + 300 * late, 6);
  });
  it('is never worth less for more laps, and worth more where the first leaves something to be wished for', () => {
    const costs = [0, 2, 8].map((laps) => planned(laps).cost);
    expect(costs[1]!).toBeLessThanOrEqual(costs[0]!);
    expect(costs[2]!).toBeLessThanOrEqual(costs[1]!);
    expect(costs[2]!).toBeLessThan(costs[0]!);
  });
  it('keeps more free before what is late too often, and less before what hardly ever is', () => {
    const seen: { problem: Problem; plan: Plan }[] = [];
    planThatHolds(
      tight,
      holding,
      (problem, from, n) => {
        const made = lap(problem, from, n);
        if (made.ok) seen.push({ problem, plan: made.plan });
        return made;
      },
      (n) => n <= 1,
    );
    const [first, second] = seen;
    const chances = new Map(simulate(first!.problem, first!.plan, 250, 1).orders.map((o) => [o.order, o.chance]));
    const free = (p: Problem, collect: string) =>
      Math.max(...p.waits.filter((w) => w.to === collect).map((w) => (w.wish?.least ?? w.min) - w.min));
    const kinds = new Set<number>();
    for (const { id, collect } of tight.orders) {
      const late = 1 - chances.get(id)!;
      const more = Math.sign(free(second!.problem, collect) - free(first!.problem, collect));
      const wanted = late > 0.03 ? 1 : late < 0.005 ? -1 : 0;
      // A minute or two free have no tenth that could be taken away.
      if (wanted < 0 && free(first!.problem, collect) < 5) continue;
      expect([id, more]).toEqual([id, wanted]);
      kinds.add(more);
    }
    expect(kinds.size).toBeGreaterThan(1);
  });
  it('goes on from what was kept free before', () => {
    const margins = Object.fromEntries(tight.orders.map((o) => [o.id, 2]));
    expect(planned(0, { margins }).margins).toEqual(margins);
    const [once, twice] = [planned(0), planned(0, { margins })];
    expect(lateShare(twice.ready)).toBeLessThanOrEqual(lateShare(once.ready));
  });
  it('has what there is when it is stopped', () => {
    let days = 0;
    const made = planThatHolds(
      tight,
      holding,
      lap,
      () => false,
      () => ++days > 3,
    );
    expect(made.ok && made.ready.size).toBe(tight.orders.length);
    expect(days).toBeLessThan(10);
  });
  it('is none where there is none', () => {
    const none = { ok: false as const, problems: [{ path: 'steps[0]', message: 'No place.' }] };
    expect(
      planThatHolds(
        tight,
        holding,
        () => none,
        () => true,
      ),
    ).toEqual(none);
  });
});

describe('planning as a kitchen wants it', () => {
  const hold = { ...holding, tight };
  const wanted = { problem: tight, before: null, stop };

  it('plans lean without living through anything', () => {
    const made = planToHold({ ...wanted, hold: null, laps: 3 }, lap);
    const solved = solve(tight, { seed: 1, rounds: 60, stop });
    expect(made).toMatchObject({ solved, margins: {}, late: 0, worth: solved.ok && solved.plan.score.cost });
  });
  it('holds where it has laps for it, and keeps what was kept free where it has none', () => {
    const margins = { [tight.orders[0]!.id]: 2 };
    const quick = planToHold({ ...wanted, hold: { ...hold, margins }, laps: null }, lap);
    expect(quick.margins).toEqual(margins);
    const made = planToHold({ ...wanted, hold, laps: 2 }, lap);
    const same = planned(2);
    expect(made).toMatchObject({ worth: same.cost, margins: same.margins });
    expect(made.given.problem).toEqual(same.problem);
    expect(made.late).toBeCloseTo(lateShare(same.ready) / tight.orders.length, 9);
  });
});
