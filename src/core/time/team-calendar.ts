import { spansOn } from './shifts';
import { timeOf, type Clock } from './clock';
import { mergeSpans, type Span } from './spans';
import type { WorkingHours } from './working-hours';

/**
 * The shifts of a team in minutes, turned from wall-clock times day by day as they are first asked for: of a year that nobody plans in
 * no day is ever made.
 */
export class TeamCalendar {
  private readonly days = new Map<string, Span[]>();

  constructor(
    private readonly team: ReadonlyMap<string, WorkingHours>,
    private readonly clock: Clock,
  ) {}

  /** Shifts of a person that end after `from` and begin before the day after `to` ends. Sorted and disjoint, breaks cut out. */
  shifts(person: string, from: number, to: number): Span[] {
    const spans: Span[] = [];
    const last = timeOf(to, this.clock);
    // One that began the night before may not have ended.
    for (let day = timeOf(from, this.clock).startOf('day').minus({ days: 1 }); day <= last; day = day.plus({ days: 1 }))
      spans.push(...this.shiftsOn(person, day as typeof last));
    return mergeSpans(spans).filter(([, end]) => end > from);
  }

  private shiftsOn(person: string, day: ReturnType<typeof timeOf>): Span[] {
    const key = `${person} ${day.toISODate()}`;
    const known = this.days.get(key);
    if (known) return known;
    const own = this.team.get(person);
    const made = own ? spansOn(own, day, this.clock) : [];
    this.days.set(key, made);
    return made;
  }
}
