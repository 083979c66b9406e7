import type { Kind } from './kind';

/** A sheet and its fillings, wound. */
export const roll: Kind = {
  rank: 20,
  builds: true,
  takes: [],
  follows: {},
};
