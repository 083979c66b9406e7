import { say } from '../../words/say';
import type { Kind } from './kind';

/** Coloured with a flame. */
export const torch: Kind = {
  rank: 74,
  takes: [],
  follows: {
    coat: say`there is nothing yet to colour`,
  },
};
