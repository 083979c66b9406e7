import { say } from '../../words/say';
import type { Kind } from './kind';

/** Crumbs, nuts or sprinkles, pressed on or strewn. */
export const strew: Kind = {
  rank: 66,
  takes: ['strewn', 'of the batch'],
  follows: {
    stack: say`it would lie under the layers`,
    coat: say`without a soft coat nothing holds it`,
    pour: say`the glaze would wash it off`,
  },
};
