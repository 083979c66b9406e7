/** A step that was done: what it is called, the minutes the plan gave it, and those it took. */
export interface Worked {
  name: string;
  likely: number;
  took: number;
}

/** Fewer records than this teach nothing; older ones than the last so many are forgotten. */
export const LEAST_RECORDS = 8;
const MOST_RECORDS = 60;
/** A step that took this many times its minutes, or this share of them, was tapped late or by mistake. */
const TOO_SLOW = 4;
const TOO_QUICK = 0.1;

/**
 * How long steps take in this kitchen as parts of the minutes that were planned: for each name that was done often enough its
 * ratios, sorted, from the last records. `worked` comes in the order in which it was done.
 */
export function pacesOf(worked: Worked[]): Record<string, number[]> {
  const byName = new Map<string, number[]>();
  for (const { name, likely, took } of worked) {
    const ratio = took / likely;
    if (!(ratio >= TOO_QUICK && ratio <= TOO_SLOW)) continue;
    byName.set(name, [...(byName.get(name) ?? []), ratio]);
  }
  return Object.fromEntries(
    [...byName]
      .filter(([, ratios]) => ratios.length >= LEAST_RECORDS)
      .map(([name, ratios]) => [name, ratios.slice(-MOST_RECORDS).sort((a, b) => a - b)]),
  );
}

/** The ratio below which a share `u` of the sorted ones lies, between two of them in proportion. */
export function paceAt(ratios: number[], u: number): number {
  const at = u * (ratios.length - 1);
  const below = Math.floor(at);
  const above = Math.min(ratios.length - 1, below + 1);
  return ratios[below]! + (at - below) * (ratios[above]! - ratios[below]!);
}
