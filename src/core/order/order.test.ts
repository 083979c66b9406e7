import { clashesOf, clashWords } from '../formula/allergen-clash';
import { pickupProblem, readPickup } from './pickup';

const rule = { now: new Date('2027-03-20T09:00:00Z'), zone: 'Europe/London', daysAhead: 120 };
const message = (text: string) => {
  const read = readPickup(text, rule);
  return read.ok ? null : read.message;
};

describe('a pickup', () => {
  it('is a wall-clock time of the kitchen, or an instant', () => {
    expect(readPickup('2027-04-01T12:00', rule)).toEqual({ ok: true, pickup: new Date('2027-04-01T11:00:00Z') });
    expect(readPickup('2027-04-01T12:00:00.000+02:00', rule)).toEqual({
      ok: true,
      pickup: new Date('2027-04-01T10:00:00Z'),
    });
  });
  it.each([
    ['2027-03-20T08:59', 'This time has passed.'],
    ['2027-02-30T12:00', 'This time does not exist.'],
    ['soon', 'This time does not exist.'],
    ['', 'This time does not exist.'],
    ['2126-03-20T12:00', 'At most 120 days ahead.'],
    ['2027-07-18T10:01:00Z', 'At most 120 days ahead.'],
    ['275760-09-13T00:00:00Z', 'This time does not exist.'],
  ])('%s is refused: %s', (text, why) => expect(message(text)).toBe(why));
  it('in the hour that is skipped is told so', () => {
    expect(message('2027-03-28T01:30')).toBe(
      'The clocks go forward on 28 March, and 01:30 is skipped: choose 02:00 or later, or a time before.',
    );
    expect(message('2027-03-28T02:00')).toBeNull();
    expect(message('2027-03-28T00:59')).toBeNull();
  });
  it('in the hour that comes twice is the first', () => {
    const autumn = { ...rule, now: new Date('2027-10-20T09:00:00Z') };
    expect(readPickup('2027-10-31T01:30', autumn)).toEqual({ ok: true, pickup: new Date('2027-10-31T00:30:00Z') });
  });
  it('may lie as far ahead as the kitchen says', () => {
    const year = new Date('2028-03-19T09:00:00Z');
    expect(pickupProblem(year, rule)).toBe('At most 120 days ahead.');
    expect(pickupProblem(year, { ...rule, daysAhead: 365 })).toBeNull();
    expect(pickupProblem(new Date(NaN), rule)).toBe('This time does not exist.');
  });
});

describe('what eaters must not get', () => {
  const contains = [
    { allergen: 'milk' as const, from: ['frosting'] },
    { allergen: 'nuts' as const, from: ['crumbs', 'sponge'] },
  ];
  it('is what the cake contains of it, with the parts that bring it', () => {
    expect(clashesOf(contains, ['nuts', 'egg'])).toEqual([contains[1]]);
    expect(clashesOf(contains, [])).toEqual([]);
    expect(clashWords(clashesOf(contains, ['nuts', 'milk']))).toBe('milk (frosting); nuts (crumbs, sponge)');
  });
});
