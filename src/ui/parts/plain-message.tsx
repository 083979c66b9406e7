import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** A page that says one thing, and what can be done. */
export function PlainMessage({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="main" id="main" sx={{ m: 'auto', p: 4, maxWidth: 560 }}>
      <Box component="h1" sx={{ typography: 'h1', m: 0, fontSize: 28 }}>
        {title}
      </Box>
      {children}
    </Box>
  );
}
