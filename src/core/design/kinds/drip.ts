import { say } from '../../words/say';
import type { Kind } from './kind';

/** Drops over the rim, and a flooded top where that is wished for. */
export const drip: Kind = {
  rank: 60,
  takes: ['drip', 'of the batch'],
  follows: {
    stack: say`there is nothing yet to drip over`,
    coat: say`a drip on a bare cake is drunk by the crumb, and the coat would cover it`,
    cover: say`the cover would lie on the drip`,
    pour: say`the glaze would carry the drip away`,
  },
};
