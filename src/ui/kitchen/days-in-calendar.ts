import ICAL from 'ical.js';

/** A day that a calendar names. */
export interface CalendarDay {
  date: string;
  why: string;
}

/** Days after the first one that are looked for. */
const AHEAD = 800;
/** No calendar of holidays has more. */
const MOST_DAYS = 400;
/** Somebody's long journey is no holiday of the house. */
const LONGEST = 60;

/**
 * The days of a calendar file from a day on: of whatever lasts whole days each of them, of the rest the day on which it begins, and what comes
 * again as often as it comes. Days that have two names keep the first. Throws where it is no calendar.
 *
 * @param from an ISO date
 */
export function daysInCalendar(text: string, from: string): CalendarDay[] {
  const parsed = ICAL.parse(text) as Parameters<typeof ICAL.Component.fromString>[0] | unknown[];
  const calendars = (Array.isArray(parsed[0]) ? parsed : [parsed]) as unknown[][];
  const until = isoAfter(from, AHEAD);
  const days = new Map<string, string>();
  for (const calendar of calendars)
    for (const component of new ICAL.Component(calendar as never).getAllSubcomponents('vevent')) {
      const event = new ICAL.Event(component);
      for (const [first, last] of spansOf(event, until))
        for (let date = first; date <= last && date < until; date = isoAfter(date, 1))
          if (date >= from && !days.has(date)) days.set(date, event.summary?.slice(0, 80) ?? '');
    }
  return [...days]
    .map(([date, why]) => ({ date, why }))
    .sort((a, b) => a.date.localeCompare(b.date))
    .slice(0, MOST_DAYS);
}

/** First and last day of each time that it comes before a day. */
function spansOf(event: ICAL.Event, until: string): [string, string][] {
  const days = event.startDate.isDate ? Math.max(1, Math.round(event.duration.toSeconds() / 86_400)) : 1;
  const spanFrom = (start: string): [string, string] => [start, isoAfter(start, Math.min(days, LONGEST) - 1)];
  if (!event.isRecurring()) return [spanFrom(isoOf(event.startDate))];
  const spans: [string, string][] = [];
  const times = event.iterator();
  for (let next = times.next(); next && isoOf(next) < until && spans.length < 10_000; next = times.next())
    spans.push(spanFrom(isoOf(next)));
  return spans;
}

const isoOf = ({ year, month, day }: ICAL.Time) =>
  `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;

const isoAfter = (date: string, days: number) =>
  new Date(Date.parse(`${date}T12:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
