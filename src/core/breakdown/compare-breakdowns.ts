import type { Breakdown } from './breakdown';

/** One thing that is otherwise in another breakdown of the same order. Grams, minutes. */
export type BreakdownChange =
  | { kind: 'amount'; part: string; from: number; to: number }
  | { kind: 'formula'; part: string; from: string; to: string }
  | { kind: 'part'; part: string; gone: boolean }
  | { kind: 'minutes'; step: string; name: string; from: number; to: number }
  | { kind: 'step'; step: string; name: string; gone: boolean }
  | { kind: 'waits'; from: string; to: string }
  | { kind: 'portions'; from: number; to: number };

/** Differences of less than a gram are those of rounding. */
const SAME_GRAMS = 1;

/**
 * What changes from one breakdown of an order to another: parts, their amounts and formulas, steps and their minutes, waits between steps
 * that both have. What only says the same in other words is no change.
 */
export function compareBreakdowns(was: Breakdown, is: Breakdown): BreakdownChange[] {
  const changes: BreakdownChange[] = [];
  if (was.cake.portions !== is.cake.portions)
    changes.push({ kind: 'portions', from: was.cake.portions, to: is.cake.portions });
  const before = new Map(was.components.map((c) => [c.role, c]));
  for (const now of is.components) {
    const old = before.get(now.role);
    before.delete(now.role);
    if (!old) changes.push({ kind: 'part', part: now.label, gone: false });
    else if (old.formula.id !== now.formula.id)
      changes.push({ kind: 'formula', part: now.label, from: old.formula.name, to: now.formula.name });
    else if (Math.abs(old.amount.grams - now.amount.grams) >= SAME_GRAMS)
      changes.push({ kind: 'amount', part: now.label, from: old.amount.grams, to: now.amount.grams });
  }
  for (const gone of before.values()) changes.push({ kind: 'part', part: gone.label, gone: true });
  changes.push(...stepChanges(was, is), ...waitChanges(was, is));
  return changes;
}

function stepChanges(was: Breakdown, is: Breakdown): BreakdownChange[] {
  const before = new Map(was.steps.map((s) => [s.id, s]));
  const changed = is.steps.flatMap((now): BreakdownChange[] => {
    const old = before.get(now.id);
    before.delete(now.id);
    const { id: step, name } = now;
    if (!old) return [{ kind: 'step', step, name, gone: false }];
    const [from, to] = [old.minutes.likely, now.minutes.likely];
    return from === to ? [] : [{ kind: 'minutes', step, name, from, to }];
  });
  const gone = [...before.values()].map(({ id, name }): BreakdownChange => ({
    kind: 'step',
    step: id,
    name,
    gone: true,
  }));
  return [...changed, ...gone];
}

function waitChanges(was: Breakdown, is: Breakdown): BreakdownChange[] {
  const before = new Map(was.waits.map((w) => [w.id, w]));
  const names = new Map(is.steps.map((s) => [s.id as string, s.name]));
  return is.waits.flatMap((now): BreakdownChange[] => {
    const old = before.get(now.id);
    if (!old || (old.min === now.min && old.max === now.max && old.place === now.place)) return [];
    return [{ kind: 'waits', from: names.get(now.from) ?? now.from, to: names.get(now.to) ?? now.to }];
  });
}
