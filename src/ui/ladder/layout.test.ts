import { fc } from '../../core/testing/chance';
import type { RungView } from '@/server/ladder/ladder-view';
import { lanes } from './lanes';
import { layOutRungs, LINE } from './rung-layout';
import { spread } from './spread';
import { timeScale } from './time-scale';

const boxes = fc.array(
  fc
    .record({ top: fc.integer({ min: 0, max: 500 }), size: fc.integer({ min: 1, max: 80 }) })
    .map(({ top, size }) => ({ top, bottom: top + size })),
  { maxLength: 25 },
);

describe('the time scale', () => {
  const options = {
    from: 0,
    to: 2880,
    open: [
      [300, 1100],
      [1750, 2600],
    ] as [number, number][],
    pixelsPerMinute: 0.8,
    foldHeight: 40,
    climbs: true,
  };
  it('folds closed hours, and keeps time in order', () => {
    const scale = timeScale(options);
    expect(scale.pieces.map((p) => p.folded)).toEqual([true, false, true, false, true]);
    expect(scale.height).toBeCloseTo(3 * 40 + 1650 * 0.8, 6);
    expect(scale.y(2000)).toBeLessThan(scale.y(400));
    expect(timeScale({ ...options, climbs: false }).y(2000)).toBeGreaterThan(
      timeScale({ ...options, climbs: false }).y(400),
    );
  });
  it('leads back from pixels to minutes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2880 }), fc.boolean(), (minute, climbs) => {
        const scale = timeScale({ ...options, climbs });
        expect(scale.minuteAt(scale.y(minute))).toBeCloseTo(minute, 6);
      }),
    );
  });
});

describe('lanes and spreading', () => {
  it('boxes in one lane never overlap', () => {
    fc.assert(
      fc.property(boxes, (list) => {
        const side = lanes(list);
        list.forEach((a, i) =>
          list.forEach((b, k) => {
            if (i < k && side[i]!.lane === side[k]!.lane)
              expect({ a, b, apart: a.bottom <= b.top || b.bottom <= a.top }).toEqual({ a, b, apart: true });
          }),
        );
        side.forEach((s) => expect(s.lane).toBeLessThan(s.of));
      }),
    );
  });
  it('spread boxes never overlap, and stay where there is room', () => {
    fc.assert(
      fc.property(boxes, (list) => {
        const tops = spread(list);
        const placed = list
          .map((b, i) => ({ top: tops[i]!, bottom: tops[i]! + b.bottom - b.top }))
          .sort((a, b) => a.top - b.top);
        for (let i = 1; i < placed.length; i++)
          expect(placed[i]!.top).toBeGreaterThanOrEqual(placed[i - 1]!.bottom - 1e-6);
      }),
    );
    expect(
      spread([
        { top: 0, bottom: 10 },
        { top: 50, bottom: 60 },
      ]),
    ).toEqual([0, 50]);
  });
});

describe('rungs on a ladder', () => {
  const rung = (step: string, name: string, start: number, minutes: number): RungView => ({
    ...{ step, name, start, end: start + minutes, role: null, work: 'build', shared: false },
    ...{ who: [{ id: 'bo', initials: 'BO' }], items: [], state: 'planned', pinned: false, given: false },
  });
  const scale = (pixelsPerMinute: number) =>
    timeScale({ from: 0, to: 1440, open: [[0, 1440]], pixelsPerMinute, foldHeight: 40, climbs: false });
  const names = ['Coat', 'Crumb coat', 'Unroll, fill, re-roll', 'Temper and wrap the collar'];
  const rungs = fc
    .array(
      fc.record({
        name: fc.constantFrom(...names),
        start: fc.integer({ min: 0, max: 600 }),
        minutes: fc.integer({ min: 3, max: 90 }),
      }),
      { maxLength: 14 },
    )
    .map((list) => list.map((r, i) => rung(`s${i}`, r.name, r.start, r.minutes)));

  it('never lie on each other, and each has the height that its name needs', () => {
    fc.assert(
      fc.property(rungs, (list) => {
        const { rungs: placed } = layOutRungs(list, scale(0.77), null, 92);
        placed.forEach((a, i) => {
          expect(a.height).toBeGreaterThanOrEqual(4 + LINE * Math.max(1, a.name?.lines.length ?? 0) - 1e-6);
          placed.slice(i + 1).forEach((b) => {
            const apart = a.top + a.height <= b.top + 0.51 || b.top + b.height <= a.top + 0.51;
            const beside = a.of > 1 && b.of > 1 && a.lane !== b.lane;
            expect({ a, b, apart: apart || beside }).toEqual({ a, b, apart: true });
          });
        });
      }),
    );
  });

  it('that are low stand on top of each other, as side by side nobody could read them', () => {
    const { rungs: placed } = layOutRungs([rung('a', 'Coat', 100, 10), rung('b', 'Fill', 100, 12)], scale(1), null, 92);
    expect(placed.map((p) => p.of)).toEqual([1, 1]);
    const long = layOutRungs([rung('a', 'Coat', 100, 60), rung('b', 'Fill', 100, 60)], scale(1), null, 92);
    expect(long.rungs.map((p) => [p.lane, p.of])).toEqual([
      [0, 2],
      [1, 2],
    ]);
  });

  it('are marks without a name where time is small, and show who does it only where that fits whole', () => {
    const one = [rung('a', 'Crumb coat', 100, 30)];
    expect(layOutRungs(one, scale(0.2), null, 92).rungs[0]).toMatchObject({ name: null, who: false });
    expect(layOutRungs(one, scale(1), null, 92).rungs[0]).toMatchObject({
      name: { lines: ['Crumb coat'] },
      who: false,
    });
    expect(layOutRungs(one, scale(1), null, 130).rungs[0]).toMatchObject({ who: true });
  });
});
