import { fc } from '../testing/chance';
import { COOLING, fitCooling, minutesUntil, temperatureAfter } from './cooling';

const tau = COOLING['layer on a rack']!.bench;

describe('cooling', () => {
  it('95 → 28 °C at 21 °C with τ 38: 89.6 min, between its bounds', () => {
    const time = minutesUntil(28, 95, 21, tau)!;
    expect(time.likely).toBeCloseTo(38 * Math.log(74 / 7), 6);
    expect(time.likely).toBeCloseTo(89.6, 1);
    expect(time.low).toBeLessThan(time.likely);
    expect(time.high).toBeGreaterThan(time.likely);
  });
  it('is there at once, or never', () => {
    expect(minutesUntil(28, 25, 21, tau)).toEqual({ low: 0, likely: 0, high: 0 });
    expect(minutesUntil(18, 95, 21, tau)).toBeNull();
  });
  it('the time it says is the time it takes', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 40, max: 99, noNaN: true }),
        fc.double({ min: 22, max: 39, noNaN: true }),
        (from, target) => {
          const { likely } = minutesUntil(target, from, 20, tau)!;
          expect(temperatureAfter(likely, from, 20, tau.likely)).toBeCloseTo(target, 6);
        },
      ),
    );
  });
  it('fits its constant to the probe, and knows how sure it is', () => {
    const exact = [0, 15, 30, 45, 60].map((minutes) => ({ minutes, celsius: temperatureAfter(minutes, 96, 20, 41) }));
    expect(fitCooling(exact, 20)!.likely).toBeCloseTo(41, 6);
    const noisy = exact.map((r, i) => ({ ...r, celsius: r.celsius + [0, 1.2, -0.9, 0.8, -1][i]! }));
    const fit = fitCooling(noisy, 20)!;
    expect(fit.low).toBeLessThan(41);
    expect(fit.high).toBeGreaterThan(41);
    expect(fit.high - fit.low).toBeGreaterThan(0.5);
  });
  it('says nothing where nothing can be known', () => {
    expect(fitCooling([], 20)).toBeNull();
    expect(fitCooling([{ minutes: 0, celsius: 90 }], 20)).toBeNull();
    expect(
      fitCooling(
        [
          { minutes: 0, celsius: 60 },
          { minutes: 10, celsius: 61 },
        ],
        20,
      ),
    ).toBeNull();
  });
});
