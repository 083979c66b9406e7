import type { Problem } from '../../planning-format/problem';
import { compile } from '../model/model';
import { generateProblem } from '../testing/generate';
import { groupBounds } from './bound';
import { kitchenOf, knownBound } from './known-bounds';

describe('bounds that are known already', () => {
  const problem = generateProblem({ cakes: 6, seed: 3, wishes: true });
  /** How many groups would be reckoned anew. */
  const reckoned = (changed: Problem) => {
    const model = compile(changed);
    let times = 0;
    for (const group of model.groups)
      knownBound(model, group, kitchenOf(model), () => {
        times += 1;
        return NaN;
      });
    return times;
  };
  const first = <T>(list: T[], change: (x: T) => T) => list.map((x, i) => (i === 0 ? change(x) : x));

  it('are not reckoned again where nothing has changed, and are those that were reckoned', () => {
    const bounds = groupBounds(compile(problem));
    const model = compile(structuredClone(problem));
    expect(model.groups.map((g) => knownBound(model, g, kitchenOf(model), () => NaN))).toEqual(bounds);
  });

  it('are reckoned again for the group that has changed, or for all where the kitchen has', () => {
    const all = groupBounds(compile(problem)).length;
    const longer = (s: Problem['steps'][number]) => ({ ...s, minutes: { ...s.minutes, likely: s.minutes.likely + 1 } });
    expect(reckoned({ ...problem, steps: first(problem.steps, longer) })).toBe(1);
    expect(reckoned({ ...problem, waits: first(problem.waits, (w) => ({ ...w, min: w.min + 1 })) })).toBe(1);
    expect(reckoned({ ...problem, orders: first(problem.orders, (o) => ({ ...o, pickup: o.pickup + 1 })) })).toBe(1);
    expect(reckoned({ ...problem, now: problem.now + 1 })).toBe(all);
    expect(reckoned({ ...problem, people: first(problem.people, (p) => ({ ...p, skills: [] })) })).toBe(all);
    expect(reckoned({ ...problem, equipment: problem.equipment.slice(1) })).toBe(all);
  });
});
