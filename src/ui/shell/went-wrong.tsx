'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';

/** Shown where a page could not be made. */
export function WentWrong({ reset }: { error: Error; reset: () => void }) {
  return (
    <Box component="main" sx={{ m: 'auto', p: 4, maxWidth: 520 }}>
      <Box component="h1" sx={{ typography: 'h1', m: 0, fontSize: 28 }}>
        This page fell off its rails
      </Box>
      <p>Nothing that was confirmed is lost. Try again; if it stays like this, the server’s log says why.</p>
      <Button variant="contained" onClick={reset}>
        Try again
      </Button>
    </Box>
  );
}
