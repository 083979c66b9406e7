import { shiftSpans, type WeeklyShift } from './shifts';
import { timeOf, minuteOf, type Clock } from './clock';
import type { Span } from './spans';

/**
 * The shifts of a team in minutes, turned from wall-clock times day by day as they are first asked for: of a year that nobody plans in
 * no day is ever made.
 */
export class TeamCalendar {
  private readonly days = new Map<string, Span[]>();

  constructor(
    private readonly team: ReadonlyMap<string, { weekly: WeeklyShift[]; daysOff: string[] }>,
    private readonly clock: Clock,
  ) {}

  /** Shifts of a person that end after `from` and begin before the day after `to` ends. Sorted and disjoint, breaks cut out. */
  shifts(person: string, from: number, to: number): Span[] {
    const spans: Span[] = [];
    const last = timeOf(to, this.clock);
    for (let day = timeOf(from, this.clock).startOf('day'); day <= last; day = day.plus({ days: 1 }))
      spans.push(...this.shiftsOn(person, day.toISODate(), minuteOf(day.toJSDate(), this.clock)));
    return spans.filter(([, end]) => end > from);
  }

  private shiftsOn(person: string, date: string, midnight: number): Span[] {
    const key = `${person} ${date}`;
    const known = this.days.get(key);
    if (known) return known;
    const own = this.team.get(person);
    const made = own ? shiftSpans(own.weekly, own.daysOff, midnight, midnight, this.clock) : [];
    this.days.set(key, made);
    return made;
  }
}
