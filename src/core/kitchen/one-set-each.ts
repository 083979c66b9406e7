import type { Item } from './item';

/**
 * Tins of one kind that are kept in several entries are one set to plan with: a batch that needs five takes three of these and two of those. A set
 * that is closed at times stays by itself, as the others are there while it is not.
 */
export function oneSetEach<T extends Pick<Item, 'kind' | 'units' | 'mould' | 'closed'>>(items: readonly T[]): T[] {
  const sets = new Map<string, T>();
  return items
    .map((item) => {
      if (!item.mould || item.closed.length > 0) return item;
      const set = sets.get(item.kind);
      if (!set) {
        const own = { ...item };
        sets.set(item.kind, own);
        return own;
      }
      set.units += item.units;
      return null;
    })
    .filter((item) => item !== null);
}
