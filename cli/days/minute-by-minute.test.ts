import { courseOf } from '../../src/core/planner/dispatch/course';
import { Days } from '../../src/core/planner/dispatch/day';
import { beginnings } from '../../src/core/planner/dispatch/earliest-times';
import { seededRandom } from '../../src/core/planner/model/random';
import { solve } from '../../src/core/planner/solve';
import { generateProblem } from '../../src/core/planner/testing/generate';
import type { Problem } from '../../src/core/planning-format/problem';
import { minutesAt } from '../../src/core/time/minutes';
import { MinuteByMinute } from './minute-by-minute';
import { seeds } from '../../src/core/testing/chance';

const known = new Map<number, ReturnType<typeof solve>>();
/** Each made-up kitchen is planned once, for both ways of beginning its steps. */
function solvedOnce(seed: number, problem: Problem): ReturnType<typeof solve> {
  const solved = known.get(seed) ?? solve(problem, { seed: 1, rounds: 20, stop: () => false });
  known.set(seed, solved);
  return solved;
}

describe('the two ways of living a day through', () => {
  it.each([false, true])(
    'begin every hand-over at the same minute, whatever the steps last (by the wall: %s)',
    (wall) => {
      let days = 0;
      let late = 0;
      const asked = seeds(1, 24);
      for (const seed of asked) {
        const problem = generateProblem({
          ...{ cakes: 1 + (seed % 9), seed, days: 3 },
          ...{ batches: seed % 3 === 0 ? 0.4 : 0, facts: seed % 4 === 0, ways: seed % 2 === 0 },
        });
        const solved = solvedOnce(seed, problem);
        if (!solved.ok) continue;
        const { plan } = solved;
        const course = courseOf(problem, plan);
        const fast = new Days(course, beginnings(course, wall ? 'wall' : 'early'));
        const plain = new MinuteByMinute(problem, plan, wall);
        for (let day = 1; day <= 2; day++) {
          const random = seededRandom(100 * seed + day);
          const lasts = new Map(problem.steps.map((s) => [s.id, minutesAt(s.minutes, random())]));
          fast.live(Float64Array.from(course.steps, (s) => lasts.get(s.id)!));
          const index = new Map(course.steps.map((s, i) => [s.id, i]));
          const left = new Map(problem.orders.map((o) => [o.id, fast.began[index.get(o.collect) ?? -1] ?? Infinity]));
          expect({ seed, day, left }).toEqual({ seed, day, left: plain.live((id) => lasts.get(id)!) });
          days += 1;
          late += problem.orders.filter((o) => left.get(o.id)! > o.pickup).length;
        }
      }
      expect(days).toBeGreaterThan(1.3 * asked.length);
      expect(late).toBeGreaterThan(0.8 * asked.length);
    },
  );
});
