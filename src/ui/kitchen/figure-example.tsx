'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useEffect, useState } from 'react';
import { tryFiguresAction } from '../actions';

/** Nobody types faster than this on purpose. ms. */
const PAUSE = 300;
/** So many changes are told; the others are like them. */
const SHOWN = 8;

/** What the figures that were typed change on one cake, before they are saved. */
export function FigureExample({
  builds,
  figures,
}: {
  builds: readonly { id: string; name: string }[];
  figures: Record<string, number>;
}) {
  const [build, setBuild] = useState('');
  const [told, setTold] = useState<{ asked: string; example: string; changes: string[] } | null>(null);
  const asked = JSON.stringify([build, figures]);
  const sound = Object.values(figures).every(Number.isFinite);
  const some = Object.keys(figures).length > 0;
  useEffect(() => {
    if (!some || !sound) return;
    let current = true;
    const timer = setTimeout(() => {
      tryFiguresAction(build === '' ? null : build, figures).then(
        (answer) => {
          if (!current) return;
          const nothing = { example: '', changes: answer.ok ? [] : [answer.message] };
          setTold({ asked, ...(answer.ok ? { example: answer.example, changes: answer.changes } : nothing) });
        },
        // Saving will say that nobody answers.
        () => undefined,
      );
    }, PAUSE);
    return () => {
      current = false;
      clearTimeout(timer);
    };
    // `asked` holds both of what is asked.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [asked]);
  if (builds.length === 0) return null;
  const now = some && sound && told?.asked === asked ? told : null;
  return (
    <Box
      component="section"
      aria-label={say`On an example`}
      sx={{
        ...{ display: 'grid', gap: { xs: 0.5, sm: 2 }, gridTemplateColumns: { xs: '1fr', sm: '260px 1fr' }, mt: 1 },
        ...{ alignItems: 'start', maxHeight: '30vh', overflow: 'auto', pt: 0.75 },
      }}
    >
      <TextField
        select
        label={say`What they change on`}
        value={build}
        onChange={(e) => setBuild(e.target.value)}
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      >
        <MenuItem value="">{say`the first cake that they change`}</MenuItem>
        {builds.map((b) => (
          <MenuItem key={b.id} value={b.id}>
            {b.name}
          </MenuItem>
        ))}
      </TextField>
      <Box role="status" sx={{ minHeight: 44 }}>
        {!some ? (
          <span
            style={{ color: 'var(--zl-muted)' }}
          >{say`Type another figure below: here stands what it changes.`}</span>
        ) : now === null ? (
          <span style={{ color: 'var(--zl-muted)' }}>{sound ? say`Looking…` : say`A figure is no number yet.`}</span>
        ) : now.changes.length === 0 ? (
          <span>{say`Nothing of ${now.example}.`}</span>
        ) : (
          <>
            {now.example && <b>{now.example}</b>}
            <ul style={{ margin: 0, paddingLeft: 18 }}>
              {now.changes.slice(0, SHOWN).map((c) => (
                <li key={c}>{c}</li>
              ))}
            </ul>
            {now.changes.length > SHOWN && <span>{say`and ${now.changes.length - SHOWN} more`}</span>}
          </>
        )}
      </Box>
    </Box>
  );
}
