import { cheapestChoice } from '../../planning-format/problem';
import type { Model } from '../model/model';
import type { HoldModel, WaitModel } from '../model/step-model';
import { Lengths } from './lengths';

/** Where everything stands in a plan that is being made: which steps are placed, when, with whom and in what; routes, and orders left out. */
export class PlanState {
  readonly lengths: Lengths;
  readonly start: Int32Array;
  readonly placed: Uint8Array;
  readonly crew: number[][];
  readonly stepItems: number[][];
  /** Choice taken on each route. */
  readonly choice: Int32Array;
  /** 1 for an order that is left out. */
  readonly leftOut: Uint8Array;

  constructor(readonly model: Model) {
    this.lengths = new Lengths(model.steps);
    this.start = new Int32Array(model.steps.length);
    this.placed = new Uint8Array(model.steps.length);
    this.crew = model.steps.map(() => []);
    this.stepItems = model.steps.map(() => []);
    // The cheapest until another is taken: what serves no order goes no other way.
    this.choice = Int32Array.from(model.problem.routes, cheapestChoice);
    this.leftOut = new Uint8Array(model.problem.orders.length);
  }

  end(step: number): number {
    return this.start[step]! + this.lengths.least[step]!;
  }

  taken(x: { route: number; choice: number }): boolean {
    return x.route < 0 || this.choice[x.route] === x.choice;
  }

  exists(step: number): boolean {
    const s = this.model.steps[step]!;
    return this.taken(s) && (s.order < 0 || this.leftOut[s.order] === 0);
  }

  /** Does the wait count, with both its steps in the plan? */
  waitExists(w: WaitModel): boolean {
    return this.taken(w) && this.exists(w.from) && this.exists(w.to);
  }

  holdExists(h: HoldModel): boolean {
    return this.taken(h) && this.exists(h.from) && this.exists(h.until);
  }
}
