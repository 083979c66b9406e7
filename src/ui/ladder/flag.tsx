import MuiBox from '@mui/material/Box';
import type { Box } from './lanes';
import { TONE_SHAPES, type Tone } from '../parts/status';
import { headingFont } from '../theme/theme';

const HEIGHT = 21;

/** Where a flag flies: above its time where time climbs, below where it falls. */
export function flagBox(y: number, climbs: boolean): Box {
  return climbs ? { top: y - HEIGHT - 1, bottom: y } : { top: y, bottom: y + HEIGHT + 1 };
}

/** The pickup, flown at its time. */
export function Flag({ top, tone, time }: { top: number; tone: Tone; time: string }) {
  return (
    <MuiBox
      sx={{
        position: 'absolute',
        top,
        left: 2,
        right: 2,
        height: HEIGHT,
        pl: 0.75,
        bgcolor: `var(--zl-${tone})`,
        color: '#fff',
        fontFamily: headingFont,
        fontWeight: 700,
        fontSize: 12.5,
        lineHeight: `${HEIGHT}px`,
        whiteSpace: 'nowrap',
        clipPath: 'polygon(0 0, 100% 0, calc(100% - 8px) 50%, 100% 100%, 0 100%)',
        zIndex: 3,
      }}
    >
      <span aria-hidden>{TONE_SHAPES[tone]}</span> {time}
    </MuiBox>
  );
}
