import { lotId, type Lot, type Store } from './lot';

/** What is told of the store, in the order in which it was told. */
export type StoreEvent =
  | ({ kind: 'lot kept'; lot: string } & Omit<Lot, 'id' | 'drawn'>)
  | { kind: 'lot drawn'; lot: string; order: number; role: string; amount: number }
  | { kind: 'lot returned'; lot: string; order: number; role: string }
  | { kind: 'lot counted'; lot: string; amount: number }
  | { kind: 'lot thrown'; lot: string; amount: number; reason: string }
  | { kind: 'lot moved'; lot: string; place: string; shelf: string }
  | { kind: 'lot reserved'; lot: string; for: string | null };

export const EMPTY_STORE: Store = { lots: [], next: 1 };

/** So many empty lots are remembered, in case what was taken is brought back. */
const EMPTY_KEPT = 200;

/** The store with one event more. What is told of a lot that is not there changes nothing; a lot is never below nothing. */
export function withStoreEvent(store: Store, event: StoreEvent): Store {
  if (event.kind === 'lot kept') {
    const { kind, lot, ...kept } = event;
    void kind;
    const number = Number(/^l(\d+)$/.exec(lot)?.[1] ?? 0);
    const others = store.lots.filter((l) => l.id !== lot);
    return { lots: [...others, { id: lot, ...kept, drawn: [] }], next: Math.max(store.next, number + 1) };
  }
  const lots = store.lots.map((l) => (l.id === event.lot ? changed(l, event) : l));
  const empty = lots.filter((l) => l.amount === 0);
  const forgotten = new Set(empty.slice(0, Math.max(0, empty.length - EMPTY_KEPT)));
  return { ...store, lots: forgotten.size === 0 ? lots : lots.filter((l) => !forgotten.has(l)) };
}

function changed(lot: Lot, event: Exclude<StoreEvent, { kind: 'lot kept' }>): Lot {
  const less = (amount: number) => Math.max(0, lot.amount - amount);
  switch (event.kind) {
    case 'lot drawn': {
      const { order, role, amount } = event;
      return { ...lot, amount: less(amount), drawn: [...lot.drawn, { order, role, amount }] };
    }
    case 'lot returned': {
      const back = lot.drawn.filter((d) => d.order === event.order && d.role === event.role);
      const amount = back.reduce((sum, d) => sum + d.amount, lot.amount);
      return { ...lot, amount, drawn: lot.drawn.filter((d) => !back.includes(d)) };
    }
    case 'lot counted':
      return { ...lot, amount: Math.max(0, event.amount) };
    case 'lot thrown':
      return { ...lot, amount: less(event.amount) };
    case 'lot moved':
      return { ...lot, place: event.place, shelf: event.shelf };
    case 'lot reserved':
      return { ...lot, reservedFor: event.for };
  }
}

/** The id of the next lot that is kept. */
export const nextLot = ({ next }: Store): string => lotId(next);
