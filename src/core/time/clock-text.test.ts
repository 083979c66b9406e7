import { fc } from '../testing/chance';
import { timeOf } from './clock';
import { clockText, dayClockText, dayText } from './clock-text';

describe('what the clock on the wall shows', () => {
  it('is what it shows to whoever reckons with it, in any zone and over clock changes', () => {
    const zones = fc.constantFrom('UTC', 'Europe/London', 'America/New_York', 'Australia/Lord_Howe', 'Asia/Kathmandu');
    fc.assert(
      fc.property(zones, fc.integer({ min: -600_000, max: 600_000 }), (zone, minute) => {
        const clock = { origin: '2027-03-27T00:00:00.000Z', zone };
        const time = timeOf(minute, clock);
        expect(clockText(minute, clock)).toBe(time.toFormat('HH:mm'));
        expect(dayClockText(minute, clock)).toBe(time.toFormat('ccc HH:mm'));
        expect(dayText(minute, clock)).toBe(time.toFormat('ccc d'));
        expect(dayText(minute, clock, true)).toBe(time.toFormat('ccc d LLL'));
      }),
    );
  });
});
