import { FREE, type Group } from '../model/step-model';
import type { Timetable } from '../table/timetable';

const MOST_COMBINATIONS = 12;

/** All combinations of the group's routes that agree with what is done, running or pinned; at most a dozen. */
export function combinations(table: Timetable, group: Group): number[][] {
  const { model } = table;
  let all: number[][] = [[]];
  for (const route of group.routes) {
    const begun = group.steps
      .map((s) => model.steps[s]!)
      .find((s) => s.fixed !== FREE && s.route === route && (s.order < 0 || table.leftOut[s.order] === 0));
    const choices = begun ? [begun.choice] : model.problem.routes[route]!.choices.map((_, i) => i);
    all = all.flatMap((combination) => choices.map((choice) => [...combination, choice]));
    if (all.length > MOST_COMBINATIONS) all = all.slice(0, MOST_COMBINATIONS);
  }
  return all;
}
