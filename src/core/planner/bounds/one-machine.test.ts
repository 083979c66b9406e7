import { fc, runs } from '../../testing/chance';
import { oneMachineBound, type OneMachineJob } from './one-machine';

/** The best schedule without interruption, by trying every order. */
function best(jobs: OneMachineJob[], time = -Infinity, over = -Infinity): number {
  if (jobs.length === 0) return over;
  return Math.min(
    ...jobs.map((j, i) => {
      const end = Math.max(time, j.head) + j.minutes;
      return best(
        jobs.filter((_, k) => k !== i),
        end,
        Math.max(over, end + j.tail),
      );
    }),
  );
}

const jobs = fc.array(
  fc.record({
    head: fc.integer({ min: 0, max: 30 }),
    minutes: fc.integer({ min: 1, max: 15 }),
    tail: fc.integer({ min: 0, max: 30 }),
  }),
  { minLength: 1, maxLength: 6 },
);

describe('the bound of one machine', () => {
  it('is never above the best order, nor below heads, work and tails', () => {
    fc.assert(
      fc.property(jobs, (list) => {
        const bound = oneMachineBound(list);
        expect(bound).toBeLessThanOrEqual(best(list));
        const least = (f: (j: OneMachineJob) => number) => Math.min(...list.map(f));
        const work = list.reduce((sum, j) => sum + j.minutes, 0);
        expect(bound).toBeGreaterThanOrEqual(least((j) => j.head) + work + least((j) => j.tail));
      }),
      runs(100, 300),
    );
  });

  it('by hand: a long tail goes first, an early short one before it', () => {
    // 0–2 the only one there; 2–6 the long tail, over at 26; 6–9 the rest, over at 10.
    const list = [
      { head: 0, minutes: 5, tail: 1 },
      { head: 2, minutes: 4, tail: 20 },
    ];
    expect(oneMachineBound(list)).toBe(26);
  });
});
