import { say } from '../words/say';
import type { Item } from './item';
import type { Person } from './person';
import type { StandingWork } from './standing-work';

/** What is wrong with an entry beside what else is in its kitchen, by field; nothing where it may be kept. */
export type EntryProblems = Record<string, string>;

const sameName = (a: string, b: string) => a.localeCompare(b, 'en', { sensitivity: 'base' }) === 0;

/** Two of one name could not be told apart, nor two of the same initials on the wall. */
export function personProblems(person: Person, others: readonly Pick<Person, 'name' | 'initials'>[]): EntryProblems {
  const problems: EntryProblems = {};
  if (others.some((o) => sameName(o.name, person.name))) problems.name = say`Somebody of this name is here already.`;
  const twin = others.find((o) => o.initials === person.initials);
  if (twin) problems.initials = say`These are ${twin.name}’s.`;
  return problems;
}

export function nameProblems({ name }: { name: string }, others: readonly { name: string }[]): EntryProblems {
  return others.some((o) => sameName(o.name, name)) ? { name: say`There is one of this name already.` } : {};
}

/** What standing work names must be there; whoever does it, or the number that is asked for, must be able to. */
export function standingProblems(
  work: StandingWork,
  people: readonly ({ id: string } & Pick<Person, 'name' | 'skills'>)[],
  items: readonly ({ id: string } & Pick<Item, 'name'>)[],
): EntryProblems {
  const problems: EntryProblems = {};
  if (work.people.some((id) => !people.some((p) => p.id === id))) problems.people = say`One of them is here no more.`;
  if (work.items.some((id) => !items.some((i) => i.id === id))) problems.items = say`One of these is here no more.`;
  if (work.people.length === 0 && work.count === 0 && work.items.length === 0)
    problems.count = say`It takes nobody and nothing: say who does it, how many, or what it takes.`;
  const able = people.filter((p) => work.skill === null || p.skills.some((s) => s.name === work.skill));
  if (work.people.length === 0 && work.count > able.length)
    problems.count =
      work.skill === null ? say`Only ${able.length} work here.` : say`Only ${able.length} can do “${work.skill}”.`;
  return problems;
}
