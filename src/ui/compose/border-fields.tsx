'use client';

import Box from '@mui/material/Box';
import type { Kitchen } from '@/core/breakdown/kitchen';
import { withAmount } from '@/core/compose/edits/blocks';
import type { AmountRule } from '@/core/design/amount-rule';
import { say } from '@/core/words/say';
import { Choice } from './choice';
import type { OfTake } from './touched-parts';

type Border = Extract<AmountRule, { rule: 'border' }>;
const BORDERS: Record<Border['where'], string> = {
  top: say`around the rim`,
  foot: say`around the foot`,
  both: say`around rim and foot`,
};

/** A piped line: where it runs, and by which nozzle. */
export function BorderFields({ border, place, kitchen, change }: OfTake & { border: Border; kitchen: Kitchen }) {
  const set = (next: Border) => change((d) => withAmount(d, place.block, place.take!, next));
  const nozzles = [...new Set([border.nozzle, ...Object.keys(kitchen.coefficients.nozzles)])];
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      <Choice
        label={say`Where it lies`}
        value={border.where}
        options={(['top', 'foot', 'both'] as const).map((w) => [w, BORDERS[w]])}
        onChoose={(where) => set({ ...border, where })}
      />
      <Choice
        label={say`Nozzle`}
        value={border.nozzle}
        options={nozzles.map((n) => [n, n])}
        onChoose={(nozzle) => set({ ...border, nozzle })}
      />
    </Box>
  );
}
