import { say } from '@/core/words/say';
import { durationText } from '@/core/time/duration-text';
import type { OrderStatus } from '@/core/floor/order-status';

export type Tone = 'holds' | 'tight' | 'misses';

/** Never by colour alone: each state has its shape. */
export const TONE_SHAPES: Record<Tone, string> = { holds: '●', tight: '▲', misses: '■' };

export function toneOf(status: OrderStatus): Tone {
  return status.state === 'ready' ? 'holds' : status.state;
}

/** "18 h to spare", "late 5 h 40", "ready" */
export function statusText(status: OrderStatus): string {
  if (status.state === 'ready') return 'ready';
  if (status.state === 'misses') return status.late > 0 ? say`late ${durationText(status.late)}` : say`not planned`;
  if (status.overdue) return say`overdue ${durationText(status.overdue.minutes)}`;
  return status.spare === null ? say`in time` : say`${durationText(status.spare)} to spare`;
}

/** The honest answer to the customer. */
export function statusSentence(status: OrderStatus): string {
  if (status.state === 'ready') return say`It is ready.`;
  if (status.state === 'misses')
    return status.late > 0
      ? say`Cannot be ready: it would be ${durationText(status.late)} late.${status.reason ? ` ${status.reason}.` : ''}`
      : (status.reason ?? say`Cannot be made.`);
  const overdue = status.overdue
    ? say` “${status.overdue.step}” is ${durationText(status.overdue.minutes)} overdue: begin it, or plan again.`
    : '';
  if (status.spare === null) return say`Will be ready.${overdue}`;
  return say`Can be ready with ${durationText(status.spare)} to spare.${overdue}`;
}
