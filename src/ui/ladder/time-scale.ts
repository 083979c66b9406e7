import type { Span } from '@/core/time/spans';

/**
 * Maps minutes to pixels on the wall, with closed hours folded. Time climbs (later is higher) or falls.
 * Within an open span the scale is even; a fold has a fixed height, and time runs through it all the same.
 */
export interface TimeScale {
  height: number;
  climbs: boolean;
  pixelsPerMinute: number;
  pieces: Piece[];
  y: (minute: number) => number;
  minuteAt: (y: number) => number;
}

interface Piece {
  start: number;
  end: number;
  folded: boolean;
  /** Pixels from the early end of the wall to this piece's early end. */
  offset: number;
  length: number;
}

export interface ScaleOptions {
  from: number;
  to: number;
  /** Spans in which something happens, or somebody is there; the rest is folded. */
  open: Span[];
  pixelsPerMinute: number;
  foldHeight: number;
  climbs: boolean;
}

/** A gap shorter than this is not worth a fold. Minutes. */
const SHORTEST_FOLD = 100;

export function timeScale({ from, to, open, pixelsPerMinute, foldHeight, climbs }: ScaleOptions): TimeScale {
  const pieces: Piece[] = [];
  let offset = 0;
  const add = (start: number, end: number, folded: boolean) => {
    if (end <= start) return;
    const length = folded ? foldHeight : (end - start) * pixelsPerMinute;
    pieces.push({ start, end, folded, offset, length });
    offset += length;
  };
  let time = from;
  for (const [start, end] of joined(open, from, to)) {
    add(time, start, true);
    add(Math.max(time, start), end, false);
    time = Math.max(time, end);
  }
  add(time, to, to - time >= SHORTEST_FOLD);
  const height = offset;
  const along = (minute: number) => {
    const piece = pieces.find((p) => minute < p.end) ?? pieces[pieces.length - 1];
    if (!piece) return 0;
    const share = Math.min(1, Math.max(0, (minute - piece.start) / (piece.end - piece.start)));
    return piece.offset + share * piece.length;
  };
  return {
    height,
    climbs,
    pixelsPerMinute,
    pieces,
    y: (minute) => (climbs ? height - along(minute) : along(minute)),
    minuteAt: (y) => {
      const distance = Math.min(height, Math.max(0, climbs ? height - y : y));
      const piece = pieces.find((p) => distance <= p.offset + p.length) ?? pieces[pieces.length - 1];
      if (!piece) return from;
      return piece.start + ((distance - piece.offset) / piece.length) * (piece.end - piece.start);
    },
  };
}

/** Sorted, clipped, and joined where the gap between two is too short to fold. */
function joined(open: Span[], from: number, to: number): Span[] {
  const list: Span[] = [];
  for (const [start, end] of [...open].sort((a, b) => a[0] - b[0])) {
    const clipped: Span = [Math.max(from, start), Math.min(to, end)];
    if (clipped[1] <= clipped[0]) continue;
    const last = list[list.length - 1];
    if (last && clipped[0] - last[1] < SHORTEST_FOLD) last[1] = Math.max(last[1], clipped[1]);
    else list.push(clipped);
  }
  const [first] = list;
  if (first && first[0] - from < SHORTEST_FOLD) first[0] = from;
  return list;
}
