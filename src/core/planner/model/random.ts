/** Uniform numbers in `[0, 1)`. */
export type Random = () => number;

/** Seeded generator, so that the same seed gives the same plan (mulberry32, 32 bits of state). */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** The list in another order, each as likely. */
export function shuffle<T>(list: T[], random: Random): T[] {
  const shuffled = [...list];
  for (let i = shuffled.length - 1; i > 0; i--) {
    const k = Math.floor(random() * (i + 1));
    [shuffled[i], shuffled[k]] = [shuffled[k]!, shuffled[i]!];
  }
  return shuffled;
}

export function sum(values: Iterable<number>): number {
  let total = 0;
  for (const v of values) total += v;
  return total;
}
