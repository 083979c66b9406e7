import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { OrderStatus } from '@/core/floor/order-status';
import { TONE_SHAPES, statusSentence, toneOf } from './status';

/** The honest answer to the customer, and what there is to say about it. */
export function AnswerBox({ status, children }: { status: OrderStatus; children: ReactNode }) {
  const tone = toneOf(status);
  return (
    <Box
      role="status"
      sx={{
        mb: 2,
        p: 1.5,
        borderRadius: 2,
        border: '1px solid var(--zl-line)',
        borderLeft: `6px solid var(--zl-${tone})`,
        bgcolor: 'var(--zl-card)',
      }}
    >
      <Box sx={{ fontSize: 17 }}>
        <Box component="span" aria-hidden sx={{ color: `var(--zl-${tone}Text)` }}>
          {TONE_SHAPES[tone]}
        </Box>{' '}
        <b>{statusSentence(status)}</b>
      </Box>
      {children}
    </Box>
  );
}
