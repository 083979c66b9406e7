'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { KitchenLink } from '../kitchens/kitchen-link';
import { PlainMessage } from '../parts/plain-message';

/** A friendly 404. */
export function NotHere() {
  return (
    <PlainMessage title={say`This rung is missing`}>
      <p>{say`There is nothing under this address: the order or formula may never have been there, or the address has a slip in it.`}</p>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <KitchenLink href="/" className="zl-button zl-main">{say`To the wall`}</KitchenLink>
        <KitchenLink href="/orders" className="zl-button">{say`To the orders`}</KitchenLink>
      </Box>
    </PlainMessage>
  );
}
