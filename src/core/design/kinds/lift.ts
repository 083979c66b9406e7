import { say } from '../../words/say';
import type { Kind } from './kind';

/** Out of its ring, frame or mould. */
export const lift: Kind = {
  rank: 28,
  takes: [],
  follows: {
    stack: say`there is nothing yet in the ring`,
    'build in a ring': say`there is nothing yet in the ring`,
  },
};
