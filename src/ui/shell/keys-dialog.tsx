'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import { useId } from 'react';

const KEYS: [keys: string, does: string][] = [
  ['/', say`finds orders, formulas and calculators, and what can be done`],
  ['?', say`shows these keys`],
  [say`Ctrl Z or ⌘ Z`, say`takes the last edit of the plan back; with Shift makes it again (on the wall)`],
  ['Enter', say`on a rung: what, how much, until what sign, who, and why it lies there`],
  [say`arrows`, say`on the wall: from rung to rung, in time and from ladder to ladder`],
  ['D  W  O', say`on the wall: the day, the whole week, one order`],
  ['N', say`on the wall: to now`],
  ['P', say`on the wall: to the next that needs a look; with Shift to the one before`],
  ['[  ]', say`on the wall: a day earlier, a day later`],
  ['+  −', say`on the wall: more detail, more days; also by Ctrl and the wheel`],
  ['M', say`on a rung: takes it up`],
  ['↑ ↓', say`with a rung in the hand: five minutes, with Shift thirty; Enter sets it down, Esc lets go`],
];

/** The keys that do something. */
export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const name = useId();
  return (
    <Dialog
      open={open}
      onClose={onClose}
      aria-labelledby={name}
      slotProps={{ paper: { sx: { bgcolor: 'var(--zl-paper)', border: '2px solid var(--zl-ink)', p: 2.5 } } }}
    >
      <Box component="h2" id={name} sx={{ typography: 'h2', m: 0, mb: 1 }}>{say`Keys`}</Box>
      <Box component="dl" sx={{ m: 0, display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 2, rowGap: 0.75 }}>
        {KEYS.map(([keys, does]) => (
          <Box key={keys} sx={{ display: 'contents' }}>
            <Box component="dt" sx={{ fontWeight: 700, whiteSpace: 'nowrap' }}>
              {keys}
            </Box>
            <Box component="dd" sx={{ m: 0 }}>
              {does}
            </Box>
          </Box>
        ))}
      </Box>
    </Dialog>
  );
}
