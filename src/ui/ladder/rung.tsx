import Box from '@mui/material/Box';
import type { PlacedRung } from './rung-layout';
import { NAMES_FROM } from './rung-layout';
import { RAIL_WIDTH } from './rails';

export interface RungProps {
  placed: PlacedRung;
  pixelsPerMinute: number;
  /** A lit rung stands out, the others step back; null lights all. */
  lit: boolean | null;
  label: string;
  onOpen: (step: string) => void;
}

const INSET = RAIL_WIDTH - 2;
/** Mean width of a letter of a name. Pixels. */
const LETTER = 6.6;

/** Work for hands: wide enough to carry its name, as high as it is long. */
export function Rung({ placed, pixelsPerMinute, lit, label, onOpen }: RungProps) {
  const { rung, top, height, lane, of } = placed;
  const named = pixelsPerMinute >= NAMES_FROM;
  const done = rung.state === 'done';
  const who = rung.who.map((w) => w.initials).join(' ');
  const width = `calc((100% - ${2 * INSET}px) / ${of})`;
  return (
    <Box
      component="button"
      type="button"
      title={label}
      aria-label={label}
      data-step={rung.step}
      data-state={rung.state}
      onClick={() => onOpen(rung.step)}
      sx={{
        position: 'absolute',
        top,
        height: Math.max(2, height - 1),
        left: `calc(${INSET}px + ${lane} * ${width})`,
        width,
        p: 0,
        px: 0.6,
        border: '1px solid',
        borderColor: rung.state === 'overdue' ? 'var(--zl-misses)' : done ? 'var(--zl-muted)' : 'var(--zl-zestEdge)',
        borderWidth: rung.state === 'overdue' || rung.state === 'running' ? 2 : 1,
        borderRadius: '4px',
        bgcolor: done ? 'var(--zl-card)' : 'var(--zl-zest)',
        color: done ? 'var(--zl-muted)' : 'var(--zl-onZest)',
        boxShadow: rung.state === 'running' ? '0 0 0 2px var(--zl-ink)' : 'none',
        opacity: lit === false ? 0.28 : 1,
        font: 'inherit',
        fontSize: of > 1 ? 11 : 12,
        lineHeight: '13px',
        fontWeight: 700,
        textAlign: 'left',
        cursor: 'pointer',
        overflow: 'hidden',
        containerType: 'inline-size',
        display: 'flex',
        gap: 0.5,
        alignItems: height < 40 ? 'center' : 'flex-start',
        zIndex: 2,
        '&:hover, &:focus-visible': { zIndex: 4, filter: 'brightness(1.06)' },
      }}
    >
      {named && (
        <>
          <Box
            component="span"
            sx={{
              flex: 1,
              minWidth: 0,
              overflow: 'hidden',
              textOverflow: 'ellipsis',
              ...(height < 28
                ? { whiteSpace: 'nowrap' }
                : {
                    display: '-webkit-box',
                    WebkitBoxOrient: 'vertical',
                    WebkitLineClamp: Math.floor((height - 2) / 13),
                    overflowWrap: 'break-word',
                    hyphens: 'auto',
                  }),
            }}
          >
            {done && '✓ '}
            {rung.name}
          </Box>
          {of === 1 && who && (
            <Box
              component="span"
              sx={{
                fontSize: 10.5,
                fontWeight: 700,
                whiteSpace: 'nowrap',
                [`@container (max-width: ${Math.round(rung.name.length * LETTER) + 34}px)`]: { display: 'none' },
              }}
            >
              {who}
            </Box>
          )}
        </>
      )}
    </Box>
  );
}
