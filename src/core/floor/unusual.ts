/** Less than this share of its least minutes, and at least so much less, is hardly the whole step. */
const SHORT = { share: 0.5, by: 2 };
/** More than so many times its most minutes, and at least so much more, was hardly work all the time. */
const LONG = { times: 2, by: 15 };

/** Is what a step took far from what is usual? Then somebody is asked whether it was so. Minutes. */
export function unusual(took: number, { low, high }: { low: number; high: number }): 'short' | 'long' | null {
  if (took < low * SHORT.share && low - took >= SHORT.by) return 'short';
  return took > high * LONG.times && took - high >= LONG.by ? 'long' : null;
}
