/** Sheet grades with their usual bloom and the weight of one sheet in g; a sheet of each sets about the same. */
export const SHEET_GRADES = {
  bronze: { bloom: 140, grams: 3.3 },
  silver: { bloom: 160, grams: 2.5 },
  gold: { bloom: 200, grams: 2 },
  platinum: { bloom: 240, grams: 1.7 },
} as const;

export type SheetGrade = keyof typeof SHEET_GRADES;

/** Powder is soaked in this many times its weight of water. */
export const POWDER_WATER = 5;

/** Gelatine of one strength for another, g: grams × √(bloom₁ ÷ bloom₂). Example: 12 g of 200 → 13.42 g of 160. */
export function convertGelatine(grams: number, fromBloom: number, toBloom: number): number {
  return grams * Math.sqrt(fromBloom / toBloom);
}

/** Whole and part sheets of a grade for grams of another bloom, as sheets can be halved. */
export function gelatineSheets(
  grams: number,
  bloom: number,
  grade: SheetGrade,
  grades: Record<SheetGrade, { bloom: number; grams: number }> = SHEET_GRADES,
): { grams: number; sheets: number } {
  const { bloom: to, grams: each } = grades[grade];
  const exact = convertGelatine(grams, bloom, to);
  return { grams: exact, sheets: Math.max(exact > 0 ? 0.5 : 0, Math.round((exact / each) * 2) / 2) };
}
