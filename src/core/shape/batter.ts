import { volume, type Form } from './form';
import type { Tin } from './tin-swap';

/** How far a tin is filled, as a fraction, and what the batter weighs, g/ml. */
export interface BatterFigures {
  fill: number;
  density: number;
}

/** Batter = tin volume × fill × density. Round 200 × 50 mm, butter cake: 1 570.8 ml × 0.60 × 0.90 = 848.2 g. */
export function batterGrams(form: Form, tinDepth: number, { fill, density }: BatterFigures): number {
  return volume(form, tinDepth) * fill * density;
}

export interface SplitTin extends Tin {
  count: number;
}

/** One batter divided over tins by their volumes: grams for each of them. The grams of all add up to the batter. */
export function splitBatter(grams: number, tins: SplitTin[]): { gramsEach: number; fill: number }[] {
  const ml = tins.map((t) => volume(t.form, t.depth));
  const total = ml.reduce((sum, v, i) => sum + v * tins[i]!.count, 0);
  return ml.map((v) => ({ gramsEach: total === 0 ? 0 : (grams * v) / total, fill: total === 0 ? 0 : grams / total }));
}

export interface Rounds {
  rounds: number;
  /** Minutes that the batter of the second round stands while the first bakes. */
  stands: number;
  /** How many times the batter is mixed, so that none of it stands too long. */
  mixes: number;
}

/**
 * Layers baked one after the other where tins are short: rounds = ⌈layers ÷ tins⌉. Round k of one mix stands k − 1 bakes;
 * over the batter's limit it is mixed anew.
 * Example: 3 layers, 1 tin, 28 min in the oven, stands 15 min: 3 rounds, 28 > 15, so 3 mixes: one for each round.
 */
export function bakingRounds(layers: number, tins: number, bake: number, standLimit: number): Rounds {
  const rounds = Math.ceil(layers / tins);
  const perMix = 1 + Math.floor(standLimit / bake);
  return { rounds, stands: rounds > 1 ? bake : 0, mixes: Math.ceil(rounds / perMix) };
}
