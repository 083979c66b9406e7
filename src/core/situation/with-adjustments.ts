import { valueAt } from '../ids/value-at';
import { say } from '../words/say';
import { mergeSpans, without } from '../time/spans';
import { lengthWith } from '../planning-format/lengths';
import { kindsTaken, type Placed, type Problem, type Step } from '../planning-format/problem';
import type { Pin, Adjustments } from '../steering/plan-edit';

/** Skill that only those people have to whom a step was given. */
const givenSkill = (step: string) => say`given ${step}`;

/**
 * The problem with the lead's adjustments in it: shifts longer or shorter, items closed or borrowed, skills lent, steps given to
 * somebody, steps pinned. What has begun on the floor stays as it is. `lapsed` names the steps whose pin or giving can hold no
 * more: their time has passed, or the person or thing is gone.
 */
export function withAdjustments(problem: Problem, adjustments: Adjustments): { problem: Problem; lapsed: string[] } {
  const lapsed: string[] = [];
  const team = new Set(problem.people.map((p) => p.id));
  const given = new Map<string, string[]>();
  for (const step of problem.steps) {
    const people = valueAt(adjustments.give, step.id);
    if (!people || step.placed) continue;
    const there = people.filter((p) => team.has(p));
    if (step.people && there.length === people.length && there.length >= step.people.count) given.set(step.id, there);
    else lapsed.push(step.id);
  }
  const people = problem.people.map((p) => ({
    ...p,
    skills: [
      ...new Set([
        ...p.skills,
        ...(valueAt(adjustments.lend, p.id) ?? []),
        ...[...given].flatMap(([step, to]) => (to.includes(p.id) ? [givenSkill(step)] : [])),
      ]),
    ],
    shifts: without(
      mergeSpans([...p.shifts, ...(valueAt(adjustments.longer, p.id) ?? [])]),
      valueAt(adjustments.away, p.id) ?? [],
    ),
  }));
  const equipment = problem.equipment.map((e) => {
    const closed = mergeSpans([...(e.closed ?? []), ...(valueAt(adjustments.closed, e.id) ?? [])]);
    const units = e.units + (valueAt(adjustments.more, e.id) ?? 0);
    return { ...e, units, ...(closed.length > 0 ? { closed } : {}) };
  });
  const changed: Problem = { ...problem, people, equipment };
  const steps = problem.steps.map((s): Step => {
    const asGiven = given.has(s.id) ? { ...s, people: { ...s.people!, skill: givenSkill(s.id) } } : s;
    const pin = valueAt(adjustments.pin, s.id);
    if (!pin || s.placed) return asGiven;
    const placed = pinned(asGiven, pin, changed);
    if (!placed) lapsed.push(s.id);
    return placed ? { ...asGiven, placed } : asGiven;
  });
  return { problem: { ...changed, steps }, lapsed };
}

/** The pin as the format wants it; null where its time has passed or somebody or something of it is not there. */
function pinned(step: Step, pin: Pin, problem: Problem): Placed | null {
  if (pin.start < problem.now) return null;
  const people = pin.people.flatMap((id) =>
    problem.people.filter((p) => p.id === id && (!step.people?.skill || p.skills.includes(step.people.skill))),
  );
  const kinds = kindsTaken(step);
  const kindOf = new Map(problem.equipment.map((e) => [e.id, e.kind]));
  const fits =
    people.length === (step.people?.count ?? 0) &&
    pin.equipment.length === kinds.length &&
    kinds.every((k, i) => kindOf.get(pin.equipment[i]!) === k) &&
    (!step.oven?.choices || step.oven.choices.some((c) => c.equipment === pin.equipment.at(-1)));
  if (!fits) return null;
  return {
    ...{ start: pin.start, end: pin.start + lengthWith(step, people, pin.equipment) },
    ...{ people: people.map((p) => p.id), equipment: pin.equipment, state: 'pinned' },
  };
}
