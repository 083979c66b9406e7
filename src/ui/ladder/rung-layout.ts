import type { RungView } from '@/server/ladder/ladder-view';
import { lanes, type Box } from './lanes';
import { spread } from './spread';
import type { TimeScale } from './time-scale';

export interface PlacedRung {
  rung: RungView;
  top: number;
  height: number;
  lane: number;
  of: number;
}

/** Below this zoom a rung is a mark without a name. Pixels per minute. */
export const NAMES_FROM = 0.38;
const ONE_LINE = 17;
const TWO_LINES = 29;
/** Names longer than this take two lines, on a folded ladder and on the narrower ones of an open one. Letters. */
export const LONG_NAME = 19;
export const LONG_NAME_OPEN = 11;
const LEAST_MARK = 3;

/**
 * Rungs that run at the same time share the width; short rungs that would only touch because a name needs its height
 * move apart by a few pixels, and make room for a flag that flies among them.
 */
export function layOutRungs(
  rungs: RungView[],
  scale: TimeScale,
  flag: Box | null = null,
  longName = LONG_NAME,
): { rungs: PlacedRung[]; flagTop: number } {
  const named = scale.pixelsPerMinute >= NAMES_FROM;
  const boxes = rungs.map((r) => {
    const [a, b] = [scale.y(r.start), scale.y(r.end)];
    return { top: Math.min(a, b), bottom: Math.max(a, b) };
  });
  const sideBySide = lanes(boxes.map((b) => ({ top: b.top + 0.5, bottom: b.bottom })));
  const least = (i: number) => {
    if (!named) return LEAST_MARK;
    return sideBySide[i]!.of > 1 || rungs[i]!.name.length > longName ? TWO_LINES : ONE_LINE;
  };
  const grown = boxes.map(({ top, bottom }, i) => {
    const missing = Math.max(0, least(i) - (bottom - top)) / 2;
    return { top: top - missing, bottom: bottom + missing };
  });
  if (!named) {
    const marks = rungs.map((rung, i) => ({
      rung,
      top: grown[i]!.top,
      height: grown[i]!.bottom - grown[i]!.top,
      lane: 0,
      of: 1,
    }));
    return { rungs: marks, flagTop: flag?.top ?? 0 };
  }

  // Rungs side by side move as one block.
  const blocks = clusters(boxes, sideBySide).map((members) => ({
    members,
    top: Math.min(...members.map((i) => grown[i]!.top)),
    bottom: Math.max(...members.map((i) => grown[i]!.bottom)),
  }));
  const tops = spread(flag ? [...blocks, flag] : blocks);
  const placed: PlacedRung[] = [];
  blocks.forEach((block, k) => {
    for (const i of block.members)
      placed[i] = {
        ...sideBySide[i]!,
        rung: rungs[i]!,
        top: grown[i]!.top + tops[k]! - block.top,
        height: grown[i]!.bottom - grown[i]!.top,
      };
  });
  return { rungs: placed, flagTop: tops[blocks.length] ?? 0 };
}

function clusters(boxes: { top: number; bottom: number }[], side: { of: number }[]): number[][] {
  const order = boxes.map((_, i) => i).sort((a, b) => boxes[a]!.top - boxes[b]!.top);
  const found: number[][] = [];
  let end = -Infinity;
  for (const i of order) {
    if (boxes[i]!.top + 0.5 < end && side[i]!.of > 1) found[found.length - 1]!.push(i);
    else found.push([i]);
    end = side[i]!.of > 1 ? Math.max(end, boxes[i]!.bottom) : boxes[i]!.bottom;
  }
  return found;
}
