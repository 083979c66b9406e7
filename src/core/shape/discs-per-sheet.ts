/**
 * How many discs of one diameter can be cut from a sheet: in rows and columns, or in rows shifted by half a disc,
 * whichever gives more. All in mm. Example: 600 × 400 gives 6 discs of 180.
 */
export function discsPerSheet(length: number, width: number, diameter: number): number {
  if (diameter <= 0 || diameter > Math.min(length, width)) return 0;
  const across = Math.floor(length / diameter);
  const straight = across * Math.floor(width / diameter);
  const shiftedRow = Math.floor((length - diameter / 2) / diameter);
  const rows = 1 + Math.floor((width - diameter) / ((diameter * Math.sqrt(3)) / 2));
  const shifted = Math.ceil(rows / 2) * across + Math.floor(rows / 2) * shiftedRow;
  return Math.max(straight, shifted);
}
