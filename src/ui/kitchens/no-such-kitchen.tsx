'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NextLink from 'next/link';

/** An address of a kitchen that is not here. */
export function NoSuchKitchen() {
  return (
    <Box component="main" sx={{ m: 'auto', p: 4, maxWidth: 520 }}>
      <Box component="h1" sx={{ typography: 'h1', m: 0, fontSize: 28 }}>
        No such kitchen
      </Box>
      <p>There is no kitchen under this address in this database. It may have a slip in it, or be of another server.</p>
      <Button variant="contained" component={NextLink} href="/kitchens">
        The kitchens that are here
      </Button>
    </Box>
  );
}
