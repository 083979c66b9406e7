/** Where one group is placed, to put it back exactly. */
export interface GroupRecord {
  /** Null for a step that is not placed. */
  starts: (number | null)[];
  people: number[][];
  items: number[][];
  /** The way in which each step is done. */
  modes: number[];
  waitItems: number[];
  holdItems: number[];
  choices: number[];
  leftOut: number[];
}

/** Where one step is placed, with the storage of its waits and holds. */
export interface StepRecord {
  start: number;
  people: number[];
  items: number[];
  mode: number;
  waitItems: [wait: number, item: number][];
  holdItems: [hold: number, item: number][];
}
