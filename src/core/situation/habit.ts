import type { School } from '../formula/formula';
import type { Choices } from '../formula/schools';
import type { Habit } from '../planner/dispatch/earliest-times';
import { say } from '../words/say';

/** The question to a kitchen of when its work begins; the first is the start. Nothing is planned by it: it says how days are lived. */
export const BEGINS: Omit<School, 'choices'> & { choices: { key: Habit; name: string; effect: string }[] } = {
  key: 'begins',
  question: say`When work begins that could begin earlier (chances go by it)`,
  choices: [
    {
      key: 'early',
      name: say`As soon as it can`,
      effect: say`up to an hour before the wall says: lost minutes are made good`,
    },
    {
      key: 'wall',
      name: say`When the wall says`,
      effect: say`nothing is older than planned, and lost minutes stay lost`,
    },
  ],
};

/** What a kitchen has chosen. */
export const habitOf = (choices: Choices): Habit =>
  BEGINS.choices.find((c) => c.key === choices[BEGINS.key])?.key ?? 'early';
