/** What is known of how long something takes: simulation uses all three. Minutes. */
export interface Minutes {
  low: number;
  likely: number;
  high: number;
}

/**
 * How long something lasts at the most in a share `u` of all cases: the quantile of the triangular distribution over low, likely and high, by
 * its inverse. `likely` where low and high are one.
 */
export function minutesAt({ low, likely, high }: Minutes, u: number): number {
  if (high <= low) return likely;
  const peak = (likely - low) / (high - low);
  return u < peak
    ? low + Math.sqrt(u * (high - low) * (likely - low))
    : high - Math.sqrt((1 - u) * (high - low) * (high - likely));
}
