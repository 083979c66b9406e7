import Box from '@mui/material/Box';
import type { OrderStatus } from '@/core/floor/order-status';
import { TONE_SHAPES, statusText, toneOf } from './status';

/** How an order stands: shape, colour and words. */
export function StatusMark({ status }: { status: OrderStatus }) {
  const tone = toneOf(status);
  return (
    <Box component="span" sx={{ color: `var(--zl-${tone}Text)`, fontWeight: 700, whiteSpace: 'nowrap' }}>
      <span aria-hidden>{TONE_SHAPES[tone]}</span> {statusText(status)}
    </Box>
  );
}
