import { valueAt } from '../ids/value-at';
import { say } from '../words/say';
import type { School } from '../formula/formula';
import type { Choices } from '../formula/schools';
import type { Problem, Step, StepMinutes } from '../planning-format/problem';
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
      effect: say`time that is enough six times in ten, and minutes free before cakes leave, where days that are tried out need them`,
    },
    {
      key: 'safe',
      name: say`Safe`,
      effect: say`the same, until hardly a day is left on which a cake is late: older parts`,
    },
  ],
};

/** What a kitchen has chosen. */
export const slackOf = (choices: Choices): Slack =>
  SLACK.choices.find((c) => c.key === choices[SLACK.key])?.key ?? 'lean';

/**
 * In how large a share of all cases a step is to be done within its planned time where a plan is not lean. A lean plan lets it last as long as is likely,
 * which of a step that may take much longer and but little less is what every third one keeps to. More than this has not made plans hold better: the same
 * minutes are worth more where they are free (`free-minutes.ts`) than where each step has its own.
 */
const KEPT_BY = 0.6;

/**
 * The problem in which steps are planned to last as long as the slack of a kitchen says; what is likely stays what it is.
 *
 * @param paces by the name of a step, how long such steps took here as parts of their likely minutes, sorted: where that is known, it counts
 *   instead of low and high
 */
export function withSlack(problem: Problem, slack: Slack, paces: Record<string, number[]> = {}): Problem {
  if (slack === 'lean') return problem;
  return { ...problem, steps: problem.steps.map((s) => slackened(s, valueAt(paces, s.name))) };
}

/** Paces are planned with in such parts: a plan does not tremble with each step that is told. */
const PACE_PART = 0.05;

function slackened(step: Step, paces: number[] | undefined): Step {
  const choices = step.oven?.choices?.map((c) => ({ ...c, minutes: withPlanned(c.minutes, paces) }));
  return {
    ...step,
    minutes: withPlanned(step.minutes, paces),
    ...(choices ? { oven: { ...step.oven!, choices } } : {}),
  };
}

function withPlanned(minutes: StepMinutes, paces: number[] | undefined): StepMinutes {
  const { likely } = minutes;
  const enough = paces
    ? likely * PACE_PART * Math.round(paceAt(paces, KEPT_BY) / PACE_PART)
    : minutesAt(minutes, KEPT_BY);
  const planned = Math.max(likely, Math.round(enough));
  return planned === likely ? minutes : { ...minutes, planned };
}
