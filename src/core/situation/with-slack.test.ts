import { checkPlan } from '../plan-check/check-plan';
import { solve } from '../planner/solve';
import { generateProblem } from '../planner/testing/generate';
import { lengthOf } from '../planning-format/problem';
import { readProblem } from '../planning-format/read-problem';
import { minutesAt } from '../time/minutes';
import { SLACK, slackOf, withSlack } from './with-slack';

const problem = generateProblem({ cakes: 4, seed: 3 });

describe('slack', () => {
  it('is none where a kitchen plans lean', () => {
    expect(withSlack(problem, 'lean')).toBe(problem);
  });
  it('lets steps last longer than is likely, and says nothing else of them', () => {
    const usual = withSlack(problem, 'usual');
    problem.steps.forEach((s, i) => {
      expect(lengthOf(usual.steps[i]!)).toBeGreaterThanOrEqual(lengthOf(s));
      expect(lengthOf(usual.steps[i]!)).toBeLessThanOrEqual(s.minutes.high);
      expect({ ...usual.steps[i]!, minutes: null }).toEqual({ ...s, minutes: null });
      expect(usual.steps[i]!.minutes).toMatchObject(s.minutes);
    });
    const hours = (p: typeof problem) => p.steps.reduce((sum, s) => sum + lengthOf(s), 0);
    expect(hours(usual)).toBeGreaterThan(hours(problem));
    expect(withSlack(problem, 'safe')).toEqual(usual);
  });
  it('lets a bake last longer in each of its ovens', () => {
    const minutes = { low: 20, likely: 30, high: 60 };
    const [oven, own] = [
      { celsius: 180, units: 1 },
      { low: 30, likely: 40, high: 41 },
    ];
    const choices = [
      { equipment: 'left', celsius: 180, minutes },
      { equipment: 'right', celsius: 170, minutes: own },
    ];
    const step = { ...problem.steps[0]!, minutes, oven: { ...oven, choices } };
    const [slack] = withSlack({ ...problem, steps: [step] }, 'usual').steps;
    expect(slack!.oven!.choices!.map((c) => c.minutes.planned ?? null)).toEqual([
      Math.round(minutesAt(minutes, 0.6)),
      Math.round(minutesAt(own, 0.6)) > 40 ? 41 : null,
    ]);
  });
  it('goes by how long such steps took here, where that is known, in parts of a twentieth', () => {
    const step = problem.steps.find((s) => s.minutes.likely >= 20)!;
    const { likely } = step.minutes;
    const planned = (ratios: number[]) =>
      lengthOf(withSlack(problem, 'usual', { [step.name]: ratios }).steps.find((s) => s.id === step.id)!);
    // Six times in ten: 1 + 0.6 of the way to 2.
    expect(planned([1, 2])).toBe(Math.round(likely * 1.6));
    expect(planned([1.31, 1.31])).toBe(Math.round(likely * 1.3));
    expect(planned([1.32, 1.32])).toBe(Math.round(likely * 1.3));
    // Who is always quicker is still given what is likely.
    expect(planned([0.5, 0.9])).toBe(likely);
  });
  it('is planned with, and both the reader and the checker know it', () => {
    const safe = withSlack(problem, 'safe');
    expect(readProblem(JSON.parse(JSON.stringify(safe)))).toMatchObject({ ok: true });
    const solved = solve(safe, { seed: 1, rounds: 30, stop: () => false });
    if (!solved.ok) throw new Error('no plan');
    expect(checkPlan(safe, solved.plan).errors).toEqual([]);
    const step = safe.steps.find((s) => s.minutes.planned !== undefined)!;
    const planned = solved.plan.steps.find((s) => s.id === step.id)!;
    expect(planned.end - planned.start).toBe(step.minutes.planned);
    expect(solved.plan.bound.cost!).toBeLessThanOrEqual(solved.plan.score.cost + 1e-6);
  });
});

describe('what a kitchen has chosen', () => {
  it('is lean until it says something else', () => {
    expect(slackOf({})).toBe('lean');
    expect(slackOf({ cloth: 'dry', slack: 'safe' })).toBe('safe');
    expect(slackOf({ slack: 'lazy' })).toBe('lean');
    expect(SLACK.choices.map((c) => slackOf({ slack: c.key }))).toEqual(['lean', 'usual', 'safe']);
  });
});

describe('how long something lasts in a share of all cases', () => {
  const minutes = { low: 8, likely: 10, high: 14 };
  it('runs from low over likely to high', () => {
    expect(minutesAt(minutes, 0)).toBe(8);
    expect(minutesAt(minutes, 1 / 3)).toBeCloseTo(10, 9);
    expect(minutesAt(minutes, 1)).toBe(14);
    // The triangle over 8, 10, 14: a quarter of its area lies above 14 − √(0.25 × 6 × 4).
    expect(minutesAt(minutes, 0.75)).toBeCloseTo(14 - Math.sqrt(6), 9);
  });
  it('is what is likely where nothing else is known', () => {
    expect(minutesAt({ low: 5, likely: 5, high: 5 }, 0.9)).toBe(5);
  });
});
