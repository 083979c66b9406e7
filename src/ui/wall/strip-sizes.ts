import type { WallView } from '@/server/wall/wall-view';

export const HAND = 26;

export const OVEN = 38;

export const STORE = 44;

export const GAP = 3;

/** Width of all strips together, with the room between the three kinds. */
export function stripsWidth(view: WallView): number {
  return view.hands.length * (HAND + GAP) + view.ovens.length * (OVEN + GAP) + view.stores.length * (STORE + GAP) + 44;
}
