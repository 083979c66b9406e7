import { say } from '@/core/words/say';
import UnfoldLess from '@mui/icons-material/UnfoldLess';
import UnfoldMore from '@mui/icons-material/UnfoldMore';
import Box from '@mui/material/Box';
import type { LadderView } from '@/server/ladder/ladder-view';
import { TONE_SHAPES, statusText, toneOf } from '../parts/status';
import { headingFont } from '../theme/theme';
import { KitchenLink } from '../kitchens/kitchen-link';

/** What stands at the foot of a ladder: whose it is, how large, and whether it will be ready. */
export function LadderFoot({ ladder, open, onToggle }: { ladder: LadderView; open: boolean; onToggle: () => void }) {
  const tone = toneOf(ladder.status);
  return (
    // Its words never make a ladder wider.
    <Box sx={{ py: 0.75, width: 0, minWidth: '100%', position: 'relative' }}>
      <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 0.25 }}>
        <Box
          component={KitchenLink}
          href={`/orders/${ladder.order}`}
          sx={{
            flex: 1,
            minWidth: 0,
            fontFamily: headingFont,
            fontWeight: 700,
            fontSize: 13.5,
            lineHeight: '16px',
            height: 32,
            overflow: 'hidden',
            color: 'var(--zl-ink)',
            textDecoration: 'none',
            '&:hover': { textDecoration: 'underline' },
          }}
        >
          {ladder.title}
        </Box>
        <Box
          component="button"
          type="button"
          onClick={onToggle}
          aria-expanded={open}
          aria-label={say`${open ? say`Fold` : say`Open`} the ladder of ${ladder.title}`}
          title={open ? say`Fold into one ladder` : say`Open into its component ladders`}
          sx={{
            border: 0,
            p: 0,
            width: 24,
            height: 28,
            bgcolor: 'transparent',
            color: 'var(--zl-muted)',
            cursor: 'pointer',
            '& svg': { fontSize: 19, transform: 'rotate(90deg)' },
          }}
        >
          {open ? <UnfoldLess /> : <UnfoldMore />}
        </Box>
      </Box>
      <Box
        sx={{
          fontSize: 11.5,
          lineHeight: '15px',
          color: 'var(--zl-muted)',
          whiteSpace: 'nowrap',
          overflow: 'hidden',
          textOverflow: 'ellipsis',
        }}
      >
        {ladder.subtitle}
      </Box>
      <Box
        sx={{
          fontSize: 12.5,
          lineHeight: '17px',
          fontWeight: 700,
          color: `var(--zl-${tone}Text)`,
          whiteSpace: 'nowrap',
          overflow: 'hidden',
          textOverflow: 'ellipsis',
        }}
      >
        <span aria-hidden>{TONE_SHAPES[tone]}</span> {statusText(ladder.status)}
      </Box>
      {open && (
        <Box sx={{ display: 'flex', gap: '10px', pt: 0.25 }}>
          {[...ladder.components.map((c) => c.label), say`The cake`].map((name) => (
            <Box
              key={name}
              sx={{
                flex: '1 1 0',
                minWidth: 0,
                fontSize: 11.5,
                lineHeight: '14px',
                height: 28,
                overflow: 'hidden',
                textAlign: 'center',
              }}
            >
              {name}
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
