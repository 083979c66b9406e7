import Box from '@mui/material/Box';
import type { RailView } from '@/server/views/wall-view';
import { PLACE_ORDER, placeBackground } from './places';
import type { TimeScale } from './time-scale';

export const RAIL_WIDTH = 9;

/** One rail: where the parts of a ladder sit between its rungs. */
export function Rail({ rails, scale, side }: { rails: RailView[]; scale: TimeScale; side: 'left' | 'right' }) {
  if (rails.length === 0) return null;
  const ys = rails.flatMap((r) => [scale.y(r.start), scale.y(r.end)]);
  const top = Math.min(...ys);
  return (
    <Box aria-hidden sx={{ position: 'absolute', top: 0, bottom: 0, [side]: 0, width: RAIL_WIDTH }}>
      <Box
        sx={{
          position: 'absolute',
          left: RAIL_WIDTH / 2 - 0.5,
          width: '1px',
          top,
          height: Math.max(...ys) - top,
          bgcolor: 'var(--zl-muted)',
        }}
      />
      {[...rails]
        .sort((a, b) => PLACE_ORDER.indexOf(a.place) - PLACE_ORDER.indexOf(b.place))
        .map((r, i) => {
          const [a, b] = [scale.y(r.start), scale.y(r.end)];
          return (
            <Box
              key={i}
              sx={{
                position: 'absolute',
                inset: 'auto 0',
                top: Math.min(a, b),
                height: Math.max(2, Math.abs(a - b)),
                borderRadius: '2px',
                ...placeBackground(r.place, r.celsius),
              }}
            />
          );
        })}
    </Box>
  );
}
