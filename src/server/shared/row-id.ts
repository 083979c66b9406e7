/** Could this be the number of a row? */
export const isRowId = (id: number): boolean => Number.isSafeInteger(id) && id >= 1 && id <= 2_000_000_000;

/** The number of a row that an address names; undefined where it names none. */
export const rowIdIn = (text: string | undefined): number | undefined =>
  isRowId(Number(text)) ? Number(text) : undefined;
