import { say } from '../words/say';
import { array, number, object, type InferType } from 'yup';
import type { Opening } from '../kitchen/opening';
import { trimmed } from './trimmed';
import { isoDate, wallTime } from './wall-time';

/** When cakes are collected, as it is typed. */
export const openingForm = object({
  hours: array()
    .of(
      object({
        weekday: number().integer().min(1).max(7).required(),
        start: wallTime(),
        end: wallTime().test('after', say`It closes before it opens.`, function (end) {
          return end === undefined || end > (this.parent as { start: string }).start;
        }),
      }),
    )
    .max(21, say`At most three times a day.`)
    .default([]),
  closed: array()
    .of(
      object({
        date: isoDate(),
        why: trimmed()
          .max(80, say`At most 80 letters.`)
          .default(''),
      }),
    )
    .max(400, say`At most 400 days.`)
    .default([]),
});

export type OpeningForm = InferType<typeof openingForm>;

/** Days that are closed, each once and in their order. */
export const openingOf = ({ hours, closed }: OpeningForm): Opening => ({
  hours: hours.map(({ weekday, start, end }) => ({ weekday, start, end })),
  closed: [...new Map(closed.map(({ date, why }) => [date, { date, why }])).values()].sort((a, b) =>
    a.date.localeCompare(b.date),
  ),
});
