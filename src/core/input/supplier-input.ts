import { say } from '../words/say';
import { array, number, object, type InferType } from 'yup';
import type { Supplier } from '../kitchen/supplier';
import { trimmed } from './trimmed';
import { wallTime } from './wall-time';

/** Where ingredients come from, as it is typed. */
export const supplierForm = object({
  name: trimmed()
    .required(say`What is it called?`)
    .max(60, say`At most 60 letters.`),
  deliveries: array()
    .of(
      object({
        weekday: number().integer().min(1).max(7).required(),
        at: wallTime(),
        daysBefore: number()
          .typeError(say`Days, a number.`)
          .required(say`How many days before?`)
          .integer(say`Whole days.`)
          .min(0, say`Not below 0.`)
          .max(14, say`At most 14.`),
        orderBy: wallTime().test('before', say`It is there by then.`, function (orderBy) {
          const { at, daysBefore } = this.parent as { at: string; daysBefore: number };
          return orderBy === undefined || daysBefore > 0 || orderBy < at;
        }),
      }),
    )
    .max(14, say`At most 14 deliveries a week.`)
    .default([]),
  note: trimmed()
    .max(300, say`At most 300 letters.`)
    .default(''),
});

export type SupplierForm = InferType<typeof supplierForm>;

export const supplierOf = ({ name, deliveries, note }: SupplierForm): Supplier => ({
  ...{ name, note },
  deliveries: deliveries.map(({ weekday, at, daysBefore, orderBy }) => ({ weekday, at, daysBefore, orderBy })),
});
