import { designOfOrder } from '../../core/situation/break-down-orders';
import { routesOfOrder } from '../../core/order/routes-of-order';
import { say } from '../../core/words/say';
import { namesOf, type Names } from '../situation/names';
import { durationText } from '../../core/time/duration-text';
import { minuteOf, timeOf } from '../../core/time/clock';
import type { Plan } from '../../core/planning-format/plan';
import { lengthOf, type Problem } from '../../core/planning-format/problem';
import type { Span } from '../../core/time/spans';
import { singleEdits, type PlanEdit, type Adjustment } from '../../core/steering/plan-edit';
import { cakeSteps, servedBy } from '../../core/situation/whose-step';
import { type Situation } from '../situation/situation';

/** Says edits of the plan as one baker would to another. */
export class EditWords {
  private readonly known: Names;

  constructor(private readonly situation: Situation) {
    this.known = namesOf(situation);
  }

  say(edit: PlanEdit): string {
    const said = singleEdits(edit).map((e) => this.sayOne(e));
    // Two who work the same time longer are said in one breath.
    const longer = singleEdits(edit).map((e) => (e.kind === 'longer' ? this.sayLonger(e) : null));
    const breath = new Map<string, string[]>();
    longer.forEach((l) => l && breath.set(l.rest, [...(breath.get(l.rest) ?? []), l.who]));
    const others = said.filter((_, i) => !longer[i]);
    const together = [...breath].map(
      ([rest, who]) => `${who.join(' and ')} ${who.length > 1 ? 'work' : 'works'} ${rest}`,
    );
    return [...others, ...together].filter(Boolean).join(', ') || say`plan it again`;
  }

  /** Who works how much longer; null where an edit takes overtime back. */
  private sayLonger(e: Extract<PlanEdit, { kind: 'longer' }>): { who: string; rest: string } | null {
    const added = difference(e.to, e.from);
    if (added.length === 0) return null;
    const minutes = added.reduce((sum, [a, b]) => sum + b - a, 0);
    const when = added.map((s) => this.span(s)).join(' and ');
    return { who: this.person(e.key), rest: say`${durationText(minutes)} more, ${when}` };
  }

  private sayOne(e: Exclude<PlanEdit, { kind: 'several' }>): string {
    switch (e.kind) {
      case 'pin':
        return e.to ? say`pin ${this.step(e.key)} to ${this.time(e.to.start)}` : say`unpin ${this.step(e.key)}`;
      case 'give':
        return e.to
          ? say`give ${this.step(e.key)} to ${this.names(e.to)}`
          : say`leave open who does ${this.step(e.key)}`;
      case 'away': {
        const [added] = difference(e.to, e.from);
        return added
          ? say`${this.person(e.key)} away ${this.span(added)}`
          : say`${this.person(e.key)} is there after all`;
      }
      case 'longer':
        return say`no overtime for ${this.person(e.key)}`;
      case 'lend':
        return e.to?.length
          ? say`${this.person(e.key)} lends a hand with ${e.to.join(', ')}`
          : say`${this.person(e.key)} keeps to the own work`;
      case 'closed': {
        const [added] = difference(e.to, e.from);
        return added ? say`${this.item(e.key)} down ${this.span(added)}` : say`${this.item(e.key)} runs again`;
      }
      case 'more':
        return e.to ? say`${e.to} more of ${this.item(e.key)}` : say`no more of ${this.item(e.key)} than there are`;
      case 'order':
        return this.sayOrder(e);
    }
  }

  private sayOrder(e: Extract<PlanEdit, { kind: 'order' }>): string {
    const order = this.situation.orders.find((o) => `${o.id}` === e.key);
    const design = order ? designOfOrder(order, this.situation.kitchen) : null;
    const title = order?.title ?? say`an order`;
    const said: string[] = [];
    if (e.to?.pickup) {
      const { clock } = this.situation.kitchen;
      const time = timeOf(minuteOf(e.to.pickup, clock), clock);
      said.push(say`pickup of ${title} at ${time.toFormat('ccc d LLL, HH:mm')}`);
    }
    if (e.to?.without) {
      const label = (role: string) => design?.parts.find((c) => c.role === role)?.label.toLowerCase() ?? role;
      const left = e.to.without.filter((r) => !e.from?.without?.includes(r)).map(label);
      const taken = (e.from?.without ?? []).filter((r) => !e.to?.without?.includes(r)).map(label);
      if (left.length > 0) said.push(say`leave out ${left.join(', ')} of ${title}`);
      if (taken.length > 0) said.push(say`take ${taken.join(', ')} of ${title} in again`);
    }
    if (e.to?.choices) {
      const changed = Object.entries(e.to.choices).filter(([k, v]) => e.from?.choices?.[k] !== v);
      const names = changed.map(([key, choice]) => {
        const route = (order ? routesOfOrder(order, this.situation.kitchen) : []).find((r) => r.key === key);
        return route?.choices.find((c) => c.key === choice)?.name ?? choice;
      });
      said.push(names.length > 0 ? `${title}: ${names.join(', ')}` : say`${title}: the route is left to the plan`);
    }
    return said.join(', ');
  }

  /** Why a pin, or a giving, could not be held in a plan. */
  whyNotHeld(adjustment: Adjustment, tried: { plan: { problem: Problem; plan: Plan } }): string {
    const { problem } = tried.plan;
    const step = problem.steps.find((s) => s.id === adjustment.key);
    const name = this.step(adjustment.key);
    if (!step) return say`This step is not in the plan any more.`;
    if (step.placed && step.placed.state !== 'pinned') return say`${name} has been begun: it stays where it is.`;
    if (adjustment.kind === 'give') return say`${name} cannot be given to ${this.names(adjustment.to ?? [])}.`;
    if (adjustment.kind !== 'pin' || !adjustment.to) return say`${name} cannot be changed like this.`;
    const { start, people, equipment } = adjustment.to;
    const end = start + lengthOf(step);
    const at = this.time(start);
    if (start < problem.now) return say`${name} cannot begin at ${at}: that is over.`;
    for (const id of people) {
      const person = problem.people.find((p) => p.id === id);
      if (step.people?.skill && !person?.skills.includes(step.people.skill))
        return say`${this.person(id)} does not do “${step.people.skill}”.`;
      if (!person?.shifts.some(([a, b]) => start >= a && end <= b))
        return say`${this.person(id)} is not on shift from ${at} to ${this.time(end)}.`;
      const other = problem.steps.find(
        (s) => s.id !== step.id && s.placed?.people.includes(id) && s.placed.start < end && s.placed.end > start,
      );
      if (other) return say`${this.person(id)} is on ${this.step(other.id)} then, and that is fixed.`;
    }
    for (const id of equipment) {
      const closed = problem.equipment.find((e) => e.id === id)?.closed ?? [];
      if (closed.some(([a, b]) => start < b && end > a)) return say`${this.item(id)} is not to be used at ${at}.`;
    }
    return say`With ${name} at ${at} the rest of the cake finds no place: what must come before or after it would break its waits or its shifts.`;
  }

  private names(ids: string[]): string {
    return ids.map((id) => this.person(id)).join(' and ');
  }

  private person(id: string): string {
    return this.known.person(id);
  }

  private item(id: string): string {
    return this.known.item(id);
  }

  private step(id: string): string {
    const name = cakeSteps(this.situation).find((s) => s.id === id)?.name ?? say`a step`;
    const orders = servedBy(id, this.situation).map((o) => o.title);
    return `“${name}”${orders.length > 0 ? say` of ${orders.join(' + ')}` : ''}`;
  }

  private time(minute: number): string {
    return timeOf(minute, this.situation.kitchen.clock).toFormat('ccc HH:mm');
  }

  private span([from, to]: Span): string {
    const { clock } = this.situation.kitchen;
    const [a, b] = [timeOf(from, clock), timeOf(to, clock)];
    const end = a.hasSame(b, 'day') ? b.toFormat('HH:mm') : b.toFormat('ccc d LLL HH:mm');
    return `${a.toFormat('ccc d LLL HH:mm')}–${end}`;
  }
}

/** Spans of the first list that the second does not have. */
function difference(a: Span[] | null, b: Span[] | null): Span[] {
  return (a ?? []).filter(([s, e]) => !(b ?? []).some(([x, y]) => x === s && y === e));
}
