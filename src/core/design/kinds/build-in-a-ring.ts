import { say } from '../../words/say';
import type { Kind } from './kind';

/** Layers, creams and inserts inside a ring, frame or mould, which is filled up. */
export const buildInARing: Kind = {
  rank: 20,
  builds: true,
  takes: [],
  follows: {
    level: say`a layer that is not level lets the cream run under it`,
  },
};
