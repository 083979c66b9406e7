'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import type { CapacityAnswer, CapacityQuestion } from '@/server/orders/capacity';
import { canWeTakeAction } from '../actions';
import { TONE_SHAPES } from '../parts/status';
import { OneMoreFields, useOneMore } from './one-more-fields';
import { KitchenLink } from '../kitchens/kitchen-link';

/** Typing that comes in a burst is asked once. Milliseconds. */
const QUIET = 150;
const TONES = { yes: 'holds', 'if others give way': 'tight', no: 'misses' } as const;

type Said = { of: string; answer: CapacityAnswer } | { of: string; problem: string };

/** "Can you do one more?", answered while the customer is on the telephone. */
export function CanWeTake({ firstPickup, zone }: { firstPickup: string; zone: string }) {
  const state = useOneMore(firstPickup, zone);
  const [said, setSaid] = useState<Said | null>(null);
  const asked = state.question && JSON.stringify(state.question);
  useEffect(() => {
    if (!asked) return;
    let gone = false;
    const timer = setTimeout(() => {
      canWeTakeAction(JSON.parse(asked) as CapacityQuestion)
        .then((r) => !gone && setSaid(r.ok ? { of: asked, answer: r.answer } : { of: asked, problem: r.message }))
        .catch(() => !gone && setSaid({ of: asked, problem: say`The server did not answer.` }));
    }, QUIET);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [asked]);
  const now = said?.of === asked ? said : null;
  return (
    <Box
      component="section"
      id="one-more"
      aria-label={say`Can we take one more?`}
      sx={{ mb: 3, p: 2, border: '1px solid var(--zl-line)', borderRadius: 2, bgcolor: 'var(--zl-card)' }}
    >
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1.25 }}>{say`Can we take one more?`}</Box>
      <Box
        sx={{
          display: 'grid',
          gap: 1.25,
          gridTemplateColumns: { xs: '1fr', sm: 'minmax(160px, 1.2fr) 100px minmax(240px, 1fr)' },
          maxWidth: 640,
        }}
      >
        <OneMoreFields state={state} />
      </Box>
      <Box role="status" sx={{ mt: 1.5, minHeight: 62 }}>
        {now && 'problem' in now && <b>{now.problem}</b>}
        {now && 'answer' in now && state.question && (
          <Answer answer={now.answer} question={state.question} onTakeEarliest={(pickup) => state.set({ pickup })} />
        )}
      </Box>
    </Box>
  );
}

function Answer({
  answer,
  question,
  onTakeEarliest,
}: {
  answer: CapacityAnswer;
  question: CapacityQuestion;
  onTakeEarliest: (pickup: string) => void;
}) {
  const tone = TONES[answer.fits];
  const order = new URLSearchParams({ ...question, portions: `${question.portions}`, size: answer.tiers });
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', gap: 1.5 }}>
      <Box sx={{ flex: '1 1 360px' }}>
        <Box sx={{ fontSize: 17 }}>
          <Box component="span" aria-hidden sx={{ color: `var(--zl-${tone}Text)` }}>
            {TONE_SHAPES[tone]}
          </Box>{' '}
          <b>{answer.sentence}</b>
        </Box>
        <Box sx={{ color: 'var(--zl-muted)', fontSize: 14 }}>
          {[answer.size, ...answer.others].join(' · ')}
          {answer.earliest && say` · the earliest, with nobody else moved: ${answer.earliest.text}`}
        </Box>
      </Box>
      {answer.fits === 'no' && answer.earliest && (
        <Button
          variant="outlined"
          color="secondary"
          onClick={() => onTakeEarliest(answer.earliest!.value)}
        >{say`Ask for the earliest`}</Button>
      )}
      <Button
        variant={answer.fits === 'no' ? 'outlined' : 'contained'}
        color={answer.fits === 'no' ? 'secondary' : 'primary'}
        component={KitchenLink}
        href={`/orders/new?${order}`}
      >{say`Write the order`}</Button>
    </Box>
  );
}
