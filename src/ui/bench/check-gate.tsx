'use client';

import { say } from '@/core/words/say';
import { checkKind } from '@/core/kinds/checks';
import Box from '@mui/material/Box';
import { useState } from 'react';
import { checkProblem, goneTooFar, type CheckAnswer } from '@/core/floor/check-answer';
import { readNumber } from '@/core/measure/parse-number';
import type { Check } from '@/core/formula/formula';
import { BENCH_FIELD } from '../parts/bench-field';
import { BigButton } from '../parts/big-button';

interface CheckGateProps {
  check: Check;
  busy: boolean;
  onHolds: (answer: CheckAnswer) => void;
  onNotYet: () => void;
}

/** Asks what must hold before a step is done: yes, with the number where one is read; or not yet, and what helps. */
export function CheckGate({ check, busy, onHolds, onNotYet }: CheckGateProps) {
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  /** The reading that went too far, and was asked for a second time. */
  const [lookedAt, setLookedAt] = useState<number | null>(null);
  const [why, setWhy] = useState('');
  const { unit } = checkKind(check.kind);
  const yes = () => {
    const below = /^\s*[-−]/.test(typed);
    const read = readNumber(typed.replace(/[-−]/, ''));
    if (check.limit !== undefined && read.is === 'either') {
      setProblem(say`Is it ${read.values.join(' or ')}? Type it without what sets thousands apart.`);
      return;
    }
    const answer: CheckAnswer =
      check.limit === undefined
        ? { holds: true }
        : { holds: true, value: read.is === 'number' ? (below ? -read.value : read.value) : NaN };
    const tooFar = goneTooFar(check, answer);
    // The same reading twice is a second look; what is used all the same is used for a reason.
    const again = tooFar && lookedAt === answer.value;
    const told: CheckAnswer = again ? { ...answer, why } : answer;
    const shut =
      again && !why.trim() ? say`Say why it is used all the same: whoever leads reads it.` : checkProblem(check, told);
    setProblem(shut);
    setLookedAt(tooFar ? answer.value! : null);
    if (!shut) onHolds(told);
  };
  return (
    <Box
      role="group"
      aria-label={say`Check before it is done`}
      sx={{ border: '3px solid var(--zl-ink)', borderRadius: 2, p: 2, mt: 2, bgcolor: 'var(--zl-card)' }}
    >
      <Box sx={{ fontWeight: 700, fontSize: 24 }}>{check.text}?</Box>
      {check.limit !== undefined && (
        <Box component="label" sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mt: 1.5 }}>
          {say`It reads`}
          <Box
            component="input"
            inputMode="decimal"
            value={typed}
            onChange={(e: React.ChangeEvent<HTMLInputElement>) => {
              setTyped(e.target.value);
              setLookedAt(null);
            }}
            sx={{ ...BENCH_FIELD, width: 120, fontSize: 28 }}
          />
          {unit}
        </Box>
      )}
      {lookedAt !== null && (
        <Box component="label" sx={{ display: 'block', mt: 1.5 }}>
          {say`Why is it used?`}
          <Box
            component="input"
            value={why}
            maxLength={300}
            onChange={(e: React.ChangeEvent<HTMLInputElement>) => setWhy(e.target.value)}
            sx={{ ...BENCH_FIELD, display: 'block', width: '100%', mt: 0.75 }}
          />
        </Box>
      )}
      {problem && (
        <Box role="alert" sx={{ mt: 1.5, fontWeight: 700, color: 'var(--zl-missesText)' }}>
          {problem}
        </Box>
      )}
      {lookedAt !== null && check.beyond ? (
        <Box sx={{ mt: 1 }}>{check.beyond}</Box>
      ) : (
        <Box sx={{ mt: 1, color: 'var(--zl-muted)', fontSize: 17 }}>
          {say`If not:`} {check.otherwise}
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1.75, mt: 1.75, flexWrap: 'wrap' }}>
        <BigButton kind="main" disabled={busy} onClick={yes}>
          {lookedAt === null ? say`Yes, done` : say`It reads so: use it all the same`}
        </BigButton>
        <BigButton kind="quiet" disabled={busy} onClick={onNotYet}>{say`Not yet`}</BigButton>
      </Box>
    </Box>
  );
}
