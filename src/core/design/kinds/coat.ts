import { say } from '../../words/say';
import type { Kind } from './kind';

/** Something spread around the outside. */
export const coat: Kind = {
  rank: 40,
  takes: ['coat', 'of the batch'],
  follows: {
    stack: say`the coat would lie under the layers`,
    'build in a ring': say`the coat would go on the ring`,
    roll: say`the coat would be rolled in`,
    'cut to shape': say`a blade through the coat drags it into the cut`,
  },
};
