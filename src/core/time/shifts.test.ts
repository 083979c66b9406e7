import { shiftSpans } from './shifts';
import { minuteOf, timeOf } from './clock';
import { TeamCalendar } from './team-calendar';
import { everyWeek, hoursOn, type WorkingHours } from './working-hours';

const weekly = [{ weekday: 7, start: '01:00', end: '06:00', breaks: [{ start: '04:00', end: '04:30' }] }];

const off = (date: string): WorkingHours => ({ ...everyWeek(weekly), days: { [date]: { shifts: [], why: '' } } });

describe('shifts in minutes', () => {
  it('cut the breaks out, and leave days off', () => {
    const clock = { origin: '2027-03-01T00:00:00Z', zone: 'UTC' };
    const sunday = minuteOf('2027-03-07T00:00:00Z', clock);
    expect(shiftSpans(everyWeek(weekly), 0, 10_080, clock)).toEqual([
      [sunday + 60, sunday + 240],
      [sunday + 270, sunday + 360],
    ]);
    expect(shiftSpans(off('2027-03-07'), 0, 10_080, clock)).toEqual([]);
  });

  it('lose an hour when the clocks go forward, and gain one when they go back', () => {
    const length = (origin: string) => {
      const spans = shiftSpans(everyWeek([{ ...weekly[0]!, breaks: [] }]), 0, 1440, { origin, zone: 'Europe/London' });
      return spans.reduce((sum, [a, b]) => sum + b - a, 0);
    };
    expect(length('2027-03-21T00:00:00Z')).toBe(300);
    // 28 March: 01:00 does not exist, and the shift is an hour shorter.
    expect(length('2027-03-28T00:00:00Z')).toBe(240);
    expect(length('2027-10-30T23:00:00Z')).toBeGreaterThanOrEqual(300);
  });

  it('of a night in which the clocks change are an hour shorter or longer', () => {
    const minutes = (origin: string, weekday: number) =>
      shiftSpans(everyWeek([{ weekday, start: '22:00', end: '06:00', breaks: [] }]), 0, 2880, {
        origin,
        zone: 'Europe/London',
      });
    expect(minutes('2027-03-20T00:00:00Z', 6)).toEqual([[1320, 1800]]);
    expect(minutes('2027-03-27T00:00:00Z', 6)).toEqual([[1320, 1740]]);
    expect(minutes('2027-10-29T23:00:00Z', 6)).toEqual([[1320, 1860]]);
  });

  it('turn into wall-clock times and back', () => {
    const clock = { origin: '2027-03-28T00:00:00Z', zone: 'Europe/London' };
    expect(timeOf(120, clock).toFormat('HH:mm')).toBe('03:00');
    expect(minuteOf(timeOf(777, clock).toJSDate(), clock)).toBe(777);
  });
});

describe('hours of a day', () => {
  const night = {
    start: '22:00',
    end: '06:00',
    breaks: [
      { start: '23:30', end: '00:15' },
      { start: '02:00', end: '02:30' },
    ],
  };
  const clock = { origin: '2027-05-17T00:00:00Z', zone: 'UTC' };

  it('may go past midnight, with breaks on either side of it and across it', () => {
    const hours = everyWeek([{ weekday: 1, ...night }]);
    expect(shiftSpans(hours, 0, 2880, clock)).toEqual([
      [1320, 1410],
      [1455, 1560],
      [1590, 1800],
    ]);
    // Asked from the next day on, what began the night before is still there.
    expect(shiftSpans(hours, 1500, 2880, clock)).toEqual([
      [1455, 1560],
      [1590, 1800],
    ]);
    const calendar = new TeamCalendar(new Map([['una', hours]]), clock);
    expect(calendar.shifts('una', 1500, 2880)).toEqual(shiftSpans(hours, 1500, 2880, clock));
  });

  it('are those of a day that was set by itself, none while somebody is away, and none after they left', () => {
    const early = { start: '05:00', end: '11:00', breaks: [] };
    const hours: WorkingHours = {
      weekly: [1, 2, 3, 4, 5].map((weekday) => ({ weekday, start: '07:00', end: '15:00', breaks: [] })),
      days: { '2027-05-22': { shifts: [early], why: 'swapped with Bo' } },
      away: [{ from: '2027-05-25', until: '2027-05-27', why: 'holiday' }],
      left: '2027-05-31',
    };
    const on = (date: string, weekday: number) => {
      const { shifts, why } = hoursOn(hours, date, weekday);
      return [why, ...shifts.map((s) => s.start)];
    };
    expect(on('2027-05-21', 5)).toEqual(['week', '07:00']);
    expect(on('2027-05-22', 6)).toEqual(['day', '05:00']);
    expect(on('2027-05-23', 7)).toEqual(['week']);
    expect(on('2027-05-25', 2)).toEqual(['away']);
    expect(on('2027-05-27', 4)).toEqual(['away']);
    expect(on('2027-05-28', 5)).toEqual(['week', '07:00']);
    expect(on('2027-05-31', 1)).toEqual(['week', '07:00']);
    expect(on('2027-06-01', 2)).toEqual(['left']);
  });
});

describe('a team’s calendar', () => {
  const day = { start: '06:00', end: '14:00', breaks: [{ start: '10:00', end: '10:30' }] };
  const everyDay = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, ...day }));
  const clock = { origin: '2027-03-20T00:00:00Z', zone: 'Europe/London' };
  const ida = { ...everyWeek(everyDay), days: { '2027-03-24': { shifts: [], why: '' } } };
  const calendar = new TeamCalendar(new Map([['ida', ida]]), clock);

  it('says the same as the shifts made at once, over a change of the clocks', () => {
    for (const [from, to] of [
      [0, 20_000],
      [777, 14_001],
      [-3000, 5],
    ] as const)
      expect(calendar.shifts('ida', from, to)).toEqual(shiftSpans(ida, from, to, clock));
    expect(calendar.shifts('nobody', 0, 5000)).toEqual([]);
  });
});
