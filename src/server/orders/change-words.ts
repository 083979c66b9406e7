import { say } from '../../core/words/say';
import { counted } from '../../core/measure/counted';
import type { BreakdownChange } from '../../core/breakdown/compare-breakdowns';
import { grams } from '../../core/breakdown/steps/words';
import { durationText } from '../../core/time/duration-text';

/** Says what is otherwise in another breakdown of an order. */
export function changeWords(change: BreakdownChange): string {
  switch (change.kind) {
    case 'amount':
      return `${change.part}: ${grams(change.from)} → ${grams(change.to)}`;
    case 'formula':
      return `${change.part}: ${change.from} → ${change.to}`;
    case 'part':
      return `${change.part} ${change.gone ? say`falls away` : say`is added`}`;
    case 'minutes':
      return `${change.name}: ${durationText(change.from)} → ${durationText(change.to)}`;
    case 'step':
      return say`The step “${change.name}” ${change.gone ? say`falls away` : say`is added`}`;
    case 'waits':
      return say`Other waits between “${change.from}” and “${change.to}”`;
    case 'portions':
      return `${change.from} → ${counted(change.to, 'portion')}`;
  }
}
