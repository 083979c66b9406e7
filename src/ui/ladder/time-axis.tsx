import { memo } from 'react';
import type { Clock } from '@/core/time/clock';
import { clockText, dayText, shownAt } from '@/core/time/clock-text';
import type { TimeScale } from './time-scale';

/** Room that the hours need. Pixels. */
export const AXIS_WIDTH = 48;

/** Hours between two marks, so that they stand at least this far apart. Pixels. */
const LEAST_MARK_GAP = 34;

interface Mark {
  y: number;
  text: string;
}

const known = new WeakMap<TimeScale, Mark[]>();

/** Full hours of the open spans, as far apart as they can be read; reckoned once for all that is drawn on a scale. */
function hourMarks(scale: TimeScale, clock: Clock): Mark[] {
  const marks = known.get(scale) ?? reckonMarks(scale, clock);
  known.set(scale, marks);
  return marks;
}

function reckonMarks(scale: TimeScale, clock: Clock): Mark[] {
  const step = [1, 2, 3, 4, 6, 12].find((h) => h * 60 * scale.pixelsPerMinute >= LEAST_MARK_GAP) ?? 24;
  const marks: Mark[] = [];
  for (const piece of scale.pieces) {
    if (piece.folded) continue;
    const past = Number(shownAt(Math.ceil(piece.start), clock).minute);
    for (let minute = Math.ceil(piece.start) + ((60 - past) % 60); minute <= piece.end; minute += 60) {
      if (step === 24 || Number(shownAt(minute, clock).hour) % step !== 0) continue;
      // Close to a fold's edge the label of the day stands.
      const margin = Math.min(minute - piece.start, piece.end - minute) * scale.pixelsPerMinute;
      if (margin >= 9) marks.push({ y: scale.y(minute), text: clockText(minute, clock) });
    }
  }
  return marks;
}

/** The hours on the left, and the name of the day beside every fold; of the hours only some, where only some are looked at. */
export const TimeAxis = memo(function TimeAxis({
  scale,
  clock,
  only = null,
}: {
  scale: TimeScale;
  clock: Clock;
  only?: ((minute: number) => boolean) | null;
}) {
  const marks = hourMarks(scale, clock);
  return (
    <div style={{ position: 'relative', height: scale.height }}>
      {(only ? marks.filter((m) => only(scale.minuteAt(m.y))) : marks).map((m) => (
        <div key={m.y} className="zl-hour" style={{ top: Math.round(m.y) - 9 }}>
          {m.text}
        </div>
      ))}
      {folds(scale).map((fold) => (
        <DayNames key={fold.start} fold={fold} climbs={scale.climbs} clock={clock} />
      ))}
    </div>
  );
});

interface Fold {
  start: number;
  end: number;
  top: number;
  height: number;
}

const folds = (scale: TimeScale): Fold[] =>
  scale.pieces
    .filter((p) => p.folded)
    .map(({ start, end, length }) => ({ start, end, top: Math.min(scale.y(start), scale.y(end)), height: length }));

/** The height of the name of a day. Pixels. */
const NAME = 18;

/** The earlier day keeps its evening, the later one begins: each name stands on its own side of the fold, where there is room for both. */
function DayNames({ fold, climbs, clock }: { fold: Fold; climbs: boolean; clock: Clock }) {
  const before = dayText(fold.start, clock);
  const after = dayText(fold.end, clock);
  const both = climbs ? [after, before] : [before, after];
  const names = before === after ? [before] : fold.height < 2 * NAME ? [before] : both;
  return (
    <div
      className="zl-fold zl-days"
      style={{ top: fold.top, height: fold.height, lineHeight: `${Math.min(NAME, fold.height)}px` }}
    >
      {names.map((n) => (
        <span key={n}>{n}</span>
      ))}
    </div>
  );
}

/** Longer than any wall is wide. Pixels. */
const ACROSS = 20_000;

/** Lines of the hours and the shaded folds, behind everything: two shapes, however many days they are. */
export const TimeGrid = memo(function TimeGrid({ scale, clock }: { scale: TimeScale; clock: Clock }) {
  const lines = hourMarks(scale, clock).map((m) => `M0 ${Math.round(m.y) + 0.5}h${ACROSS}`);
  const shades = folds(scale).map((f) => `M0 ${Math.round(f.top)}h${ACROSS}v${Math.round(f.height)}h${-ACROSS}z`);
  return (
    <svg aria-hidden className="zl-grid" width="100%" height={scale.height}>
      <path d={shades.join('')} fill="var(--zl-fold)" />
      <path d={lines.join('')} stroke="var(--zl-line)" />
    </svg>
  );
});
