import type { Kind } from './kind';

/** Spread on a dough or batter before it goes into the oven: it goes in at a step of the part, and has no rung of its own. */
export const topping: Kind = {
  rank: 5,
  takes: ['strewn', 'of the batch'],
  follows: {},
};
