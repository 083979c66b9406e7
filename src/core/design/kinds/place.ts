import { say } from '../../words/say';
import type { Kind } from './kind';

/** Made-ahead pieces, fruit, blossoms, figures, toppers. */
export const place: Kind = {
  rank: 80,
  takes: ['pieces', 'glue', 'of the batch'],
  follows: {
    coat: say`the coat would be spread over it`,
    cover: say`the cover would crush it`,
    pour: say`the glaze would drown it`,
    stand: say`hands and boards would crush it`,
    torch: say`a flame scorches and melts what is placed`,
  },
};
