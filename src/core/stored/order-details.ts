import { Type } from '@sinclair/typebox';
import type { OrderDetails } from '../order/order-details';
import { codec, describes } from './codec';
import { flag, number, optional, text } from './shapes';

const standing = Type.Object({ hours: number, celsius: number, outdoors: flag });

/** The shape of what was agreed for an order, for whatever tells of it. */
export const orderDetails = describes<OrderDetails>()(
  Type.Object({
    stands: optional(standing),
    colours: optional(text),
    inscriptionAt: optional(text),
    goesTo: optional(text),
    box: optional(text),
  }),
);

/** What was agreed for an order beside what it is made of. */
export const detailsCodec = codec<OrderDetails>()({
  format: 'zest-ladder/order-details',
  schema: orderDetails,
  migrations: [(v0) => v0],
});
