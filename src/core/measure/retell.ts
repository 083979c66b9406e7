import { METRIC, showQuantity, type Reading } from './show-quantity';
import type { Dimension } from './units';

const SAID: readonly [pattern: RegExp, dimension: Dimension, factor: number][] = [
  [/(\d[\d\u2009]*(?:[.,]\d+)?) ?kg\b/g, 'mass', 1000],
  [/(\d[\d\u2009]*(?:[.,]\d+)?) ?g\b(?!\/)/g, 'mass', 1],
  [/(\d[\d\u2009]*(?:[.,]\d+)?) ?ml\b/g, 'volume', 1],
  [/(\d[\d\u2009]*(?:[.,]\d+)?) ?cm\b(?!²)/g, 'length', 10],
  [/(\d[\d\u2009]*(?:[.,]\d+)?) ?mm\b/g, 'length', 1],
  [/(-?\d+(?:[.,]\d+)?) ?°C/g, 'temperature', 1],
];

/**
 * A sentence in somebody's own units: every weight, volume, length and temperature in it is written as they read it.
 * Where they read as the sentence is written, it stays to the letter.
 * Example: "Bake 900 g at 180 °C" for ounces and °F: "Bake 1 lb 15.7 oz at 356 °F".
 */
export function retell(text: string, reading: Reading): string {
  return SAID.reduce((told, [pattern, dimension, factor]) => {
    if (sameUnit(dimension, reading)) return told;
    return told.replace(pattern, (_, number: string) =>
      showQuantity(Number(number.replace(/\u2009/g, '').replace(',', '.')) * factor, dimension, reading),
    );
  }, text);
}

function sameUnit(dimension: Dimension, reading: Reading): boolean {
  const key = ({ mass: 'weight', volume: 'volume', temperature: 'temperature', length: 'length' } as const)[
    dimension as 'mass' | 'volume' | 'temperature' | 'length'
  ];
  return reading[key] === METRIC[key];
}
