'use client';

import { NotAnsweredNote } from '../asking/not-answered';
import Box from '@mui/material/Box';
import { chanceText } from '../ladder/flag';
import { useChances } from '../parts/use-chances';

/** Rungs that are named, and the least share of the late days that makes one worth naming. */
const NAMED = 3;
const LEAST_SHARE = 0.1;

/** How likely the order is ready in time, what decides it, and where a little slack would help most. */
export function ChanceNote({ order, plan }: { order: number; plan: number }) {
  const { chances, asked } = useChances(plan);
  const chance = chances.get(order);
  if (!chance) return <NotAnsweredNote asked={asked} what="How likely it is could not be reckoned" />;
  const deciding = chance.deciding.filter((d) => d.share >= LEAST_SHARE).slice(0, NAMED);
  return (
    <Box sx={{ fontSize: 14, mt: 0.5 }}>
      Ready on <b>{chanceText(chance.chance)}</b> of ten thousand days lived through, at most ten minutes after its
      pickup, with every step between its shortest and its longest time and the plan’s order kept
      {chance.learned > 0 && `; ${chance.learned} of its steps by how long they took here before`}.
      {deciding.length > 0 && chance.chance < 1 && (
        <> On the other days it hangs on {deciding.map((d) => `“${d.name}” (${chanceText(d.share)})`).join(', ')}.</>
      )}
      {chance.helps && chance.helps.share >= LEAST_SHARE && (
        <>
          {' '}
          Ten minutes more before “{chance.helps.name}” would save {chanceText(chance.helps.share)} of them.
        </>
      )}
    </Box>
  );
}
