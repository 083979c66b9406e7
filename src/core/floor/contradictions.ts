import type { Wait } from '../planning-format/problem';
import type { StepState } from './floor-state';

/** Two things told of one cake that cannot both be so: a step began, and what must be done before it was not. Ids of steps. */
export interface Contradiction {
  step: string;
  before: string;
  /** What is told of `before`: nothing, that it runs still, or that it ended later than `step` began. */
  told: 'not begun' | 'running' | 'ended later';
}

/** Everything in a state of the floor that cannot be so by what has to wait for what. */
export function contradictions(
  states: ReadonlyMap<string, StepState>,
  waits: readonly Pick<Wait, 'from' | 'to' | 'min'>[],
): Contradiction[] {
  return waits.flatMap(({ from, to, min }): Contradiction[] => {
    const begun = states.get(to);
    // Some begin while the other still runs.
    if (!begun || min < 0) return [];
    const before = states.get(from);
    if (!before) return [{ step: to, before: from, told: 'not begun' }];
    if (before.end === null) return [{ step: to, before: from, told: 'running' }];
    return before.end > begun.start ? [{ step: to, before: from, told: 'ended later' }] : [];
  });
}
