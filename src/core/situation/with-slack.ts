import { say } from '../words/say';
import type { School } from '../formula/formula';
import type { Choices } from '../formula/schools';
import type { Problem, Step, Wait } from '../planning-format/problem';
import { paceAt } from '../records/pace';
import { minutesAt } from '../time/minutes';

/** How much room a kitchen plans for what takes longer than is likely. */
export type Slack = 'lean' | 'usual' | 'safe';

/** The question to a kitchen; the first is the start. */
export const SLACK: Omit<School, 'choices'> & { choices: { key: Slack; name: string; effect: string }[] } = {
  key: 'slack',
  question: say`How long a plan lets a step last`,
  choices: [
    {
      key: 'lean',
      name: say`Lean`,
      effect: say`as long as is likely: the youngest parts, but minutes make a cake late`,
    },
    {
      key: 'usual',
      name: say`Usual`,
      effect: say`the time that is enough six times in ten, and 15 min free before it leaves`,
    },
    {
      key: 'safe',
      name: say`Safe`,
      effect: say`the time that is enough three times in four, and 25 min free before it leaves: older parts, fewer late cakes`,
    },
  ],
};

/** What a kitchen has chosen. */
export const slackOf = (choices: Choices): Slack =>
  SLACK.choices.find((c) => c.key === choices[SLACK.key])?.key ?? 'lean';

/**
 * In how large a share of all cases a step is to be done within its planned time. With `lean` a plan lets it last as long as is likely, which
 * of a step that may take much longer and but little less is what every third one keeps to.
 */
const KEPT_BY: Readonly<Record<Exclude<Slack, 'lean'>, number>> = { usual: 0.6, safe: 0.75 };

/**
 * Minutes that had rather be kept free before a hand-over, where what went wrong before comes together; and what each that is missing costs: much more
 * than age, much less than a late minute.
 */
const FREE_BEFORE_HAND_OVER: Readonly<Record<Exclude<Slack, 'lean'>, number>> = { usual: 15, safe: 25 };
const COST_OF_MISSING = 2;

/**
 * The problem in which steps are planned to last as long as the slack of a kitchen says, and minutes are kept free before the hand-overs; what is
 * likely stays what it is.
 *
 * @param paces by the name of a step, how long such steps took here as parts of their likely minutes, sorted: where that is known, it counts
 *   instead of low and high
 */
export function withSlack(problem: Problem, slack: Slack, paces: Record<string, number[]> = {}): Problem {
  if (slack === 'lean') return problem;
  const handOvers = new Set(problem.orders.map((o) => o.collect));
  return {
    ...problem,
    steps: problem.steps.map((s) => slackened(s, KEPT_BY[slack], paces[s.name])),
    waits: problem.waits.map((w) => (handOvers.has(w.to) ? sparing(w, FREE_BEFORE_HAND_OVER[slack]) : w)),
  };
}

/** Paces are planned with in such parts: a plan does not tremble with each step that is told. */
const PACE_PART = 0.05;

function slackened(step: Step, share: number, paces: number[] | undefined): Step {
  const { likely } = step.minutes;
  const enough = paces
    ? likely * PACE_PART * Math.round(paceAt(paces, share) / PACE_PART)
    : minutesAt(step.minutes, share);
  const planned = Math.max(likely, Math.round(enough));
  return planned === likely ? step : { ...step, minutes: { ...step.minutes, planned } };
}

/** The wait with a wish for so many minutes more than its shortest, as far as its longest lets it. */
function sparing(wait: Wait, minutes: number): Wait {
  const least = Math.min(wait.max ?? Infinity, wait.min + minutes);
  if (least <= (wait.wish?.least ?? wait.min)) return wait;
  return { ...wait, wish: { least, cost: Math.max(COST_OF_MISSING, wait.wish?.cost ?? 0) } };
}
