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
  /** The step in whose item the gap lies; −1 where any of `items` will do. */
  sameAs: number;
  /** What is kept is the item of that step plus so much: what is asked of an oven beside its slots has an item of its own. */
  offset: number;
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

/** One way of doing a step, with the length that goes with it: by these people, or in these ovens. */
export interface StepMode {
  minutes: number;
  candidates: number[];
  /** At least one of these is needed for it to take so long; all candidates where it makes no difference. */
  slowest: number[];
  needs: Need[];
}

export interface StepModel {
  work: Work;
  /** Not before now, and not before its own earliest; for a placed one its start. */
  earliest: number;
  order: number;
  route: number;
  choice: number;
  crew: number;
  /** Everybody who could do it, by index. */
  candidates: number[];
  /** What it needs in any of its ways. */
  needs: Need[];
  /** Its ways, the quickest first; mostly one. */
  modes: StepMode[];
  fixed: typeof FREE | typeof FACT | typeof PINNED;
  /** Indices into `waits` and `holds`. */
  waitsIn: number[];
  waitsOut: number[];
  holds: number[];
  /** Does a wait lie in an item of this one? */
  lends: boolean;
  /** Those of them that lie between other steps. */
  lentTo: number[];
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
