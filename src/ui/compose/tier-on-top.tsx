'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { sizesOf } from '@/core/compose/sizes-of';
import { withTierOnTop } from '@/core/compose/edits/pieces';
import { formName } from '@/core/shape/form';
import { standsOn } from '@/core/shape/stacks';
import { say } from '@/core/words/say';
import type { TouchedProps } from './touched-parts';

/** One tier more on what stands there, in the sizes that there are tins for; nothing where none is smaller. */
export function TierOnTop({ design, kitchen, change }: Pick<TouchedProps, 'design' | 'kitchen' | 'change'>) {
  const upper = design.pieces.at(-1)!.form;
  const smaller = sizesOf(upper, kitchen).filter((f) => standsOn(f, upper));
  if (smaller.length === 0 || design.pieces.some((p) => p.madeOf)) return null;
  return (
    <TextField
      select
      size="small"
      label={say`A tier on top`}
      value=""
      onChange={(e) => {
        const form = smaller.find((f) => formName(f) === e.target.value)!;
        change((d) => withTierOnTop(d, form, kitchen.blocks));
      }}
    >
      {smaller.map((f) => (
        <MenuItem key={formName(f)} value={formName(f)}>
          {formName(f)}
        </MenuItem>
      ))}
    </TextField>
  );
}
