'use client';

import { say } from '@/core/words/say';
import { useRouter } from 'next/navigation';
import { useState, useTransition, type ReactNode } from 'react';
import { putBackAction } from '../actions';
import { showAgain } from '../parts/show-again';

const LOST = say`The kitchen’s server did not answer: nothing was put back.`;

/** Puts a change of the kitchen back, and asks first where open orders leave later by it. */
export function usePutBack(): { busy: boolean; putBack: (event: number) => void; message: ReactNode } {
  const router = useRouter();
  const [busy, start] = useTransition();
  const [problem, setProblem] = useState<string | null>(null);
  const [moves, setMoves] = useState<{ event: number; text: string } | null>(null);
  const run = (event: number, sure?: true) =>
    start(async () => {
      setProblem(null);
      setMoves(null);
      try {
        const result = await putBackAction(event, sure);
        if (!result.ok && result.asks === 'sure') setMoves({ event, text: result.message });
        else if (!result.ok) setProblem(result.message);
      } catch {
        setProblem(LOST);
      }
      showAgain(router);
    });
  const message =
    moves !== null ? (
      <div role="alertdialog" aria-label={say`This moves pickups`} className="zl-toast">
        <span>▲ {moves.text}</span>
        <button
          type="button"
          disabled={busy}
          onClick={() => run(moves.event, true)}
        >{say`Put it back all the same`}</button>
        <button type="button" onClick={() => setMoves(null)}>{say`Leave it`}</button>
      </div>
    ) : problem === null ? null : (
      <div role="alert" className="zl-toast">
        <span>■ {problem}</span>
        <button type="button" aria-label={say`Close`} onClick={() => setProblem(null)}>
          ×
        </button>
      </div>
    );
  return { busy, putBack: (event) => run(event), message };
}
