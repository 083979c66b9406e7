'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { useState } from 'react';
import { timeOf, type Clock } from '@/core/time/clock';
import type { Correction } from '@/server/bench/corrections';
import type { ToldLine } from '@/server/bench/told-view';
import { correctToldAction, whatFollowsAction } from '../actions';
import { useAction } from '../parts/use-action';
import { ClockField } from '../parts/when-fields';
import { BigButton } from '../parts/big-button';

interface PutRightProps {
  line: ToldLine;
  clock: Clock;
  minute: number;
  onClose: () => void;
}

/** Another time for what was told, or none: first what follows from it, then it is done. */
export function PutRight({ line, clock, minute, onClose }: PutRightProps) {
  const action = useAction();
  const [at, setAt] = useState<string | null>(timeOf(line.minute, clock).toISO());
  const [problem, setProblem] = useState<string | undefined>();
  const [looked, setLooked] = useState<{ wanted: Correction; follows: string[] } | null>(null);
  const look = (when: string | null) =>
    action.run(async () => {
      const wanted = { event: line.event, when };
      const result = await whatFollowsAction(wanted);
      setProblem(result.ok ? undefined : (result.fields?.when ?? undefined));
      setLooked(result.ok ? { wanted, follows: result.follows } : null);
      return result.ok || result.fields?.when ? { ok: true } : result;
    });
  const doIt = () =>
    action.run(async () => {
      const result = await correctToldAction({ ...looked!.wanted, sure: true });
      if (result.ok) onClose();
      return result;
    });
  return (
    <Box sx={{ mt: 1.5, p: 2, border: '3px solid var(--zl-ink)', borderRadius: 2, bgcolor: 'var(--zl-card)' }}>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        {line.timed && (
          <>
            <ClockField
              label={line.what === 'begun' ? say`It began at` : say`It was done at`}
              clock={clock}
              minute={minute}
              value={at}
              onChange={(instant) => {
                setAt(instant);
                setLooked(null);
                setProblem(undefined);
              }}
              error={problem}
            />
            <BigButton
              kind="quiet"
              small
              disabled={action.busy || at === null}
              onClick={() => look(at)}
            >{say`It was then`}</BigButton>
          </>
        )}
        <BigButton kind="quiet" small disabled={action.busy} onClick={() => look(null)}>{say`It never was`}</BigButton>
        <BigButton kind="quiet" small disabled={action.busy} onClick={onClose}>{say`Leave it`}</BigButton>
      </Box>
      {looked && (
        <Box role="status" sx={{ mt: 2 }}>
          <Box sx={{ fontWeight: 700 }}>
            {looked.wanted.when === null ? say`Taken back, this follows` : say`Put right, this follows`}
          </Box>
          <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 3 }}>
            {looked.follows.map((f) => (
              <li key={f}>{f}</li>
            ))}
          </Box>
          <Box sx={{ mt: 1.5 }}>
            <BigButton kind="main" small disabled={action.busy} onClick={doIt}>
              {looked.wanted.when === null ? say`Take it back` : say`Put it right`}
            </BigButton>
          </Box>
        </Box>
      )}
      {action.message}
    </Box>
  );
}
