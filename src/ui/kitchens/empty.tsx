'use client';

import Box from '@mui/material/Box';
import { LoadDemo } from './load-demo';

/** What is seen before there is a kitchen: what will be here, and the one button that fills it. */
export function EmptyKitchen() {
  return (
    <Box component="main" sx={{ m: 'auto', maxWidth: 560, p: 4 }}>
      <Box component="h1" sx={{ typography: 'h1', m: 0, fontSize: 30 }}>
        No kitchen yet
      </Box>
      <p>
        Here the cakes on order stand as ladders on one wall of time: rungs for the work of hands, rails for where the
        cake waits, a flag for the pickup. The demo kitchen brings a made-up bakery with seven people, its formulas and
        a week of orders, to look around in and to work with.
      </p>
      <LoadDemo />
    </Box>
  );
}
