import type { Standing } from './standing';

/** What was agreed for an order beside what it is made of. All of it may be missing: nobody has said it yet. */
export interface OrderDetails {
  /** Where the cake stands from its pickup until it is eaten. */
  stands?: Standing;
  /** In words: "dusty pink, white, a little gold". */
  colours?: string;
  /** Where the inscription goes: "on the board, to the left". */
  inscriptionAt?: string;
  /** Where it is brought, or who fetches it. */
  goesTo?: string;
  /** What it travels in, where that is not the kitchen's own choice. */
  box?: string;
}
