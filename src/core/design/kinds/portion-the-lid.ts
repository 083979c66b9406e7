import type { Kind } from './kind';

/** A firm top is cut into portions before it goes on a soft filling. */
export const portionTheLid: Kind = {
  rank: 14,
  takes: [],
  follows: {},
};
