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
  it('lets steps last longer than is likely, the more the safer, and says nothing else of them', () => {
    const [usual, safe] = [withSlack(problem, 'usual'), withSlack(problem, 'safe')];
    problem.steps.forEach((s, i) => {
      expect(lengthOf(usual.steps[i]!)).toBeGreaterThanOrEqual(lengthOf(s));
      expect(lengthOf(safe.steps[i]!)).toBeGreaterThanOrEqual(lengthOf(usual.steps[i]!));
      expect(lengthOf(safe.steps[i]!)).toBeLessThanOrEqual(s.minutes.high);
      expect({ ...safe.steps[i]!, minutes: null }).toEqual({ ...s, minutes: null });
      expect(safe.steps[i]!.minutes).toMatchObject(s.minutes);
    });
    const hours = (p: typeof problem) => p.steps.reduce((sum, s) => sum + lengthOf(s), 0);
    expect(hours(usual)).toBeGreaterThan(hours(problem));
    expect(hours(safe)).toBeGreaterThan(hours(usual));
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
  it('keeps minutes free before a hand-over where that can be, and nowhere else', () => {
    const kept = withSlack(problem, 'usual');
    const collects = new Set(problem.orders.map((o) => o.collect));
    kept.waits.forEach((w, i) => {
      const { min, max } = problem.waits[i]!;
      const least = Math.min(max ?? Infinity, min + 15);
      expect(w.wish).toEqual(collects.has(w.to) && least > min ? { least, cost: 2 } : undefined);
    });
    const shut = { ...problem, waits: problem.waits.map((w) => ({ ...w, max: w.min })) };
    expect(withSlack(shut, 'safe').waits).toEqual(shut.waits);
    // What is wished for more is not wished for less.
    const wishing = {
      ...problem,
      waits: problem.waits.map((w) => ({ ...w, max: null, wish: { least: w.min + 60, cost: 0.1 } })),
    };
    expect(withSlack(wishing, 'safe').waits).toEqual(wishing.waits);
    const short = {
      ...problem,
      waits: problem.waits.map((w) => ({ ...w, max: null, wish: { least: w.min + 5, cost: 3 } })),
    };
    const last = withSlack(short, 'safe').waits.find((w) => collects.has(w.to))!;
    expect(last.wish).toEqual({ least: last.min + 25, cost: 3 });
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
