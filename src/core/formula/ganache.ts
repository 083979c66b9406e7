/** Parts of dark chocolate to one part of cream, by weight. */
export const GANACHE_RATIOS = { drip: 1, pour: 1, spread: 1.5, whip: 1 / 1.5, truffle: 2 } as const;
export type GanacheUse = keyof typeof GANACHE_RATIOS;

/** How much more of a chocolate than of dark. */
export const CHOCOLATE_FACTORS = { dark: 1, milk: 1.4, white: 1.75 } as const;
export type Chocolate = keyof typeof CHOCOLATE_FACTORS;

/** °C between which each use is worked; spread and whip after cooling. */
export const GANACHE_HEAT: Record<GanacheUse, readonly [number, number]> = {
  drip: [28, 32],
  pour: [32, 40],
  spread: [22, 25],
  whip: [4, 10],
  truffle: [20, 24],
};

export interface GanacheFigures {
  ratios: Record<GanacheUse, number>;
  chocolate: Record<Chocolate, number>;
}

/**
 * Chocolate and cream for a weight of ganache, g. Ratio = ratio of the use × factor of the chocolate.
 * Example: 1 000 g to spread, dark: 600 g chocolate, 400 g cream; white, 1.5 × 1.75 : 1: 724.1 and 275.9 g.
 */
export function ganache(
  grams: number,
  use: GanacheUse,
  chocolate: Chocolate,
  figures: GanacheFigures = { ratios: GANACHE_RATIOS, chocolate: CHOCOLATE_FACTORS },
): { chocolate: number; cream: number; ratio: number } {
  const ratio = figures.ratios[use] * figures.chocolate[chocolate];
  return { chocolate: (grams * ratio) / (1 + ratio), cream: grams / (1 + ratio), ratio };
}
