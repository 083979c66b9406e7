import { say } from '../../words/say';
import type { Kind } from './kind';

/** Paste, rolled out and laid over. */
export const cover: Kind = {
  rank: 50,
  takes: ['paste cover', 'of the batch'],
  follows: {
    stack: say`there is nothing yet to cover`,
    coat: say`paste sticks to nothing without a firm coat under it, and shows every seam`,
    'cut to shape': say`the cover would be cut open`,
  },
};
