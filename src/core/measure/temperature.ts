/** °F = °C × 9⁄5 + 32. Example: 180 °C = 356 °F. */
export const toFahrenheit = (celsius: number): number => (celsius * 9) / 5 + 32;

/** °C = (°F − 32) × 5⁄9. */
export const fromFahrenheit = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

/** The customary gas marks with their °C in a conventional oven. */
const GAS_MARKS: readonly (readonly [mark: number, celsius: number])[] = [
  [0.25, 110],
  [0.5, 120],
  [1, 140],
  [2, 150],
  [3, 160],
  [4, 180],
  [5, 190],
  [6, 200],
  [7, 220],
  [8, 230],
  [9, 240],
];

/** °C of a gas mark; null for a mark that no cooker has. Example: gas 4 = 180 °C. */
export function fromGasMark(mark: number): number | null {
  return GAS_MARKS.find(([m]) => m === mark)?.[1] ?? null;
}

/** The nearest gas mark; null below 100 °C and above 260 °C, where there is none. */
export function toGasMark(celsius: number): number | null {
  if (celsius < 100 || celsius > 260) return null;
  return GAS_MARKS.reduce((best, next) => (Math.abs(next[1] - celsius) < Math.abs(best[1] - celsius) ? next : best))[0];
}

/** °C less that a fan oven is set to, unless the kitchen has measured its own. */
export const FAN_OFFSET = 20;

/** Conventional to fan. Example: 180 °C → 160 °C. */
export const toFan = (celsius: number, offset = FAN_OFFSET): number => celsius - offset;

/** Fan to conventional. */
export const fromFan = (celsius: number, offset = FAN_OFFSET): number => celsius + offset;
