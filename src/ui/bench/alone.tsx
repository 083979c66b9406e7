'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { useState } from 'react';
import type { CheckAnswer } from '@/core/floor/check-answer';
import { durationText } from '@/core/time/duration-text';
import type { AloneView } from '@/server/bench/bench-reader';
import { placeLook } from '../ladder/places';
import { headingFont } from '../theme/theme';
import { BigButton } from '../parts/big-button';
import { CheckGate } from './check-gate';
import { NotYet } from './not-yet';
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
        {...placeLook(item.place, item.celsius)}
        sx={{ width: 14, alignSelf: 'stretch', borderRadius: 1, flex: '0 0 auto' }}
      />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Box sx={{ fontWeight: 700, fontSize: 22 }}>{item.detail.split(' · ')[0]}</Box>
        <Box sx={{ color: 'var(--zl-muted)', fontSize: 17 }}>
          {item.title} {say`· planned`} {time(item.at)}
        </Box>
      </Box>
      <BigButton kind="main" small disabled={busy} onClick={onStart}>{say`It is in`}</BigButton>
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
  onMore: (minutes: number) => void;
}) {
  const [asking, setAsking] = useState<'check' | 'minutes' | null>(null);
  // What runs is looked at after its shortest time; what cools or sets is ready when its time is over.
  const left = (item.running?.look ?? item.at) - minute;
  const over = item.running !== null && minute > item.running.due;
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
      <Box aria-hidden {...placeLook(item.place, item.celsius)} sx={{ width: 18, flex: '0 0 auto' }} />
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
          {left > 0 ? durationText(left) : item.running ? say`look now` : 'ready'}
        </Box>
        {item.running && (
          <Box sx={{ color: 'var(--zl-muted)', fontSize: 17 }}>
            {say`in since`} {time(item.running.since)},{' '}
            {over ? say`${durationText(minute - item.running.due)} over` : say`likely until ${time(item.running.due)}`}
          </Box>
        )}
        <Reminders list={item.reminders} minute={minute} time={time} />
        {item.running && asking === null && (
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.25, mt: 1 }}>
            <BigButton
              kind="quiet"
              small
              disabled={busy}
              onClick={() => (item.check ? setAsking('check') : onOut())}
            >{say`It is out`}</BigButton>
            <BigButton
              kind="quiet"
              small
              disabled={busy}
              onClick={() => setAsking('minutes')}
            >{say`Not yet`}</BigButton>
          </Box>
        )}
        {item.running && asking === 'minutes' && (
          <NotYet
            busy={busy}
            onMinutes={(minutes) => {
              setAsking(null);
              onMore(minutes);
            }}
            onCancel={() => setAsking(null)}
          />
        )}
        {item.running && asking === 'check' && item.check && (
          <CheckGate check={item.check} busy={busy} onHolds={onOut} onNotYet={() => setAsking('minutes')} />
        )}
      </Box>
    </Box>
  );
}
