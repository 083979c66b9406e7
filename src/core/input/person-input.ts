import { say } from '../words/say';
import { array, number, object, string, type InferType } from 'yup';
import { PERSON_COLOURS, type Person } from '../kitchen/person';
import type { Shift } from '../time/working-hours';
import { areDifferent } from './are-different';
import { trimmed } from './trimmed';
import { isoDate, wallTime } from './wall-time';

const why = () =>
  trimmed()
    .max(80, say`At most 80 letters.`)
    .default('');

/** Times of a shift; its breaks lie in it, also where it goes past midnight. */
const shiftFields = {
  start: wallTime(),
  end: wallTime().test('lasts', say`It ends as it begins.`, function (end) {
    return end !== (this.parent as Shift).start;
  }),
  breaks: array()
    .of(
      object({
        start: wallTime(),
        end: wallTime().test('lasts', say`It ends before it begins.`, function (end) {
          const { start } = this.parent as { start: string };
          // A break around midnight ends in the small hours.
          return end === undefined || end > start || (start >= '20:00' && end <= '04:00');
        }),
      }),
    )
    .max(6, say`At most six breaks.`)
    .default([]),
};

/** Somebody of the team, as they are typed. */
export const personForm = object({
  name: trimmed()
    .required(say`What are they called?`)
    .max(40, say`At most 40 letters.`),
  initials: trimmed()
    .required(say`One to three letters.`)
    .matches(/^[\p{L}\d]{1,3}$/u, say`One to three letters.`),
  colour: string()
    .oneOf([...PERSON_COLOURS], say`Choose one of these.`)
    .required(),
  skills: array()
    .of(
      object({
        name: trimmed()
          .required(say`Which skill?`)
          .max(30, say`At most 30 letters.`),
        pace: number()
          .typeError(say`Times the usual: a number.`)
          .required(say`Times the usual: a number.`)
          .min(0.5, say`Not below 0.5.`)
          .max(5, say`At most 5.`),
      }),
    )
    .max(40, say`At most 40 skills.`)
    .test('once', say`Each skill once.`, (skills) => areDifferent(skills, 'name'))
    .default([]),
  weekly: array()
    .of(object({ weekday: number().integer().min(1).max(7).required(), ...shiftFields }))
    .max(21, say`At most three shifts a day.`)
    .default([]),
  days: array()
    .of(
      object({
        date: isoDate(),
        shifts: array()
          .of(object(shiftFields))
          .max(3, say`At most three shifts a day.`)
          .default([]),
        why: why(),
      }),
    )
    .max(800, say`At most 800 days.`)
    .test('once', say`Each day once.`, (days) => areDifferent(days, 'date'))
    .default([]),
  away: array()
    .of(
      object({
        from: isoDate(),
        until: isoDate().test('after', say`Not before the first day.`, function (until) {
          return until === undefined || until >= (this.parent as { from: string }).from;
        }),
        why: why(),
      }),
    )
    .max(100, say`At most 100 times.`)
    .default([]),
  overtime: number()
    .typeError(say`Minutes, a number.`)
    .required(say`Minutes; 0 for none.`)
    .integer(say`Whole minutes.`)
    .min(0, say`Not below 0.`)
    .max(480, say`At most 8 hours.`),
  /** Empty while they are here. */
  left: string()
    .matches(/^(\d{4}-\d{2}-\d{2})?$/, say`A day, as 2027-05-22.`)
    .default(''),
});

export type PersonForm = InferType<typeof personForm>;

export function personFormOf(p: Person): PersonForm {
  const { name, initials, colour, skills, weekly, days, away, overtime, left } = p;
  return {
    ...{ name, initials, colour, skills, weekly, away, overtime, left: left ?? '' },
    days: Object.entries(days)
      .map(([date, day]) => ({ date, ...day }))
      .sort((a, b) => a.date.localeCompare(b.date)),
  };
}

const shiftOf = ({ start, end, breaks }: Shift): Shift => ({
  ...{ start, end, breaks: breaks.map((b) => ({ start: b.start, end: b.end })) },
});

/** The person that a form describes; units of their own stay as they were. */
export function personOf(form: PersonForm, before: Person | null): Person {
  return {
    ...{ name: form.name, initials: form.initials.toUpperCase(), colour: form.colour, overtime: form.overtime },
    skills: form.skills.map(({ name, pace }) => ({ name, pace })),
    weekly: form.weekly.map((s) => ({ weekday: s.weekday, ...shiftOf(s) })),
    days: Object.fromEntries(form.days.map(({ date, shifts, why }) => [date, { shifts: shifts.map(shiftOf), why }])),
    away: form.away.map(({ from, until, why }) => ({ from, until, why })),
    left: form.left === '' ? null : form.left,
    reading: before?.reading ?? null,
  };
}
