'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { counted } from '@/core/measure/counted';
import type { CapacityAnswer, CapacityQuestion } from '@/server/orders/capacity';
import { canWeTakeAction } from '../actions';
import { TONE_SHAPES } from '../parts/status';
import { newOrderAddress } from './new-order-address';
import { TelephoneFields, useTelephone, type Telephone } from './telephone-fields';
import { KitchenLink } from '../kitchens/kitchen-link';

/** Typing that comes in a burst is asked once. Milliseconds. */
const QUIET = 150;
const TONES = { yes: 'holds', 'if others give way': 'tight', no: 'misses' } as const;

type Said = { of: string; answer: CapacityAnswer } | { of: string; problem: string };

/** "Can you do one more?", answered while the customer is on the telephone. */
export function CanWeTake({ firstPickup, zone }: { firstPickup: string; zone: string }) {
  const state = useTelephone(firstPickup);
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
      <TelephoneFields state={state} zone={zone} />
      <Box role="status" sx={{ mt: 1.5, minHeight: 62 }}>
        {now && 'problem' in now && <b>{now.problem}</b>}
        {now && 'answer' in now && state.question && (
          <Answer answer={now.answer} question={state.question} set={state.set} />
        )}
      </Box>
    </Box>
  );
}

function Answer({
  answer,
  question,
  set,
}: {
  answer: CapacityAnswer;
  question: CapacityQuestion;
  set: Telephone['set'];
}) {
  const tone = TONES[answer.fits];
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
          {[say`${answer.cake.text}: ${counted(answer.cake.portions, 'portion')}`, ...answer.others].join(' · ')}
          {answer.earliest && say` · the earliest, with nobody else moved: ${answer.earliest.text}`}
        </Box>
        {answer.instead.length > 0 && (
          <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', gap: 0.75, mt: 0.75, fontSize: 14 }}>
            {say`Or`}
            {answer.instead.map((o) => (
              <Button key={o.text} size="small" color="secondary" variant="outlined" onClick={() => set({ cake: o })}>
                {o.text}
              </Button>
            ))}
          </Box>
        )}
      </Box>
      {answer.fits === 'no' && answer.earliest && (
        <Button
          variant="outlined"
          color="secondary"
          onClick={() => set({ pickup: answer.earliest!.value })}
        >{say`Ask for the earliest`}</Button>
      )}
      <Button
        variant={answer.fits === 'no' ? 'outlined' : 'contained'}
        color={answer.fits === 'no' ? 'secondary' : 'primary'}
        component={KitchenLink}
        href={newOrderAddress(answer.cake, question)}
      >{say`Write the order`}</Button>
    </Box>
  );
}
