import { ALL } from '../../src/core/testing/chance';
import { checkPlan } from '../../src/core/plan-check/check-plan';
import { replan } from '../../src/core/planner/replanning/replan';
import { solve } from '../../src/core/planner/solve';
import { planGivingWay } from '../../src/core/situation/give-way';
import { withSlack } from '../../src/core/situation/with-slack';
import { liveDays } from './live-day';
import { saturday } from './saturday';

const never = () => false;

/** Cakes, day, and rounds of search after each fact; the long days are for the long run. */
const DAYS = [
  [5, 3, 0],
  [5, 5, 8],
  [8, 3, 0],
  [14, 5, 8],
] as const;

describe('days that are lived by their plans', () => {
  it.each(ALL ? DAYS : DAYS.slice(0, 2))(
    '%i cakes, day %i: whatever is told, the plan again keeps every rule (%i rounds)',
    (cakes, seed, rounds) => {
      const problem = withSlack(saturday(cakes, seed), 'usual');
      const first = solve(problem, { seed: 1, rounds: 100, stop: never });
      if (!first.ok) throw new Error('no plan');
      let facts = 0;
      let waits: readonly string[] = [];
      const { plan, problem: end } = liveDays(problem, first.plan, seed, (told) => {
        facts += 1;
        const before = { plan: told.before, waits };
        const { solved, given } = planGivingWay(told.problem, before, (p) =>
          replan(p, told.before, { seed: 1, rounds, stop: never }),
        );
        if (!solved.ok) throw new Error('no plan');
        expect({ told: told.step, errors: checkPlan(given.problem, solved.plan).errors }).toEqual({
          told: told.step,
          errors: [],
        });
        waits = given.waits;
        return solved.plan;
      });
      expect(facts).toBeGreaterThan(20 * cakes);
      // Everything that the plan had was made, and told with when it was.
      const told = new Map(end.steps.map((s) => [s.id, s.placed?.state]));
      expect(plan.steps.filter((s) => told.get(s.id) !== 'done')).toEqual([]);
      expect(plan.steps.length).toBeGreaterThan(10 * cakes);
    },
  );
});
