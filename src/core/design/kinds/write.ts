import { say } from '../../words/say';
import type { Kind } from './kind';

/** What the cake says. */
export const write: Kind = {
  rank: 90,
  takes: ['of the batch'],
  follows: {
    coat: say`the coat would cover the line`,
    cover: say`the cover would hide the line`,
    pour: say`the glaze would wash the line off`,
  },
};
