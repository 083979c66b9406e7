'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { addStarterSetAction } from '../actions';
import { useAction } from '../parts/use-action';

/** Sets that many kitchens have: one tap, then edited. */
export function StarterSets({ sets }: { sets: readonly { key: string; name: string }[] }) {
  const action = useAction();
  if (sets.length === 0) return null;
  return (
    <Box component="section" aria-label={say`To begin with`} sx={{ mb: 2 }}>
      <Box sx={{ color: 'var(--zl-muted)', mb: 0.5 }}>{say`One tap, then change what is different here:`}</Box>
      <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap' }}>
        {sets.map((s) => (
          <button
            key={s.key}
            type="button"
            className="zl-button"
            disabled={action.busy}
            onClick={() => action.run(() => addStarterSetAction(s.key))}
          >
            + {s.name}
          </button>
        ))}
      </Box>
      {action.message}
    </Box>
  );
}
