'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { useEffect, useState } from 'react';
import { headingFont } from '../theme/theme';

interface TimerProps {
  /** The kitchen's minute when the page was made. */
  told: number;
  running: { since: number; look: number; due: number };
  time: (minute: number) => string;
}

/** Counts down to the shortest time: that is when to look. Then to the likely one; then up. */
export function Timer({ told, running, time }: TimerProps) {
  const [seconds, setSeconds] = useState(0);
  useEffect(() => {
    const begun = performance.now();
    const timer = setInterval(() => setSeconds(Math.floor((performance.now() - begun) / 1000)), 500);
    return () => clearInterval(timer);
  }, [told]);
  const now = told * 60 + seconds;
  const toLook = running.look * 60 - now;
  const toDue = running.due * 60 - now;
  const shown = toLook > 0 ? toLook : Math.abs(toDue);
  const over = toDue < 0;
  return (
    <Box
      role="timer"
      sx={{
        mt: 2,
        p: 2.5,
        borderRadius: 2,
        bgcolor: over ? 'var(--zl-misses)' : 'var(--zl-bar)',
        color: '#fff',
        display: 'flex',
        alignItems: 'center',
        gap: 3,
        border: '2px solid var(--zl-line)',
      }}
    >
      <Box sx={{ fontFamily: headingFont, fontWeight: 700, fontSize: 72, lineHeight: 1 }}>{clockText(shown)}</Box>
      <Box>
        <Box>
          {toLook > 0
            ? say`until the shortest time: then look`
            : over
              ? say`over the likely time`
              : say`look now; likely by then`}
        </Box>
        <Box sx={{ fontWeight: 700, color: over ? '#fff' : 'var(--zl-zest)' }}>
          {say`likely until`} {time(running.due)}
        </Box>
      </Box>
    </Box>
  );
}

function clockText(seconds: number): string {
  const hours = Math.floor(seconds / 3600);
  const minutes = Math.floor((seconds % 3600) / 60);
  const rest = String(seconds % 60).padStart(2, '0');
  return hours > 0
    ? `${hours}:${String(minutes).padStart(2, '0')}:${rest}`
    : `${String(minutes).padStart(2, '0')}:${rest}`;
}
