import { say } from '../../words/say';
import { belongs, CUT_TO_MEASURE, type Choices } from '../../formula/schools';
import { keyOf, stageStepId, waitId, type OrderId } from '../../ids/ids';
import type { Wait } from '../../planning-format/problem';
import type { Component } from '../amounts/component';
import type { Work } from '../../design/work';
import type { CakeStep } from './cake-step';

/**
 * What is cut to fit a cake waits for the cake: from each stage that comes right before the one that takes the component, to the steps of
 * its formula that cut to measure.
 */
export function measuredWaits(
  order: OrderId,
  work: Work,
  components: Component[],
  parts: { role: string; steps: CakeStep[] }[],
  choices: Choices,
): Wait[] {
  if (!belongs(CUT_TO_MEASURE, choices)) return [];
  return components.flatMap(({ role, formula }) => {
    const cutting = formula.steps.filter(
      (s) => s.when?.school === CUT_TO_MEASURE.school && s.when.choice === CUT_TO_MEASURE.choice,
    );
    const own = parts.find((p) => p.role === role)?.steps ?? [];
    const steps = own.filter((s) => cutting.some((c) => c.key === keyOf(s.id)));
    const taken = work.stages.find((s) => s.takes.includes(role))?.key;
    const measured = work.waits.filter((w) => w.to === taken).map((w) => w.from);
    return steps.flatMap((s) =>
      [...new Set(measured)].map((stage): Wait => {
        const from = stageStepId(order, stage);
        return {
          ...{ id: waitId(from, s.id), from, to: s.id, min: 0, max: null, place: null, units: 0, ageing: 0 },
          why: say`cut to the measured cake`,
        };
      }),
    );
  });
}
