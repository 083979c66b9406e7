import { minuteOf, timeOf, type Clock } from '../../core/time/clock';

/** The last day on which an enquiry is held that holds its place until then. */
export const lastDayOf = (until: Date, clock: Clock) => timeOf(minuteOf(until, clock) - 1, clock);
