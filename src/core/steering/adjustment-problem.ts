import { say } from '../words/say';
import type { Adjustment } from './plan-edit';

/** What an adjustment may name. */
export interface Steerable {
  /** Ids of people and items, and skills that somebody on the team has. */
  people: ReadonlySet<string>;
  equipment: ReadonlySet<string>;
  skills: ReadonlySet<string>;
  steps: ReadonlySet<string>;
  /** Of each open order: its parts, and its questions with their answers. By number. */
  orders: ReadonlyMap<
    string,
    { parts: readonly { role: string; optional: boolean }[]; answers: ReadonlyMap<string, readonly string[]> }
  >;
}

/** Whom or what an adjustment names that is not there, or what it asks that cannot be; null where it can be tried. */
export function adjustmentProblem(adjustment: Adjustment, known: Steerable): string | null {
  const stranger = (ids: readonly string[]) =>
    ids.some((id) => !known.people.has(id)) ? say`There is nobody of that name.` : null;
  const nothing = (ids: readonly string[]) =>
    ids.some((id) => !known.equipment.has(id)) ? say`There is no such thing in the kitchen.` : null;
  const twice = (ids: readonly string[]) => (new Set(ids).size < ids.length ? say`Something is named twice.` : null);
  // What is taken back may be gone by now.
  if (adjustment.to === null) return null;
  switch (adjustment.kind) {
    case 'pin':
      return (
        noStep(adjustment.key, known) ??
        stranger(adjustment.to.people) ??
        nothing(adjustment.to.equipment) ??
        twice(adjustment.to.people)
      );
    case 'give':
      return noStep(adjustment.key, known) ?? stranger(adjustment.to) ?? twice(adjustment.to);
    case 'away':
    case 'longer':
      return stranger([adjustment.key]);
    case 'lend':
      return (
        stranger([adjustment.key]) ??
        twice(adjustment.to) ??
        (adjustment.to.some((s) => !known.skills.has(s)) ? say`Nobody on the team has this skill.` : null)
      );
    case 'closed':
    case 'more':
      return nothing([adjustment.key]);
    case 'order':
      return orderProblem(adjustment.key, adjustment.to, known) ?? twice(adjustment.to.without ?? []);
  }
}

function noStep(id: string, known: Steerable): string | null {
  return known.steps.has(id) ? null : say`This step is not in the plan any more.`;
}

function orderProblem(
  key: string,
  { without = [], choices = {} }: { without?: string[]; choices?: Record<string, string> },
  known: Steerable,
): string | null {
  const order = known.orders.get(key);
  if (!order) return say`This order is not on the wall any more.`;
  for (const role of without) {
    const part = order.parts.find((p) => p.role === role);
    if (!part) return say`There is no such part in this cake.`;
    if (!part.optional) return say`This part cannot be left out: the cake would not be whole.`;
  }
  for (const [question, answer] of Object.entries(choices)) {
    const answers = order.answers.get(question);
    if (!answers) return say`There is no such question for this cake.`;
    if (!answers.includes(answer)) return say`There is no such answer.`;
  }
  return null;
}
