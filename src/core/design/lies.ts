import type { AmountRule } from './amount-rule';

/** Where on a piece something lies that is put on it: strewn over its top, around the rim of that, in its middle, at one spot, on the wall, at the foot. */
export const SPOTS = ['top', 'rim', 'middle', 'spot', 'side', 'foot'] as const;
export type Spot = (typeof SPOTS)[number];

/** Where what a block puts on a cake lies. */
export interface Lies {
  where: Spot;
  /** At one spot: where, as on the face of a clock that lies on the cake, 1 to 12; 6 is in front. */
  hour?: number;
  /** Key of another block whose pieces it lies in turn with: one of these, one of those. */
  inTurnWith?: string;
}

/** Where what an amount puts on is usually found, where nobody has said it; null of what has no place of its own: a coat, a glaze. */
export function usualSpot(amount: AmountRule): Spot | null {
  switch (amount.rule) {
    case 'pieces':
      return amount.every !== undefined ? 'rim' : amount.per !== 'portion' && amount.count === 1 ? 'middle' : 'top';
    case 'rosettes':
    case 'of the batch':
      return 'rim';
    default:
      return null;
  }
}
