'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { KitchenLink } from '../kitchens/kitchen-link';
import { PlainMessage } from '../parts/plain-message';

/** A friendly 404. */
export function NotHere() {
  return (
    <PlainMessage title={say`This rung is missing`}>
      <p>{say`There is nothing under this address: the order or formula may never have been there, or the address has a slip in it.`}</p>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button variant="contained" component={KitchenLink} href="/">{say`To the wall`}</Button>
        <Button
          variant="outlined"
          color="secondary"
          component={KitchenLink}
          href="/orders"
        >{say`To the orders`}</Button>
      </Box>
    </PlainMessage>
  );
}
