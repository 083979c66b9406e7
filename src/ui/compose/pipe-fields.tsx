'use client';

import Box from '@mui/material/Box';
import { withAmount } from '@/core/compose/edits/blocks';
import type { AmountRule } from '@/core/design/amount-rule';
import { say } from '@/core/words/say';
import { Choice } from './choice';
import { NumberField } from './number-field';
import type { OfTake } from './touched-parts';

type PipedAs = 'rosettes' | 'line' | 'share' | 'rest';
const NAMES: Record<PipedAs, string> = {
  rosettes: say`rosettes, so far apart`,
  line: say`a line`,
  share: say`a share of its batch`,
  rest: say`the rest of its batch`,
};
/** What each begins with. */
const BEGINS: Record<PipedAs, AmountRule> = {
  rosettes: { rule: 'rosettes', spacing: 45, grams: 8 },
  line: { rule: 'border', nozzle: 'star 10 mm', where: 'top' },
  share: { rule: 'of the batch', amount: { share: 0.33 } },
  rest: { rule: 'of the batch', amount: 'rest' },
};

const pipedAs = (amount: AmountRule): PipedAs =>
  amount.rule === 'border'
    ? 'line'
    : amount.rule === 'of the batch'
      ? amount.amount === 'rest'
        ? 'rest'
        : 'share'
      : 'rosettes';

/** What is piped: so many rosettes, a line, or what a batch leaves for it. */
export function PipeFields({ amount, place, change }: OfTake & { amount: AmountRule }) {
  const set = (next: AmountRule) => change((d) => withAmount(d, place.block, place.take!, next));
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      <Choice
        label={say`Piped as`}
        value={pipedAs(amount)}
        options={(Object.keys(NAMES) as PipedAs[]).map((p) => [p, NAMES[p]])}
        onChoose={(p) => set(BEGINS[p])}
      />
      {amount.rule === 'of the batch' && typeof amount.amount === 'object' && 'share' in amount.amount && (
        <NumberField
          label={say`Share`}
          unit="%"
          value={amount.amount.share * 100}
          {...{ least: 1, most: 99, step: 1 }}
          onChange={(percent) => set({ rule: 'of the batch', amount: { share: percent / 100 } })}
        />
      )}
    </Box>
  );
}
