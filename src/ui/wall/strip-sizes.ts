import type { WallView } from '@/server/wall/wall-view';

/** Breadth of one strip of each kind, and of the room between the kinds. Folded they are a hand's breadth in all. Pixels. */
export interface StripSizes {
  hand: number;
  oven: number;
  store: number;
  apart: number;
}

const FOLDED: StripSizes = { hand: 24, oven: 20, store: 18, apart: 5 };
const OPEN: StripSizes = { hand: 34, oven: 44, store: 48, apart: 14 };
/** To the left and right of all. */
export const STRIPS_SIDE = 6;

export const stripSizes = (open: boolean) => (open ? OPEN : FOLDED);

type Counted = Pick<WallView, 'hands' | 'ovens' | 'stores'>;

/** Width of all strips together. */
export function stripsWidth({ hands, ovens, stores }: Counted, s: StripSizes): number {
  return 2 * STRIPS_SIDE + hands.length * s.hand + ovens.length * s.oven + stores.length * s.store + 2 * s.apart;
}

/** Where the strips of each kind begin. */
export function stripLefts({ hands, ovens }: Counted, s: StripSizes) {
  const hand = STRIPS_SIDE;
  const oven = hand + hands.length * s.hand + s.apart;
  return { hand, oven, store: oven + ovens.length * s.oven + s.apart };
}
