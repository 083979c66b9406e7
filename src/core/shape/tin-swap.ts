import { topArea, volume, type Form } from './form';

export interface Tin {
  form: Form;
  /** mm. */
  depth: number;
}

/**
 * By how much a formula grows for another tin: by top area where the depth of the batter stays, by volume where the
 * proportions do. Example: round 180 mm → square 200 mm, same depth: 1.5719.
 */
export function tinFactor(from: Tin, to: Tin, by: 'area' | 'volume' = 'area'): number {
  return by === 'area'
    ? topArea(to.form) / topArea(from.form)
    : volume(to.form, to.depth) / volume(from.form, from.depth);
}

/** An estimate with its low and high end: look at the low one. Minutes. */
export interface Estimate {
  low: number;
  likely: number;
  high: number;
}

/** How far a bake time estimated from another depth may be off, either way. */
export const BAKE_SPREAD = 0.15;

/** Bake time at another depth of batter: t₂ = t₁ × (depth₂ ÷ depth₁)^1.5, ±15 %. Example: 30 min at 30 → 40 mm: 46.2. */
export function bakeMinutes(minutes: number, depth: number, newDepth: number, spread = BAKE_SPREAD): Estimate {
  const likely = minutes * (newDepth / depth) ** 1.5;
  return { low: likely * (1 - spread), likely, high: likely * (1 + spread) };
}
