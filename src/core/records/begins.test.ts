import { beginsEarly, LEAST_BEGUN } from './begins';

const begun = (...ahead: (number | undefined)[]) => ahead.map((a) => ({ ahead: a }));
const times = (n: number, ahead: number | undefined) => Array.from({ length: n }, () => ahead);

describe('when a kitchen begins things', () => {
  it('is not known from little, nor from what was told before this was', () => {
    expect(beginsEarly([])).toBeNull();
    expect(beginsEarly(begun(...times(LEAST_BEGUN - 1, 20)))).toBeNull();
    expect(beginsEarly(begun(...times(500, undefined), ...times(LEAST_BEGUN - 1, 20)))).toBeNull();
  });
  it('is early where every fifth step is begun five minutes before its time or more', () => {
    expect(beginsEarly(begun(...times(32, 0), ...times(8, 5)))).toBe(true);
    expect(beginsEarly(begun(...times(33, 0), ...times(7, 30)))).toBe(false);
    expect(beginsEarly(begun(...times(32, -10), ...times(8, 4)))).toBe(false);
  });
  it('goes by what was done last', () => {
    expect(beginsEarly(begun(...times(300, 30), ...times(120, 0)))).toBe(false);
    expect(beginsEarly(begun(...times(300, 0), ...times(120, 30)))).toBe(true);
  });
});
