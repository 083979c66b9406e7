/** What a query says once; of what it says twice, or not as a text, nothing. */
export const firstOf = (x: unknown): string | undefined => (typeof x === 'string' ? x : undefined);

/** A part of an address as it was meant; Next.js hands it over as it was sent. What cannot be read names nothing. */
export function decoded(part: string): string {
  try {
    return decodeURIComponent(part);
  } catch {
    return '';
  }
}
