/**
 * Lives days of the demo's kitchen through by the plans that are made on the way, and measures how good those are. See `cli/README.md`.
 * Prints a table; nothing is written: figures go into documents by hand, after they were looked at.
 */
import { parseArgs } from 'node:util';
import { checkPlan } from '../src/core/plan-check/check-plan';
import { replan } from '../src/core/planner/replanning/replan';
import { solve } from '../src/core/planner/solve';
import { movedRungs } from '../src/core/plan-reading/moved-rungs';
import type { Plan } from '../src/core/planning-format/plan';
import type { Problem } from '../src/core/planning-format/problem';
import { improvement } from '../src/workers/improvement';
import { planGivingWay, type PlanBefore } from '../src/core/situation/give-way';
import { SLACK, slackOf } from '../src/core/situation/with-slack';
import { planSaturday } from './days/plan-saturday';
import { refuse, wholeNumberList, wholeNumbers } from './whole-numbers';
import { liveDays, type Told } from './days/live-day';
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
    /** Rounds that the plan is searched on for whenever nothing happens for a few minutes. */
    behind: { type: 'string', default: '0' },
    /** Plans anew at each fact, by so many rounds, instead of again: to compare the end of a day with. */
    anew: { type: 'string', default: '0' },
    fresh: { type: 'string', default: '1500' },
    /** Every so many facts the plan is compared with one made afresh. */
    every: { type: 'string', default: '25' },
  },
});
const SOON = 720;
/** An order waits for nothing where it could be so much earlier, and none later for it. Minutes. */
const EARLIER = 5;
/** Times that the first plan is lived through, where it has slack. */
const LAPS = 12;
const named = ['first', 'rounds', 'fresh', 'every', 'days', 'seed', 'behind', 'anew'] as const;
const { first, rounds, fresh, every, days, seed, behind, anew } = wholeNumbers(values, named);
const cakesOf = wholeNumberList(values.cakes, 'cakes');
const never = () => false;
if (!SLACK.choices.some((c) => c.key === values.slack)) refuse('--slack is lean, usual or safe.');

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
    anew > 0 ? solve(p, { seed, rounds: anew, stop: never }) : replan(p, before.plan, { seed, rounds, stop: never }),
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
  /** Plans that were found while nothing happened. */
  found: number;
  ms: number[];
  /** States that were looked at, and those in which an order that is late could be earlier and none would be later for it. */
  looked: number;
  waiting: number;
  followed: number;
  afresh: number;
  end: number;
}

/** Rungs that begin at another time, of those that were to begin within the next half day. */
function movedSoon(problem: Problem, before: Plan, after: Plan): number {
  const soon = before.steps.filter((s) => s.start <= problem.now + SOON);
  return movedRungs(problem, { ...before, steps: soon }, after);
}

/** Could an order that is late leave 5 min earlier or more, and none later for it, were neighbours asked and rungs moved far enough? */
function couldBeEarlier(problem: Problem, plan: Plan): boolean {
  const was = late(plan, problem);
  if ([...was.values()].every((minutes) => minutes < EARLIER)) return false;
  return [0, 300].some((rounds) => {
    const other = replan(problem, plan, { seed, rounds, thorough: true, stop: never });
    if (!other.ok) return false;
    const is = late(other.plan, problem);
    const gains = [...was].map(([order, minutes]) => minutes - is.get(order)!);
    return gains.some((g) => g >= EARLIER) && gains.every((g) => !(g < 0));
  });
}

function live(cakes: number, day: number): Tally {
  const slack = slackOf({ [SLACK.key]: values.slack });
  const base = saturday(cakes, seed * 100 + day);
  const { problem, plan: planned } = planSaturday(base, slack, {
    seed,
    rounds: first,
    laps: slack === 'lean' ? 0 : LAPS,
  });
  const t: Tally = {
    ...{
      facts: 0,
      rejected: 0,
      harmed: 0,
      neutral: 0,
      moved: 0,
      found: 0,
      ms: [],
      looked: 0,
      waiting: 0,
      followed: 0,
      afresh: 0,
      end: 0,
    },
  };
  let waits: readonly string[] = [];
  const tell = (told: Told) => {
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
    t.moved += movedSoon(told.problem, told.before, again.plan);
    if (t.facts % every === 0) {
      t.followed += again.plan.score.cost;
      t.looked += 1;
      if (couldBeEarlier(given.problem, again.plan)) t.waiting += 1;
      t.afresh += Math.min(again.plan.score.cost, solved(given.problem, fresh).score.cost);
    }
    return again.plan;
  };
  const quiet = (now: Problem, plan: Plan) => {
    if (behind === 0) return null;
    const better = improvement(
      now,
      null,
      { plan, waits },
      { seed: t.found + 2, rounds: behind, stopped: never, over: never },
    );
    if (!better) return null;
    waits = better.given.waits;
    t.found += 1;
    t.moved += movedSoon(now, plan, better.plan);
    return better.plan;
  };
  const { plan } = liveDays(problem, planned, seed * 1000 + day, tell, quiet);
  t.end = plan.score.cost;
  return t;
}

const quantile = (list: number[], q: number) => [...list].sort((a, b) => a - b)[Math.floor(q * (list.length - 1))] ?? 0;
console.log(
  'cakes day facts rejected harmed/neutral waiting/looked moved/fact followed/afresh end found ms50 ms95 ms100',
);
for (const cakes of cakesOf)
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
        `${t.waiting}/${t.looked}`,
        (t.moved / t.facts).toFixed(2),
        ratio,
        Math.round(t.end),
        t.found,
        ...ms,
      ].join(' '),
    );
  }
