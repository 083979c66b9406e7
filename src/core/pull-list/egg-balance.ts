import type { EggLedger } from '../formula/eggs';

/** Who can use what is left over, in time. */
export interface EggUse {
  part: 'white' | 'yolk';
  /** What is wanted there, g. */
  grams: number;
  by: string;
  /** Minute at which it is wanted. */
  at: number;
}

export interface EggBalance extends EggLedger {
  /** g of one egg with its shell. */
  eggWeight: number;
  /** Later work that could take the left-over parts before they spoil. */
  canUse: EggUse[];
}
