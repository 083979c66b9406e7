export interface Syrup {
  sugar: number;
  water: number;
  /** Water to boil off, g. */
  boilOff: number;
}

/**
 * Sugar and water for a syrup of a final weight (g) and concentration (° Brix: % sugar by weight), begun at sugar : water
 * `ratio` by weight; what is too much water boils off. Sugar stays: sugar = grams × brix ÷ 100.
 * Example: 500 g at 65 °Brix begun 1 : 1: 325 g sugar, 325 g water, 150 g boiled off.
 */
export function syrup(grams: number, brix: number, ratio: number): Syrup {
  const sugar = (grams * brix) / 100;
  const water = sugar / ratio;
  return { sugar, water, boilOff: sugar + water - grams };
}

/**
 * Alcohol of a finished soak in % by volume: spirit (ml, % by volume) in so much syrup (g, g/ml). Volumes are added, which
 * over-states the total by under 2 %.
 */
export function alcoholByVolume(spiritMl: number, spiritAbv: number, syrupGrams: number, syrupDensity: number): number {
  return (spiritMl * spiritAbv) / (spiritMl + syrupGrams / syrupDensity);
}

/**
 * Density of a sugar solution at 20 °C, g/ml, from its °Brix, by the cubic customary for it: 1 + 0.0038661 b +
 * 1.3488·10⁻⁵ b² + 4.3074·10⁻⁸ b³.
 */
export function syrupDensity(brix: number): number {
  return 1 + 0.0038661 * brix + 1.3488e-5 * brix ** 2 + 4.3074e-8 * brix ** 3;
}
