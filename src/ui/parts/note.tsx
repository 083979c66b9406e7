import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** Something that should be looked at, beside what it is about. */
export function Note({ children }: { children: ReactNode }) {
  return (
    <Box
      sx={{
        p: 1.5,
        mb: 1,
        border: '1px solid var(--zl-line)',
        borderLeft: '6px solid var(--zl-tight)',
        borderRadius: 2,
      }}
    >
      {children}
    </Box>
  );
}
