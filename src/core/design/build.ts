import type { Form } from '../shape/form';
import type { Design } from './design';

/** A design that the kitchen keeps to begin from, and what may vary. */
export interface Build {
  id: string;
  name: string;
  story: string;
  /**
   * Its pieces are patterns: the first for what stands on a board, the next for what stands on that, the last for all above it. Where pieces are
   * cut to shape it is as it is designed.
   */
  design: Design;
  /** Kind of mould whose owned sizes it can have; or sizes of its own; neither: only that of its design. */
  mould: 'tin' | 'ring' | 'square tin' | null;
  sizes?: Form[];
  mostTiers: number;
  /** Roles of what makes it what it is: where a cake without something is looked for, they are not exchanged. */
  fixed?: string[];
  /** Out of use: no order begins from it any more. Those that did keep it. */
  retired?: boolean;
}
