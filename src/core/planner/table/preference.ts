import type { Model } from '../model/model';

/** Which of several people or items a step should rather get: the lower, the better. */
export interface Preference {
  person(step: number, person: number): number;
  item(step: number, item: number): number;
  /** The way of doing a step that it should rather be done in, by index; the quickest where it has none. */
  mode?(step: number): number;
  /** The item in which a wait or a hold should rather lie if it has room, by index; −1 where that is all the same. */
  wait?(wait: number): number;
  hold?(hold: number): number;
}

/** The plain policy: people with the fewest skills first, so that specialists stay free; items in their order. */
export function plainPreference(model: Model): Preference {
  const skills = model.problem.people.map((p) => p.skills.length);
  return { person: (_, p) => skills[p]!, item: (_, i) => i };
}
