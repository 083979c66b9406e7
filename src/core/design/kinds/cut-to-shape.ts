import { say } from '../../words/say';
import type { Kind } from './kind';

/** Bodies are cut, and put together anew. */
export const cutToShape: Kind = {
  rank: 30,
  takes: ['coat', 'of the batch'],
  follows: {
    stack: say`there is nothing yet to cut`,
    'build in a ring': say`there is nothing yet to cut`,
    roll: say`there is nothing yet to cut`,
  },
};
