/** Does each entry of a list say something else under a key? What is no entry at all is told of beside it. */
export function areDifferent(entries: readonly unknown[] | undefined, key: string): boolean {
  const all = (entries ?? []).map((e) => (e as Record<string, unknown> | null)?.[key]);
  return new Set(all).size === all.length;
}
