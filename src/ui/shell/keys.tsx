'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import { useEffect, useId, useState } from 'react';
import { isTyping } from '../parts/is-typing';

const KEYS: [keys: string, does: string][] = [
  ['/', say`finds orders, formulas and calculators, and what can be done`],
  ['?', say`shows these keys`],
  [say`Ctrl Z or ⌘ Z`, say`takes the last edit of the plan back; with Shift makes it again (on the wall)`],
  ['Enter', say`on a rung: what, how much, until what sign, who, and why it lies there`],
  ['M', say`on a rung: takes it up`],
  ['↑ ↓', say`with a rung in the hand: five minutes, with Shift thirty; Enter sets it down, Esc lets go`],
];

/** The keys that do something, listed under `?`. */
export function Keys() {
  const [open, setOpen] = useState(false);
  const name = useId();
  useEffect(() => {
    const pressed = (e: KeyboardEvent) => {
      if (e.key !== '?' || isTyping(e.target)) return;
      e.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
  return (
    <Dialog
      open={open}
      onClose={() => setOpen(false)}
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
