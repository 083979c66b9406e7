import { say } from '../../words/say';
import { isStepOf, stageStepId, waitId, type OrderId } from '../../ids/ids';
import type { Wait } from '../../planning-format/problem';
import type { Work } from '../../design/work';
import type { Component } from '../amounts/component';
import type { Drawn } from '../amounts/left-overs';
import type { CakeStep } from './cake-step';

/** A by-product keeps at most this long before it is worked on. Minutes. */
const LEFT_OVER_KEEPS = 2 * 1440;

/**
 * From where a by-product comes off to the first step of what draws on it. Trimmings come off in the formula's step
 * `cut`, else at the stage that takes the component; run-off where the component is used.
 */
export function leftOverWaits(
  order: OrderId,
  { stages }: Work,
  components: Component[],
  drawn: Drawn[],
  parts: { role: string; steps: CakeStep[] }[],
): Wait[] {
  return drawn.flatMap((d) => {
    const first = parts.find((p) => p.role === d.role)?.steps[0];
    if (!first) return [];
    return [...new Set(d.from.map((f) => f.role))].flatMap((role) => {
      const source = components.find((c) => c.role === role)!;
      const cuts = (parts.find((p) => p.role === role)?.steps ?? []).filter((s) => isStepOf(s.id, role, 'cut'));
      const stage = stages.find((s) => s.takes.includes(role));
      const from = cuts.length > 0 ? cuts.map((s) => s.id) : stage ? [stageStepId(order, stage.key)] : [];
      return from.map((id): Wait => ({
        id: waitId(id, first.id),
        from: id,
        to: first.id,
        min: 0,
        max: LEFT_OVER_KEEPS,
        place: null,
        units: 0,
        ageing: 0.002,
        why: say`made of what is left of ${source.label.toLowerCase()}`,
      }));
    });
  });
}
