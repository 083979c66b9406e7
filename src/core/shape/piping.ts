/** Grams of border per cm of length, by nozzle; common practice, to be weighed once by each kitchen. */
export const NOZZLES: Record<string, number> = {
  'star 6 mm': 1.2,
  'star 10 mm': 2.4,
  'star 14 mm': 4.2,
  'round 4 mm': 0.6,
  'round 8 mm': 1.8,
  'petal 12 mm': 1.6,
};

/** Frosting for a border, g: length (mm) × g per cm of the nozzle, and what stays in the bag. */
export function borderGrams(length: number, gramsPerCm: number, loss: number): number {
  return (length / 10) * gramsPerCm * (1 + loss);
}

/** Rosettes around an outline at a spacing, mm from middle to middle. */
export const rosetteCount = (outline: number, spacing: number): number => Math.floor(outline / spacing);

/** Spacing in mm for a given number of rosettes. */
export const rosetteSpacing = (outline: number, count: number): number => outline / count;
