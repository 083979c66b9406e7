import { say } from '../words/say';
import type { School } from '../formula/formula';
import type { Choices } from '../formula/schools';
import type { Problem, Step } from '../planning-format/problem';
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
    { key: 'usual', name: say`Usual`, effect: say`the time that is enough six times in ten` },
    {
      key: 'safe',
      name: say`Safe`,
      effect: say`the time that is enough three times in four: older parts, fewer late cakes`,
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

/** The problem in which steps are planned to last as long as the slack of a kitchen says; what is likely stays what it is. */
export function withSlack(problem: Problem, slack: Slack): Problem {
  if (slack === 'lean') return problem;
  return { ...problem, steps: problem.steps.map((s) => slackened(s, KEPT_BY[slack])) };
}

function slackened(step: Step, share: number): Step {
  const planned = Math.max(step.minutes.likely, Math.round(minutesAt(step.minutes, share)));
  return planned === step.minutes.likely ? step : { ...step, minutes: { ...step.minutes, planned } };
}
