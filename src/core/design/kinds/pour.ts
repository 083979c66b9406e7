import { say } from '../../words/say';
import type { Kind } from './kind';

/** A glaze poured over, its run-off caught. */
export const pour: Kind = {
  rank: 50,
  takes: ['glaze', 'of the batch'],
  follows: {
    stack: say`there is nothing yet to pour over`,
    'build in a ring': say`the glaze would stay in the ring`,
    roll: say`the glaze would be rolled in`,
    'cut to shape': say`the cut faces would be bare`,
    coat: say`a coat cannot be spread on a glaze`,
  },
};
