import { say } from '../../words/say';
import type { Kind } from './kind';

/** A filling, fruit or curd on the finished top. */
export const spreadOnTop: Kind = {
  rank: 62,
  takes: ['spread on top', 'of the batch'],
  follows: {
    stack: say`it would be a filling`,
    coat: say`the coat would be spread through it`,
    cover: say`the cover would lie on it`,
  },
};
