import { say } from '../../words/say';
import type { Kind } from './kind';

/** Cut in the house. */
export const portion: Kind = {
  rank: 94,
  takes: [],
  follows: {
    coat: say`cut faces would be coated`,
    pour: say`the glaze would run into the cuts`,
  },
};
