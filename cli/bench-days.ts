/**
 * Lives days of the demo's kitchen through by the plans that are made on the way, and measures how good those are. See `cli/README.md`.
 * Prints a table; nothing is written: figures go into documents by hand, after they were looked at.
 */
import { parseArgs } from 'node:util';
import { checkPlan } from '../src/core/plan-check/check-plan';
import { replan } from '../src/core/planner/replanning/replan';
import { solve } from '../src/core/planner/solve';
import type { Plan } from '../src/core/planning-format/plan';
import type { Problem } from '../src/core/planning-format/problem';
import { planGivingWay, type PlanBefore } from '../src/core/situation/give-way';
import { SLACK, slackOf, withSlack } from '../src/core/situation/with-slack';
import { liveDays } from './days/live-day';
import { saturday } from './days/saturday';

const { values } = parseArgs({
  options: {
    cakes: { type: 'string', default: '12,20,30' },
    days: { type: 'string', default: '5' },
    seed: { type: 'string', default: '1' },
    /** Rounds of the first plan, of a plan again, and of the fresh search it is compared with. */
    first: { type: 'string', default: '3000' },
    rounds: { type: 'string', default: '60' },
    slack: { type: 'string', default: 'lean' },
    fresh: { type: 'string', default: '1500' },
    /** Every so many facts the plan is compared with one made afresh. */
    every: { type: 'string', default: '25' },
  },
});
const SOON = 720;
const [first, rounds, fresh, every, days, seed] = ['first', 'rounds', 'fresh', 'every', 'days', 'seed'].map((k) =>
  Number(values[k as 'first']),
) as [number, number, number, number, number, number];
const never = () => false;
const known = SLACK.choices.some((c) => c.key === values.slack);
if (!known || [first, rounds, fresh, every, days, seed].some((n) => !Number.isInteger(n))) {
  process.stderr.write('Whole numbers, and a slack of lean, usual or safe: see cli/README.md.\n');
  process.exit(2);
}

const solved = (problem: Problem, rounds: number): Plan => {
  const made = solve(problem, { seed, rounds, stop: never });
  if (!made.ok) throw new Error(made.problems.map((p) => p.message).join('; '));
  return made.plan;
};
const late = (plan: Plan, problem: Problem) => {
  const at = new Map(plan.steps.map((s) => [s.id, s.start]));
  return new Map(problem.orders.map((o) => [o.id, Math.max(0, (at.get(o.collect) ?? Infinity) - o.pickup)]));
};

/** The plan again, as the kitchen gets it. */
function followed(problem: Problem, before: PlanBefore) {
  const { solved: again, given } = planGivingWay(problem, before, (p) =>
    replan(p, before.plan, { seed, rounds, stop: never }),
  );
  if (!again.ok) throw new Error(again.problems.map((p) => p.message).join('; '));
  return { again, given };
}

interface Tally {
  facts: number;
  rejected: number;
  harmed: number;
  neutral: number;
  moved: number;
  ms: number[];
  followed: number;
  afresh: number;
  end: number;
}

function live(cakes: number, day: number): Tally {
  const problem = withSlack(saturday(cakes, seed * 100 + day), slackOf({ [SLACK.key]: values.slack }));
  const t: Tally = {
    ...{ facts: 0, rejected: 0, harmed: 0, neutral: 0, moved: 0, ms: [], followed: 0, afresh: 0, end: 0 },
  };
  let waits: readonly string[] = [];
  const { plan } = liveDays(problem, solved(problem, first), seed * 1000 + day, (told) => {
    const began = performance.now();
    const { again, given } = followed(told.problem, { plan: told.before, waits });
    t.ms.push(performance.now() - began);
    const waitsBefore = waits;
    waits = given.waits;
    const { errors } = checkPlan(given.problem, again.plan);
    t.facts += 1;
    if (errors.length > 0) t.rejected += 1;
    if (told.neutral) {
      t.neutral += 1;
      const before = late(told.before, told.problem);
      const after = late(again.plan, told.problem);
      const worse = [...after].filter(([order, minutes]) => minutes > before.get(order)!);
      // Time has passed as well: who would be as late without the fact is not late by it.
      const without =
        worse.length > 0
          ? late(followed(told.without(), { plan: told.before, waits: waitsBefore }).again.plan, told.problem)
          : after;
      if (worse.some(([order, minutes]) => minutes > without.get(order)!)) t.harmed += 1;
    }
    const was = new Map(told.before.steps.map((s) => [s.id, s.start]));
    for (const s of again.plan.steps) {
      const before = was.get(s.id);
      const free = told.problem.steps.find((x) => x.id === s.id)!.placed === undefined;
      if (free && before !== undefined && before !== s.start && before <= told.minute + SOON) t.moved += 1;
    }
    if (t.facts % every === 0) {
      t.followed += again.plan.score.cost;
      t.afresh += Math.min(again.plan.score.cost, solved(given.problem, fresh).score.cost);
    }
    return again.plan;
  });
  t.end = plan.score.cost;
  return t;
}

const quantile = (list: number[], q: number) => [...list].sort((a, b) => a - b)[Math.floor(q * (list.length - 1))] ?? 0;
console.log('cakes day facts rejected harmed/neutral moved/fact followed/afresh end ms50 ms95 ms100');
for (const cakes of values.cakes.split(',').map(Number))
  for (let day = 1; day <= days; day++) {
    const t = live(cakes, day);
    const ms = [0.5, 0.95, 1].map((q) => Math.round(quantile(t.ms, q)));
    const ratio = `${Math.round(t.followed)}/${Math.round(t.afresh)}=${(t.followed / t.afresh).toFixed(3)}`;
    console.log(
      [
        cakes,
        day,
        t.facts,
        t.rejected,
        `${t.harmed}/${t.neutral}`,
        (t.moved / t.facts).toFixed(2),
        ratio,
        Math.round(t.end),
        ...ms,
      ].join(' '),
    );
  }
