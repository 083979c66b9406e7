import type { DrawnPiece } from '@/core/compose/drawn';
import { PieceDrawn } from './piece-drawn';
import { placedIn } from './placed';

/** mm of the board under a cake. */
const BOARD = 8;

/** How large cakes are that are drawn beside one another: px a mm, so that the largest of them has room. */
export function commonScale(
  cakes: readonly (readonly DrawnPiece[])[],
  room: { width: number; height: number },
): number {
  const sizes = cakes.map((pieces) => placedIn(pieces));
  const widest = Math.max(1, ...sizes.map((s) => s.width));
  const highest = Math.max(1, ...sizes.map((s) => s.height + BOARD));
  return Math.min(room.width / widest, room.height / highest);
}

/** A cake cut open, small, at a scale that several share. What it is stands in words beside it. */
export function SmallSection({ pieces, scale }: { pieces: readonly DrawnPiece[]; scale: number }) {
  const { placed, width, height } = placedIn(pieces);
  return (
    <svg
      aria-hidden="true"
      viewBox={`0 -2 ${width} ${height + BOARD + 2}`}
      style={{ display: 'block', width: width * scale, height: (height + BOARD) * scale, maxWidth: '100%' }}
    >
      {placed.map((p) => (
        <g key={p.piece.key} transform={`translate(${p.x} ${height - p.bottom})`}>
          <PieceDrawn piece={p.piece} />
          {p.piece.count > 1 && (
            <text
              y={-p.piece.height / 2}
              fontSize={11 / scale}
              fontWeight={700}
              textAnchor="middle"
              dominantBaseline="middle"
              fill="#16302b"
            >
              {p.piece.count} ×
            </text>
          )}
        </g>
      ))}
      <rect x={0} y={height} width={width} height={BOARD} rx={2} fill="var(--zl-muted)" opacity={0.55} />
    </svg>
  );
}
