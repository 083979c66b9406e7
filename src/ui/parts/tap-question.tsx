'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import { useState } from 'react';
import { timeOf, type Clock } from '@/core/time/clock';
import type { Told } from '@/server/bench/floor';
import type { Asks } from '@/server/shared/result';
import { ClockField } from './when-fields';
import { BENCH_FIELD } from './bench-field';
import { BigButton } from './big-button';

const REASONS = [say`Looks and smells as it should`, say`Brought back by hand`, say`The lead has seen it`];

interface TapQuestionProps {
  asks: Asks;
  message: string;
  /** What happens if it is so: "Begin it". */
  yes: string;
  /** What is wrong with the time that was answered. */
  problem: string | null;
  clock: Clock;
  minute: number;
  busy: boolean;
  onAnswer: (told: Told) => void;
  onNo: () => void;
}

/** What the kitchen asks back before a tap counts: large, and nothing has happened until it is answered. */
export function TapQuestion({ asks, message, yes, problem, clock, minute, busy, onAnswer, onNo }: TapQuestionProps) {
  const [why, setWhy] = useState('');
  const [at, setAt] = useState<string | null>(timeOf(minute, clock).toISO());
  const [other, setOther] = useState(false);
  return (
    <Dialog open onClose={onNo} aria-labelledby="tap-question" slotProps={{ paper: { sx: { p: 3, fontSize: 20 } } }}>
      <Box id="tap-question" sx={{ fontWeight: 700 }}>
        {message}
      </Box>
      {asks === 'why' && !other && (
        <>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 2 }}>
            {REASONS.map((r) => (
              <BigButton key={r} kind={why === r ? 'main' : 'quiet'} small onClick={() => setWhy(r)}>
                {r}
              </BigButton>
            ))}
          </Box>
          <Box component="label" sx={{ display: 'block', mt: 2 }}>
            {say`Why`}
            <Box
              component="input"
              value={why}
              maxLength={300}
              onChange={(e: React.ChangeEvent<HTMLInputElement>) => setWhy(e.target.value)}
              sx={{
                display: 'block',
                width: '100%',
                ...BENCH_FIELD,
              }}
            />
          </Box>
        </>
      )}
      {other && (
        <Box sx={{ mt: 2 }}>
          <ClockField
            label={say`It was at`}
            clock={clock}
            minute={minute}
            value={at}
            onChange={setAt}
            error={problem ?? undefined}
          />
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1.5, mt: 2.5, flexWrap: 'wrap' }}>
        {asks !== 'sure' && !other && (
          <BigButton kind="quiet" small disabled={busy} onClick={() => setOther(true)}>
            {asks === 'why' ? say`It was done before` : say`At another time`}
          </BigButton>
        )}
        {other ? (
          <BigButton
            kind="main"
            small
            disabled={busy || at === null}
            onClick={() => onAnswer(asks === 'why' ? { when: at! } : { when: at!, sure: true })}
          >
            {yes}
            {say`, at this time`}
          </BigButton>
        ) : (
          <BigButton
            kind="main"
            small
            disabled={busy || (asks === 'why' && why.trim() === '')}
            onClick={() => onAnswer(asks === 'why' ? { why } : { sure: true })}
          >
            {asks === 'why' ? say`Use it anyway` : say`Yes: ${yes.toLowerCase()}`}
          </BigButton>
        )}
        <BigButton kind="quiet" small disabled={busy} onClick={onNo}>{say`No`}</BigButton>
      </Box>
    </Dialog>
  );
}
