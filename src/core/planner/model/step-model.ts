import type { Wish, Work } from '../../planning-format/problem';

/** A wait between two steps, by index. `items` is null on the open bench. */
export interface WaitModel {
  from: number;
  to: number;
  min: number;
  /** Infinity where the problem says null. */
  max: number;
  items: number[] | null;
  units: number;
  ageing: number;
  /** The least gap that is wished for, and what each minute costs that it falls short; null where nothing is. */
  wish: Wish | null;
  route: number;
  choice: number;
  /** Both ends are done or running: nothing to obey any more. */
  past: boolean;
}

export interface HoldModel {
  from: number;
  until: number;
  items: number[];
  units: number;
  route: number;
  choice: number;
}

/** One entry of a step's `uses`, or its oven (then with a temperature). */
export interface Need {
  items: number[];
  units: number;
  celsius: number | null;
}

export const FREE = 0;

export const FACT = 1;

export const PINNED = 2;

export interface StepModel {
  work: Work;
  minutes: number;
  /** Not before now, and not before its own earliest; for a placed one its start. */
  earliest: number;
  order: number;
  route: number;
  choice: number;
  crew: number;
  /** People who could do it, by index. */
  candidates: number[];
  needs: Need[];
  fixed: typeof FREE | typeof FACT | typeof PINNED;
  /** Indices into `waits` and `holds`. */
  waitsIn: number[];
  waitsOut: number[];
  holds: number[];
}

/** Steps that hang together, by order, wait, hold or route: they are planned as one. */
export interface Group {
  steps: number[];
  waits: number[];
  holds: number[];
  orders: number[];
  routes: number[];
  /** Does one of its waits wish for more than its least? */
  wishes: boolean;
}
