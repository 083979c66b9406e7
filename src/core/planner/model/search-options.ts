export interface SearchOptions {
  seed: number;
  /**
   * Asked often; the search ends at the next good moment after it says true. Where nobody wants its plan any more it may throw, which ends all of it
   * at once.
   */
  stop: () => boolean;
  /** Rounds of improvement at most. With the same seed and rounds the plan is the same. */
  rounds?: number;
  /** Told the best cost whenever it falls. */
  progress?: (cost: number) => void;
}
