import type { School } from '../formula/formula';
import type { Choices } from '../formula/schools';
import type { Habit } from '../planner/dispatch/earliest-times';
import { beginsEarly } from '../records/begins';
import { say } from '../words/say';

/** The question to a kitchen of when its work begins; the first is the start. Nothing is planned by it but what is kept free: it says how days are lived. */
export const BEGINS: Omit<School, 'choices'> & { choices: { key: Habit | 'record'; name: string; effect: string }[] } =
  {
    key: 'begins',
    question: say`When work begins that could begin earlier (chances go by it)`,
    choices: [
      {
        key: 'record',
        name: say`As it was told here`,
        effect: say`learned from what was begun before its time, or not; as soon as it can until there is enough of that`,
      },
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

/** What a kitchen has chosen of `BEGINS`. */
export const beginsOf = (choices: Choices): Habit | 'record' =>
  BEGINS.choices.find((c) => c.key === choices[BEGINS.key])?.key ?? 'record';

/** How a kitchen begins its work: as it has chosen, or as its record says. */
export function habitOf(choices: Choices, done: readonly { ahead?: number | undefined }[]): Habit {
  const chosen = beginsOf(choices);
  if (chosen !== 'record') return chosen;
  return beginsEarly(done) === false ? 'wall' : 'early';
}
