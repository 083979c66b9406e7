export interface SearchOptions {
  seed: number;
  /**
   * Asked often; the search ends at the next good moment after it says true. Where nobody wants its plan any more it may throw, which ends all of it
   * at once.
   */
  stop: () => boolean;
  /** Rounds of improvement at most. With the same seed and rounds the plan is the same. */
  rounds?: number;
  /**
   * How the search goes on from a plan that was searched for long before: with the losses that later cycles accept, or shaken out of it first. Else its first
   * cycle accepts no loss.
   */
  begins?: 'tolerant' | 'shaken';
  /** Told the best cost whenever it falls. */
  progress?: (cost: number) => void;
}
