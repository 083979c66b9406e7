import { valueAt } from '../ids/value-at';
import { lengthOf, type Equipment, type OvenChoice, type Person, type Step } from './problem';

/** How long work of hands of so many minutes lasts where the slowest of those who do it takes so many times the usual. Minutes. */
export function lengthAtPace(minutes: number, pace: number): number {
  // The product with a decimal fraction may lie a hair above the whole number that is meant.
  return Math.ceil(minutes * pace - 1e-9);
}

/** Whole minutes in which an oven heats up, or cools down, from one temperature to another. */
export function changeover(
  { heatRate = 1, coolRate = 1 }: Pick<Equipment, 'heatRate' | 'coolRate'>,
  from: number,
  to: number,
): number {
  return from === to ? 0 : Math.ceil(Math.abs(to - from) / (to > from ? heatRate : coolRate));
}

/** How many times the usual a person takes for a step. */
export const paceOf = ({ pace }: Pick<Person, 'pace'>, { people }: Pick<Step, 'people'>): number =>
  people?.skill == null ? 1 : (valueAt(pace, people.skill) ?? 1);

/** The ovens of a step's list, each once; an oven that is listed again is baked in as it was listed first. */
export function ovenChoices({ oven }: Pick<Step, 'oven'>): OvenChoice[] {
  const all = oven?.choices ?? [];
  return all.filter((c, i) => all.findIndex((d) => d.equipment === c.equipment) === i);
}

/** The temperature that a step has in its oven, which is the last of its equipment; null where it has none. */
export const celsiusWith = (step: Pick<Step, 'oven'>, equipment: string[]): number | null =>
  ovenChoices(step).find((c) => c.equipment === equipment.at(-1))?.celsius ?? step.oven?.celsius ?? null;

/** How long a step lasts with these people and this equipment (its oven comes last). Minutes. */
export function lengthWith(step: Step, people: Pick<Person, 'pace'>[], equipment: string[]): number {
  const choice = ovenChoices(step).find((c) => c.equipment === equipment.at(-1));
  if (choice) return lengthOf(choice);
  if (step.work !== 'hands' || people.length === 0) return lengthOf(step);
  return lengthAtPace(lengthOf(step), Math.max(...people.map((p) => paceOf(p, step))));
}
