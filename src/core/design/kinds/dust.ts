import { say } from '../../words/say';
import type { Kind } from './kind';

/** Sugar or powder through a sieve. */
export const dust: Kind = {
  rank: 88,
  takes: ['strewn'],
  follows: {
    coat: say`the coat takes it in`,
    place: say`what is placed later leaves bare fingers in it`,
    torch: say`a flame burns sugar dust`,
    brush: say`dust melts under a wet brush`,
  },
};
