import { DateTime } from 'luxon';

/** "Thu 3 Dec" of an ISO date. */
export const dayText = (date: string): string => DateTime.fromISO(date, { zone: 'utc' }).toFormat('ccc d LLL');
