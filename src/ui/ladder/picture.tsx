import { memo } from 'react';
import { ALL_WORKS } from '@/core/kinds/works';
import type { LadderView, RungView } from '@/server/ladder/ladder-view';
import { TONE_SHAPES, toneOf } from '../parts/status';
import { WORK_COLOURS } from '../theme/palette';
import type { TimeScale } from './time-scale';

/** A rung as a line has at least this height. Pixels. */
const LINE = 3;

/** A whole ladder as a picture, in a few pixels: its rungs as lines in the colours of their work, its flag as a shape. */
export const PictureLadder = memo(function PictureLadder({
  ladder,
  scale,
  width,
  lit,
}: {
  ladder: LadderView;
  scale: TimeScale;
  width: number;
  lit: ((rung: RungView) => boolean) | null;
}) {
  const tone = toneOf(ladder.status);
  const lines = (rungs: RungView[]) =>
    rungs
      .map((r) => {
        const [a, b] = [scale.y(r.start), scale.y(r.end)];
        return `M1 ${Math.round(Math.min(a, b))}h${width - 2}v${Math.max(LINE, Math.round(Math.abs(a - b)))}h${2 - width}z`;
      })
      .join('');
  const ys = ladder.rungs.flatMap((r) => [scale.y(r.start), scale.y(r.end)]);
  const pickup = scale.y(ladder.pickup);
  const shown = lit ? ladder.rungs.filter(lit) : ladder.rungs;
  const loud = (r: RungView) => r.state === 'running' || r.state === 'overdue' || r.step === ladder.decides;
  return (
    <>
      <svg aria-hidden width={width} height={scale.height} style={{ position: 'absolute', inset: 0 }}>
        <path d={`M${width / 2} ${pickup}V${Math.max(pickup, ...ys)}`} stroke="var(--zl-line)" fill="none" />
        {lit && <path d={lines(ladder.rungs.filter((r) => !lit(r)))} fill="var(--zl-line)" />}
        <path d={lines(shown.filter((r) => r.state === 'done'))} fill="var(--zl-rest)" />
        {ALL_WORKS.map((work) => {
          const own = shown.filter((r) => r.work === work && r.state === 'planned' && !loud(r));
          return own.length > 0 && <path key={work} d={lines(own)} fill={`var(--zl-${WORK_COLOURS[work]})`} />;
        })}
        <path d={lines(shown.filter((r) => r.state === 'running'))} fill="var(--zl-zest)" stroke="var(--zl-zestEdge)" />
        <path
          d={lines(shown.filter((r) => loud(r) && r.state !== 'running'))}
          fill={`var(--zl-${tone === 'tight' ? 'tightText' : 'missesText'})`}
        />
      </svg>
      <span
        aria-hidden
        className={`zl-picture-flag zl-flag-${tone}`}
        style={{ top: Math.round(scale.climbs ? pickup - 15 : pickup) }}
      >
        {TONE_SHAPES[tone]}
      </span>
    </>
  );
});
