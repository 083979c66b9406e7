import { fc } from '../testing/chance';
import { LEAST_RECORDS, paceAt, pacesOf, type Worked } from './pace';

const times = (name: string, likely: number, took: number[]): Worked[] => took.map((t) => ({ name, likely, took: t }));

describe('paces learned from what was done', () => {
  it('are parts of the minutes that were planned, sorted', () => {
    const slow = times('Crumb coat', 20, [20, 30, 24, 40, 26, 22, 20, 28]);
    expect(pacesOf(slow)).toEqual({ 'Crumb coat': [1, 1, 1.1, 1.2, 1.3, 1.4, 1.5, 2] });
  });

  it('need enough records of one name', () => {
    const few = times(
      'Pipe',
      30,
      Array.from({ length: LEAST_RECORDS - 1 }, () => 33),
    );
    expect(pacesOf(few)).toEqual({});
    expect(Object.keys(pacesOf([...few, { name: 'Pipe', likely: 60, took: 66 }]))).toEqual(['Pipe']);
  });

  it('leave out taps that came hours late, or at once, and steps of no length', () => {
    const good = times(
      'Pipe',
      30,
      Array.from({ length: LEAST_RECORDS }, () => 30),
    );
    const odd = [...times('Pipe', 30, [0, 1, 200]), { name: 'Pipe', likely: 0, took: 0 }];
    expect(pacesOf([...odd, ...good])).toEqual({ Pipe: good.map(() => 1) });
  });

  it('forget what is long ago', () => {
    const before = times(
      'Pipe',
      10,
      Array.from({ length: 100 }, () => 20),
    );
    const since = times(
      'Pipe',
      10,
      Array.from({ length: 60 }, () => 10),
    );
    expect(new Set(pacesOf([...before, ...since]).Pipe)).toEqual(new Set([1]));
  });

  it('a quantile lies between the quickest and the slowest, and never falls', () => {
    const sorted = fc.array(fc.double({ min: 0.1, max: 4, noNaN: true }), { minLength: 1, maxLength: 20 });
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(sorted, share, share, (list, a, b) => {
        const ratios = [...list].sort((x, y) => x - y);
        const [low, high] = [paceAt(ratios, Math.min(a, b)), paceAt(ratios, Math.max(a, b))];
        expect(low).toBeLessThanOrEqual(high + 1e-12);
        expect(low).toBeGreaterThanOrEqual(ratios[0]! - 1e-12);
        expect(high).toBeLessThanOrEqual(ratios.at(-1)! + 1e-12);
      }),
    );
    expect(paceAt([1, 2, 4], 0.75)).toBe(3);
  });
});
