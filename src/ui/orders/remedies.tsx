'use client';

import { say } from '@/core/words/say';
import { NotAnsweredNote } from '../asking/not-answered';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { takeOverAction } from '../actions';
import { useAction } from '../parts/use-action';
import { useHelp } from '../parts/use-help';

/** Why an order cannot be ready, and what would help: tried on a copy of the plan, one tap to take its plan over. */
export function Remedies({ order, plan }: { order: number; plan: number }) {
  const asked = useHelp(order, plan);
  const help = asked.answer;
  const take = useAction();
  if (asked.problem !== null) return <NotAnsweredNote asked={asked} what={say`What would help could not be tried`} />;
  if (!help)
    return <LinearProgress aria-label={say`Trying remedies on a copy of the plan`} sx={{ my: 1, maxWidth: 560 }} />;
  const helps = help.remedies.some((r) => r.works);
  return (
    <Box id="help" sx={{ mt: 1, scrollMarginTop: 80 }}>
      {help.blockers.length > 0 && (
        <Box sx={{ mb: 1 }}>
          {say`Kept from its pickup by`} <b>{help.blockers.join(', ')}</b>
          {help.blockers.length > 1
            ? say`: together they leave it no place in time.`
            : say`, which leaves it no place in time.`}
        </Box>
      )}
      {!help.alone && <Box sx={{ mb: 1 }}>{say`It could not be on time even if nothing else were made.`}</Box>}
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        {helps ? say`What makes it on time` : say`What would help`}
      </Box>
      {!helps && (
        <p>
          {say`Nothing that was tried makes it on time`}
          {help.remedies.length > 0 ? say` without making another late. These come nearest:` : '.'}
        </p>
      )}
      {help.remedies.map((r) => (
        <Box key={r.trial} sx={{ display: 'flex', alignItems: 'center', gap: 1.5, py: 0.5 }}>
          <Box sx={{ flex: 1 }}>
            <b>{r.label}</b>{' '}
            <Box component="span" sx={{ color: r.works ? 'var(--zl-holdsText)' : 'var(--zl-muted)' }}>
              → {r.outcome}
            </Box>
          </Box>
          <Button
            variant={r.works ? 'contained' : 'outlined'}
            color={r.works ? 'primary' : 'secondary'}
            size="small"
            disabled={take.busy}
            aria-label={say`Do this: ${r.label}`}
            onClick={() => take.run(() => takeOverAction(r.trial))}
          >{say`Do this`}</Button>
        </Box>
      ))}
      {help.chain.length > 0 && (
        <>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mt: 1.5, mb: 0.5 }}>{say`Why not earlier`}</Box>
          <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
            {help.chain.map((c) => (
              <li key={c}>{c}</li>
            ))}
          </Box>
        </>
      )}
      {take.message}
    </Box>
  );
}
