import { showQuantity } from '../../measure/show-quantity';

/** Grams as the scale shows them, with a thin space at the thousands: "1 480 g". */
export const grams = (value: number): string => showQuantity(value, 'mass');
