/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { inPage } from '../testing/in-page';
import type { OrderStatus } from '@/core/floor/order-status';
import { AnswerBox } from './answer-box';
import { TONE_SHAPES, statusText } from './status';

const said: [OrderStatus, string, string, keyof typeof TONE_SHAPES][] = [
  [{ state: 'ready' }, 'It is ready.', 'ready', 'holds'],
  [{ state: 'holds', spare: 1080, overdue: null }, 'Can be ready with 18 h to spare.', '18 h to spare', 'holds'],
  [{ state: 'holds', spare: null, overdue: null }, 'Will be ready.', 'in time', 'holds'],
  [{ state: 'tight', spare: 25, overdue: null }, 'Can be ready with 25 min to spare.', '25 min to spare', 'tight'],
  [
    { state: 'tight', spare: 90, overdue: { step: 'Mix', minutes: 73 } },
    'Can be ready with 1 h 30 to spare. “Mix” is 1 h 13 overdue: begin it, or plan again.',
    'overdue 1 h 13',
    'tight',
  ],
  [{ state: 'misses', late: 340, reason: null }, 'Cannot be ready: it would be 5 h 40 late.', 'late 5 h 40', 'misses'],
  [{ state: 'misses', late: 0, reason: 'There is no room.' }, 'There is no room.', 'not planned', 'misses'],
  [{ state: 'misses', late: 0, reason: null }, 'Cannot be made.', 'not planned', 'misses'],
];

describe('the answer to the customer', () => {
  it.each(said)('%j: %s', (status, sentence, short, tone) => {
    inPage(<AnswerBox status={status}>and why</AnswerBox>);
    const box = screen.getByRole('status');
    expect(box.textContent).toBe(`${TONE_SHAPES[tone]} ${sentence}and why`);
    expect(statusText(status)).toBe(short);
  });
});
