import { valueAt } from '../ids/value-at';
import { say } from '../words/say';
import type { School, SchoolChoice } from './formula';

/** The school of what is cut to fit a cake. */
const PANELS = 'panels';
/** A step in which something is cut to a cake that has been measured. */
export const CUT_TO_MEASURE: SchoolChoice = { school: PANELS, choice: 'measured' };
/** … or by the plan, before there is one. */
export const CUT_BY_PLAN: SchoolChoice = { school: PANELS, choice: 'planned' };

/** Where good bakers differ. A kitchen has a default for each, an order may choose for itself; the first is the start. */
export const SCHOOLS: School[] = [
  {
    key: 'level',
    question: say`Domed layers`,
    choices: [
      { key: 'trim', name: say`Trim level`, effect: say`takes the dome off; the trimmings go to the crumb box` },
      { key: 'upside-down', name: say`Cool upside down`, effect: say`nothing is cut off; a closer top` },
    ],
  },
  {
    key: 'cloth',
    question: say`Rolling a sheet`,
    choices: [
      { key: 'dry', name: say`Sugared dry cloth`, effect: say`a crisper skin, sugar outside` },
      { key: 'damp', name: say`Damp cloth`, effect: say`a softer skin, bends further` },
    ],
  },
  {
    key: 'melt',
    question: say`Melting chocolate`,
    choices: [
      { key: 'bath', name: say`Over a water bath`, effect: say`slow and even; keep steam out` },
      { key: 'microwave', name: say`In short microwave bursts`, effect: say`quick; stir between bursts of 20 s` },
    ],
  },
  {
    key: 'bake',
    question: say`Several layers of one size`,
    choices: [
      { key: 'at-once', name: say`All tins at once`, effect: say`as many tins as there are` },
      {
        key: 'rounds',
        name: say`One tin after another`,
        effect: say`one tin, baked in rounds; mixed anew where the batter cannot stand`,
      },
    ],
  },
  {
    key: PANELS,
    question: say`Panels around a cake`,
    choices: [
      {
        key: 'measured',
        name: say`Cut to the coated cake`,
        effect: say`rolled and cut once it can be measured; none over`,
      },
      { key: 'planned', name: say`Cut by the plan`, effect: say`made ahead, with one to spare` },
    ],
  },
  {
    key: 'egg',
    question: say`Egg`,
    choices: [
      { key: 'with-egg', name: say`With egg`, effect: say`as the build says` },
      { key: 'egg-free', name: say`Egg-free`, effect: say`egg-free formulas, where the build has them` },
    ],
  },
];

/** What an order, or else the kitchen, has chosen for each school. */
export type Choices = Readonly<Record<string, string>>;

/** The answer that counts: the order's, the kitchen's, or the first of the list. */
export function chosen(school: string, choices: Choices): string {
  return valueAt(choices, school) ?? SCHOOLS.find((s) => s.key === school)?.choices[0]?.key ?? '';
}

/** Does something belong to the schools chosen? What names no school always does. */
export function belongs(when: SchoolChoice | undefined, choices: Choices): boolean {
  return !when || chosen(when.school, choices) === when.choice;
}
