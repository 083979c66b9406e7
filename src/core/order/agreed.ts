import { DateTime } from 'luxon';
import type { OrderForm } from '../input/order-input';
import { say } from '../words/say';
import type { OrderDetails } from './order-details';
import type { PickupRule } from './pickup';

/** Where nobody has said how warm it is where a cake stands. °C */
const USUAL_WARMTH = 22;

/** What was agreed for an order, out of its form; what the form leaves out stays as it was. */
export function agreedIn(form: OrderForm, before: OrderDetails = {}): OrderDetails {
  const text = (name: 'colours' | 'inscriptionAt' | 'goesTo' | 'box') => {
    const value = form[name] ?? before[name] ?? '';
    return value === '' ? {} : { [name]: value };
  };
  const hours = form.standsHours === undefined ? (before.stands?.hours ?? null) : form.standsHours;
  const celsius = form.standsCelsius ?? (form.standsCelsius === undefined ? before.stands?.celsius : undefined);
  const outdoors = form.standsOutdoors ?? before.stands?.outdoors ?? false;
  return {
    ...(hours !== null && { stands: { hours, celsius: celsius ?? USUAL_WARMTH, outdoors } }),
    ...{ ...text('colours'), ...text('inscriptionAt'), ...text('goesTo'), ...text('box') },
  };
}

/** Until when an enquiry holds its place: to the end of the day that was named. Null is an order; a text what is wrong. */
export function holdsUntilIn(
  { holdsUntil }: Pick<OrderForm, 'holdsUntil'>,
  { now, zone }: Pick<PickupRule, 'now' | 'zone'>,
  pickup: Date | string,
  before: Date | null = null,
): Date | null | string {
  if (holdsUntil === undefined) return before;
  if (holdsUntil === '') return null;
  const day = DateTime.fromISO(holdsUntil, { zone });
  if (!day.isValid) return say`There is no such day.`;
  const end = day.startOf('day').plus({ days: 1 }).toJSDate();
  if (end <= now) return say`This day is over.`;
  return pickup instanceof Date && day.startOf('day').toJSDate() > pickup ? say`It is collected before that.` : end;
}
