import { say } from '@/core/words/say';
import type { SectionView, TierSection } from '@/server/orders/section-view';
import { sideOf } from '../section/cut-piece';
import { aboveOf, besideOf } from '../section/put-places';
import { PieceDrawn } from '../section/piece-drawn';

/** mm around the cake, between cakes, and of the board, in the drawing. */
const MARGIN = 14;
const BETWEEN = 34;
const BOARD = 8;
const BOARD_BEYOND = 25;

/** The cake cut open, to scale: strata, coats, board. A roll shows its spiral. */
export function CrossSection({ section }: { section: SectionView }) {
  const drawn = section.stacks.map((s) => ({
    ...s,
    width: Math.max(...s.tiers.map((t) => t.width + 2 * (sideOf(t) + besideOf(t)))) + 2 * BOARD_BEYOND,
    height: heightOf(s.tiers),
  }));
  const width = drawn.reduce((sum, s) => sum + s.width + BETWEEN, -BETWEEN);
  const height = Math.max(...drawn.map((s) => s.height));
  const lefts = drawn.map((_, i) => drawn.slice(0, i).reduce((sum, s) => sum + s.width + BETWEEN, 0));
  const scaleBar = width > 200 ? 100 : 50;
  // A small cake is drawn large, a wide one small, and words in the drawing with it: they are set smaller or larger then.
  const letters = Math.max(0.4, width / 330);
  // Under the words that say how many there are.
  const barAt = height + BOARD + 14 + (drawn.some((s) => s.count > 1) ? 20 * letters : 0);
  return (
    <figure style={{ margin: 0 }}>
      <svg
        role="img"
        aria-label={say`Cross-section: ${section.summary}`}
        viewBox={`${-MARGIN} ${-MARGIN} ${width + 2 * MARGIN} ${barAt + 2 * MARGIN + 4}`}
        style={{ width: '100%', maxHeight: 250, display: 'block' }}
      >
        {drawn.map((s, i) => (
          <g key={s.name} transform={`translate(${lefts[i]} ${height})`}>
            <Stack tiers={s.tiers} centre={s.width / 2} />
            <rect x={0} y={0} width={s.width} height={BOARD} rx={2} fill="var(--zl-muted)" opacity={0.55} />
            {s.count > 1 && (
              <text
                x={s.width / 2}
                y={BOARD + 20 * letters}
                fontSize={18 * letters}
                fontWeight={700}
                textAnchor="middle"
                fill="var(--zl-ink)"
              >
                {s.count} {say`of these`}
              </text>
            )}
          </g>
        ))}
        <g stroke="var(--zl-muted)" strokeWidth={1.2}>
          <line x1={0} x2={scaleBar} y1={barAt} y2={barAt} />
          <line x1={0} x2={0} y1={barAt - 3} y2={barAt + 3} />
          <line x1={scaleBar} x2={scaleBar} y1={barAt - 3} y2={barAt + 3} />
        </g>
        <text x={scaleBar + 5} y={barAt + 4 * letters} fontSize={11 * letters} fill="var(--zl-muted)">
          {scaleBar / 10} {say`cm`}
        </text>
      </svg>
      <figcaption style={{ fontSize: 13, color: 'var(--zl-muted)', marginTop: 4 }}>
        {section.summary}
        {say`, drawn to scale`}
        {section.note && <strong style={{ display: 'block', color: 'var(--zl-tightText)' }}>{section.note}</strong>}
      </figcaption>
    </figure>
  );
}

/** How high tiers stand on one another, with what is put on them. mm */
const heightOf = (tiers: TierSection[]): number =>
  Math.max(...tiers.map((t, i) => tiers.slice(0, i + 1).reduce((sum, x) => sum + x.height, 0) + aboveOf(t)));

/** Tiers on one another; the origin is the middle of the board's upper face. */
function Stack({ tiers, centre }: { tiers: TierSection[]; centre: number }) {
  return tiers.map((tier, i) => {
    const bottom = -tiers.slice(0, i).reduce((sum, t) => sum + t.height, 0);
    return (
      <g key={i} transform={`translate(${centre} ${bottom})`}>
        <PieceDrawn piece={tier} />
      </g>
    );
  });
}
