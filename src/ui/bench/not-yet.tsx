'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { BigButton } from '../parts/big-button';

const MINUTES = [2, 5, 10, 15, 30, 60];

/** Asks for how many minutes from now something needs still. */
export function NotYet({
  busy,
  onMinutes,
  onCancel,
}: {
  busy: boolean;
  onMinutes: (minutes: number) => void;
  onCancel: () => void;
}) {
  return (
    <Box role="group" aria-label={say`Not yet: how many minutes from now?`} sx={{ mt: 2 }}>
      <Box sx={{ fontWeight: 700 }}>{say`Not yet. How many minutes from now?`}</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.25, mt: 1 }}>
        {MINUTES.map((m) => (
          <BigButton key={m} kind="quiet" small disabled={busy} onClick={() => onMinutes(m)}>
            {m} {say`min`}
          </BigButton>
        ))}
        <BigButton kind="quiet" small disabled={busy} onClick={onCancel}>{say`Back`}</BigButton>
      </Box>
    </Box>
  );
}
