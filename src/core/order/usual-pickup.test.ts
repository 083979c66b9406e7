import { DateTime } from 'luxon';
import { usualPickup } from './usual-pickup';

const thursday = DateTime.fromISO('2027-05-20T09:40', { zone: 'UTC' }) as DateTime<true>;
const hours = [1, 2, 3, 4, 5, 6].map((weekday) => ({ weekday, start: '13:00', end: '17:00' }));
const open = { hours: [], closed: [] };
const asText = (t: DateTime) => t.toFormat('ccc dd HH:mm');

describe('the pickup that a new order begins with', () => {
  it('is noon three days ahead', () => {
    expect(asText(usualPickup(thursday, open, () => true))).toBe('Sun 23 12:00');
  });
  it('is the first day after that on which somebody works before it', () => {
    expect(asText(usualPickup(thursday, open, (t) => t.weekday !== 7))).toBe('Mon 24 12:00');
  });
  it('is when the kitchen opens on that day, and not on one that is closed', () => {
    expect(asText(usualPickup(thursday, { hours, closed: [] }, () => true))).toBe('Mon 24 13:00');
    const closed = [{ date: '2027-05-24', why: 'holiday' }];
    expect(asText(usualPickup(thursday, { hours, closed }, () => true))).toBe('Tue 25 13:00');
  });
  it('is still a time where nobody works at all', () => {
    expect(asText(usualPickup(thursday, open, () => false))).toBe('Sun 23 12:00');
  });
});
