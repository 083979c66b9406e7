import { durationText } from '@/core/time/duration-text';
import type { OrderStatus } from '@/core/floor/order-status';

export type Tone = 'holds' | 'tight' | 'misses';

/** Never by colour alone: each state has its shape. */
export const TONE_SHAPES: Record<Tone, string> = { holds: '●', tight: '▲', misses: '■' };

export function toneOf(status: OrderStatus): Tone {
  return status.state === 'ready' ? 'holds' : status.state;
}

/** "holds · 18 h", "tight · 25 min", "misses · 5 h 40", "ready" */
export function statusText(status: OrderStatus): string {
  if (status.state === 'ready') return 'ready';
  if (status.state === 'misses') return status.late > 0 ? `misses · ${durationText(status.late)}` : 'not planned';
  return status.spare === null ? status.state : `${status.state} · ${durationText(status.spare)}`;
}

/** The honest answer to the customer. */
export function statusSentence(status: OrderStatus): string {
  if (status.state === 'ready') return 'It is ready.';
  if (status.state === 'misses')
    return status.late > 0
      ? `Cannot be ready: it would be ${durationText(status.late)} late.`
      : (status.reason ?? 'Cannot be made.');
  if (status.spare === null) return 'Will be ready.';
  return `Can be ready with ${durationText(status.spare)} to spare.`;
}
