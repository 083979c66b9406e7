'use client';

import { say } from '@/core/words/say';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState, useTransition } from 'react';
import type { ReportLine } from '@/core/exchange/foreign-recipe';
import type { FormulaForm } from '@/core/input/formula-input';
import { readRecipeFileAction } from '../actions';
import type { Country } from '@/core/measure/units';

const LOST = say`The server did not answer. What you typed is still here: try again.`;
const EXAMPLE = 'Plum filling\n900 g plums\n250 g sugar\nCook 35 min. Cool 1 h. Chill 4 h in the fridge.';

interface TypedDraftProps {
  /** Whose cups the kitchen has. */
  cups: Country;
  onRead: (form: FormulaForm, report: ReportLine[]) => void;
  /** Nothing is made: it is only weighed. */
  onBought: () => void;
}

/** A formula typed or pasted as text: read into the form below, where all of it can be looked at and mended. */
export function TypedDraft({ cups, onRead, onBought }: TypedDraftProps) {
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const read = () =>
    start(async () => {
      setProblem(null);
      try {
        const answer = await readRecipeFileAction(say`New formula`, text, cups);
        const first = answer.ok ? answer.recipes[0] : undefined;
        if (first) onRead(first.form, first.report);
        else setProblem(answer.ok ? say`Nothing in it could be read.` : answer.message);
      } catch {
        setProblem(LOST);
      }
    });
  return (
    <Box component="section" aria-label={say`As text`} sx={{ display: 'grid', gap: 1, maxWidth: 720 }}>
      <TextField
        label={say`Type or paste it as text: name, amounts, steps`}
        placeholder={EXAMPLE}
        value={text}
        onChange={(e) => setText(e.target.value)}
        multiline
        minRows={4}
        maxRows={14}
        error={problem !== null}
        helperText={problem ?? say`Or fill in the fields below.`}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      <Box>
        <Button variant="outlined" color="secondary" disabled={busy || text.trim() === ''} onClick={read}>
          {busy ? say`Reading…` : say`Read it into the fields`}
        </Button>{' '}
        <Button color="secondary" onClick={onBought}>
          {say`It is bought and goes in as it is`}
        </Button>
      </Box>
      {problem && <Alert severity="error">{problem}</Alert>}
    </Box>
  );
}
