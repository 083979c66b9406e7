import { shiftSpans } from './shifts';
import { minuteOf, timeOf } from './clock';
import { TeamCalendar } from './team-calendar';

const weekly = [{ weekday: 7, start: '01:00', end: '06:00', breaks: [{ start: '04:00', end: '04:30' }] }];

describe('shifts in minutes', () => {
  it('cut the breaks out, and leave days off', () => {
    const clock = { origin: '2027-03-01T00:00:00Z', zone: 'UTC' };
    const sunday = minuteOf('2027-03-07T00:00:00Z', clock);
    expect(shiftSpans(weekly, [], 0, 10_080, clock)).toEqual([
      [sunday + 60, sunday + 240],
      [sunday + 270, sunday + 360],
    ]);
    expect(shiftSpans(weekly, ['2027-03-07'], 0, 10_080, clock)).toEqual([]);
  });

  it('lose an hour when the clocks go forward, and gain one when they go back', () => {
    const length = (origin: string) => {
      const spans = shiftSpans([{ ...weekly[0]!, breaks: [] }], [], 0, 1440, { origin, zone: 'Europe/London' });
      return spans.reduce((sum, [a, b]) => sum + b - a, 0);
    };
    expect(length('2027-03-21T00:00:00Z')).toBe(300);
    // 28 March: 01:00 does not exist, and the shift is an hour shorter.
    expect(length('2027-03-28T00:00:00Z')).toBe(240);
    expect(length('2027-10-30T23:00:00Z')).toBeGreaterThanOrEqual(300);
  });

  it('turn into wall-clock times and back', () => {
    const clock = { origin: '2027-03-28T00:00:00Z', zone: 'Europe/London' };
    expect(timeOf(120, clock).toFormat('HH:mm')).toBe('03:00');
    expect(minuteOf(timeOf(777, clock).toJSDate(), clock)).toBe(777);
  });
});

describe('a team’s calendar', () => {
  const day = { start: '06:00', end: '14:00', breaks: [{ start: '10:00', end: '10:30' }] };
  const everyDay = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, ...day }));
  const clock = { origin: '2027-03-20T00:00:00Z', zone: 'Europe/London' };
  const calendar = new TeamCalendar(new Map([['ida', { weekly: everyDay, daysOff: ['2027-03-24'] }]]), clock);

  it('says the same as the shifts made at once, over a change of the clocks', () => {
    for (const [from, to] of [
      [0, 20_000],
      [777, 14_001],
      [-3000, 5],
    ] as const)
      expect(calendar.shifts('ida', from, to)).toEqual(shiftSpans(everyDay, ['2027-03-24'], from, to, clock));
    expect(calendar.shifts('nobody', 0, 5000)).toEqual([]);
  });
});
