import { say } from '../words/say';
import type { Decimal } from './parse-number';
import type { Typing } from './parse-quantity';
import { toFahrenheit, toGasMark } from './temperature';
import { durationText } from '../time/duration-text';
import { unitNamed, type Country, type Dimension } from './units';

/** How a person likes to read quantities. What is stored never changes with it. */
export interface Reading {
  weight: 'g' | 'oz';
  /** Volumes of what is poured or spooned. */
  volume: 'ml' | 'cups';
  temperature: 'C' | 'F' | 'gas';
  length: 'cm' | 'in';
  country: Country;
  /** How numbers are typed; without it, what may be read in two ways is asked about. */
  decimal?: Decimal | undefined;
}

/** What somebody who reads so means by what they type. */
export const typingOf = ({ country, decimal = 'ask' }: Reading, fanOffset: number): Typing => ({
  ...{ country, decimal, fanOffset },
});

export const METRIC: Reading = { weight: 'g', volume: 'ml', temperature: 'C', length: 'cm', country: 'metric' };

/** Grams as a kitchen scale shows them: whole grams, tenths below 10 g. */
export function onTheScale(grams: number): number {
  return grams < 10 ? Math.round(grams * 10) / 10 : Math.round(grams);
}

/** A quantity (g, ml, mm, °C, min) in a person's own units. Example: 453.6 g → "1 lb"; 180 °C → "356 °F". */
export function showQuantity(value: number, dimension: Dimension, reading: Reading = METRIC): string {
  switch (dimension) {
    case 'mass':
      return reading.weight === 'g' ? `${thousands(onTheScale(value))} g` : ounces(value);
    case 'volume':
      return reading.volume === 'ml' ? say`${thousands(onTheScale(value))} ml` : cups(value, reading.country);
    case 'length':
      return reading.length === 'cm' ? say`${round(value / 10, 1)} cm` : say`${round(value / 25.4, 2)} in`;
    case 'temperature':
      return heat(value, reading.temperature);
    case 'time':
      return durationText(value);
  }
}

/** Thousands set apart by a thin space: "1 480". */
export function thousands(value: number): string {
  return Math.abs(value) >= 1000 ? value.toLocaleString('en').replaceAll(',', '\u2009') : `${value}`;
}

function ounces(grams: number): string {
  const all = round(grams / unitNamed('oz', 'metric')!.factor, 1);
  const pounds = Math.floor(all / 16);
  const rest = round(all - pounds * 16, 1);
  if (pounds === 0) return say`${all} oz`;
  return rest === 0 ? say`${pounds} lb` : say`${pounds} lb ${rest} oz`;
}

const QUARTERS = ['', '¼', '½', '¾'];

/** Cups in quarters from a quarter cup on, spoons below; the nearest is shown. */
function cups(ml: number, country: Country): string {
  const cup = unitNamed('cup', country)!.factor;
  // As many as are said: 1.1 cups are shown as one.
  if (ml >= cup / 4) return `${quarters(ml / cup)} ${inQuarters(ml / cup) > 4 ? 'cups' : 'cup'}`;
  const spoon = unitNamed('tbsp', country)!.factor;
  if (ml >= spoon) return say`${quarters(ml / spoon)} tbsp`;
  return say`${quarters(ml / unitNamed('tsp', country)!.factor)} tsp`;
}

const inQuarters = (value: number) => Math.max(1, Math.round(value * 4));

function quarters(value: number): string {
  const count = inQuarters(value);
  const whole = Math.floor(count / 4);
  return `${whole > 0 ? whole : ''}${QUARTERS[count % 4]!}`;
}

function heat(celsius: number, as: Reading['temperature']): string {
  if (as === 'F') return `${Math.round(toFahrenheit(celsius))} °F`;
  const mark = as === 'gas' ? toGasMark(celsius) : null;
  return mark === null ? `${round(celsius, 1)} °C` : say`gas ${mark === 0.25 ? '¼' : mark === 0.5 ? '½' : mark}`;
}

function round(value: number, places: number): number {
  return Number(value.toFixed(places));
}
