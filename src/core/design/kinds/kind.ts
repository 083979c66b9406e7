import type { AmountRule } from '../amount-rule';

/** Every kind of work on a cake. */
export const BLOCK_KINDS = [
  'level',
  'portion the lid',
  'topping',
  'stack',
  'build in a ring',
  'roll',
  'lift',
  'cut to shape',
  'coat',
  'cover',
  'pour',
  'drip',
  'panels',
  'spread on top',
  'strew',
  'stand',
  'torch',
  'pipe',
  'place',
  'brush',
  'dust',
  'write',
  'portion',
  'box',
] as const;
export type BlockKind = (typeof BLOCK_KINDS)[number];

/** What holds of every block of a kind, whatever a kitchen says of it. */
export interface Kind {
  /** Where it belongs among the others of its piece: the lower comes first. */
  rank: number;
  /** It makes a piece of what lies inside it. */
  builds?: true;
  /** What it may take beside what lies inside. */
  takes: AmountRule['rule'][];
  /** Kinds that come before it on the same piece, and what the other order would do. */
  follows: Partial<Record<BlockKind, string>>;
}
