import { onTheScale } from '../formula/scale';

/** Grams as the scale shows them, with a thin space at the thousands: "1 480 g". */
export function grams(value: number): string {
  const shown = onTheScale(value);
  return `${shown >= 1000 ? shown.toLocaleString('en').replaceAll(',', ' ') : shown} g`;
}
