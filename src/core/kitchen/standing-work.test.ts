import { everyWeek } from '../time/working-hours';
import { takenByStandingWork, type StandingWork } from './standing-work';

/** Monday. */
const clock = { origin: '2027-05-17T00:00:00Z', zone: 'UTC' };
const shift = (start: string, end: string) =>
  everyWeek([1, 2, 3].map((weekday) => ({ weekday, start, end, breaks: [{ start: '09:00', end: '09:30' }] })));
const hand = (id: string, skills: string[], hours = shift('05:00', '13:00')) => ({ id, skills, hours });
const work = (more: Partial<StandingWork>): StandingWork => ({
  ...{ name: 'Rolls', weekdays: [1], start: '06:00', end: '08:00', people: [], count: 1, skill: 'bake', items: [] },
  ...{ except: [], ...more },
});
const taken = (all: StandingWork[], team = [hand('una', ['bake', 'mix', 'fill']), hand('bo', ['bake'])]) =>
  takenByStandingWork(all, team, clock, [0, 3 * 1440]);

describe('standing work', () => {
  it('takes those who are in, can do it, and can do the least else', () => {
    const { people, short } = taken([work({})]);
    expect([...people]).toEqual([['bo', [{ name: 'Rolls', span: [360, 480] }]]]);
    expect(short).toEqual([]);
  });
  it('goes round among those who are alike', () => {
    const team = [hand('una', ['bake']), hand('bo', ['bake'])];
    const { people } = taken([work({ weekdays: [1, 2, 3] })], team);
    expect([people.get('una')!.length, people.get('bo')!.length].sort()).toEqual([1, 2]);
  });
  it('takes who is named, and things whole, on its days and no others', () => {
    const { people, items } = taken([work({ weekdays: [2], people: ['una'], count: 0, items: ['oven-1'] })]);
    expect(people.get('una')).toEqual([{ name: 'Rolls', span: [1800, 1920] }]);
    expect(items.get('oven-1')).toEqual([{ name: 'Rolls', span: [1800, 1920] }]);
    expect(taken([work({ weekdays: [2], except: ['2027-05-18'] })]).people.size).toBe(0);
  });
  it('says when too few are in for it; a break is no reason', () => {
    expect(taken([work({ start: '08:30', end: '10:00' })]).short).toEqual([]);
    expect(taken([work({ start: '12:30', end: '14:00' })]).short).toEqual([{ name: 'Rolls', at: 750, missing: 1 }]);
    expect(taken([work({ count: 3 })]).short).toEqual([{ name: 'Rolls', at: 360, missing: 1 }]);
  });
  it('never has somebody in two places, and may go past midnight', () => {
    const { people, short } = taken(
      [work({ name: 'a' }), work({ name: 'b', start: '07:00', end: '09:00' })],
      [hand('bo', ['bake'])],
    );
    expect(people.get('bo')).toHaveLength(1);
    expect(short).toEqual([{ name: 'b', at: 420, missing: 1 }]);
    const night = hand('una', ['bake'], everyWeek([{ weekday: 1, start: '22:00', end: '06:00', breaks: [] }]));
    expect(taken([work({ start: '23:00', end: '02:00' })], [night]).people.get('una')).toEqual([
      { name: 'Rolls', span: [1380, 1560] },
    ]);
  });
});
