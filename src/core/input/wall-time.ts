import { say } from '../words/say';
import { string } from 'yup';

/** "06:30", as it is typed and as a time field gives it. */
export const wallTime = () =>
  string()
    .typeError(say`A time, as 06:30.`)
    .required(say`Which time?`)
    .matches(/^([01]\d|2[0-3]):[0-5]\d$/, say`A time, as 06:30.`);

/** "2027-05-22". */
export const isoDate = () =>
  string()
    .typeError(say`A day.`)
    .required(say`Which day?`)
    .matches(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, say`A day, as 2027-05-22.`);

/** "2027-05-22T14:00". */
export const wallDateTime = () =>
  string()
    .typeError(say`A day and a time.`)
    .required(say`Which day and time?`)
    .matches(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])T([01]\d|2[0-3]):[0-5]\d$/, say`A day and a time.`);
