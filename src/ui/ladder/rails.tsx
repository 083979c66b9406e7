import { PLACES } from '@/core/kinds/places';
import type { RailView } from '@/server/ladder/ladder-view';
import { placeBackground } from './places';
import type { TimeScale } from './time-scale';

export const RAIL_WIDTH = 9;

/** One rail: where the parts of a ladder sit between its rungs. */
export function Rail({
  rails,
  scale,
  side,
  band,
}: {
  rails: RailView[];
  scale: TimeScale;
  side: 'left' | 'right';
  /** Only this stretch is drawn, in pixels; null draws all. */
  band: { top: number; bottom: number } | null;
}) {
  if (rails.length === 0) return null;
  const ys = rails.flatMap((r) => [scale.y(r.start), scale.y(r.end)]);
  const top = Math.min(...ys);
  // Plain styles: a class for every place would make scrolling a long wall slow.
  return (
    <div aria-hidden style={{ position: 'absolute', top: 0, bottom: 0, [side]: 0, width: RAIL_WIDTH }}>
      <div
        style={{
          position: 'absolute',
          left: RAIL_WIDTH / 2 - 0.5,
          width: 1,
          top,
          height: Math.max(...ys) - top,
          background: 'var(--zl-muted)',
        }}
      />
      {[...rails]
        .sort((a, b) => PLACES[a.place].urgency - PLACES[b.place].urgency)
        .map((r, i) => {
          const [a, b] = [scale.y(r.start), scale.y(r.end)];
          if (band && (Math.min(a, b) > band.bottom || Math.max(a, b) < band.top)) return null;
          return (
            <div
              key={i}
              style={{
                position: 'absolute',
                left: 0,
                right: 0,
                top: Math.min(a, b),
                height: Math.max(2, Math.abs(a - b)),
                borderRadius: 2,
                ...placeBackground(r.place, r.celsius),
              }}
            />
          );
        })}
    </div>
  );
}
