import { daysInCalendar } from './days-in-calendar';

const event = (...lines: string[]) => ['BEGIN:VEVENT', 'UID:x', ...lines, 'END:VEVENT'].join('\r\n');
const calendar = (...events: string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', ...events, 'END:VCALENDAR', ''].join('\r\n');

it('gives each day of what lasts whole days, and the day of the rest', () => {
  const text = calendar(
    event('DTSTART;VALUE=DATE:20270528', 'DTEND;VALUE=DATE:20270531', 'SUMMARY:Bridge days'),
    event('DTSTART:20270603T180000', 'DTEND:20270603T230000', 'SUMMARY:Street fair'),
    event('DTSTART;VALUE=DATE:20260101', 'SUMMARY:Long gone'),
  );
  expect(daysInCalendar(text, '2027-05-20')).toEqual([
    { date: '2027-05-28', why: 'Bridge days' },
    { date: '2027-05-29', why: 'Bridge days' },
    { date: '2027-05-30', why: 'Bridge days' },
    { date: '2027-06-03', why: 'Street fair' },
  ]);
});

it('gives what comes again each year, as long as is looked ahead', () => {
  const text = calendar(event('DTSTART;VALUE=DATE:20200601', 'RRULE:FREQ=YEARLY', 'SUMMARY:Harbour day'));
  expect(daysInCalendar(text, '2027-05-20')).toEqual([
    { date: '2027-06-01', why: 'Harbour day' },
    { date: '2028-06-01', why: 'Harbour day' },
    { date: '2029-06-01', why: 'Harbour day' },
  ]);
});

it('refuses what is no calendar', () => {
  expect(() => daysInCalendar('date,why\n2027-05-28,x', '2027-05-20')).toThrow();
});
