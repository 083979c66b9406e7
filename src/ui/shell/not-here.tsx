'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { KitchenLink } from '../kitchens/kitchen-link';

/** A friendly 404. */
export function NotHere() {
  return (
    <Box component="main" sx={{ m: 'auto', p: 4, maxWidth: 520 }}>
      <Box component="h1" sx={{ typography: 'h1', m: 0, fontSize: 28 }}>
        This rung is missing
      </Box>
      <p>
        There is nothing under this address: the order or formula may never have been there, or the address has a slip
        in it.
      </p>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button variant="contained" component={KitchenLink} href="/">
          To the wall
        </Button>
        <Button variant="outlined" color="secondary" component={KitchenLink} href="/orders">
          To the orders
        </Button>
      </Box>
    </Box>
  );
}
