import { durationText } from '../../core/time/duration-text';
import { timeOf, type Clock } from '../../core/time/clock';
import type { Reason } from '../../core/plan-reading/why-here';
import type { Situation } from './planning';

export function reasonWords(situation: Situation): ReasonWords {
  const { clock, rows } = situation.kitchen;
  return new ReasonWords(
    clock,
    new Map(rows.people.map((p) => [p.id, p.name])),
    new Map(rows.equipment.map((e) => [e.id, e.name])),
    new Map(situation.orders.map((o) => [`o${o.id}`, o.title])),
  );
}

/** Turns the planner's reasons into sentences. */
class ReasonWords {
  constructor(
    private readonly clock: Clock,
    private readonly people: Map<string, string>,
    private readonly items: Map<string, string>,
    private readonly orders: Map<string, string>,
  ) {}

  private time(minute: number): string {
    return timeOf(minute, this.clock).toFormat('ccc HH:mm');
  }

  step(step: { name: string; order: string | null }): string {
    const order = this.orders.get(step.order ?? '');
    return order ? `“${step.name}” of ${order}` : `“${step.name}”`;
  }

  reason(r: Reason, later: boolean): string {
    switch (r.kind) {
      case 'fact':
        return r.state === 'pinned' ? 'It is pinned here.' : `It is ${r.state}: this is what happened.`;
      case 'pickup':
        return 'The pickup is then.';
      case 'now':
        return 'It is already as early as can be: now.';
      case 'shortest wait': {
        const why = r.wait.why ? ` (${r.wait.why})` : '';
        const rest = r.wait.min > 0 ? `${durationText(r.wait.min)} must pass` : 'there is no time';
        return later
          ? `${r.step.name} comes at ${this.time(r.at)}, and before it ${rest}${why}.`
          : `${r.step.name} ends at ${this.time(r.at)}, and after it ${rest}${why}.`;
      }
      case 'longest wait':
        return `At most ${durationText(r.wait.max ?? 0)} may lie between it and ${r.step.name} at ${this.time(r.at)}${r.wait.why ? ` (${r.wait.why})` : ''}.`;
      case 'hands taken':
        return `${this.people.get(r.person) ?? r.person} is on ${this.step(r.step)} ${later ? 'from' : 'until'} ${this.time(r.at)}.`;
      case 'off shift':
        return `The shift of ${this.people.get(r.person) ?? r.person} ${later ? 'ends' : 'begins'} at ${this.time(r.at)}.`;
      case 'equipment taken':
        return `${this.items.get(r.item) ?? r.item} is ${later ? 'wanted by' : 'taken by'} ${this.step(r.step)} ${later ? 'from' : 'until'} ${this.time(r.at)}.`;
    }
  }
}
