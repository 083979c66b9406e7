import Box from '@mui/material/Box';
import { TONE_SHAPES, type Tone } from '../parts/status';
import { headingFont } from '../theme/theme';

/** The pickup, flown at its time. */
export function Flag({ y, climbs, tone, time }: { y: number; climbs: boolean; tone: Tone; time: string }) {
  return (
    <Box
      sx={{
        position: 'absolute',
        top: climbs ? y - 22 : y + 1,
        left: 2,
        right: 2,
        height: 21,
        pl: 0.75,
        bgcolor: `var(--zl-${tone})`,
        color: '#fff',
        fontFamily: headingFont,
        fontWeight: 700,
        fontSize: 12.5,
        lineHeight: '21px',
        whiteSpace: 'nowrap',
        clipPath: 'polygon(0 0, 100% 0, calc(100% - 8px) 50%, 100% 100%, 0 100%)',
        zIndex: 3,
      }}
    >
      <span aria-hidden>{TONE_SHAPES[tone]}</span> {time}
    </Box>
  );
}
