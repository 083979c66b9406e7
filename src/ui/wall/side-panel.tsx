import { say } from '@/core/words/say';
import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import type { ReactNode } from 'react';

/** A panel beside the wall, which stays in sight. */
export function SidePanel({
  title,
  width,
  onClose,
  children,
}: {
  title: string;
  width: number;
  onClose: () => void;
  children: ReactNode;
}) {
  return (
    <Box
      component="aside"
      aria-label={title}
      sx={{
        width: { xs: '100%', md: width },
        position: { xs: 'absolute', md: 'static' },
        inset: 0,
        zIndex: 12,
        flex: '0 0 auto',
        overflow: 'hidden auto',
        p: 2,
        bgcolor: 'var(--zl-card)',
        borderRight: '2px solid var(--zl-ink)',
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center' }}>
        <Box component="h2" sx={{ typography: 'h2', m: 0, flex: 1 }}>
          {title}
        </Box>
        <IconButton aria-label={say`Close ${title}`} onClick={onClose}>
          <Close />
        </IconButton>
      </Box>
      {children}
    </Box>
  );
}
