import { say } from '../../words/say';
import type { Kind } from './kind';

/** Flat pieces set around, or over all of it, as a house has them. */
export const panels: Kind = {
  rank: 55,
  takes: ['panels', 'pieces', 'glue', 'of the batch'],
  follows: {
    stack: say`there is nothing yet to measure`,
    'build in a ring': say`there is nothing yet to measure`,
    coat: say`panels need a soft coat to hold on, and are cut to the coated cake`,
    'cut to shape': say`panels are cut to the finished shape`,
  },
};
