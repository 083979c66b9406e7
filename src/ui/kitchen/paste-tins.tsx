'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import { addTinsAction } from '../actions';
import type { MouldTyping } from '@/core/kitchen/read-mould';
import { useOpenForm } from '../parts/open-forms';
import { showAgain } from '../parts/show-again';
import { TinsUnderstood } from './tins-understood';

const LOST = say`The server did not answer. What you typed is still here: try again.`;

const IN_CENTIMETRES = 'round 24, 7 deep, 6 of them\nring 18, 4 of them\nsheet 60 x 40, 6 of them';
const IN_INCHES = 'round 9, 3 deep, 6 of them\nring 7, 4 of them\nsheet 18 x 13, 6 of them';

/** Tins typed or pasted in plain words, one a line. What cannot be read is named by its line, and nothing of it is lost. */
export function PasteTins({ typing }: { typing: MouldTyping }) {
  const router = useRouter();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [lines, setLines] = useState<Record<string, string>>({});
  const [busy, start] = useTransition();
  const send = async () => {
    setProblem(null);
    setLines({});
    try {
      const result = await addTinsAction(text);
      if (result.ok) {
        setText('');
        showAgain(router);
        return true;
      }
      setProblem(result.message);
      setLines(result.fields ?? {});
    } catch {
      setProblem(LOST);
    }
    return false;
  };
  const add = () => start(async () => void (await send()));
  useOpenForm(text.trim() !== '', send);
  return (
    <Box component="section" aria-label={say`Tins in words`} sx={{ mt: 3, maxWidth: 620 }}>
      <TextField
        label={say`Tins in plain words, one a line`}
        placeholder={typing.length === 'in' ? IN_INCHES : IN_CENTIMETRES}
        value={text}
        onChange={(e) => setText(e.target.value)}
        multiline
        minRows={3}
        error={problem !== null}
        helperText={problem ?? say`A list out of a table can be pasted as it is.`}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      <TinsUnderstood text={text} typing={typing} />
      <ul style={{ margin: '4px 0', color: 'var(--zl-missesText)' }}>
        {Object.entries(lines).map(([line, message]) => (
          <li key={line}>{say`Line ${line}: ${message}`}</li>
        ))}
      </ul>
      <Button variant="outlined" color="secondary" disabled={busy || text.trim() === ''} onClick={add}>
        {say`Add them`}
      </Button>
    </Box>
  );
}
