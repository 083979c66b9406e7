'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, useTransition } from 'react';
import type { KitchenView } from '@/server/kitchen/kitchen-settings';
import type { TriedChoices } from '@/server/kitchen/try-choices';
import { tryChoicesAction } from '../actions';
import { ChoiceCard } from '../parts/choice-card';
import { ChoiceGroup } from '../parts/choice-group';
import { triedWords } from './tried-words';

interface SchoolQuestionProps {
  school: KitchenView['schools'][number];
  disabled: boolean;
  onChoose: (choice: string) => void;
}

/** A question on which good bakers differ, with its answers. Of those about the plan it can be tried what each would do to the plan of today. */
export function SchoolQuestion({ school: s, disabled, onChoose }: SchoolQuestionProps) {
  const [tried, setTried] = useState<TriedChoices | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const tryAll = () =>
    start(async () => {
      setProblem(null);
      try {
        const answer = await tryChoicesAction(s.key);
        if (answer.ok) setTried(answer);
        else setProblem(answer.message);
      } catch {
        setProblem(say`The server did not answer. Try again.`);
      }
    });
  return (
    <Box sx={{ mb: 1.5 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', columnGap: 2, mb: 0.5 }}>
        <Box sx={{ color: 'var(--zl-muted)' }}>{s.question}</Box>
        {s.ofPlan && (
          <Button size="small" color="secondary" disabled={busy} onClick={tryAll}>
            {busy ? say`Planning each on a copy…` : say`What would each do to today’s plan?`}
          </Button>
        )}
        {problem && (
          <Box role="alert" sx={{ color: 'var(--zl-missesText)' }}>
            {problem}
          </Box>
        )}
      </Box>
      <ChoiceGroup
        label={s.question}
        arrowsChoose={false}
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: 'repeat(auto-fit, minmax(260px, 1fr))' },
          gap: 1,
        }}
      >
        {s.choices.map((c) => (
          <ChoiceCard
            key={c.key}
            chosen={c.key === s.chosen}
            label={c.name}
            disabled={disabled}
            onChoose={() => onChoose(c.key)}
          >
            <b>{c.name}</b>
            <Box sx={{ fontSize: 13.5, color: 'var(--zl-muted)' }}>{c.effect}</Box>
            {tried && <Box sx={{ fontSize: 13.5, mt: 0.5 }}>{triedWords(tried, c.key, s.chosen)}</Box>}
          </ChoiceCard>
        ))}
      </ChoiceGroup>
    </Box>
  );
}
