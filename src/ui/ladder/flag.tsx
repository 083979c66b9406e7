import { say } from '@/core/words/say';
import MuiBox from '@mui/material/Box';
import type { Box } from './lanes';
import { TONE_SHAPES, type Tone } from '../parts/status';
import { headingFont } from '../theme/theme';

const HEIGHT = 21;

/** Where a flag flies: above its time where time climbs, below where it falls. */
export function flagBox(y: number, climbs: boolean): Box {
  return climbs ? { top: y - HEIGHT - 1, bottom: y } : { top: y, bottom: y + HEIGHT + 1 };
}

/** "93%"; never quite sure, never quite hopeless, unless it was so on every single day. */
function chanceText(chance: number): string {
  if (chance === 0 || chance === 1) return `${chance * 100}%`;
  return `${Math.min(99, Math.max(1, Math.round(chance * 100)))}%`;
}

/** The pickup, flown at its time. */
export function Flag({
  top,
  tone,
  time,
  chance,
  oldChance,
}: {
  top: number;
  tone: Tone;
  time: string;
  /** Chance of being ready, 0 to 1; null while it is not known. */
  chance: number | null;
  oldChance: boolean;
}) {
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
        fontSize: 12,
        lineHeight: `${HEIGHT}px`,
        whiteSpace: 'nowrap',
        clipPath: 'polygon(0 0, 100% 0, calc(100% - 8px) 50%, 100% 100%, 0 100%)',
        zIndex: 3,
      }}
    >
      <span aria-hidden>{TONE_SHAPES[tone]}</span> {time}
      {chance !== null && (
        <MuiBox
          component="span"
          data-chance
          title={
            oldChance
              ? say`Being reckoned anew: this is how it was before`
              : say`In time on ${chanceText(chance)} of days like this`
          }
          sx={{ position: 'absolute', right: 10, fontSize: 10.5, fontWeight: 700, opacity: 0.95 }}
        >
          {oldChance ? '…' : chanceText(chance)}
        </MuiBox>
      )}
    </MuiBox>
  );
}
