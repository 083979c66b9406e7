import { PLACES } from '@/core/kinds/places';
import type { RailView } from '@/server/ladder/ladder-view';
import { placeLook } from './places';
import type { TimeScale } from './time-scale';

export const RAIL_WIDTH = 6;

/** One rail: where the parts of a ladder sit between its rungs. */
export function Rail({ rails, scale, side }: { rails: RailView[]; scale: TimeScale; side: 'left' | 'right' }) {
  if (rails.length === 0) return null;
  const ys = rails.flatMap((r) => [scale.y(r.start), scale.y(r.end)]);
  const top = Math.min(...ys);
  // Classes and plain styles: a style sheet for every place would make scrolling a long wall slow.
  return (
    <div aria-hidden className={`zl-rails zl-rails-${side}`} style={{ width: RAIL_WIDTH }}>
      <div className="zl-rail-line" style={{ top, height: Math.max(...ys) - top }} />
      {[...rails]
        .sort((a, b) => PLACES[a.place].urgency - PLACES[b.place].urgency)
        .map((r, i) => {
          const [a, b] = [scale.y(r.start), scale.y(r.end)];
          const at = { top: Math.round(Math.min(a, b)), height: Math.max(2, Math.round(Math.abs(a - b))) };
          const { className, style } = placeLook(r.place, r.celsius);
          return <div key={i} className={`zl-rail ${className}`} style={{ ...at, ...style }} />;
        })}
    </div>
  );
}
