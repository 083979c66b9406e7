import { say } from '../../words/say';
import type { Kind } from './kind';

/** Borders, rosettes, stars, lines, drops. */
export const pipe: Kind = {
  rank: 76,
  takes: ['border', 'rosettes', 'of the batch'],
  follows: {
    coat: say`the coat would be spread over it`,
    cover: say`the cover would crush it`,
    pour: say`the glaze would drown it`,
    drip: say`drops would run through it`,
    stand: say`hands and boards would crush it`,
    torch: say`a flame melts what is piped`,
  },
};
