import type { LadderView } from '@/server/ladder/ladder-view';
import { LADDER_GAP, openWidth } from '../ladder/ladder';
import type { WallLook } from './wall-place';
import type { Standing } from './use-kept-place';

/** From one ladder to the next, at least and at most, by how the wall is looked at. Pixels. */
const PITCH: Record<WallLook, readonly [least: number, most: number]> = {
  day: [100, 180],
  week: [13, 100],
  order: [100, 220],
};

/** How wide ladders are, so that as many as can be read fit a room, and few fill it; and where each stands. Pixels. */
export function standLadders(
  ladders: LadderView[],
  opened: ReadonlySet<number>,
  look: WallLook,
  room: number,
): { width: number; standing: Standing[]; total: number } {
  const columns = ladders.reduce((sum, l) => sum + (opened.has(l.order) ? l.components.length + 1 : 1), 0);
  const [least, most] = PITCH[look];
  const pitch = Math.floor(Math.min(most, Math.max(least, room / Math.max(1, columns))));
  const gap = look === 'week' && pitch < 2 * LADDER_GAP ? 1 : LADDER_GAP;
  const width = pitch - gap;
  let x = 0;
  const standing = ladders.map((l) => {
    const own = opened.has(l.order) ? openWidth(l, width) : width;
    const at = { order: l.order, x, width: own };
    x += own + gap;
    return at;
  });
  return { width, standing, total: x };
}
