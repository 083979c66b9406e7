/** Where one group stands, to put it back exactly. */
export interface GroupRecord {
  /** Null for a step that does not stand. */
  starts: (number | null)[];
  people: number[][];
  items: number[][];
  waitItems: number[];
  holdItems: number[];
  choices: number[];
  leftOut: number[];
}

/** Where one step stands, with the storage of its waits and holds. */
export interface StepRecord {
  start: number;
  people: number[];
  items: number[];
  waitItems: [wait: number, item: number][];
  holdItems: [hold: number, item: number][];
}
