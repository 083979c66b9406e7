import { fromGasMark, toGasMark } from './temperature';

/** As they stand on cookers. */
const MARKS: [number, number][] = [
  [0.25, 110],
  [0.5, 120],
  [1, 140],
  [2, 150],
  [3, 160],
  [4, 180],
  [5, 190],
  [6, 200],
  [7, 220],
  [8, 230],
  [9, 240],
];

describe('gas marks', () => {
  it.each(MARKS)('%s is %s °C, there and back', (mark, celsius) => {
    expect(fromGasMark(mark)).toBe(celsius);
    expect(toGasMark(celsius)).toBe(mark);
  });
  it('the nearest is taken, the lower of two as near, and none beyond what gas ovens do', () => {
    expect([100, 112, 170, 171, 185, 260].map(toGasMark)).toEqual([0.25, 0.25, 3, 4, 4, 9]);
    expect([99.9, 260.1].map(toGasMark)).toEqual([null, null]);
    expect([0, 0.75, 10].map(fromGasMark)).toEqual([null, null, null]);
  });
});
