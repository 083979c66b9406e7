import { FREE, type Group } from '../model/step-model';
import type { Model } from '../model/model';
import type { Timetable } from '../table/timetable';
import type { EarlierPlan } from './load-plan';

/** What begins so soon has been told to people, who are on their way to it: it moves only if it must, or saves a cake. Minutes. */
export const HELD = 30;
/** Moving what is held costs as much as an order that is 25 min late; it does not matter by how much it moves. */
const HELD_PRICE = 2500;
/** Price of moving a rung that begins just after that, in the cost of a plan: so many late minutes of one order pay for it. */
const RUNG_PRICE = 300;
/** Each further so many minutes ahead, a rung costs half as much to move. */
const HALVED_BY = 60;
/** A rung costs so much at least, however far it lies ahead: nobody wants a wall that trembles for a part that is a minute younger. */
const LEAST_PRICE = 1;
/** A rung that moves by so many minutes costs twice what it costs to move it at all. */
const DOUBLED_BY = 60;
/** Somebody else doing it, at the same time, costs so much of what it costs to move it. */
const OTHER_HANDS = 0.5;

/**
 * The price of departing from an earlier plan, in the cost of a plan: what people have been told, and have weighed out, softened and heated
 * for, is worth something. The nearer a rung begins, by the earlier plan or by the new one, the more.
 */
export class Movement {
  private readonly now: number;
  private readonly start: Float64Array;
  private readonly people: (string[] | null)[];

  /** `freely`: what lies far ahead has no price. */
  constructor(
    model: Model,
    earlier: EarlierPlan,
    private readonly freely = false,
  ) {
    this.now = model.problem.now;
    this.start = Float64Array.from(model.steps, (s, i) => (s.fixed === FREE ? (earlier.steps[i]?.start ?? NaN) : NaN));
    this.people = model.steps.map((s, i) => (s.work === 'hands' ? (earlier.steps[i]?.people ?? null) : null));
  }

  /** Where the earlier plan had a free step; null where it did not know it, or the step cannot be there any more. */
  home(step: number): number | null {
    const start = this.start[step]!;
    return start >= this.now ? start : null;
  }

  /** What departing from the earlier plan costs a group as it is placed now. */
  of(table: Timetable, group: Group): number {
    let price = 0;
    for (const s of group.steps) {
      const was = this.start[s]!;
      if (Number.isNaN(was) || !table.placed[s]) continue;
      const moved = Math.abs(table.start[s]! - was);
      // A hand-over is nobody's work: what it costs to be late is in the plan's own cost.
      if (table.model.steps[s]!.work === 'collect') continue;
      const first = Math.min(was, table.start[s]!);
      if (moved > 0) price += this.isHeld(first) ? HELD_PRICE : this.rung(first) * (1 + moved / DOUBLED_BY);
      else if (this.otherHands(table, s)) price += OTHER_HANDS * this.rung(was);
    }
    return price;
  }

  private rung(start: number): number {
    return (this.freely ? 0 : LEAST_PRICE) + RUNG_PRICE * 2 ** (-Math.max(0, start - this.now - HELD) / HALVED_BY);
  }

  private isHeld(start: number): boolean {
    return start <= this.now + HELD;
  }

  private otherHands(table: Timetable, step: number): boolean {
    const people = this.people[step];
    if (!people) return false;
    const ids = table.model.problem.people;
    return table.crew[step]!.some((p) => !people.includes(ids[p]!.id));
  }
}
