import { fc, runs } from '../../testing/chance';
import { branch, leastTiming, widestCut, type Timing } from './timing';

const SPAN = 6;

/** Small timing problems: three or four steps within a few minutes, some arcs between them, slopes of both signs. */
const timings = fc.integer({ min: 3, max: 4 }).chain((count) =>
  fc.record({
    low: fc.array(fc.integer({ min: 0, max: 3 }), { minLength: count, maxLength: count }),
    high: fc.array(fc.integer({ min: 3, max: SPAN }), { minLength: count, maxLength: count }),
    slope: fc.array(fc.integer({ min: -5, max: 5 }), { minLength: count, maxLength: count }),
    arcs: fc.array(
      fc.record({
        from: fc.integer({ min: 0, max: count - 1 }),
        to: fc.integer({ min: 0, max: count - 1 }),
        least: fc.integer({ min: -4, max: 4 }),
        price: fc.option(fc.integer({ min: 0, max: 6 }), { nil: undefined }),
      }),
      { maxLength: 6 },
    ),
  }),
) as fc.Arbitrary<Timing>;

/** The least cost over all starts that obey everything, by trying them all; null where there are none. */
function byTrying(
  { low, high, slope, arcs }: Timing,
  allowed: (step: number, start: number) => boolean = () => true,
): number | null {
  let best: number | null = null;
  const starts: number[] = [];
  const go = (i: number): void => {
    if (i === low.length) {
      const short = arcs.map((a) => Math.max(0, a.least - starts[a.to]! + starts[a.from]!));
      if (arcs.some((a, k) => a.price === undefined && short[k]! > 0)) return;
      const paid = arcs.reduce((sum, a, k) => sum + (a.price ?? 0) * short[k]!, 0);
      const cost = starts.reduce((sum, at, k) => sum + at * slope[k]!, paid);
      if (best === null || cost < best) best = cost;
      return;
    }
    for (let at = low[i]!; at <= high[i]!; at++) {
      if (!allowed(i, at)) continue;
      starts[i] = at;
      go(i + 1);
    }
  };
  go(0);
  return best;
}

describe('starts of least cost', () => {
  it('cost what the best of all starts costs, and obey everything', () => {
    fc.assert(
      fc.property(timings, (timing) => {
        const solved = leastTiming(timing);
        const best = byTrying(timing);
        if (!solved || best === null) {
          expect(solved).toBeNull();
          expect(best).toBeNull();
          return;
        }
        expect(solved.cost).toBeCloseTo(best, 9);
        solved.starts.forEach((at, i) => {
          expect(Number.isInteger(at)).toBe(true);
          expect(at).toBeGreaterThanOrEqual(timing.low[i]!);
          expect(at).toBeLessThanOrEqual(timing.high[i]!);
        });
        for (const a of timing.arcs.filter((x) => x.price === undefined))
          expect(solved.starts[a.to]! - solved.starts[a.from]!).toBeGreaterThanOrEqual(a.least);
      }),
      runs(150, 500),
    );
  });

  it('by hand: a cake is stacked the day before, because its layers age faster than its coat', () => {
    // Bake (0–600), 60 minutes to the stack, 30 to the hand-over at 1000. Layers age at 0.05, the stacked cake at 0.01 a minute.
    const timing: Timing = {
      low: [0, 0, 1000],
      high: [600, 970, 1000],
      slope: [-0.05, 0.05 - 0.01, 0.01],
      arcs: [
        { from: 0, to: 1, least: 60 },
        { from: 1, to: 2, least: 30 },
      ],
    };
    expect(leastTiming(timing)!.starts).toEqual([600, 660, 1000]);
    // A wish that the layers rest for 500 min is worth its price, a cheaper one is not: the age of the layers costs more.
    const wish = (price: number) => ({ ...timing, arcs: [...timing.arcs, { from: 0, to: 1, least: 500, price }] });
    expect(leastTiming(wish(0.05))!.starts).toEqual([470, 970, 1000]);
    expect(leastTiming(wish(0.03))!.starts).toEqual([600, 660, 1000]);
    // Were it the other way round, the stack would wait for its pickup.
    expect(leastTiming({ ...timing, slope: [-0.01, 0.01 - 0.05, 0.05] })!.starts).toEqual([600, 970, 1000]);
  });
});

describe('branching over calendars', () => {
  /** Minutes at which each step may start: some of them are struck out. */
  const calendars = fc.array(fc.array(fc.boolean(), { minLength: SPAN + 1, maxLength: SPAN + 1 }), {
    minLength: 4,
    maxLength: 4,
  });
  const aroundIn =
    (open: boolean[][]) =>
    (step: number, start: number): [number, number] => {
      let [before, after] = [start, start];
      while (before >= 0 && !open[step]![before]) before -= 1;
      while (after <= SPAN && !open[step]![after]) after += 1;
      return [before < 0 ? -Infinity : before, after > SPAN ? Infinity : after];
    };

  it('finds the best of all starts that the calendars allow', () => {
    fc.assert(
      fc.property(timings, calendars, (timing, open) => {
        const around = aroundIn(open);
        const branched = branch(timing, (starts) => widestCut(starts, around), 10_000);
        const best = byTrying(timing, (step, start) => open[step]![start]!);
        if (best === null) expect(branched).toBeNull();
        else expect(branched!.cost).toBeCloseTo(best, 9);
      }),
      runs(120, 400),
    );
  });

  it('stopped early, says a cost that nothing falls below; and looks at nothing above a limit', () => {
    fc.assert(
      fc.property(timings, calendars, fc.integer({ min: 0, max: 3 }), (timing, open, nodes) => {
        const around = aroundIn(open);
        const cutOf = (starts: number[]) => widestCut(starts, around);
        const best = byTrying(timing, (step, start) => open[step]![start]!);
        const early = branch(timing, cutOf, nodes);
        if (best === null) return;
        expect(early!.cost).toBeLessThanOrEqual(best + 1e-9);
        expect(branch(timing, cutOf, 10_000, best - 0.5)).toBeNull();
        expect(branch(timing, cutOf, 10_000, best + 1e-9)!.cost).toBeCloseTo(best, 9);
      }),
      runs(100, 300),
    );
  });
});
