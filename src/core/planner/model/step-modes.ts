import { lengthAtPace, ovenChoices, paceOf } from '../../planning-format/lengths';
import { lengthOf, type OvenChoice, type Problem, type Step } from '../../planning-format/problem';
import type { Need, StepMode } from './step-model';

/**
 * The ways of doing a step that differ in how long they take or how hot they are, the quickest first: one for each length that people of
 * different pace come to, or for each time and temperature of the ovens that will do.
 *
 * @param needs what it uses, without its oven; then, in any oven, its oven last
 */
export function modesOf(problem: Problem, step: Step, candidates: number[], needs: Need[]): StepMode[] {
  const one: StepMode = { minutes: lengthOf(step), candidates, slowest: candidates, needs };
  if (step.placed) return [{ ...one, minutes: step.placed.end - step.placed.start }];
  const choices = ovenChoices(step);
  if (choices.length > 0) {
    const indexOf = new Map(problem.equipment.map((e, i) => [e.id, i]));
    const alike = (c: OvenChoice, d: OvenChoice) => lengthOf(c) === lengthOf(d) && c.celsius === d.celsius;
    const modes = choices
      .filter((c, i) => choices.findIndex((d) => alike(c, d)) === i)
      .map((c): StepMode => {
        const items = choices.filter((d) => alike(c, d)).map((d) => indexOf.get(d.equipment)!);
        const oven = { ...needs.at(-1)!, items, celsius: c.celsius };
        return { ...one, minutes: lengthOf(c), needs: [...needs.slice(0, -1), oven] };
      });
    return modes.sort((a, b) => a.minutes - b.minutes);
  }
  if (step.work !== 'hands') return [one];
  const lengths = new Map(candidates.map((p) => [p, lengthAtPace(lengthOf(step), paceOf(problem.people[p]!, step))]));
  const modes = [...new Set(lengths.values())]
    .sort((a, b) => a - b)
    .map((minutes): StepMode => {
      // With a crew of several, quicker people may be in it: the slowest says how long it takes.
      const able = step.people!.count > 1 ? candidates.filter((p) => lengths.get(p)! <= minutes) : candidates;
      const slowest = candidates.filter((p) => lengths.get(p) === minutes);
      return { ...one, minutes, candidates: step.people!.count > 1 ? able : slowest, slowest };
    })
    .filter((m) => m.candidates.length >= step.people!.count);
  return modes.length > 0 ? modes : [one];
}
