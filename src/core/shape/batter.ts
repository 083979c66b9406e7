import { topArea, volume, type Form } from './form';
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

/** Grams of batter for each ml of baked layer: a tin that was filled so far comes out full. */
export const gramsPerBaked = ({ fill, density }: BatterFigures): number => fill * density;

/**
 * How high a cake is baked from which so many layers of this height are cut: what levelling takes off is a share of it, and every cut between
 * two layers takes its own. mm. Example: 2 × 24 mm, 8 % trimmed, cuts of 1 mm: 48 ÷ 0.92 + 1 = 53.2.
 */
export function bakedHeight(layers: number, layerHeight: number, trim: number, sawCut: number): number {
  return (layers * layerHeight) / (1 - trim) + Math.max(0, layers - 1) * sawCut;
}

/** Layers that come out of one tin of this depth, one at least: a single layer may rise above the rim. */
export function layersFrom(depth: number, layerHeight: number, trim: number, sawCut: number): number {
  let layers = 1;
  while (bakedHeight(layers + 1, layerHeight, trim, sawCut) <= depth + 1e-9) layers++;
  return layers;
}

/** Tins that each give so many layers. */
export interface TinsOfLayers {
  tins: number;
  layers: number;
}

/**
 * Layers shared out over as few tins as can be, as evenly as can be: five from tins of two are two, two and one. Together they are the layers
 * that are wanted, never more.
 */
export function layersToTins(layers: number, perTin: number): TinsOfLayers[] {
  const tins = Math.ceil(layers / perTin);
  const few = Math.floor(layers / tins);
  const withMore = layers - few * tins;
  return [
    { tins: withMore, layers: few + 1 },
    { tins: tins - withMore, layers: few },
  ].filter((t) => t.tins > 0);
}

/** Batter for a cake of this baked height, g. */
export const bakedGrams = (form: Form, height: number, gramsPerMl: number): number =>
  (topArea(form) * height * gramsPerMl) / 1000;

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
  return { rounds, stands: rounds > 1 ? bake : 0, mixes: Math.ceil(rounds / bakesOfOneMix(bake, standLimit)) };
}

/** How many bakes of this many minutes, one after the other, a batter serves that stands so long. One at least. */
export const bakesOfOneMix = (bake: number, standLimit: number): number => 1 + Math.floor(standLimit / bake);
