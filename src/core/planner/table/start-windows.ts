/** Earliest and latest start of every step, by index of the step; only the entries of one group are read. */
export interface Windows {
  low: Float64Array;
  high: Float64Array;
}

export function newWindows(steps: number): Windows {
  return { low: new Float64Array(steps), high: new Float64Array(steps) };
}
