/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { sums } from '@/core/compose/testing/two-tiers';
import type { OrderAnswer } from '@/server/orders/answer-order';
import { AnswerFoot } from './answer-foot';

const late: OrderAnswer = {
  status: { state: 'misses', late: 1228, reason: null },
  ...{ pushed: [], firstHands: 'Sat 22 May, 13:26', notInTime: [], contacts: [], cost: null },
  earliest: { value: '2027-05-20T15:30', text: 'Thursday 20 May, 15:30' },
};

it('what cannot be ready says when it could be, and is collected then with one tap', async () => {
  const hand = userEvent.setup();
  const pickups: string[] = [];
  const shown = (answer: OrderAnswer) => (
    <AnswerFoot
      answered={{ answer, refused: null, asking: false }}
      reckoned={{ sums, problems: [], wrong: null, failed: null, ms: 1 } as never}
      missing={null}
      larger={null}
      takes="order"
      saving={false}
      onPickup={(p) => pickups.push(p)}
      onSave={() => undefined}
    />
  );
  const { rerender } = render(shown(late));
  expect(screen.getByRole('status').textContent).toContain('it would be 20 h 28 late');
  await hand.click(screen.getByRole('button', { name: 'Earliest: Thursday 20 May, 15:30' }));
  expect(pickups).toEqual(['2027-05-20T15:30']);
  rerender(shown({ ...late, status: { state: 'holds', spare: 600, overdue: null }, earliest: null }));
  expect(screen.queryByRole('button', { name: /^Earliest/ })).toBeNull();
});
