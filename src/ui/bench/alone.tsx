'use client';

import Box from '@mui/material/Box';
import { useState } from 'react';
import type { CheckAnswer } from '@/core/floor/check-answer';
import { durationText } from '@/core/time/duration-text';
import type { AloneView } from '@/server/bench/bench-reader';
import { placeBackground } from '../ladder/places';
import { headingFont } from '../theme/theme';
import { BigButton } from './big-button';
import { CheckGate } from './check-gate';
import { Reminders } from './notes';

/** What waits to be put in. */
export function ToStart({
  item,
  time,
  busy,
  onStart,
}: {
  item: AloneView;
  time: (m: number) => string;
  busy: boolean;
  onStart: () => void;
}) {
  return (
    <Box sx={{ display: 'flex', gap: 2, py: 1.25, alignItems: 'center', borderBottom: '2px solid var(--zl-line)' }}>
      <Box
        aria-hidden
        sx={[
          { width: 14, alignSelf: 'stretch', borderRadius: 1, flex: '0 0 auto' },
          placeBackground(item.place, item.celsius),
        ]}
      />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Box sx={{ fontWeight: 700, fontSize: 22 }}>{item.detail.split(' · ')[0]}</Box>
        <Box sx={{ color: 'var(--zl-muted)', fontSize: 17 }}>
          {item.title} · planned {time(item.at)}
        </Box>
      </Box>
      <BigButton kind="main" small disabled={busy} onClick={onStart}>
        It is in
      </BigButton>
    </Box>
  );
}

/** What runs by itself; it is out only when its check holds. */
export function Alone({
  item,
  minute,
  busy,
  time,
  onOut,
  onMore,
}: {
  item: AloneView;
  minute: number;
  busy: boolean;
  time: (m: number) => string;
  onOut: (answer?: CheckAnswer) => void;
  onMore: () => void;
}) {
  const [asking, setAsking] = useState(false);
  const left = item.at - minute;
  const loud = item.place === 'oven';
  return (
    <Box
      sx={{
        borderRadius: 2,
        border: '2px solid var(--zl-line)',
        bgcolor: 'var(--zl-card)',
        overflow: 'hidden',
        display: 'flex',
        minWidth: 0,
      }}
    >
      <Box aria-hidden sx={[{ width: 18, flex: '0 0 auto' }, placeBackground(item.place, item.celsius)]} />
      <Box sx={{ p: 1.75, flex: 1, minWidth: 0 }}>
        <Box sx={{ fontSize: 17 }}>
          <b>{item.title}</b> · {item.detail}
        </Box>
        <Box
          sx={{
            fontFamily: headingFont,
            fontWeight: 700,
            fontSize: 32,
            color: left <= 0 && loud ? 'var(--zl-missesText)' : 'inherit',
          }}
        >
          {left > 0 ? durationText(left) : item.running ? 'look now' : 'ready'}
        </Box>
        <Reminders list={item.reminders} minute={minute} time={time} />
        {item.running && !asking && (
          <BigButton kind="quiet" small disabled={busy} onClick={() => (item.check ? setAsking(true) : onOut())}>
            It is out
          </BigButton>
        )}
        {item.running && asking && item.check && (
          <CheckGate
            check={item.check}
            busy={busy}
            onHolds={onOut}
            onNotYet={() => {
              setAsking(false);
              onMore();
            }}
          />
        )}
      </Box>
    </Box>
  );
}
