import type { Kind } from './kind';

/** Checked and boxed, ready to leave. */
export const box: Kind = {
  rank: 100,
  takes: [],
  follows: {},
};
