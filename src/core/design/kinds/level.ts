import type { Kind } from './kind';

/** Flat layers, split where a tin gave several. */
export const level: Kind = {
  rank: 10,
  takes: [],
  follows: {},
};
