/** A cell that begins with one of these may be run as a formula by the program that opens the table. */
const DANGEROUS = /^[=+\-@\t\r]/;
/** Put before such a cell, so that it is read as text; and before one that begins with the sign itself, so that nothing is lost. */
const SIGN = "'";

/** A row of a table whose cells no program will run. `asWrittenRow` gives them back unchanged. */
export function harmlessRow<T>(row: Record<string, T>): Record<string, T | string> {
  return cells(row, (text) => (DANGEROUS.test(text) || text.startsWith(SIGN) ? `${SIGN}${text}` : text));
}

/** A row as it was before `harmlessRow`; a foreign row, with a sign before anything else, stays as it is. */
export function asWrittenRow<T>(row: Record<string, T>): Record<string, T> {
  const plain = (text: string) => DANGEROUS.test(text.slice(1)) || text.startsWith(SIGN + SIGN);
  return cells(row, (text) => (text.startsWith(SIGN) && plain(text) ? text.slice(1) : text)) as Record<string, T>;
}

function cells<T>(row: Record<string, T>, change: (text: string) => string): Record<string, T | string> {
  return Object.fromEntries(Object.entries(row).map(([k, v]) => [k, typeof v === 'string' ? change(v) : v]));
}
