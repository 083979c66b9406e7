import type { OrderFields } from '../repositories/orders';

/** An order that comes in once the demo has lived through its first days. */
export type LateOrder = Omit<OrderFields, 'pickup'> & {
  /** So many days after the day of loading, at a wall-clock time. */
  day: number;
  time: string;
};

const fresh = { without: [], swaps: {}, overrides: {}, choices: {}, versions: {} };

/** Comes in late; its pickup is set so that it can just be made. */
export const tightOrder: LateOrder = {
  ...fresh,
  ...{ title: 'Night nurses', customer: 'Ward 4', day: 1, time: '12:00', build: 'blackcurrant-roll', portions: 22 },
  tiers: Array.from({ length: 2 }, () => ({ form: 'roll' as const, length: 380, diameter: 110 })),
  ...{ inscription: 'Thank you', avoid: ['alcohol'], note: '' },
};

/** Wants tomorrow morning what needs a decorator, and none is in before half past seven. */
export const impossibleOrder: LateOrder = {
  ...fresh,
  ...{ title: 'Moss engagement', customer: 'Robin Moss', day: 1, time: '08:45', build: 'lace-tower', portions: 25 },
  tiers: [{ form: 'round', diameter: 200 }],
  ...{ inscription: 'Yes!', avoid: [], note: 'Rang this morning.' },
};
