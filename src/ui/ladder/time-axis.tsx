import Box from '@mui/material/Box';
import { memo } from 'react';
import { type Clock, timeOf } from '@/core/time/clock';
import { headingFont } from '../theme/theme';
import type { TimeScale } from './time-scale';

export const AXIS_WIDTH = 62;

/** Hours between two marks, so that they stand at least this far apart. Pixels. */
const LEAST_MARK_GAP = 34;

interface Mark {
  y: number;
  text: string;
}

/** Full hours of the open spans, as far apart as they can be read. */
function hourMarks(scale: TimeScale, clock: Clock): Mark[] {
  const step = [1, 2, 3, 4, 6, 12].find((h) => h * 60 * scale.pixelsPerMinute >= LEAST_MARK_GAP) ?? 24;
  const marks: Mark[] = [];
  for (const piece of scale.pieces) {
    if (piece.folded) continue;
    let time = timeOf(piece.start, clock).plus({ minutes: 59 }).startOf('hour');
    while (time.hour % step !== 0) time = time.plus({ hours: 1 });
    for (; ; time = time.plus({ hours: step })) {
      const minute = (time.toMillis() - Date.parse(clock.origin)) / 60_000;
      if (minute > piece.end) break;
      // Close to a fold's edge the label of the day stands.
      const margin = Math.min(minute - piece.start, piece.end - minute) * scale.pixelsPerMinute;
      if (margin >= 9 && step < 24) marks.push({ y: scale.y(minute), text: time.toFormat('HH:mm') });
    }
  }
  return marks;
}

/** The hours on the left, and the name of the day beside every fold. */
export const TimeAxis = memo(function TimeAxis({ scale, clock }: { scale: TimeScale; clock: Clock }) {
  return (
    <Box sx={{ position: 'relative', width: AXIS_WIDTH, height: scale.height }}>
      {hourMarks(scale, clock).map((m) => (
        <div
          key={m.y}
          style={{
            position: 'absolute',
            right: 8,
            top: m.y - 9,
            fontSize: 12.5,
            lineHeight: '18px',
            color: 'var(--zl-muted)',
          }}
        >
          {m.text}
        </div>
      ))}
      {scale.pieces
        .filter((p) => p.folded)
        .map((p) => (
          <DayBand
            key={p.start}
            top={Math.min(scale.y(p.start), scale.y(p.end))}
            height={p.length}
            scale={scale}
            clock={clock}
            piece={p}
          />
        ))}
    </Box>
  );
});

function DayBand({
  top,
  height,
  scale,
  clock,
  piece,
}: {
  top: number;
  height: number;
  scale: TimeScale;
  clock: Clock;
  piece: { start: number; end: number };
}) {
  // The earlier day keeps its evening, the later one begins: each name stands on its own side of the fold.
  const before = timeOf(piece.start, clock).toFormat('ccc d');
  const after = timeOf(piece.end, clock).toFormat('ccc d');
  const names = scale.climbs ? [after, before] : [before, after];
  return (
    <Box
      sx={{
        position: 'absolute',
        left: 0,
        right: 0,
        top,
        height,
        display: 'flex',
        flexDirection: 'column',
        justifyContent: 'space-between',
        pl: 1.25,
        fontFamily: headingFont,
        fontWeight: 700,
        fontSize: 13,
        lineHeight: '18px',
        bgcolor: 'var(--zl-fold)',
      }}
    >
      {names[0] === names[1] ? <span>{names[0]}</span> : names.map((n) => <span key={n}>{n}</span>)}
    </Box>
  );
}

/** Lines of the hours and the shaded folds, behind everything. */
export const TimeGrid = memo(function TimeGrid({ scale, clock }: { scale: TimeScale; clock: Clock }) {
  return (
    <Box aria-hidden sx={{ position: 'absolute', inset: 0, pointerEvents: 'none' }}>
      {hourMarks(scale, clock).map((m) => (
        <div
          key={m.y}
          style={{ position: 'absolute', left: 0, right: 0, top: m.y, borderTop: '1px solid var(--zl-line)' }}
        />
      ))}
      {scale.pieces
        .filter((p) => p.folded)
        .map((p) => (
          <div
            key={p.start}
            style={{
              position: 'absolute',
              left: 0,
              right: 0,
              top: Math.min(scale.y(p.start), scale.y(p.end)),
              height: p.length,
              background: 'var(--zl-fold)',
            }}
          />
        ))}
    </Box>
  );
});
