/** What one gram of fresh yeast is worth in each kind, by weight. */
export const YEAST = { fresh: 1, 'active dry': 0.5, instant: 0.4 } as const;

export type Yeast = keyof typeof YEAST;

/** Yeast of one kind for another, g. Example: 20 g fresh = 10 g active dry = 8 g instant. */
export function convertYeast(grams: number, from: Yeast, to: Yeast, worth: Record<Yeast, number> = YEAST): number {
  return (grams * worth[to]) / worth[from];
}
