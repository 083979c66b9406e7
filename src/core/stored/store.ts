import { Type } from '@sinclair/typebox';
import type { PieceSize, StoreDraw } from '../breakdown/amounts/store-draw';
import { LOT_ORIGINS, type Lot, type Store } from '../store/lot';
import { codec, describes } from './codec';
import { allergen, form, list, maybe, number, oneOf, optional, text } from './shapes';

const size = describes<PieceSize>()(Type.Object({ form, height: number }));

/** What an order takes out of a lot. */
export const storeDraw = describes<StoreDraw>()(
  Type.Object({
    ...{ role: text, formula: text, lot: text, amount: number, tier: optional(number), size: optional(size) },
    ...{ place: text, shelf: text, madeOn: text, useBy: text, allergens: list(allergen) },
  }),
);

const kept = {
  ...{ formula: text, name: text, by: oneOf(['piece', 'weight']), amount: number, size: optional(size) },
  ...{ place: text, shelf: text, madeOn: text, useBy: text, allergens: list(allergen) },
  ...{ from: oneOf(LOT_ORIGINS), reservedFor: maybe(text) },
} as const;

/** What is told of the store, by its kind. Amounts are pieces of what is counted, else g; days are "2026-03-14". */
export const STORE_EVENTS = {
  'lot kept': Type.Object({ lot: text, ...kept }),
  /** Taken out for a part of an order. */
  'lot drawn': Type.Object({ lot: text, order: number, role: text, amount: number }),
  /** A draw taken back. */
  'lot returned': Type.Object({ lot: text, order: number, role: text }),
  /** Counted or weighed anew: so much is there. */
  'lot counted': Type.Object({ lot: text, amount: number }),
  'lot thrown': Type.Object({ lot: text, amount: number, reason: text }),
  'lot moved': Type.Object({ lot: text, place: text, shelf: text }),
  /** Nobody else draws on it; for nobody, anybody does again. */
  'lot reserved': Type.Object({ lot: text, for: maybe(text) }),
} as const;

const lot = describes<Lot>()(
  Type.Object({
    ...{ id: text, ...kept },
    drawn: list(Type.Object({ order: number, role: text, amount: number })),
  }),
);

/** What lies in the store, up to one event. */
export const storeCodec = codec<Store>()({
  format: 'zest-ladder/store',
  schema: Type.Object({ lots: list(lot), next: number }),
  migrations: [(v0) => v0],
});
