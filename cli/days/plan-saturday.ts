import { replan } from '../../src/core/planner/replanning/replan';
import { solve } from '../../src/core/planner/solve';
import type { Plan } from '../../src/core/planning-format/plan';
import type { Problem } from '../../src/core/planning-format/problem';
import { planToHold } from '../../src/core/situation/plan-to-hold';
import { withSlack, type Slack } from '../../src/core/situation/with-slack';

/** Rounds between two times that a plan is lived through, as while nobody taps. */
const ROUNDS_A_LAP = 200;
const stop = () => false;

/** A plan of one of the demo's days with the slack of a kitchen, and the problem with what is kept free that it solves. */
export function planSaturday(
  base: Problem,
  slack: Slack,
  { seed, rounds, laps }: { seed: number; rounds: number; laps: number },
): { problem: Problem; plan: Plan } {
  const tight = withSlack(base, slack);
  const hold = slack === 'lean' ? null : { tight, slack, margins: {}, paces: {}, begins: 'early' as const };
  const made = planToHold({ problem: tight, hold, before: null, laps, stop }, (problem, from, lap) =>
    from
      ? replan(problem, from, { seed: seed + lap, rounds: ROUNDS_A_LAP, freely: true, stop })
      : solve(problem, { seed, rounds, stop }),
  );
  if (!made.solved.ok) throw new Error(made.solved.problems.map((p) => p.message).join('; '));
  return { problem: made.given.problem, plan: made.solved.plan };
}
