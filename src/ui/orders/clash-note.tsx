'use client';

import { say, terms } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { OrderForm } from '@/core/input/order-input';
import type { BuildChoice } from '@/server/builds/build-choices';
import { buildsWithout, clashWays } from './clash-ways';

/** Other builds that are named. */
const NAMED = 4;

interface ClashNoteProps {
  build: BuildChoice;
  /** Builds that could take its place. */
  builds: BuildChoice[];
  values: Pick<OrderForm, 'swaps' | 'choices' | 'without' | 'avoid'>;
  set: (change: Pick<Partial<OrderForm>, 'swaps' | 'without'>) => void;
}

/** What of a build its eaters must not get, part by part, each with what would do; nothing where all is well. */
export function ClashNote({ build, builds, values, set }: ClashNoteProps) {
  const ways = clashWays(build, values);
  if (ways.length === 0) return null;
  const free = buildsWithout(builds, values.avoid).filter((b) => b.id !== build.id);
  return (
    <Box
      role="alert"
      sx={{ border: '2px solid var(--zl-misses)', borderRadius: 2, p: 1.5, mb: 1.5, bgcolor: 'var(--zl-card)' }}
    >
      <b>
        {build.name} {say`brings what its eaters must not get. Choose for`}{' '}
        {ways.length === 1 ? say`this part` : say`each part`}:
      </b>
      {ways.map((w) => (
        <Box key={w.role} sx={{ mt: 1 }}>
          {w.label}
          {say`: contains`} {terms(w.allergens)}.
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 0.5 }}>
            {w.others.map((o) => (
              <Button
                key={o.id}
                size="small"
                variant="outlined"
                color="secondary"
                onClick={() => set({ swaps: { ...values.swaps, [w.role]: o.id } })}
              >
                {o.name} {say`instead`}
              </Button>
            ))}
            {w.optional && (
              <Button
                size="small"
                variant="outlined"
                color="secondary"
                onClick={() => set({ without: [...values.without, w.role] })}
              >{say`Leave it out`}</Button>
            )}
            {w.others.length === 0 && !w.optional && say`Nothing in the library can take its place without it.`}
          </Box>
        </Box>
      ))}
      {free.length > 0 && (
        <Box sx={{ mt: 1, color: 'var(--zl-muted)' }}>
          {say`Or another build:`}{' '}
          {free
            .slice(0, NAMED)
            .map((b) => b.name)
            .join(', ')}
          {free.length > NAMED ? say` and ${free.length - NAMED} more` : ''}.
        </Box>
      )}
    </Box>
  );
}
