import { compile } from '../model/model';
import type { Problem } from '../../planning-format/problem';
import { solve } from '../solve';
import { ALL } from '../../testing/chance';
import { generateProblem } from '../testing/generate';

const solved = (problem: Problem, rounds: number) => {
  const plan = solve(problem, { seed: 1, rounds, stop: () => false });
  if (!plan.ok) throw new Error('no plan');
  return plan.plan;
};

/** The problem with each step done in one way and no other: by those people at that length, or in those ovens. */
function inOneWay(problem: Problem, ways: Map<number, number>): Problem {
  const { steps } = compile(problem);
  const people = problem.people.map((p, i) => ({
    ...p,
    pace: {},
    skills: [
      ...p.skills,
      ...[...ways].flatMap(([s, way]) => (steps[s]!.modes[way]!.candidates.includes(i) ? [`way ${s}`] : [])),
    ],
  }));
  return {
    ...problem,
    people,
    steps: problem.steps.map((s, i) => {
      const mode = steps[i]!.modes[ways.get(i) ?? 0]!;
      const minutes = { ...s.minutes, planned: mode.minutes };
      if (!s.oven?.choices)
        return { ...s, minutes, ...(ways.has(i) ? { people: { ...s.people!, skill: `way ${i}` } } : {}) };
      const items = mode.needs.at(-1)!.items.map((item) => problem.equipment[item]!.id);
      return { ...s, oven: { ...s.oven, choices: s.oven.choices.filter((c) => items.includes(c.equipment)) } };
    }),
  };
}

/** Kitchens that are compared, each in all of its ways. */
const CASES = ALL ? 8 : 4;

describe('choosing among ways of doing a step', () => {
  it('comes near the best of all their combinations, and the bound lies above none of them', () => {
    let compared = 0;
    let direct = 0;
    let best = 0;
    for (let seed = 1; seed <= 40 && compared < CASES; seed++) {
      const problem = generateProblem({ cakes: 1 + (seed % 2), seed, ways: true });
      const { steps } = compile(problem);
      const open = [...steps.keys()].filter((s) => steps[s]!.modes.length > 1);
      // A crew of several is not told apart by its slowest here; more than so many combinations take too long.
      const combinations = open.reduce((product, s) => product * steps[s]!.modes.length, 1);
      if (open.length < 2 || combinations > 40 || open.some((s) => steps[s]!.crew > 1)) continue;
      compared += 1;
      let least = Infinity;
      for (let n = 0; n < combinations; n++) {
        let rest = n;
        const ways = new Map(
          open.map((s) => {
            const way = rest % steps[s]!.modes.length;
            rest = Math.floor(rest / steps[s]!.modes.length);
            return [s, way];
          }),
        );
        least = Math.min(least, solved(inOneWay(problem, ways), 40).score.cost);
      }
      const plan = solved(problem, 400);
      expect(plan.bound.cost).toBeLessThanOrEqual(least + 1e-6);
      direct += plan.score.cost;
      best += least;
    }
    expect(compared).toBe(CASES);
    expect(direct).toBeLessThanOrEqual(1.001 * best);
  });
});
