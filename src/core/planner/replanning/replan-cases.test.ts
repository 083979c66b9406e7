import { checkPlan } from '../../plan-check/check-plan';
import type { Plan } from '../../planning-format/plan';
import type { Problem } from '../../planning-format/problem';
import twoLoads from '../testing/replan-cases/peak20-170.json' with { type: 'json' };
import runningLoad from '../testing/replan-cases/peak20-184.json' with { type: 'json' };
import noMinuteFree from '../testing/replan-cases/lean12-melt.json' with { type: 'json' };
import { replan } from './replan';

const cases = [
  ['an order is in the way while its bake is running', twoLoads],
  ['a load of another temperature wants the oven a minute before the running one is out', runningLoad],
] as unknown as [string, { problem: Problem; before: Plan }][];

describe('a peak Saturday on which much runs at once', () => {
  it.each(cases)('%s: what runs keeps its oven, whatever is left out for a moment', (_, { problem, before }) => {
    for (const rounds of [0, 150]) {
      const again = replan(problem, before, { seed: 1, rounds, stop: () => false });
      if (!again.ok) throw new Error('no plan');
      expect({ rounds, errors: checkPlan(problem, again.plan).errors }).toEqual({ rounds, errors: [] });
    }
  });
  it.each(cases)('%s: with time to search, all cakes have a place, and nobody pays too much for it', (_, given) => {
    const { problem, before } = given;
    const again = replan(problem, before, { seed: 1, rounds: 400, stop: () => false });
    if (!again.ok) throw new Error('no plan');
    expect(again.plan.unplaced).toEqual([]);
    // What has happened costs something: a tenth more than before is as much as is paid for it here.
    expect(again.plan.score.cost).toBeLessThan(1.1 * before.score.cost);
  });
});

describe('a lean Saturday on which no hand has a minute free', () => {
  it('five minutes that slipped push what comes after, and nobody waits for hours', () => {
    const { problem, before } = noMinuteFree as unknown as { problem: Problem; before: Plan };
    const again = replan(problem, before, { seed: 1, rounds: 0, stop: () => false });
    if (!again.ok) throw new Error('no plan');
    expect(checkPlan(problem, again.plan).errors).toEqual([]);
    expect(again.plan.score.lateness).toBeLessThanOrEqual(before.score.lateness);
  });
});
