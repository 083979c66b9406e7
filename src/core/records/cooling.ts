/** A probe reading: minutes since it left the heat, °C at the heart. */
export interface Reading {
  minutes: number;
  celsius: number;
}

/** A time constant with its bounds, minutes. */
export interface TimeConstant {
  low: number;
  likely: number;
  high: number;
}

/** Starting values of τ in minutes, by kind of thing and place; each kitchen's probe replaces them. */
export const COOLING: Record<string, Record<'bench' | 'fridge' | 'freezer', TimeConstant>> = {
  'layer in the tin': spread(60, 45, 26),
  'layer on a rack': spread(38, 28, 16),
  'sheet sponge': spread(14, 10, 7),
  'custard, spread thin': spread(35, 24, 12),
  'custard, in the pan': spread(110, 80, 45),
  'filled cake': spread(170, 120, 70),
  ganache: spread(75, 48, 30),
  'mousse in a ring': spread(150, 105, 60),
};

function spread(bench: number, fridge: number, freezer: number) {
  const around = (likely: number): TimeConstant => ({ low: likely * 0.75, likely, high: likely * 1.35 });
  return { bench: around(bench), fridge: around(fridge), freezer: around(freezer) };
}

/** T(t) = Tₐ + (T₀ − Tₐ) e^(−t/τ), °C (Newton's law of cooling). */
export function temperatureAfter(minutes: number, from: number, ambient: number, tau: number): number {
  return ambient + (from - ambient) * Math.exp(-minutes / tau);
}

/**
 * Minutes until a thing is at `target`, with bounds: t = τ ln((T₀ − Tₐ) ÷ (T − Tₐ)). 0 where it is there already; null
 * where it never gets there, the place being no colder. An estimate: always checked by probe.
 * Example: 95 → 28 °C at 21 °C with τ 38: 89.6 min.
 */
export function minutesUntil(
  target: number,
  from: number,
  ambient: number,
  tau: TimeConstant,
): { low: number; likely: number; high: number } | null {
  if (from <= target) return { low: 0, likely: 0, high: 0 };
  if (target <= ambient) return null;
  const factor = Math.log((from - ambient) / (target - ambient));
  return { low: tau.low * factor, likely: tau.likely * factor, high: tau.high * factor };
}

/** Readings closer to the room than this say nothing about τ. °C. */
const TOO_CLOSE = 0.5;
/** Two standard errors either way hold about 95 of 100. */
const ERRORS = 2;

/**
 * Fits τ to probe readings by least squares on ln((T − Tₐ) ÷ (T₀ − Tₐ)) = −t/τ through the origin at the first reading;
 * the bounds are two standard errors of the slope. Null with fewer than two usable readings, or if nothing cooled.
 */
export function fitCooling(readings: Reading[], ambient: number): TimeConstant | null {
  const sorted = [...readings].sort((a, b) => a.minutes - b.minutes).filter((r) => r.celsius - ambient > TOO_CLOSE);
  const [first, ...rest] = sorted;
  if (!first || rest.length === 0) return null;
  const points = rest
    .map((r) => ({
      t: r.minutes - first.minutes,
      y: Math.log((r.celsius - ambient) / (first.celsius - ambient)),
    }))
    .filter((p) => p.t > 0);
  const tt = points.reduce((sum, p) => sum + p.t * p.t, 0);
  const slope = tt === 0 ? 0 : points.reduce((sum, p) => sum + p.t * p.y, 0) / tt;
  if (slope >= 0) return null;
  const squares = points.reduce((sum, p) => sum + (p.y - slope * p.t) ** 2, 0);
  // With a single interval nothing is known of the error: a fifth either way.
  const error = points.length > 1 ? Math.sqrt(squares / (points.length - 1) / tt) * ERRORS : -slope * 0.2;
  const tau = (s: number) => -1 / s;
  return { low: tau(slope - error), likely: tau(slope), high: slope + error < 0 ? tau(slope + error) : Infinity };
}
