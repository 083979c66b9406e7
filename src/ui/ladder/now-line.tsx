import Box from '@mui/material/Box';
import { headingFont } from '../theme/theme';

/** The line of now, with its time on the axis. */
export function NowLine({ y, text, badge = false }: { y: number; text?: string; badge?: boolean }) {
  if (badge)
    return (
      <Box
        sx={{
          position: 'absolute',
          right: 2,
          top: y - 11,
          px: 0.9,
          height: 22,
          borderRadius: '4px',
          bgcolor: 'var(--zl-bar)',
          color: 'var(--zl-barText)',
          fontFamily: headingFont,
          fontWeight: 700,
          fontSize: 13,
          lineHeight: '22px',
          zIndex: 3,
          boxShadow: '0 0 0 1px var(--zl-line)',
        }}
      >
        {text}
      </Box>
    );
  return (
    <Box
      aria-hidden
      sx={{
        position: 'absolute',
        left: 0,
        right: 0,
        top: y - 1,
        borderTop: '2px dotted var(--zl-ink)',
        zIndex: 5,
        pointerEvents: 'none',
      }}
    />
  );
}
