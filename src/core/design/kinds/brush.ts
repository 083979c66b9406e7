import { say } from '../../words/say';
import type { Kind } from './kind';

/** Jelly or syrup brushed on for shine. */
export const brush: Kind = {
  rank: 84,
  takes: ['coat', 'of the batch'],
  follows: {
    place: say`fruit that is placed later stays dull`,
    torch: say`a flame boils it off`,
  },
};
