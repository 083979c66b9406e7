import { say } from '../words/say';
import { array, number, object, string, type InferType } from 'yup';
import type { StandingWork } from '../kitchen/standing-work';
import { trimmed } from './trimmed';
import { isoDate, wallTime } from './wall-time';

const ids = (message: string) => array().of(string().max(120).required()).max(60, message).default([]);

/** What is done each day or week beside the cakes on order, as it is typed. */
export const standingForm = object({
  name: trimmed()
    .required(say`What is done?`)
    .max(60, say`At most 60 letters.`),
  weekdays: array()
    .of(number().integer().min(1).max(7).required())
    .min(1, say`On which days?`)
    .max(7, say`Each day once.`)
    .default([]),
  start: wallTime(),
  end: wallTime().test('lasts', say`It ends as it begins.`, function (end) {
    return end !== (this.parent as { start: string }).start;
  }),
  people: ids(say`At most 60 people.`),
  count: number()
    .typeError(say`How many? A number.`)
    .required(say`How many?`)
    .integer(say`Whole ones.`)
    .min(0, say`Not below 0.`)
    .max(50, say`At most 50.`),
  skill: trimmed()
    .max(30, say`At most 30 letters.`)
    .default(''),
  items: ids(say`At most 60 things.`),
  except: array()
    .of(isoDate())
    .max(400, say`At most 400 days.`)
    .default([]),
});

export type StandingForm = InferType<typeof standingForm>;

export const standingFormOf = (w: StandingWork): StandingForm => ({
  ...{ name: w.name, weekdays: w.weekdays, start: w.start, end: w.end, people: w.people, count: w.count },
  ...{ skill: w.skill ?? '', items: w.items, except: w.except },
});

export const standingOf = (form: StandingForm): StandingWork => ({
  ...{ name: form.name, start: form.start, end: form.end, count: form.people.length > 0 ? 0 : form.count },
  weekdays: [...new Set(form.weekdays)].sort(),
  ...{ people: [...form.people], items: [...form.items], except: [...form.except].sort() },
  skill: form.people.length > 0 || form.skill === '' ? null : form.skill,
});
