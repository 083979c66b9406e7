/** Could this be the number of a row? */
export const isRowId = (id: number): boolean => Number.isSafeInteger(id) && id >= 1 && id <= 2_000_000_000;
