import { mergeSpans, type Span } from '@/core/time/spans';
import type { LadderView } from '@/server/ladder/ladder-view';
import type { WallView } from '@/server/wall/wall-view';
import { timeScale, type TimeScale } from '../ladder/time-scale';

/** Height of what is folded away, and in a picture of the whole. Pixels. */
const [FOLD, FOLD_IN_PICTURE] = [42, 14];
/** Minutes shown around the first and the last thing on the wall. */
const MARGIN = 70;

/** So many pixels an hour, or as many as let all of it fit a height. */
export type Size = { pixelsPerHour: number } | { height: number };

/** What is drawn of the wall: some ladders, and where all are drawn also the shifts of everybody. */
interface Drawn {
  ladders: LadderView[];
  hands: WallView['hands'];
  minute: number;
}

export function wallScale({ ladders, hands, minute }: Drawn, size: Size, climbs: boolean): TimeScale {
  const busy = ladders.flatMap((l): Span[] => [
    ...l.rungs.map((r): Span => [r.start - 20, r.end + 20]),
    ...l.rails.filter((r) => r.place === 'oven').map((r): Span => [r.start, r.end]),
    [l.pickup - 20, l.pickup + 50],
  ]);
  const now: Span = [minute - 30, minute + 30];
  const open = mergeSpans([...busy, now, ...hands.flatMap((h) => h.shifts)]);
  const times = [...busy.flat(), minute];
  const [from, to] = [Math.min(...times) - MARGIN, Math.max(...times) + MARGIN];
  const scaled = (pixelsPerMinute: number, foldHeight: number) =>
    timeScale({ from, to, open, pixelsPerMinute, foldHeight, climbs });
  if ('pixelsPerHour' in size) return scaled(size.pixelsPerHour / 60, FOLD);
  const { pieces } = scaled(1, FOLD_IN_PICTURE);
  const folded = pieces.filter((p) => p.folded).length * FOLD_IN_PICTURE;
  const minutes = pieces.reduce((sum, p) => sum + (p.folded ? 0 : p.length), 0);
  return scaled(Math.max(size.height - folded, 60) / Math.max(minutes, 1), FOLD_IN_PICTURE);
}
