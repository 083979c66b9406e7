import { say } from '../../words/say';
import type { Kind } from './kind';

/** Layers, soaks and fillings, from the board up. */
export const stack: Kind = {
  rank: 20,
  builds: true,
  takes: [],
  follows: {
    level: say`a layer that is not level leans, and the fault adds up with every layer`,
    'portion the lid': say`a firm lid that is cut on a soft filling presses it out at the side`,
  },
};
