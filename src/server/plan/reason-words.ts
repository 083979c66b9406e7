import { say } from '../../core/words/say';
import { namesOf, type Names } from '../situation/names';
import { durationText } from '../../core/time/duration-text';
import { timeOf, type Clock } from '../../core/time/clock';
import type { Reason } from '../../core/plan-reading/why-here';
import { type Situation } from '../situation/situation';

export function reasonWords(situation: Situation): ReasonWords {
  return new ReasonWords(situation.kitchen.clock, namesOf(situation));
}

/** Turns the planner's reasons into sentences. */
class ReasonWords {
  constructor(
    private readonly clock: Clock,
    private readonly names: Names,
  ) {}

  private time(minute: number): string {
    return timeOf(minute, this.clock).toFormat('ccc HH:mm');
  }

  step(step: { name: string; order: string | null }): string {
    const order = this.names.order(step.order ?? '');
    return order ? say`“${step.name}” of ${order}` : `“${step.name}”`;
  }

  reason(r: Reason, later: boolean): string {
    switch (r.kind) {
      case 'fact':
        return r.state === 'pinned' ? say`It is pinned here.` : say`It is ${r.state}: this is what happened.`;
      case 'pickup':
        return say`The pickup is then.`;
      case 'made ahead':
        return say`It keeps, and so it is made before the last ${durationText(r.least)} until ${this.time(r.at)}, when hands are scarce.`;
      case 'kept apart':
        return say`${durationText(r.least)} had rather lie between it and ${r.step.name} at ${this.time(r.at)}.`;
      case 'now':
        return say`It is already as early as can be: now.`;
      case 'shortest wait': {
        const why = r.wait.why ? ` (${r.wait.why})` : '';
        const rest = r.wait.min > 0 ? say`${durationText(r.wait.min)} must pass` : say`there is no time`;
        return later
          ? say`${r.step.name} comes at ${this.time(r.at)}, and before it ${rest}${why}.`
          : say`${r.step.name} ends at ${this.time(r.at)}, and after it ${rest}${why}.`;
      }
      case 'longest wait':
        return say`At most ${durationText(r.wait.max ?? 0)} may lie between it and ${r.step.name} at ${this.time(r.at)}${r.wait.why ? ` (${r.wait.why})` : ''}.`;
      case 'hands taken':
        return say`${this.names.person(r.person)} is on ${this.step(r.step)} ${later ? 'from' : 'until'} ${this.time(r.at)}.`;
      case 'off shift':
        return say`The shift of ${this.names.person(r.person)} ${later ? 'ends' : 'begins'} at ${this.time(r.at)}.`;
      case 'equipment taken':
        return say`${this.names.item(r.item)} is ${later ? say`wanted by` : say`taken by`} ${this.step(r.step)} ${later ? 'from' : 'until'} ${this.time(r.at)}.`;
    }
  }
}
