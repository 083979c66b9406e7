'use client';

import { useEffect, useRef, useState } from 'react';
import type { OrderForm } from '@/core/input/order-input';
import { say } from '@/core/words/say';
import type { OrderAnswer } from '@/server/orders/answer-order';
import { answerOrderAction } from '../actions';
import { useSettled } from '../asking/use-settled';

interface Refused {
  message: string;
  fields: Record<string, string>;
}

/** What the server says of an order as it is now. */
export interface Answered {
  answer: OrderAnswer | null;
  /** Why there is none, and what is wrong beside which field. */
  refused: Refused | null;
  /** It is asked, or will be at once: what stands is of what was before. */
  asking: boolean;
}

/** It is asked once nothing has changed for so long. ms. */
const STANDS = 350;
const LOST: Refused = { message: say`The server did not answer. It is asked again with the next change.`, fields: {} };

/**
 * Whether the order can be made, asked anew whenever something of it has changed and stood for a moment. One question is on its way at a time: what
 * changes meanwhile is asked with the next, so that a drag does not leave a row of trials behind it. Null asks nothing. What was said of another
 * `cake` is said no more.
 */
export function useAnswer(id: number | null, form: OrderForm | null, cake: number): Answered {
  // The cake goes with the question, so that its answer is known to be of it.
  const wanted = form && JSON.stringify({ cake, form });
  const settled = useSettled(wanted, STANDS);
  const onItsWay = useRef(false);
  const [known, setKnown] = useState<{ of: string; cake: number } & Omit<Answered, 'asking'>>({
    of: '',
    cake,
    answer: null,
    refused: null,
  });
  useEffect(() => {
    if (settled === null || settled === known.of || onItsWay.current) return;
    onItsWay.current = true;
    const question = JSON.parse(settled) as { cake: number; form: OrderForm };
    void answerOrderAction(id, question.form)
      .then((r) => (r.ok ? { answer: r.answer, refused: null } : { answer: null, refused: refusedBy(r) }))
      .catch(() => ({ answer: null, refused: LOST }))
      .then((answered) => {
        onItsWay.current = false;
        setKnown({ of: settled, cake: question.cake, ...answered });
      });
  }, [id, settled, known.of]);
  const { answer, refused } = known.cake === cake ? known : { answer: null, refused: null };
  return { answer, refused, asking: wanted !== null && known.of !== wanted };
}

const refusedBy = ({ message, fields = {} }: { message: string; fields?: Record<string, string> }): Refused => ({
  message,
  fields,
});
