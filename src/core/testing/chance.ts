import fc from 'fast-check';

/**
 * What tests leave to chance. The run of a commit draws nothing: whatever fails in it fails again. The long run draws (`ZEST_SEED`, which it prints,
 * and which can be given again); what fails there stays as an example of its property, or as a seed that is always asked.
 */
const drawn = process.env.ZEST_SEED === undefined ? null : Number(process.env.ZEST_SEED);

/** Of a span of seeds the commit asks only the first; the mutants of what they test die of these. */
const IN_THE_COMMIT = 10;

/** The long run: whatever is asked only in part in the run of a commit is asked whole. */
export const ALL = drawn !== null;

/**
 * Ms. A property that fails is made smaller for so long in all, not for as long as it lasts: over a whole kitchen that can be hours, and a database in
 * the process gives the timer that would end the test no turn.
 */
const SMALLER_FOR = 200_000;

fc.configureGlobal({ seed: drawn ?? 1, interruptAfterTimeLimit: SMALLER_FOR, markInterruptAsFailure: true });
export { fc };

/** Runs of a property that is dear: a few in the run of a commit, as many as it deserves in the long run. */
export const runs = (few: number, all: number): { numRuns: number } => ({ numRuns: ALL ? all : few });

/** Seeds from the first to the last: ten of them in the run of a commit; all of them and ten that nobody has seen yet in the long run. */
export function seeds(first: number, last: number): number[] {
  const all = Array.from({ length: last - first + 1 }, (_, i) => first + i);
  if (drawn === null) return all.slice(0, IN_THE_COMMIT);
  return [...all, ...Array.from({ length: IN_THE_COMMIT }, (_, i) => 1000 + (drawn % 1_000_000) * IN_THE_COMMIT + i)];
}
