import type { RungView } from '@/server/ladder/ladder-view';
import { fitName, textWidth, type FittedName } from './fit-name';
import { lanes, type Box, type Lane } from './lanes';
import { RAIL_WIDTH } from './rails';
import { spread } from './spread';
import type { TimeScale } from './time-scale';

export interface PlacedRung {
  rung: RungView;
  top: number;
  height: number;
  lane: number;
  of: number;
  /** Null where it is not shown. */
  name: FittedName | null;
  /** Is there room for who does it? */
  who: boolean;
}

/** Below this zoom a rung is a mark without a name. Pixels per minute. */
const NAMES_FROM = 0.38;
/** Size of names, and height of their lines. Pixels. */
const SIZE = 12;
export const LINE = 14;
/** Beside a name: the edge, the room inside, the frame. Pixels. */
const [SIDES, FRAME] = [11, 4];
/** A sign before the name: done, late, tight, pinned. Pixels. */
const SIGN = 14;
const LEAST_MARK = 3;
/** Room between a name and who does it. Pixels. */
const APART = 6;

/**
 * Rungs that run at the same time share the width; short rungs that would only touch because a name needs its height
 * move apart by a few pixels, and make room for a flag that flies among them.
 *
 * @param width of the ladder, rails included. Pixels
 * @param signed which rungs have a sign before their name
 */
export function layOutRungs(
  rungs: RungView[],
  scale: TimeScale,
  flag: Box | null,
  width: number,
  signed: (rung: RungView) => boolean = () => false,
): { rungs: PlacedRung[]; flagTop: number } {
  const boxes = rungs.map((r) => {
    const [a, b] = [scale.y(r.start), scale.y(r.end)];
    return { top: Math.min(a, b), bottom: Math.max(a, b) };
  });
  if (scale.pixelsPerMinute < NAMES_FROM)
    return { rungs: rungs.map((r, i) => mark(r, boxes[i]!)), flagTop: flag?.top ?? 0 };
  const sideBySide = beside(boxes);
  const fitted = rungs.map((rung, i) => {
    const { of } = sideBySide[i]!;
    const room = (width - 2 * (RAIL_WIDTH + 1)) / of - SIDES - (signed(rung) ? SIGN : 0);
    const inside = Math.floor((boxes[i]!.bottom - boxes[i]!.top - FRAME) / LINE);
    const name = fitName(rung.name, room, SIZE, Math.max(of > 1 ? 3 : 2, inside));
    return { name, room, height: FRAME + LINE * Math.max(1, name?.lines.length ?? 0) };
  });
  const grown = boxes.map(({ top, bottom }, i) => {
    const missing = Math.max(0, fitted[i]!.height - (bottom - top)) / 2;
    return { top: top - missing, bottom: bottom + missing };
  });

  // Rungs side by side move as one block; those of one lane make room for each other first.
  const blocks = clusters(boxes, sideBySide).map((members) => {
    for (const lane of new Set(members.map((i) => sideBySide[i]!.lane))) {
      const own = members.filter((i) => sideBySide[i]!.lane === lane);
      spread(own.map((i) => grown[i]!)).forEach((top, k) => {
        const { top: was, bottom } = grown[own[k]!]!;
        grown[own[k]!] = { top, bottom: top + bottom - was };
      });
    }
    return {
      members,
      top: Math.min(...members.map((i) => grown[i]!.top)),
      bottom: Math.max(...members.map((i) => grown[i]!.bottom)),
    };
  });
  const tops = spread(flag ? [...blocks, flag] : blocks);
  const placed: PlacedRung[] = [];
  blocks.forEach((block, k) => {
    for (const i of block.members) {
      const height = grown[i]!.bottom - grown[i]!.top;
      const { name, room } = fitted[i]!;
      placed[i] = {
        ...{ ...sideBySide[i]!, rung: rungs[i]!, name, height },
        ...{ top: grown[i]!.top + tops[k]! - block.top, who: whoFits(rungs[i]!, name, room, height) },
      };
    }
  });
  return { rungs: placed, flagTop: tops[blocks.length] ?? 0 };
}

/** Rungs as low as this stand on top of each other though they run at the same time: side by side nobody could read them. Pixels. */
const LOW = 24;

/** Who shares the width with whom; a group of nothing but low ones does not. */
function beside(boxes: Box[]): Lane[] {
  const side = lanes(boxes.map((b) => ({ top: b.top + 0.5, bottom: b.bottom })));
  for (const members of clusters(boxes, side))
    if (members.every((i) => boxes[i]!.bottom - boxes[i]!.top <= LOW))
      for (const i of members) side[i] = { lane: 0, of: 1 };
  return side;
}

const mark = (rung: RungView, { top, bottom }: Box): PlacedRung => {
  const missing = Math.max(0, LEAST_MARK - (bottom - top));
  return { rung, top: top - missing / 2, height: bottom - top + missing, lane: 0, of: 1, name: null, who: false };
};

/** As it is written on a rung: "BO JU". */
export const initialsOf = (rung: RungView) => rung.who.map((w) => w.initials).join(' ');

/** After the last line of the name, or on a line of its own. */
function whoFits(rung: RungView, name: FittedName | null, room: number, height: number): boolean {
  const wide = textWidth(initialsOf(rung), SIZE);
  if (wide === 0 || wide > room) return false;
  const lines = name?.lines ?? [];
  if (height >= FRAME + LINE * (lines.length + 1)) return true;
  return textWidth(lines.at(-1) ?? '', SIZE) + APART + wide <= room;
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
