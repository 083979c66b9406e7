import { inOven } from '../../core/breakdown/steps/preparations';
import { readingOf } from '../../core/plan-reading/plan-reading';
import type { PlacedWork } from '../../core/pull-list/weigh-out';
import { cakeSteps, componentOf, servedBy } from '../../core/situation/whose-step';
import { namesOf } from './names';
import { heatOf } from './presence';
import type { Situation } from './situation';

/** Every step that a plan has placed, with when it begins, what it works on and for whom. */
export function placedWorks(
  situation: Situation,
  plan: Parameters<typeof readingOf>[0],
  only: (order: number) => boolean = () => true,
): PlacedWork[] {
  const reading = readingOf(plan);
  const names = namesOf(situation);
  return cakeSteps(situation).flatMap((step): PlacedWork[] => {
    const at = reading.planned(step.id);
    const serves = servedBy(step.id, situation);
    if (!at || !serves.some((o) => only(o.id))) return [];
    const heat = heatOf(reading.step(step.id), at.equipment, (e) => names.item(e));
    const preparations = inOven(step.preparations, heat);
    const forWhom = serves.map((o) => o.title).join(' + ');
    return [{ step: { ...step, preparations }, start: at.start, forWhom, component: componentOf(step, situation) }];
  });
}
