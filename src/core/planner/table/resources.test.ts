import { fc } from '../../testing/chance';
import { BusyLine } from './busy-line';
import { LoadProfile } from './load-profile';
import { OvenLoads } from './oven-loads';

/** The same questions answered minute by minute. */
const SPAN = 40;
const minutes = Array.from({ length: SPAN }, (_, m) => m);
const time = fc.integer({ min: 0, max: SPAN - 1 });
const spans = fc
  .array(fc.tuple(time, fc.integer({ min: 1, max: 8 })), { maxLength: 8 })
  .map((list) => list.map(([start, length]): [number, number] => [start, Math.min(SPAN, start + length)]));

describe('the time of one pair of hands', () => {
  /** Those of the spans that are free when their turn comes, blocked. */
  function blocked(list: [number, number][]) {
    const line = new BusyLine();
    const kept: [number, number][] = [];
    for (const [a, b] of list) {
      expect(line.free(a, b)).toBe(kept.every(([x, y]) => b <= x || a >= y));
      if (!line.free(a, b)) continue;
      line.block(a, b);
      kept.push([a, b]);
    }
    return { line, kept, isFree: (a: number, b: number) => kept.every(([x, y]) => b <= x || a >= y) };
  }

  it('finds the latest and the earliest free stretch, as minute by minute', () => {
    fc.assert(
      fc.property(spans, time, fc.integer({ min: 1, max: 10 }), (list, from, length) => {
        const { line, isFree } = blocked(list);
        const before = minutes.filter((m) => m <= from && isFree(m, m + length));
        const found = line.latest(from, length);
        if (before.length > 0) expect(found).toBe(Math.max(...before));
        else expect(found).toBeLessThan(0);
        // Nothing is blocked after the last minute, so there is always a later one.
        let after = from;
        while (!isFree(after, after + length)) after += 1;
        expect(line.earliest(from, length)).toBe(after);
      }),
    );
  });

  it('forgets what is released, and keeps the union of facts', () => {
    fc.assert(
      fc.property(spans, spans, (list, facts) => {
        const { line, kept } = blocked(list);
        for (const [a, b] of kept) line.release(a, b);
        expect(line.free(0, SPAN)).toBe(true);
        for (const [a, b] of facts) line.blockOver(a, b);
        for (const m of minutes) expect(line.free(m, m + 1)).toBe(!facts.some(([a, b]) => m >= a && m < b));
      }),
    );
    expect(() => new BusyLine().release(3, 5)).toThrow('was not blocked');
  });
});

describe('the load of one item', () => {
  const loads = fc.array(fc.tuple(time, fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 3 })), {
    maxLength: 8,
  });
  const UNITS = 5;
  const loaded = (list: [number, number, number][]) => {
    const profile = new LoadProfile(UNITS);
    for (const [start, length, units] of list) profile.add(start, start + length, units);
    const level = (m: number) =>
      list.reduce((sum, [start, length, units]) => sum + (m >= start && m < start + length ? units : 0), 0);
    const free = (a: number, b: number, units: number) => {
      for (let m = a; m < b; m++) if (level(m) > UNITS - units) return false;
      return true;
    };
    return { profile, free };
  };

  it('knows where units are free, and until and since when', () => {
    fc.assert(
      fc.property(
        loads,
        time,
        fc.integer({ min: 1, max: 10 }),
        fc.integer({ min: 1, max: 6 }),
        (list, at, length, units) => {
          const { profile, free } = loaded(list);
          expect(profile.free(at, at + length, units)).toBe(free(at, at + length, units));
          const END = 2 * SPAN;
          let until = at;
          while (until < END && free(until, until + 1, units)) until += 1;
          expect(Math.min(END, profile.freeUntil(at, units))).toBe(until);
          let since = at;
          while (since > -SPAN && free(since - 1, since, units)) since -= 1;
          expect(Math.max(-SPAN, profile.freeSince(at, units))).toBe(since);
        },
      ),
    );
  });

  it('finds the latest and the earliest stretch with units to spare', () => {
    fc.assert(
      fc.property(
        loads,
        time,
        fc.integer({ min: 1, max: 10 }),
        fc.integer({ min: 1, max: 5 }),
        (list, from, length, units) => {
          const { profile, free } = loaded(list);
          let late = from;
          while (!free(late, late + length, units)) late -= 1;
          expect(profile.latest(from, length, units)).toBe(late);
          let early = from;
          while (!free(early, early + length, units)) early += 1;
          expect(profile.earliest(from, length, units)).toBe(early);
        },
      ),
    );
    expect(new LoadProfile(2).latest(10, 5, 3)).toBe(-Infinity);
    expect(new LoadProfile(2).earliest(10, 5, 3)).toBe(Infinity);
  });

  it('is empty again when all is taken back', () => {
    fc.assert(
      fc.property(loads, (list) => {
        const { profile } = loaded(list);
        for (const [start, length, units] of list) profile.add(start, start + length, -units);
        expect(profile.freeUntil(-1, UNITS)).toBe(Infinity);
      }),
    );
  });
});

describe('the temperatures of one oven', () => {
  const HEAT = 5;
  const COOL = 2;
  const loads = fc.array(
    fc.tuple(fc.integer({ min: 0, max: 200 }), fc.integer({ min: 10, max: 40 }), fc.constantFrom(150, 170, 180)),
    { maxLength: 6 },
  );

  it('needs minutes by the way up or down', () => {
    const oven = new OvenLoads({ heatRate: HEAT, coolRate: COOL });
    expect([oven.setup(160, 180), oven.setup(180, 160), oven.setup(180, 180), oven.setup(170, 171)]).toEqual([
      4, 10, 0, 1,
    ]);
  });

  it('lets a load in where none at another temperature forbids it', () => {
    fc.assert(
      fc.property(loads, fc.integer({ min: 0, max: 200 }), fc.constantFrom(150, 170, 180), (list, from, celsius) => {
        const oven = new OvenLoads({ heatRate: HEAT, coolRate: COOL });
        for (const [start, length, c] of list) oven.add(start, start + length, c);
        const length = 20;
        const fits = (at: number) =>
          list.every(
            ([start, long, c]) =>
              c === celsius ||
              at >= start + long + oven.setup(c, celsius) ||
              at + length + oven.setup(celsius, c) <= start,
          );
        let late = from;
        while (!fits(late)) late -= 1;
        expect(oven.latest(from, length, celsius)).toBe(late);
        let early = from;
        while (!fits(early)) early += 1;
        expect(oven.earliest(from, length, celsius)).toBe(early);
      }),
    );
    expect(() => new OvenLoads({ heatRate: HEAT, coolRate: COOL }).remove(0, 10, 150)).toThrow('no load of 150');
  });
});
