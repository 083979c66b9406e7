import fc from 'fast-check';
import { lanes } from './lanes';
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
            if (i < k && side[i]!.lane === side[k]!.lane) expect(a.bottom <= b.top || b.bottom <= a.top).toBe(true);
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
