/** @jest-environment jsdom */
import { act, renderHook, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import type { OrderForm } from '@/core/input/order-input';
import { design } from '@/core/compose/testing/two-tiers';
import { inPage } from '../testing/in-page';
import { AnswerFoot } from './answer-foot';
import { askedWith } from './asked-with';
import { useAnswer } from './use-answer';
import { useDesign } from './use-design';

/** What was asked, to be answered when the test likes. */
let asked: { form: OrderForm; answer: (title: string) => void }[] = [];
beforeEach(() => {
  asked = [];
  globalThis.fetch = ((_: string, init: RequestInit) =>
    new Promise((resolve) => {
      const form = JSON.parse(init.body as string) as OrderForm;
      const answer = (pushed: string) =>
        resolve({
          ...{ ok: true, status: 200 },
          json: () => Promise.resolve({ ok: true, answer: { ...ANSWER, pushed: [pushed] } }),
        } as Response);
      asked.push({ form, answer });
    })) as typeof fetch;
});
const ANSWER = {
  status: { state: 'holds', spare: 600, overdue: null },
  ...{ pushed: [], firstHands: null, notInTime: [], contacts: [], cost: null, earliest: null },
};
const form = (portions: number) => ({ portions, pickup: '2027-05-22T10:00' }) as OrderForm;

describe('what the server says of an order', () => {
  it('is said of its own cake only: of another nothing is known until its own answer is there', async () => {
    const { result, rerender } = renderHook(({ of, cake }) => useAnswer(null, form(of), cake), {
      initialProps: { of: 12, cake: 0 },
    });
    await waitFor(() => expect(asked).toHaveLength(1));
    act(() => asked[0]!.answer('Of twelve'));
    await waitFor(() => expect(result.current).toMatchObject({ answer: { pushed: ['Of twelve'] }, asking: false }));
    // A change of the same cake: the last answer stands, and is known to be old.
    rerender({ of: 13, cake: 0 });
    expect(result.current).toMatchObject({ answer: { pushed: ['Of twelve'] }, asking: true });
    await waitFor(() => expect(asked).toHaveLength(2));
    rerender({ of: 14, cake: 1 });
    expect(result.current).toMatchObject({ answer: null, refused: null, asking: true });
    // What comes late of the one before is not taken for this one's.
    await act(async () => asked[1]!.answer('Of thirteen'));
    expect(result.current).toMatchObject({ answer: null, asking: true });
    await waitFor(() => expect(asked).toHaveLength(3), { timeout: 3000 });
    act(() => asked[2]!.answer('Of fourteen'));
    await waitFor(() => expect(result.current).toMatchObject({ answer: { pushed: ['Of fourteen'] }, asking: false }));
  });

  it('is not asked anew for a name', () => {
    const named = (title: string, note: string) =>
      askedWith({ ...form(12), title, customer: title, note, design: '{}' } as never);
    expect(named('One', 'Ring twice')).toEqual(named('Another', ''));
  });
});

it('an order is taken only by its own answer', async () => {
  function Foot() {
    const [portions, setPortions] = useState(12);
    const answered = useAnswer(null, form(portions), 0);
    return (
      <>
        <button onClick={() => setPortions(20)}>larger</button>
        <AnswerFoot
          {...{ answered, missing: null, larger: null, takes: 'order', saving: false }}
          reckoned={{ sums: null, problems: [], failed: null, ms: null }}
          onPickup={() => undefined}
          onSave={() => undefined}
        />
      </>
    );
  }
  const { hand } = inPage(<Foot />);
  const button = () => screen.getByRole('button', { name: 'Take the order' });
  expect(button()).toHaveProperty('disabled', true);
  await waitFor(() => expect(asked).toHaveLength(1));
  await act(async () => asked[0]!.answer('x'));
  expect(button()).toHaveProperty('disabled', false);
  await hand.click(screen.getByRole('button', { name: 'larger' }));
  expect(button()).toHaveProperty('disabled', true);
});

it('a beginning makes another cake; a change, an undo and a redo keep to theirs', () => {
  const { result } = renderHook(() => useDesign(design));
  const cakes = [result.current.cake];
  const then = (act_: () => void) => {
    act(act_);
    cakes.push(result.current.cake);
  };
  then(() => result.current.change((d) => ({ ...d })));
  then(() => result.current.beginAnew({ ...design }));
  then(() => result.current.change((d) => ({ ...d })));
  then(() => result.current.undo());
  then(() => result.current.undo());
  then(() => result.current.redo());
  then(() => result.current.beginAnew({ ...design }));
  expect(cakes).toEqual([0, 0, 1, 1, 1, 0, 1, 2]);
});
