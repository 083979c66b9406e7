'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Instead } from '@/core/compose/instead';
import { say, terms } from '@/core/words/say';

/** What of the cake its eaters must not get, with what would do: one tap exchanges it in all places at once. */
export function Clashes({ found, onTake }: { found: readonly Instead[]; onTake: (role: string, id: string) => void }) {
  if (found.length === 0) return null;
  return (
    <Box role="alert" sx={{ mb: 2, p: 1.5, borderRadius: 2, border: '2px solid var(--zl-misses)' }}>
      <b>{say`The eaters must not get what is in it`}</b>
      {found.map((f) => (
        <Box key={f.role} sx={{ mt: 1 }}>
          <Box sx={{ color: 'var(--zl-missesText)' }}>
            ■ {f.label}: {terms(f.clashes)}
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 0.5 }}>
            {f.others.map((o) => (
              <Button
                key={o.id}
                size="small"
                variant="outlined"
                color="secondary"
                onClick={() => onTake(f.role, o.id)}
              >{say`${o.name} instead`}</Button>
            ))}
            {f.others.length === 0 && say`Nothing in the library could take its place: take it out.`}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
