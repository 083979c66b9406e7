import { say } from '../../words/say';
import type { Kind } from './kind';

/** Tiers on their boards and dowels, one on the other. */
export const stand: Kind = {
  rank: 70,
  takes: [],
  follows: {
    stack: say`a tier that is not built cannot carry`,
    coat: say`a coat cannot be reached where a tier stands on it`,
    cover: say`paste cannot be laid over standing tiers`,
  },
};
