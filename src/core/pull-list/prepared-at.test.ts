import { presenceOf, preparedAt } from './prepared-at';

const HOUR = 60;
const DAY = 24 * HOUR;
/** Ines and Bo are in from 5 to 13 with a break at 9 each at their own time, Karel from 10:30 to 19. */
const presence = presenceOf([
  [5 * HOUR, 9 * HOUR],
  [9.5 * HOUR, 13 * HOUR],
  [5 * HOUR, 13 * HOUR],
  [10.5 * HOUR, 19 * HOUR],
  [DAY + 5 * HOUR, DAY + 13 * HOUR],
]);

describe('when a preparation is seen to', () => {
  it('its lead before the step, while somebody is in', () => {
    expect(preparedAt('line', 8 * HOUR, 30, presence)).toBe(7.5 * HOUR);
    expect(preparedAt('take out', 9.2 * HOUR, 12, presence)).toBe(9 * HOUR);
  });
  it('the evening before, where nobody is in and it can wait', () => {
    expect(preparedAt('line', DAY + 5 * HOUR, 30, presence)).toBe(19 * HOUR - 15);
    expect(preparedAt('chill', DAY + 5 * HOUR + 10, 20, presence)).toBe(19 * HOUR - 15);
  });
  it('not before a day on which nobody is in: then on arrival, and far ahead by its lead', () => {
    const closed = presenceOf([
      [5 * HOUR, 13 * HOUR],
      [2 * DAY + 5 * HOUR, 2 * DAY + 13 * HOUR],
    ]);
    expect(preparedAt('line', 2 * DAY + 5 * HOUR, 30, closed)).toBe(2 * DAY + 5 * HOUR);
    // Presence that is known only so far ahead draws nothing of next week into today.
    expect(preparedAt('line', 7 * DAY, 30, closed)).toBe(7 * DAY - 30);
  });
  it('what cannot wait a night, as soon as somebody is in, never after the step begins', () => {
    expect(preparedAt('take out', DAY + 5.5 * HOUR, 90, presence)).toBe(DAY + 5 * HOUR);
    expect(preparedAt('heat', DAY + 5 * HOUR, 20, presence)).toBe(DAY + 5 * HOUR);
    expect(preparedAt('soak', DAY + 4 * HOUR, 10, presence)).toBe(DAY + 4 * HOUR);
  });
  it('with nobody before it, on arrival; with nobody at all, by its lead', () => {
    expect(preparedAt('line', 5.2 * HOUR, 30, presence)).toBe(5 * HOUR);
    expect(preparedAt('line', 5.2 * HOUR, 30, [])).toBe(5.2 * HOUR - 30);
  });
});
